package barytone.server.job;

import barytone.core.estimate.Band;
import barytone.core.joblog.JobEvent;
import barytone.core.joblog.JobReplay;
import barytone.core.joblog.JobState;
import barytone.core.joblog.LoggedEvent;
import barytone.core.joblog.ReliefHabit;
import barytone.core.neck.Allowed;
import barytone.core.neck.GapMethod;
import barytone.core.neck.NotAllowedException;
import barytone.core.plan.ReliefSchool;
import barytone.core.plan.ReliefTarget;
import barytone.core.plan.RodWays;
import barytone.core.plan.Station;
import barytone.core.quantity.Length;
import barytone.core.quantity.LengthText;
import barytone.core.quantity.LengthUnit;
import barytone.core.quantity.Turns;
import barytone.core.quantity.Units;
import barytone.core.reading.Gap;
import barytone.core.reading.Position;
import barytone.core.reading.ReadingBounds;
import barytone.core.reading.Tool;
import barytone.core.strings.StringSet;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/** Jobs over HTTP. Every addition answers with the whole job as it now stands, in the unit asked for. */
@RestController
@RequestMapping(path = "/api/jobs", produces = MediaType.APPLICATION_JSON_VALUE)
class JobController {
    private static final int LONGEST_NOTE = 2000;

    private final JobDesk desk;
    private final Intake intake;
    private final LiveUpdates live;

    JobController(JobDesk desk, Intake intake, LiveUpdates live) {
        this.desk = desk;
        this.intake = intake;
        this.live = live;
    }

    /** The number of a new job. */
    record Created(long id) {}

    /** Corrected facts of an instrument, with the version that was corrected. */
    record Correction(long version, Intake.Facts facts) {}

    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    Created open(@RequestBody Intake.NewJob asked) {
        return new Created(intake.open(asked));
    }

    @GetMapping("/{id}")
    JobView job(@PathVariable long id, @RequestParam(defaultValue = "mm") String unit) {
        return desk.view(id, unit);
    }

    @GetMapping(path = "/{id}/stream", produces = MediaType.TEXT_EVENT_STREAM_VALUE)
    SseEmitter stream(@PathVariable long id) {
        return live.watch(id, desk.open(id).seq());
    }

    @PutMapping("/{id}/instrument")
    JobView correct(
            @PathVariable long id, @RequestParam(defaultValue = "mm") String unit, @RequestBody Correction asked) {
        Units.ofCode(unit);
        JobLog.Opened job = desk.open(id);
        if (job.state().closed()) throw new JobClosedException();
        StringSet before = job.state().spec().fittings().strings();
        StringSet now = asked.facts().spec().fittings().strings();
        if (before.equals(now) || job.state().readings().isEmpty()) {
            intake.correct(job.job().instrumentId(), asked.version(), asked.facts());
            return desk.view(id, unit);
        }
        // other strings make stale what was read on the ones before: an entry of its own, to be undone where they were
        // only noted wrongly
        JobRequests.Plain stamp =
                new JobRequests.Plain(job.seq(), UUID.randomUUID().toString());
        return desk.add(id, unit, stamp, opened -> {
            intake.correct(job.job().instrumentId(), asked.version(), asked.facts());
            return new JobEvent.StringsChanged(before.text(), now.text());
        });
    }

    @PostMapping("/{id}/readings")
    JobView reading(
            @PathVariable long id,
            @RequestParam(defaultValue = "mm") String unit,
            @RequestBody JobRequests.Reading asked) {
        return desk.add(id, unit, asked, job -> reading(job.state(), asked, Units.ofCode(unit)));
    }

    @PostMapping("/{id}/readings/kept")
    JobView keep(
            @PathVariable long id,
            @RequestParam(defaultValue = "mm") String unit,
            @RequestBody JobRequests.About asked) {
        return desk.add(
                id,
                unit,
                asked,
                job -> new JobEvent.ReadingKept(existing(job, asked.event(), JobEvent.ReadingTaken.class)));
    }

    /** A doubted reading is right, for its height was moved before it without counting. */
    @PostMapping("/{id}/readings/moved")
    JobView moved(
            @PathVariable long id,
            @RequestParam(defaultValue = "mm") String unit,
            @RequestBody JobRequests.About asked) {
        return desk.add(
                id,
                unit,
                asked,
                job -> new JobEvent.ReadingMoved(existing(job, asked.event(), JobEvent.ReadingTaken.class)));
    }

    /** Heights were moved without counting, and will be read. */
    @PostMapping("/{id}/uncounted")
    JobView uncounted(
            @PathVariable long id,
            @RequestParam(defaultValue = "mm") String unit,
            @RequestBody JobRequests.Uncounted asked) {
        return desk.add(id, unit, asked, job -> {
            if (!asked.station().height()) throw Allowed.broken("station", asked.station(), "RELIEF, NUT or ACTION");
            List<Integer> strings = asked.strings() == null ? job.state().spec().everyString() : asked.strings();
            if (strings.isEmpty()) throw Allowed.broken("strings", "none", "at least one string");
            for (int s : strings)
                Allowed.whole("string", s, 1, job.state().spec().strings());
            return new JobEvent.MovedUncounted(asked.station(), strings);
        });
    }

    @PostMapping("/{id}/readings/dropped")
    JobView drop(
            @PathVariable long id,
            @RequestParam(defaultValue = "mm") String unit,
            @RequestBody JobRequests.About asked) {
        return desk.add(
                id,
                unit,
                asked,
                job -> new JobEvent.ReadingDropped(existing(job, asked.event(), JobEvent.ReadingTaken.class)));
    }

    @PostMapping("/{id}/rod-turns")
    JobView turn(
            @PathVariable long id,
            @RequestParam(defaultValue = "mm") String unit,
            @RequestBody JobRequests.RodTurn asked) {
        Turns tighter = asked.turns() == null
                ? new Turns(Allowed.whole(
                        "turn (sixteenths)",
                        asked.sixteenths() == null ? 0 : asked.sixteenths(),
                        -16 * JobRequests.MOST_TURNS,
                        16 * JobRequests.MOST_TURNS))
                : Turns.parse("turn", asked.turns(), JobRequests.MOST_TURNS);
        if (tighter.isZero()) throw Allowed.broken("turn", "0", "1/16 turn or more, either way");
        return desk.add(id, unit, asked, job -> {
            return new JobEvent.RodTurned(
                    job.state().reversed() ? tighter.negated() : tighter, asked.finishTightening(), asked.free());
        });
    }

    @PostMapping("/{id}/rod-turns/ran-free")
    JobView ranFree(
            @PathVariable long id,
            @RequestParam(defaultValue = "mm") String unit,
            @RequestBody JobRequests.About asked) {
        return desk.add(
                id,
                unit,
                asked,
                job -> new JobEvent.RodRanFree(existing(job, asked.event(), JobEvent.RodTurned.class)));
    }

    @PostMapping("/{id}/rod-turns/other-way")
    JobView otherWay(
            @PathVariable long id,
            @RequestParam(defaultValue = "mm") String unit,
            @RequestBody JobRequests.About asked) {
        return desk.add(
                id,
                unit,
                asked,
                job -> new JobEvent.RodTurnedOtherWay(existing(job, asked.event(), JobEvent.RodTurned.class)));
    }

    @PostMapping("/{id}/rod-direction")
    JobView direction(
            @PathVariable long id,
            @RequestParam(defaultValue = "mm") String unit,
            @RequestBody JobRequests.RodDirection asked) {
        return desk.add(id, unit, asked, job -> new JobEvent.RodDirectionLearned(asked.straightensAnticlockwise()));
    }

    @PostMapping("/{id}/rod-stiff")
    JobView stiff(
            @PathVariable long id,
            @RequestParam(defaultValue = "mm") String unit,
            @RequestBody JobRequests.Plain asked) {
        return desk.add(id, unit, asked, job -> new JobEvent.RodStiff());
    }

    @PostMapping("/{id}/retunes")
    JobView retuned(
            @PathVariable long id,
            @RequestParam(defaultValue = "mm") String unit,
            @RequestBody JobRequests.Plain asked) {
        return desk.add(id, unit, asked, job -> new JobEvent.Retuned());
    }

    @PostMapping("/{id}/settling-skips")
    JobView skip(
            @PathVariable long id,
            @RequestParam(defaultValue = "mm") String unit,
            @RequestBody JobRequests.Plain asked) {
        return desk.add(id, unit, asked, job -> new JobEvent.SettlingSkipped());
    }

    @PostMapping("/{id}/notes")
    JobView note(
            @PathVariable long id,
            @RequestParam(defaultValue = "mm") String unit,
            @RequestBody JobRequests.Note asked) {
        String text = asked.text().strip();
        if (text.isEmpty() || text.length() > LONGEST_NOTE)
            throw Allowed.broken("note", text.length() + " characters", "1 to " + LONGEST_NOTE + " characters");
        return desk.add(id, unit, asked, job -> new JobEvent.NoteWritten(text));
    }

    @PostMapping("/{id}/target")
    JobView target(
            @PathVariable long id,
            @RequestParam(defaultValue = "mm") String unit,
            @RequestBody JobRequests.Target asked) {
        return desk.add(
                id,
                unit,
                asked,
                job -> new JobEvent.TargetSet(target(
                        job, asked, Units.ofCode(unit).relief(), desk.schools().relief())));
    }

    @PostMapping("/{id}/habit")
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

    @PostMapping("/{id}/rod-ways")
    JobView ways(
            @PathVariable long id,
            @RequestParam(defaultValue = "mm") String unit,
            @RequestBody JobRequests.Ways asked) {
        return desk.add(
                id,
                unit,
                asked,
                job -> new JobEvent.RodWaysSet(new RodWays(
                        new Turns(asked.stepSixteenths()),
                        asked.finishTightening(),
                        asked.settleMinutes(),
                        new Turns(asked.limitSixteenths()))));
    }

    @PostMapping("/{id}/close")
    JobView close(
            @PathVariable long id,
            @RequestParam(defaultValue = "mm") String unit,
            @RequestBody JobRequests.Plain asked) {
        return desk.add(id, unit, asked, job -> new JobEvent.Closed());
    }

    @PostMapping("/{id}/reopen")
    JobView reopen(
            @PathVariable long id,
            @RequestParam(defaultValue = "mm") String unit,
            @RequestBody JobRequests.Plain asked) {
        return desk.add(id, unit, asked, job -> new JobEvent.Reopened());
    }

    @PostMapping("/{id}/undo")
    JobView undo(
            @PathVariable long id,
            @RequestParam(defaultValue = "mm") String unit,
            @RequestBody JobRequests.Undo asked) {
        return desk.add(
                id,
                unit,
                asked,
                job -> new JobEvent.Undone(
                        asked.event() != null ? undoable(job, asked.event()) : newestThatCounts(job)));
    }

    @PostMapping("/{id}/redo")
    JobView redo(
            @PathVariable long id,
            @RequestParam(defaultValue = "mm") String unit,
            @RequestBody JobRequests.Undo asked) {
        return desk.add(
                id,
                unit,
                asked,
                job -> new JobEvent.Redone(asked.event() != null ? undoneOne(job, asked.event()) : newestUndone(job)));
    }

    private static JobEvent reading(JobState state, JobRequests.Reading asked, Units units) {
        Station station = asked.station() == null ? Station.RELIEF : asked.station();
        if (!station.height())
            throw Allowed.broken("station", station, "RELIEF, NUT or ACTION; the others have routes of their own");
        LengthUnit unit = switch (station) {
            case NUT -> units.nut();
            case ACTION -> units.action();
            case RELIEF, INTONATION, PICKUPS -> units.relief();
        };
        if (!state.strings(station).contains(asked.string()))
            throw Allowed.broken(
                    "string",
                    asked.string(),
                    (station == Station.RELIEF ? "the lowest or the highest: " : "one of ") + state.strings(station));
        GapMethod method = state.method(station);
        Tool tool = asked.tool() == null ? state.tool(station) : Tool.ofCode(asked.tool());
        Gap gap;
        String typed;
        if (asked.tap() != null) {
            if (!(method instanceof GapMethod.NutPressed))
                throw Allowed.broken("tap", asked.tap(), "a pressed nut reading: press at 2 or 3 and tap over fret 1");
            gap = asked.tap().gap();
            typed = "tap";
            tool = Tool.EYE;
        } else if (asked.leaves() != null) {
            gap = gap(asked.leaves());
            typed = "leaves";
            tool = Tool.LEAF;
        } else {
            typed = asked.text() == null ? "" : asked.text();
            gap = switch (LengthText.parse(typed, unit)) {
                case LengthText.Exact e -> new Gap.Of(e.length().mm());
                case LengthText.Bracket b ->
                    new Gap.Between(b.goes().mm(), b.stops().mm());
            };
        }
        ReadingBounds bounds = ReadingBounds.of(method);
        boolean sure = Boolean.TRUE.equals(asked.sure());
        if (!sure && bare(typed)) suspect(typed, gap, bounds, unit);
        bounds.check("reading", gap.shown(), unit);
        if (!sure)
            bounds.oddity(gap.shown(), unit).ifPresent(question -> {
                throw new OddValueException(question);
            });
        return new JobEvent.ReadingTaken(
                asked.string(), method, tool, gap, state.position(station), typed.strip(), unit);
    }

    /** Whether a number was typed without a unit. */
    private static boolean bare(String typed) {
        return typed.strip().matches("[+-]?[0-9]*[.,]?[0-9]+");
    }

    /** A number that is odd in its unit, and usual in another, is asked about. */
    private static void suspect(String typed, Gap gap, ReadingBounds bounds, LengthUnit unit) {
        bounds.meant(gap.shown(), unit).ifPresent(meant -> {
            double mm = Length.parse(meant, LengthUnit.MM).mm();
            String spoken = meant.endsWith("t")
                    ? meant.substring(0, meant.length() - 1) + " thou (" + LengthUnit.MM.showWithUnit(mm) + ")"
                    : LengthUnit.MM.showWithUnit(mm);
            throw new OddValueException(
                    "“" + typed.strip() + "” would be " + unit.showWithUnit(gap.shown()) + ". Is it " + spoken + "?",
                    meant,
                    spoken);
        });
    }

    private static Gap gap(JobRequests.Leaves leaves) {
        for (Double size : new Double[] {leaves.free(), leaves.touches(), leaves.lifts()})
            if (size != null) Allowed.number("leaf", size, 0.01, 5, "mm");
        if (leaves.touches() != null) return new Gap.Of(leaves.touches());
        if (leaves.free() != null && leaves.lifts() != null) {
            if (leaves.free() >= leaves.lifts())
                throw Allowed.broken(
                        "leaves",
                        "free at " + leaves.free() + ", lifting at " + leaves.lifts(),
                        "a free leaf thinner than the one that lifts the string");
            return new Gap.Between(leaves.free(), leaves.lifts());
        }
        if (leaves.free() != null) return new Gap.AtLeast(leaves.free());
        if (leaves.lifts() != null) return new Gap.AtMost(leaves.lifts());
        throw Allowed.broken("leaves", "none", "at least one leaf that went free, touched or lifted the string");
    }

    private static ReliefTarget target(
            JobLog.Opened job, JobRequests.Target asked, LengthUnit unit, List<ReliefSchool> schools) {
        if (asked.school() != null)
            return ReliefSchool.ofCode(schools, asked.school())
                    .target(job.state().spec(), job.job().touch());
        return new ReliefTarget(
                null,
                job.state().habit().method(),
                band(asked.bassLow(), asked.bassHigh(), unit),
                band(asked.trebleLow(), asked.trebleHigh(), unit));
    }

    static Band band(@Nullable String low, @Nullable String high, LengthUnit unit) {
        if (low == null || high == null)
            throw Allowed.broken("target", "nothing", "a school, or both ends of the bass and treble bands");
        double from = Length.parse(low, unit).mm();
        double to = Length.parse(high, unit).mm();
        return band(from, to, new ReadingBounds(-0.2, 2, 0, 1), unit);
    }

    /** A band that may be wanted. */
    static Band band(double from, double to, ReadingBounds bounds, LengthUnit unit) {
        bounds.check("target", from, unit);
        bounds.check("target", to, unit);
        if (from >= to)
            throw Allowed.broken(
                    "target", unit.show(from) + " to " + unit.showWithUnit(to), "a lower end below the upper end");
        return new Band(from, to);
    }

    private static long existing(JobLog.Opened job, long seq, Class<? extends JobEvent> kind) {
        return job.log().stream()
                .filter(e -> e.seq() == seq && kind.isInstance(e.event()))
                .findFirst()
                .orElseThrow(() -> Allowed.broken("event", seq, "an entry of that kind on this job's tape"))
                .seq();
    }

    private static long undoable(JobLog.Opened job, long seq) {
        Set<Long> undone = JobReplay.undone(job.log());
        return job.log().stream()
                .filter(e -> e.seq() == seq && counts(e, undone))
                .findFirst()
                .orElseThrow(() -> Allowed.broken(
                        "event", seq, "an entry that counts; this one is undone already or not on the tape"))
                .seq();
    }

    private static long newestThatCounts(JobLog.Opened job) {
        Set<Long> undone = JobReplay.undone(job.log());
        return job.log().reversed().stream()
                .filter(e -> counts(e, undone))
                .findFirst()
                .orElseThrow(() -> new NotAllowedException("There is nothing to undo."))
                .seq();
    }

    private static long undoneOne(JobLog.Opened job, long seq) {
        if (!JobReplay.undone(job.log()).contains(seq)) throw Allowed.broken("event", seq, "an entry that was undone");
        return seq;
    }

    private static long newestUndone(JobLog.Opened job) {
        Set<Long> undone = JobReplay.undone(job.log());
        // the entry undone last comes back first
        return job.log().reversed().stream()
                .filter(e -> e.event() instanceof JobEvent.Undone u && undone.contains(u.event()))
                .map(e -> ((JobEvent.Undone) e.event()).event())
                .findFirst()
                .orElseThrow(() -> new NotAllowedException("There is nothing to bring back."));
    }

    private static boolean counts(LoggedEvent e, Set<Long> undone) {
        return !(e.event() instanceof JobEvent.Undone)
                && !(e.event() instanceof JobEvent.Redone)
                && !undone.contains(e.seq());
    }
}
