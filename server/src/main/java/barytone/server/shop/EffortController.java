package barytone.server.shop;

import barytone.core.advice.Effort;
import barytone.core.quantity.Allowed;
import barytone.core.quantity.PlainNumber;
import java.util.List;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** What work at this bench costs in time, over HTTP; minutes as they are typed. */
@RestController
@RequestMapping(path = "/api/shop/effort", produces = MediaType.APPLICATION_JSON_VALUE)
class EffortController {
    private final Shop shop;

    EffortController(Shop shop) {
        this.shop = shop;
    }

    /**
     * What work costs.
     *
     * @param follows what the advice makes of it, in words
     */
    record EffortView(
            long version, String reading, String retune, String slackening, String comeback, List<String> follows) {}

    /** Minutes as typed, with the version that was seen. */
    record EffortAsked(long version, String reading, String retune, String slackening, String comeback) {}

    /** How many minutes things take at this bench. */
    @GetMapping
    EffortView effort() {
        return view(shop.effort(), shop.effortVersion());
    }

    /** Keeps how many minutes things take at this bench. */
    @PutMapping
    EffortView keepEffort(@RequestBody EffortAsked asked) {
        Effort effort = new Effort(
                minutes("minutes for a reading", asked.reading()),
                minutes("minutes for retuning", asked.retune()),
                minutes("minutes for a round with the strings slack", asked.slackening()),
                minutes("minutes for a job that comes back", asked.comeback()));
        shop.keepEffort(asked.version(), effort);
        return view(effort, shop.effortVersion());
    }

    private static double minutes(String field, String typed) {
        return PlainNumber.parse(field, typed, "minutes, as in 1.5");
    }

    private static EffortView view(Effort effort, long version) {
        return new EffortView(
                version,
                Allowed.plain(effort.reading()),
                Allowed.plain(effort.retune()),
                Allowed.plain(effort.slackening()),
                Allowed.plain(effort.comeback()),
                List.of(
                        "A height that was moved along is read again where it is out with a chance of more than "
                                + percent(effort.worthALook()) + ", and looked at more closely with more than "
                                + percent(effort.worthACloserLook()) + ".",
                        "A slot or a saddle that reads barely out is worth a slackening of its own with more than "
                                + percent(effort.worthASlackening()) + ", the rod a turn with more than "
                                + percent(effort.worthATurn()) + ". Beside others a slot is filed along."));
    }

    private static String percent(double chance) {
        return Math.round(100 * chance) + " %";
    }
}
