package barytone.server.station.action;

import barytone.core.bridge.NeckShim;
import barytone.core.estimate.Band;
import barytone.core.height.ActionTarget;
import barytone.core.job.JobState;
import barytone.core.job.Station;
import barytone.core.neck.GapMethod;
import barytone.core.neck.StringLine;
import barytone.core.quantity.Allowed;
import barytone.core.quantity.LengthUnit;
import barytone.core.quantity.Turns;
import barytone.core.quantity.Units;
import barytone.core.reading.ReadingBounds;
import barytone.core.station.action.ActionAdvice;
import barytone.core.station.action.ActionEvent;
import barytone.core.station.action.ActionSchool;
import barytone.server.height.HeightBands;
import barytone.server.height.HeightReading;
import barytone.server.height.TypedBand;
import barytone.server.job.Addition;
import barytone.server.job.JobDesk;
import barytone.server.job.JobView;
import barytone.server.job.Typed;
import barytone.server.web.RequestKey;
import java.util.HashSet;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** What is done at the bridge of a job, over HTTP. */
@RestController
@RequestMapping(path = "/api/jobs/{id}/action", produces = MediaType.APPLICATION_JSON_VALUE)
class ActionCommands {
    private final JobDesk desk;

    ActionCommands(JobDesk desk) {
        this.desk = desk;
    }

    /**
     * Turns of the height screws.
     *
     * @param turns of each screw from bass to treble, as they are spoken, positive raises; empty text for a screw that was not turned
     */
    record Screws(long after, @RequestKey String key, List<String> turns) implements Addition {}

    /**
     * A change of a fixed saddle, as typed lengths; minus lowers. Only sanding has an amount that is believed: what is shimmed or new is read.
     *
     * @param bass under the lowest string
     * @param treble under string 1
     */
    record SaddleRework(
            long after,
            @RequestKey String key,
            ActionEvent.SaddleReworked.Way way,
            @Nullable String bass,
            @Nullable String treble)
            implements Addition {}

    /** A wedge in the neck pocket; thickness as a typed length. */
    record NeckShimming(long after, @RequestKey String key, NeckShim.End end, String thickness) implements Addition {}

    /** An under-string gauge at the saddles: its radius as a typed length, and the strings that ring. */
    record GaugePattern(long after, @RequestKey String key, String radius, List<Integer> ringing) implements Addition {}

    /** How far the saddles can still go, as typed lengths. */
    record Travel(long after, @RequestKey String key, String down, String up) implements Addition {}

    /** How far a fixed saddle stands proud of its bridge where it is lowest, as a typed length. */
    record SaddleProud(long after, @RequestKey String key, String proud) implements Addition {}

    /** A straightedge over the bridge; as a typed length, minus when it runs into it. */
    record NeckAngle(long after, @RequestKey String key, String above) implements Addition {}

    /**
     * The wanted action: a school, the player's favourite, or bands as typed lengths in the way of reading in use.
     *
     * @param school code of a school; null when the bands are given
     * @param style how the player plays, for a school
     * @param bands string 1 first
     * @param asMeasured what stands there now is wanted: the player's favourite
     */
    record ActionTargetAsked(
            long after,
            @RequestKey String key,
            @Nullable String school,
            ActionSchool.@Nullable Style style,
            @Nullable List<TypedBand> bands,
            @Nullable Boolean asMeasured)
            implements Addition {}

    /** Height screws of the bridge were turned. */
    @PostMapping("/screws")
    JobView turnHeightScrews(
            @PathVariable long id, @RequestParam(defaultValue = "mm") String unit, @RequestBody Screws asked) {
        return desk.add(id, unit, asked, job -> {
            int screws = job.state().spec().supports().size();
            if (!job.state().spec().fittings().bridge().screwed())
                throw Allowed.broken("screws", "turns", "a bridge with height screws; this one has a fixed saddle");
            List<Turns> turned = asked.turns().stream()
                    .map(t -> t.isBlank() ? Turns.NONE : Turns.parse("turn", t, Turns.MOST_AT_ONCE))
                    .toList();
            Allowed.whole("screws", turned.size(), screws, screws);
            if (turned.stream().allMatch(Turns::isZero))
                throw Allowed.broken("screws", "no turn at all", "1/16 turn or more of at least one screw");
            return new ActionEvent.BridgeScrewed(turned);
        });
    }

    /** A fixed saddle was sanded, shimmed or renewed. */
    @PostMapping("/reworks")
    JobView reworkSaddle(
            @PathVariable long id, @RequestParam(defaultValue = "mm") String unit, @RequestBody SaddleRework asked) {
        return desk.add(id, unit, asked, job -> {
            if (asked.way() != ActionEvent.SaddleReworked.Way.SANDED)
                return new ActionEvent.SaddleReworked(asked.way(), 0, 0);
            LengthUnit shown = Units.ofCode(unit).saddle();
            double bass = Typed.change("bass", asked.bass() == null ? "0" : asked.bass(), shown, 6);
            double treble = Typed.change("treble", asked.treble() == null ? "0" : asked.treble(), shown, 6);
            if (bass == 0 && treble == 0) throw Allowed.broken("saddle", "no change", "a change on one side at least");
            if (bass > 0 || treble > 0)
                throw Allowed.broken(
                        "saddle", asked.bass() + " and " + asked.treble(), "minus on both sides: sanding lowers");
            return new ActionEvent.SaddleReworked(asked.way(), bass, treble);
        });
    }

    /** A wedge was laid into the neck pocket. */
    @PostMapping("/neck-shims")
    JobView shimNeck(
            @PathVariable long id, @RequestParam(defaultValue = "mm") String unit, @RequestBody NeckShimming asked) {
        return desk.add(id, unit, asked, job -> {
            StringLine line = job.state().spec().line();
            double edge = line.scale().crown(job.state().spec().bodyJointFret());
            double thickness = Allowed.number(
                    "thickness", Typed.mm(asked.thickness(), Units.ofCode(unit).saddle()), 0.05, 3, "mm");
            return new ActionEvent.NeckShimmed(asked.end(), thickness, edge, edge + ActionAdvice.ShimNeck.POCKET);
        });
    }

    /** What an under-string radius gauge showed at the saddles. */
    @PostMapping("/gauge-patterns")
    JobView readRadiusGauge(
            @PathVariable long id, @RequestParam(defaultValue = "mm") String unit, @RequestBody GaugePattern asked) {
        return desk.add(id, unit, asked, job -> {
            int strings = job.state().spec().strings();
            for (int s : asked.ringing()) Allowed.whole("string", s, 2, strings - 1);
            return new ActionEvent.GaugePatternRead(
                    Allowed.number(
                            "radius",
                            Typed.mm(asked.radius(), Units.ofCode(unit).radius()),
                            80,
                            3000,
                            "mm"),
                    List.copyOf(new HashSet<>(asked.ringing())));
        });
    }

    /** How far the saddles can still go up and down. */
    @PostMapping("/travel")
    JobView readHeightTravel(
            @PathVariable long id, @RequestParam(defaultValue = "mm") String unit, @RequestBody Travel asked) {
        return desk.add(
                id,
                unit,
                asked,
                job -> new ActionEvent.TravelRead(
                        Allowed.number(
                                "down",
                                Typed.mm(asked.down(), Units.ofCode(unit).saddle()),
                                0,
                                20,
                                "mm"),
                        Allowed.number(
                                "up", Typed.mm(asked.up(), Units.ofCode(unit).saddle()), 0, 20, "mm")));
    }

    /** How far a fixed saddle stands proud of its bridge. */
    @PostMapping("/saddle-proud")
    JobView readSaddleProud(
            @PathVariable long id, @RequestParam(defaultValue = "mm") String unit, @RequestBody SaddleProud asked) {
        return desk.add(
                id,
                unit,
                asked,
                job -> new ActionEvent.SaddleProudRead(Allowed.number(
                        "proud", Typed.mm(asked.proud(), Units.ofCode(unit).saddle()), 0, 20, "mm")));
    }

    /** Where a straightedge along the frets meets the bridge. */
    @PostMapping("/neck-angle")
    JobView readNeckAngle(
            @PathVariable long id, @RequestParam(defaultValue = "mm") String unit, @RequestBody NeckAngle asked) {
        return desk.add(
                id,
                unit,
                asked,
                job -> new ActionEvent.NeckAngleRead(Typed.change(
                        "above the bridge", asked.above(), Units.ofCode(unit).saddle(), 30)));
    }

    /** How the action is read from now on. */
    @PostMapping("/habit")
    JobView chooseActionHabit(
            @PathVariable long id, @RequestParam(defaultValue = "mm") String unit, @RequestBody HeightReading asked) {
        return desk.add(
                id,
                unit,
                asked,
                job -> asked.event(
                        job.state(),
                        asked.pressed() == 0
                                ? new GapMethod.Action(asked.fret())
                                : new GapMethod.ActionCapo(asked.fret())));
    }

    /** What is wanted of the action. */
    @PostMapping("/target")
    JobView wantAction(
            @PathVariable long id,
            @RequestParam(defaultValue = "mm") String unit,
            @RequestBody ActionTargetAsked asked) {
        return desk.add(id, unit, asked, job -> {
            JobState state = job.state();
            if (asked.school() != null)
                return new ActionEvent.ActionTargetSet(
                        ActionSchool.ofCode(desk.schools().action(), asked.school())
                                .target(
                                        state.spec(),
                                        job.job().touch(),
                                        asked.style() == null ? ActionSchool.Style.ANY : asked.style()));
            ReadingBounds wanted = ReadingBounds.wanted(state.method(Station.ACTION));
            List<Band> bands = Boolean.TRUE.equals(asked.asMeasured())
                    ? HeightBands.asMeasured(state, Station.ACTION, wanted)
                    : HeightBands.typed(
                            asked.bands(),
                            state.spec().strings(),
                            wanted,
                            Units.ofCode(unit).action());
            return new ActionEvent.ActionTargetSet(new ActionTarget(null, state.method(Station.ACTION), bands));
        });
    }
}
