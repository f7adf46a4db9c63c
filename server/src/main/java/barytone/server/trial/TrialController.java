package barytone.server.trial;

import barytone.core.clearance.BoardSense;
import barytone.core.clearance.SetupGaps;
import barytone.core.instrument.InstrumentSpec;
import barytone.core.instrument.Touch;
import barytone.core.job.JobState;
import barytone.core.quantity.Allowed;
import barytone.core.quantity.Units;
import barytone.core.station.frets.BoardNow;
import barytone.core.strings.StringSet;
import barytone.core.trial.Trial;
import barytone.server.job.Addition;
import barytone.server.job.JobDesk;
import barytone.server.job.JobView;
import barytone.server.shop.PriceList;
import barytone.server.web.RequestKey;
import org.jspecify.annotations.Nullable;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Tries another setup on a job. Nothing is stored until it is wanted. */
@RestController
@RequestMapping(path = "/api/jobs/{id}/what-if", produces = MediaType.APPLICATION_JSON_VALUE)
class TrialController {
    private static final int MOST_CAPO = 12;

    private final JobDesk desk;
    private final Tryouts tryouts;
    private final PriceList prices;

    TrialController(JobDesk desk, Tryouts tryouts, PriceList prices) {
        this.desk = desk;
        this.tryouts = tryouts;
        this.prices = prices;
    }

    /**
     * What is tried; what is left out stays as it is.
     *
     * @param string whose section is drawn
     * @param strings gauges as they are typed, string 1 first
     * @param tuning note by note, lowest string first
     * @param boardRadius any length text, mm without a unit; {@code flat} or 0 for a flat board
     * @param capo at this fret; 0 for none
     * @param levelled as if all crowns were in line
     */
    record TriedSetup(
            TrialView.@Nullable TriedGaps gaps,
            int string,
            @Nullable String strings,
            @Nullable String tuning,
            @Nullable String boardRadius,
            @Nullable Touch touch,
            int capo,
            boolean levelled) {}

    /**
     * How low it is to go.
     *
     * @param safety room that is left, in spreads of what is not known of the heights: 0 for none, 1 usual, 2 for a setup that must not come back
     * @param wanted not lower than what is wanted of the action
     */
    record LowestAsked(TriedSetup tried, double safety, boolean wanted) {}

    /** A setup that is wanted. */
    record TargetTaken(long after, @RequestKey String key, TriedSetup tried) implements Addition {}

    /** What another setup would make of every note. */
    @PostMapping
    TrialView trySetup(
            @PathVariable long id, @RequestParam(defaultValue = "mm") String unit, @RequestBody TriedSetup tried) {
        Tryouts.Board board = tryouts.board(id);
        JobState state = board.job().state();
        board.job().string(tried.string());
        return new TrialWords(state, Units.ofCode(unit), trial(state, board.sense(), tried))
                .view(tried.string(), capo(state, tried), board.sense());
    }

    /** How low it could go as the board is, and with its frets levelled. */
    @PostMapping("/lowest")
    TrialView.LowestView findLowest(
            @PathVariable long id, @RequestParam(defaultValue = "mm") String unit, @RequestBody LowestAsked asked) {
        JobState state = desk.open(id).state();
        Allowed.number("safety", asked.safety(), 0, 3, "spreads");
        Trial trial = trial(state, BoardNow.of(state).sense(), asked.tried());
        return new TrialWords(state, Units.ofCode(unit), trial).lowest(asked.safety(), asked.wanted(), prices.prices());
    }

    /** Takes what is tried as what is wanted of relief, nut and action. */
    @PostMapping("/target")
    JobView wantTried(
            @PathVariable long id, @RequestParam(defaultValue = "mm") String unit, @RequestBody TargetTaken asked) {
        return desk.add(
                id,
                unit,
                asked,
                job -> trial(job.state(), BoardSense.NONE, asked.tried())
                        .wanted(job.state(), Units.ofCode(unit).action()));
    }

    private static int capo(JobState state, TriedSetup tried) {
        return Allowed.whole(
                "capo", tried.capo(), 0, Math.min(MOST_CAPO, state.spec().frets() - 2));
    }

    private static Trial trial(JobState state, BoardSense sense, TriedSetup tried) {
        InstrumentSpec spec = state.spec();
        TrialView.TriedGaps gaps = tried.gaps();
        return Trial.of(
                state,
                sense,
                new Trial.Tried(
                        gaps == null
                                ? null
                                : new SetupGaps(gaps.reliefBass(), gaps.reliefTreble(), gaps.nut(), gaps.action()),
                        tried.strings() == null ? null : StringSet.parse(tried.strings(), spec.strings()),
                        tried.tuning() == null ? null : InstrumentSpec.parseTuning(tried.tuning(), spec.kind()),
                        tried.boardRadius() == null ? null : InstrumentSpec.parseRadius(tried.boardRadius()),
                        tried.levelled(),
                        tried.touch() == null ? Touch.MEDIUM : tried.touch(),
                        true));
    }
}
