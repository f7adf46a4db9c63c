package barytone.server.arrival;

import barytone.core.arrival.Condition;
import barytone.core.arrival.Side;
import barytone.core.arrival.Sign;
import barytone.core.arrival.SpotState;
import barytone.core.arrival.Style;
import barytone.core.arrival.Where;
import barytone.server.job.ArrivalView;
import java.util.Arrays;
import java.util.List;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** What there is to choose from when an instrument is looked over. */
@RestController
@RequestMapping(path = "/api/arrival", produces = MediaType.APPLICATION_JSON_VALUE)
class ArrivalChoices {
    record SignChoice(Sign code, String label) {}

    record PlaceOnNeck(Where code, String label) {}

    record StyleChoice(Style code, String label) {}

    /**
     * What can be marked.
     *
     * @param stops whether rod, saddles and string tension wait for it
     */
    record ConditionChoice(Condition code, String label, boolean stops) {}

    record SideChoice(Side code, String label) {}

    record SpotChoice(SpotState code, String label) {}

    /**
     * All of it.
     *
     * @param steps those of intake, in the order in which one looks
     */
    record ArrivalLists(
            List<ArrivalView.Step> steps,
            List<SignChoice> signs,
            List<PlaceOnNeck> where,
            List<StyleChoice> styles,
            List<ConditionChoice> conditions,
            List<SideChoice> sides,
            List<SpotChoice> spots) {}

    /** What can be said of an instrument as it came. */
    @GetMapping("/choices")
    ArrivalLists listArrivalChoices() {
        return new ArrivalLists(
                ArrivalView.Step.ahead(),
                Arrays.stream(Sign.values())
                        .map(c -> new SignChoice(c, c.label()))
                        .toList(),
                Arrays.stream(Where.values())
                        .map(c -> new PlaceOnNeck(c, c.label()))
                        .toList(),
                Arrays.stream(Style.values())
                        .map(c -> new StyleChoice(c, c.label()))
                        .toList(),
                Arrays.stream(Condition.values())
                        .map(c -> new ConditionChoice(c, c.label(), c.stops()))
                        .toList(),
                Arrays.stream(Side.values())
                        .map(c -> new SideChoice(c, c.label()))
                        .toList(),
                Arrays.stream(SpotState.values())
                        .map(c -> new SpotChoice(c, c.label()))
                        .toList());
    }
}
