package barytone.server.station.nut;

import barytone.core.estimate.Band;
import barytone.core.height.NutTarget;
import barytone.core.instrument.NutMaterial;
import barytone.core.job.JobState;
import barytone.core.job.Station;
import barytone.core.neck.GapMethod;
import barytone.core.quantity.Allowed;
import barytone.core.quantity.Units;
import barytone.core.reading.ReadingBounds;
import barytone.core.station.nut.NutEvent;
import barytone.core.station.nut.NutSchool;
import barytone.core.station.nut.SlotFlaw;
import barytone.server.height.HeightBands;
import barytone.server.height.HeightReading;
import barytone.server.height.TypedBand;
import barytone.server.job.Addition;
import barytone.server.job.JobDesk;
import barytone.server.job.JobView;
import barytone.server.job.Typed;
import barytone.server.web.RequestKey;
import jakarta.validation.constraints.NotEmpty;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** What is done at the nut of a job, over HTTP. */
@RestController
@RequestMapping(path = "/api/jobs/{id}/nut", produces = MediaType.APPLICATION_JSON_VALUE)
class NutCommands {
    private final JobDesk desk;

    NutCommands(JobDesk desk) {
        this.desk = desk;
    }

    /** Slots filed in one pass. */
    record Filings(
            long after,
            @RequestKey String key,

            @NotEmpty(message = "at least one slot with its strokes")
            List<NutEvent.Filing> slots)
            implements Addition {}

    /**
     * The nut reworked otherwise.
     *
     * @param strings the slots; all when null
     * @param change as a typed length, minus lowers; only for the underside, for what is filled, shimmed or new is read
     * @param material of a new nut
     */
    record NutRework(
            long after,
            @RequestKey String key,
            NutEvent.NutReworked.Way way,
            @Nullable List<Integer> strings,
            @Nullable String change,
            @Nullable NutMaterial material)
            implements Addition {}

    /** What was found on looking at a slot. */
    record SlotCheck(long after, @RequestKey String key, int string, List<SlotFlaw> flaws) implements Addition {}

    /**
     * The wanted heights of the nut: a school, the player's favourite, or bands as typed lengths in the way of reading in use.
     *
     * @param school code of a school; null when the bands are given
     * @param bands string 1 first
     * @param asMeasured what stands there now is wanted: the player's favourite
     */
    record NutTargetAsked(
            long after,
            @RequestKey String key,
            @Nullable String school,
            @Nullable List<TypedBand> bands,
            @Nullable Boolean asMeasured)
            implements Addition {}

    /** Slots were filed in one pass, each by its strokes. */
    @PostMapping("/filings")
    JobView fileSlots(
            @PathVariable long id, @RequestParam(defaultValue = "mm") String unit, @RequestBody Filings asked) {
        return desk.add(id, unit, asked, job -> {
            for (NutEvent.Filing filing : asked.slots()) {
                job.string(filing.string());
                Allowed.whole("strokes", filing.strokes(), 1, 60);
            }
            return new NutEvent.SlotsFiled(asked.slots());
        });
    }

    /** The nut was reworked otherwise: sanded underneath, shimmed, filled or renewed. */
    @PostMapping("/reworks")
    JobView reworkNut(
            @PathVariable long id, @RequestParam(defaultValue = "mm") String unit, @RequestBody NutRework asked) {
        return desk.add(id, unit, asked, job -> {
            List<Integer> strings = asked.strings() == null ? job.state().strings(Station.NUT) : asked.strings();
            if (strings.isEmpty()) throw Allowed.broken("strings", "none", "at least one slot");
            strings.forEach(job::string);
            if (asked.way() != NutEvent.NutReworked.Way.UNDERSIDE_SANDED)
                return new NutEvent.NutReworked(asked.way(), strings, 0, asked.material());
            if (asked.change() == null)
                throw Allowed.broken("change", "nothing", "how much came off the underside, with a minus");
            double change =
                    Typed.change("change", asked.change(), Units.ofCode(unit).nut(), 1.5);
            if (change >= 0) throw Allowed.broken("change", asked.change(), "a minus: sanding the underside lowers");
            return new NutEvent.NutReworked(asked.way(), strings, change);
        });
    }

    /** What was found on looking at a slot. */
    @PostMapping("/slot-checks")
    JobView checkSlot(
            @PathVariable long id, @RequestParam(defaultValue = "mm") String unit, @RequestBody SlotCheck asked) {
        return desk.add(id, unit, asked, job -> {
            job.string(asked.string());
            return new NutEvent.SlotChecked(asked.string(), asked.flaws());
        });
    }

    /** How the nut is read from now on. */
    @PostMapping("/habit")
    JobView chooseNutHabit(
            @PathVariable long id, @RequestParam(defaultValue = "mm") String unit, @RequestBody HeightReading asked) {
        return desk.add(
                id,
                unit,
                asked,
                job -> asked.event(
                        job.state(),
                        asked.pressed() == 0 ? new GapMethod.NutOpen() : new GapMethod.NutPressed(asked.pressed())));
    }

    /** What is wanted of the nut. */
    @PostMapping("/target")
    JobView wantNutHeights(
            @PathVariable long id, @RequestParam(defaultValue = "mm") String unit, @RequestBody NutTargetAsked asked) {
        return desk.add(id, unit, asked, job -> {
            JobState state = job.state();
            if (asked.school() != null)
                return new NutEvent.NutTargetSet(
                        NutSchool.ofCode(desk.schools().nut(), asked.school()).target(state.spec()));
            ReadingBounds wanted = ReadingBounds.wanted(state.method(Station.NUT));
            List<Band> bands = Boolean.TRUE.equals(asked.asMeasured())
                    ? HeightBands.asMeasured(state, Station.NUT, wanted)
                    : HeightBands.typed(
                            asked.bands(),
                            state.spec().strings(),
                            wanted,
                            Units.ofCode(unit).nut());
            return new NutEvent.NutTargetSet(new NutTarget(null, state.method(Station.NUT), bands));
        });
    }
}
