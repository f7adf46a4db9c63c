package barytone.server.station.relief;

import barytone.core.height.ReliefTarget;
import barytone.core.job.JobEvent;
import barytone.core.job.ReliefHabit;
import barytone.core.neck.GapMethod;
import barytone.core.quantity.Allowed;
import barytone.core.quantity.LengthUnit;
import barytone.core.quantity.Turns;
import barytone.core.quantity.Units;
import barytone.core.reading.Position;
import barytone.core.reading.Tool;
import barytone.core.station.relief.ReliefEvent;
import barytone.core.station.relief.ReliefSchool;
import barytone.core.station.relief.ReliefState;
import barytone.core.station.relief.RodWays;
import barytone.server.job.Addition;
import barytone.server.job.JobDesk;
import barytone.server.job.JobView;
import barytone.server.job.OpenedJob;
import barytone.server.job.WantedBand;
import barytone.server.web.RequestKey;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** The rod of a job over HTTP, how relief is read and what is wanted of it. */
@RestController
@RequestMapping(path = "/api/jobs/{id}/relief", produces = MediaType.APPLICATION_JSON_VALUE)
class ReliefCommands {
    private final JobDesk desk;

    ReliefCommands(JobDesk desk) {
        this.desk = desk;
    }

    /**
     * A turn of the rod.
     *
     * @param turns net, as it is spoken, like {@code 1/8} or {@code -1 1/4}; positive tightens (straightens)
     * @param finishTightening went past and came back tightening
     * @param free turned without biting
     */
    record RodTurn(long after, @RequestKey String key, String turns, boolean finishTightening, boolean free)
            implements Addition {}

    /** Which way the rod straightens. */
    record RodDirection(long after, @RequestKey String key, boolean straightensAnticlockwise) implements Addition {}

    /**
     * The wanted relief: a school, or bands as typed lengths in the current habit.
     *
     * @param school name of a school; null when the bands are given
     */
    record Target(
            long after,
            @RequestKey String key,
            @Nullable String school,
            @Nullable String bassLow,
            @Nullable String bassHigh,
            @Nullable String trebleLow,
            @Nullable String trebleHigh)
            implements Addition {}

    /** The way of reading relief. */
    record Habit(
            long after,
            @RequestKey String key,
            int heldLow,
            int heldHigh,
            int gaugeFret,
            String tool,
            boolean flat,
            boolean board)
            implements Addition {}

    /** The way of turning the rod. */
    record Ways(
            long after,
            @RequestKey String key,
            int stepSixteenths,
            boolean finishTightening,
            int settleMinutes,
            int limitSixteenths)
            implements Addition {}

    /** The rod was turned. */
    @PostMapping("/turns")
    JobView turnRod(@PathVariable long id, @RequestParam(defaultValue = "mm") String unit, @RequestBody RodTurn asked) {
        Turns tighter = Turns.parse("turn", asked.turns(), Turns.MOST_AT_ONCE);
        if (tighter.isZero()) throw Allowed.broken("turn", "0", "1/16 turn or more, either way");
        return desk.add(id, unit, asked, job -> {
            return new ReliefEvent.RodTurned(
                    ReliefState.of(job.state()).reversed() ? tighter.negated() : tighter,
                    asked.finishTightening(),
                    asked.free());
        });
    }

    /** A turn met no resistance, and does not count. */
    @PostMapping("/turns/ran-free")
    JobView markTurnFree(
            @PathVariable long id, @RequestParam(defaultValue = "mm") String unit, @RequestBody Addition.About asked) {
        return desk.add(
                id,
                unit,
                asked,
                job -> new ReliefEvent.RodRanFree(job.existing(asked.event(), ReliefEvent.RodTurned.class)));
    }

    /** A turn was made the other way than noted. */
    @PostMapping("/turns/other-way")
    JobView reverseTurn(
            @PathVariable long id, @RequestParam(defaultValue = "mm") String unit, @RequestBody Addition.About asked) {
        return desk.add(
                id,
                unit,
                asked,
                job -> new ReliefEvent.RodTurnedOtherWay(job.existing(asked.event(), ReliefEvent.RodTurned.class)));
    }

    /** Which way this rod straightens the neck. */
    @PostMapping("/direction")
    JobView learnRodDirection(
            @PathVariable long id, @RequestParam(defaultValue = "mm") String unit, @RequestBody RodDirection asked) {
        return desk.add(id, unit, asked, job -> new ReliefEvent.RodDirectionLearned(asked.straightensAnticlockwise()));
    }

    /** The rod is too stiff to turn. */
    @PostMapping("/stiff")
    JobView noteStiffRod(
            @PathVariable long id, @RequestParam(defaultValue = "mm") String unit, @RequestBody Addition.Plain asked) {
        return desk.add(id, unit, asked, job -> new ReliefEvent.RodStiff());
    }

    /** The wanted relief: a school, or bands of one's own. */
    @PostMapping("/target")
    JobView wantRelief(
            @PathVariable long id, @RequestParam(defaultValue = "mm") String unit, @RequestBody Target asked) {
        return desk.add(
                id,
                unit,
                asked,
                job -> new ReliefEvent.TargetSet(target(
                        job, asked, Units.ofCode(unit).relief(), desk.schools().relief())));
    }

    /** How relief is read from now on. */
    @PostMapping("/habit")
    JobView chooseReliefHabit(
            @PathVariable long id, @RequestParam(defaultValue = "mm") String unit, @RequestBody Habit asked) {
        return desk.add(id, unit, asked, job -> {
            GapMethod.Relief method = new GapMethod.Relief(asked.heldLow(), asked.heldHigh(), asked.gaugeFret());
            // refuses a habit that this neck cannot be read by
            Allowed.whole("held fret", asked.heldHigh(), 2, job.state().spec().frets());
            job.state().spec().line().curvatureFor(method, 0);
            return new JobEvent.HabitSet(new ReliefHabit(
                    method, Tool.ofCode(asked.tool()), asked.flat() ? Position.FLAT : Position.PLAYING, asked.board()));
        });
    }

    /** How this rod is turned: steps, settling, limit. */
    @PostMapping("/ways")
    JobView chooseRodWays(
            @PathVariable long id, @RequestParam(defaultValue = "mm") String unit, @RequestBody Ways asked) {
        return desk.add(
                id,
                unit,
                asked,
                job -> new ReliefEvent.RodWaysSet(new RodWays(
                        new Turns(asked.stepSixteenths()),
                        asked.finishTightening(),
                        asked.settleMinutes(),
                        new Turns(asked.limitSixteenths()))));
    }

    private static ReliefTarget target(OpenedJob job, Target asked, LengthUnit unit, List<ReliefSchool> schools) {
        if (asked.school() != null)
            return ReliefSchool.ofCode(schools, asked.school())
                    .target(job.state().spec(), job.job().touch());
        return new ReliefTarget(
                null,
                job.state().habit().method(),
                WantedBand.of(asked.bassLow(), asked.bassHigh(), unit),
                WantedBand.of(asked.trebleLow(), asked.trebleHigh(), unit));
    }
}
