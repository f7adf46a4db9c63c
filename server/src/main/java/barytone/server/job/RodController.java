package barytone.server.job;

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
import java.util.List;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** The rod of a job over HTTP, how relief is read and what is wanted of it. */
@RestController
@RequestMapping(path = "/api/jobs/{id}", produces = MediaType.APPLICATION_JSON_VALUE)
class RodController {
    private final JobDesk desk;

    RodController(JobDesk desk) {
        this.desk = desk;
    }

    @PostMapping("/rod-turns")
    JobView turn(
            @PathVariable long id,
            @RequestParam(defaultValue = "mm") String unit,
            @RequestBody JobRequests.RodTurn asked) {
        Turns tighter = asked.turns() == null
                ? new Turns(Allowed.whole(
                        "turn (sixteenths)",
                        asked.sixteenths() == null ? 0 : asked.sixteenths(),
                        -16 * Turns.MOST_AT_ONCE,
                        16 * Turns.MOST_AT_ONCE))
                : Turns.parse("turn", asked.turns(), Turns.MOST_AT_ONCE);
        if (tighter.isZero()) throw Allowed.broken("turn", "0", "1/16 turn or more, either way");
        return desk.add(id, unit, asked, job -> {
            return new ReliefEvent.RodTurned(
                    ReliefState.of(job.state()).reversed() ? tighter.negated() : tighter,
                    asked.finishTightening(),
                    asked.free());
        });
    }

    @PostMapping("/rod-turns/ran-free")
    JobView ranFree(
            @PathVariable long id,
            @RequestParam(defaultValue = "mm") String unit,
            @RequestBody JobRequests.About asked) {
        return desk.add(
                id,
                unit,
                asked,
                job -> new ReliefEvent.RodRanFree(job.existing(asked.event(), ReliefEvent.RodTurned.class)));
    }

    @PostMapping("/rod-turns/other-way")
    JobView otherWay(
            @PathVariable long id,
            @RequestParam(defaultValue = "mm") String unit,
            @RequestBody JobRequests.About asked) {
        return desk.add(
                id,
                unit,
                asked,
                job -> new ReliefEvent.RodTurnedOtherWay(job.existing(asked.event(), ReliefEvent.RodTurned.class)));
    }

    @PostMapping("/rod-direction")
    JobView direction(
            @PathVariable long id,
            @RequestParam(defaultValue = "mm") String unit,
            @RequestBody JobRequests.RodDirection asked) {
        return desk.add(id, unit, asked, job -> new ReliefEvent.RodDirectionLearned(asked.straightensAnticlockwise()));
    }

    @PostMapping("/rod-stiff")
    JobView stiff(
            @PathVariable long id,
            @RequestParam(defaultValue = "mm") String unit,
            @RequestBody JobRequests.Plain asked) {
        return desk.add(id, unit, asked, job -> new ReliefEvent.RodStiff());
    }

    @PostMapping("/target")
    JobView target(
            @PathVariable long id,
            @RequestParam(defaultValue = "mm") String unit,
            @RequestBody JobRequests.Target asked) {
        return desk.add(
                id,
                unit,
                asked,
                job -> new ReliefEvent.TargetSet(target(
                        job, asked, Units.ofCode(unit).relief(), desk.schools().relief())));
    }

    @PostMapping("/habit")
    JobView habit(
            @PathVariable long id,
            @RequestParam(defaultValue = "mm") String unit,
            @RequestBody JobRequests.Habit asked) {
        return desk.add(id, unit, asked, job -> {
            GapMethod.Relief method = new GapMethod.Relief(asked.heldLow(), asked.heldHigh(), asked.gaugeFret());
            // refuses a habit that this neck cannot be read by
            Allowed.whole("held fret", asked.heldHigh(), 2, job.state().spec().frets());
            job.state().spec().line().curvatureFor(method, 0);
            return new JobEvent.HabitSet(new ReliefHabit(
                    method, Tool.ofCode(asked.tool()), asked.flat() ? Position.FLAT : Position.PLAYING, asked.board()));
        });
    }

    @PostMapping("/rod-ways")
    JobView ways(
            @PathVariable long id,
            @RequestParam(defaultValue = "mm") String unit,
            @RequestBody JobRequests.Ways asked) {
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

    private static ReliefTarget target(
            JobLog.Opened job, JobRequests.Target asked, LengthUnit unit, List<ReliefSchool> schools) {
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
