package barytone.server.job;

import barytone.core.estimate.Band;
import barytone.core.estimate.Normal;
import barytone.core.instrument.InstrumentSpec;
import barytone.core.instrument.RodType;
import barytone.core.joblog.JobReplay;
import barytone.core.joblog.JobState;
import barytone.core.joblog.ReliefHabit;
import barytone.core.neck.Allowed;
import barytone.core.neck.GapMethod;
import barytone.core.neck.StringLine;
import barytone.core.neck.StringState;
import barytone.core.plan.Advice;
import barytone.core.plan.ReliefSchool;
import barytone.core.plan.ReliefTarget;
import barytone.core.plan.RodAdvisor;
import barytone.core.quantity.LengthUnit;
import barytone.core.quantity.Turns;
import barytone.core.reading.LeafSet;
import barytone.core.reading.Position;
import barytone.core.reading.Tool;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;

/** Puts a job into the form that the page draws, in one unit and at one moment. */
final class JobViewer {
    private static final int LEAVES_SHOWN = 8;
    private static final double TWIST = 0.05;

    private final JobLog.Opened opened;
    private final JobState state;
    private final InstrumentSpec spec;
    private final StringLine line;
    private final LengthUnit unit;
    private final Instant now;
    private final Advice advice;
    private final Words words;
    private final AdviceWords adviceWords;

    JobViewer(JobLog.Opened opened, LengthUnit unit, Instant now) {
        this.opened = opened;
        this.state = opened.state();
        this.spec = state.spec();
        this.line = spec.line();
        this.unit = unit;
        this.now = now;
        this.advice = RodAdvisor.advise(state, now);
        this.words = new Words(state, unit);
        this.adviceWords = new AdviceWords(state, unit);
    }

    JobView view() {
        JobLog.Job job = opened.job();
        Set<Long> undone = JobReplay.undone(opened.log());
        Tape tape = new Tape(opened, unit);
        Instant settledAt = state.settledAt();
        return new JobView(
                job.id(),
                job.ticket(),
                opened.seq(),
                now,
                unit.code(),
                unit.suffix(),
                instrument(),
                job.player(),
                Words.lower(job.touch()),
                job.complaint(),
                state.closed(),
                state.reliefStrings().stream().map(this::section).toList(),
                stations(),
                relief(),
                adviceWords.advice(advice),
                settledAt != null && now.isBefore(settledAt) && !state.closed() ? settledAt : null,
                tape.lines(),
                tape.anythingCounts(),
                !undone.isEmpty(),
                closing());
    }

    /** The headline of the next move, for the bench. */
    String headline() {
        return adviceWords.advice(advice).headline();
    }

    Advice advice() {
        return advice;
    }

    private JobView.InstrumentView instrument() {
        return new JobView.InstrumentView(
                opened.job().instrumentVersion(),
                opened.job().instrument(),
                spec.kind(),
                spec.kind().label(),
                spec.tuningText(),
                Allowed.plain(spec.scaleLength()),
                spec.frets(),
                spec.bodyJointFret(),
                spec.boardRadius() == 0 ? "flat" : Allowed.plain(spec.boardRadius()),
                spec.rod(),
                spec.access(),
                spec.leftHanded());
    }

    private JobView.SectionView section(int string) {
        StringState estimated = state.estimate().likely(string);
        // an unread neck is drawn straight: nothing is known of its bow
        StringState likely = state.lastRelief(string).isPresent()
                ? estimated
                : new StringState(0, estimated.slotHeight(), estimated.saddleHeight());
        Chord chord = new Chord(line, spec.bodyJointFret(), likely.curvature());
        List<JobView.FretPoint> frets = IntStream.rangeClosed(1, spec.frets())
                .mapToObj(n -> new JobView.FretPoint(n, line.scale().crown(n), chord.above(n)))
                .toList();
        JobView.After after = null;
        if (advice instanceof Advice.TurnRod turn) {
            StringState then = RodAdvisor.after(state, turn.net()).likely(string);
            Chord thenChord = new Chord(line, spec.bodyJointFret(), then.curvature());
            // drawn in today's frame at fret 1 and the joint, so that the relief is seen to change, and the string with
            // it
            after = new JobView.After(
                    IntStream.rangeClosed(1, spec.frets())
                            .mapToObj(thenChord::above)
                            .toList(),
                    line.nutHeight(then) - thenChord.at(0),
                    then.saddleHeight() - thenChord.at(line.saddle()));
        }
        GapMethod.Relief habit = state.habit().method();
        List<JobView.Dimension> dimensions = new ArrayList<>();
        if (state.lastRelief(string).isPresent()) {
            Normal relief = state.relief(string);
            double crown = chord.above(habit.gaugeFret());
            dimensions.add(new JobView.Dimension(
                    "relief",
                    habit.gaugeFret(),
                    crown,
                    crown + relief.mean(),
                    unit.show(relief.mean()),
                    "relief at " + habit.gaugeFret(),
                    verdict(string)));
        }
        return new JobView.SectionView(
                string,
                spec.stringName(string),
                spec.scaleLength(),
                line.saddle(),
                spec.bodyJointFret(),
                frets,
                line.nutHeight(likely) - chord.at(0),
                likely.saddleHeight() - chord.at(line.saddle()),
                false,
                habit.heldLow(),
                habit.heldHigh(),
                after,
                dimensions);
    }

    /** The line through the crowns of fret 1 and the body joint, from which the section is drawn. */
    private record Chord(StringLine line, int joint, double curvature) {
        double at(double x) {
            double x1 = line.scale().crown(1);
            double xJ = line.scale().crown(joint);
            double y1 = line.crownHeight(curvature, 1);
            return y1 + (line.crownHeight(curvature, joint) - y1) * (x - x1) / (xJ - x1);
        }

        double above(int fret) {
            return line.crownHeight(curvature, fret) - at(line.scale().crown(fret));
        }
    }

    private String verdict(int string) {
        if (state.lastRelief(string).isEmpty()) return "unread";
        Band band = RodAdvisor.band(state, string);
        Normal relief = state.relief(string);
        if (!state.readSinceTurn(string) && band.stale(relief)) return "stale";
        return Words.code(band.verdict(relief));
    }

    private List<JobView.StationView> stations() {
        boolean done = advice instanceof Advice.Done || state.closed();
        List<JobView.StationView> stations = new ArrayList<>();
        stations.add(new JobView.StationView("nut", 3, "Nut", done ? "after relief" : "waits for relief", "waiting"));
        stations.add(new JobView.StationView("relief", 2, "Relief", words.reliefNote(advice), done ? "done" : "now"));
        stations.add(new JobView.StationView("action", 4, "Action", "waits for nut", "waiting"));
        stations.add(new JobView.StationView("frets", 5, "Frets", "waits for action", "waiting"));
        stations.add(new JobView.StationView("pickups", 7, "Pickups", "last", "waiting"));
        stations.add(new JobView.StationView("bridge", 6, "Bridge", "waits for action", "waiting"));
        return stations;
    }

    private JobView.ReliefView relief() {
        ReliefHabit habit = state.habit();
        return new JobView.ReliefView(
                words.method(habit),
                new JobView.HabitView(
                        habit.method().heldLow(),
                        habit.method().heldHigh(),
                        habit.method().gaugeFret(),
                        habit.tool().code(),
                        habit.position() == Position.FLAT,
                        habit.board()),
                habits(),
                Arrays.stream(Tool.values())
                        .map(t -> new JobView.ToolChoice(
                                t.code(), t.label(), "± " + unit.showWithUnit(Math.hypot(t.sd(), Tool.REPEATABILITY))))
                        .toList(),
                state.reliefStrings().stream().map(this::row).toList(),
                equivalents(),
                remarks(),
                leaves(),
                target(),
                new JobView.WaysView(
                        state.ways().step().sixteenths(),
                        state.ways().finishTightening(),
                        state.ways().settleMinutes(),
                        state.ways().limit().sixteenths(),
                        words.netTurns()));
    }

    private List<JobView.HabitChoice> habits() {
        int joint = spec.bodyJointFret();
        int last = spec.frets();
        GapMethod.Relief standard = state.estimate().model().standard();
        List<JobView.HabitChoice> habits = new ArrayList<>();
        habits.add(new JobView.HabitChoice(
                "Capo and finger: held 1 and " + joint + ", gauge at " + standard.gaugeFret(),
                1,
                joint,
                standard.gaugeFret(),
                false));
        habits.add(new JobView.HabitChoice("Full span: held 1 and " + last + ", gauge at 8", 1, last, 8, false));
        if (joint != 12) habits.add(new JobView.HabitChoice("Short span: held 1 and 12, gauge at 6", 1, 12, 6, false));
        habits.add(new JobView.HabitChoice(
                "Straightedge on frets: 1 to " + last + ", gauge at " + last / 2, 1, last, last / 2, false));
        habits.add(new JobView.HabitChoice(
                "Notched straightedge on the board: to " + joint + ", gauge at " + joint / 2,
                0,
                joint,
                joint / 2,
                true));
        return habits;
    }

    private JobView.ReliefRow row(int string) {
        Optional<Normal> found = state.foundRelief(string);
        boolean read = state.lastRelief(string).isPresent();
        Normal relief = state.relief(string);
        Band band = RodAdvisor.band(state, string);
        return new JobView.ReliefRow(
                string,
                spec.stringName(string),
                string == 1 ? "treble" : "bass",
                found.map(n -> unit.show(n.mean())).orElse(null),
                read ? unit.show(relief.mean()) : null,
                read ? unit.show(relief.sd()) : null,
                verdict(string),
                words.verdict(string, verdict(string)),
                unit.show(band.low()) + " – " + unit.show(band.high()));
    }

    private List<JobView.Equivalent> equivalents() {
        if (state.reliefStrings().stream().anyMatch(s -> state.lastRelief(s).isEmpty())) return List.of();
        return habits().stream()
                .map(h -> new Object() {
                    final String label = h.label();
                    final GapMethod.Relief method = new GapMethod.Relief(h.heldLow(), h.heldHigh(), h.gaugeFret());
                })
                .filter(h -> !h.method.equals(state.habit().method()))
                .map(h -> new JobView.Equivalent(
                        h.label,
                        unit.show(state.estimate()
                                .now(spec.bassString(), h.method)
                                .mean()),
                        unit.show(state.estimate().now(1, h.method).mean())))
                .toList();
    }

    private List<String> remarks() {
        List<String> remarks = new ArrayList<>();
        if (state.reliefStrings().stream().allMatch(s -> state.lastRelief(s).isPresent())) {
            double difference =
                    state.relief(spec.bassString()).mean() - state.relief(1).mean();
            if (difference < -TWIST)
                remarks.add("Treble side carries " + unit.showWithUnit(-difference)
                        + " more than bass: suspect a twist. The rod turns both sides alike.");
            else if (difference > 0.005)
                remarks.add(
                        "Bass side carries " + unit.showWithUnit(difference) + " more than treble: normal and good.");
        }
        if (state.habit().position() == Position.FLAT)
            remarks.add(
                    "Read flat on the bench: gravity moves the neck, so these readings count less. Turn it to playing position for a verdict.");
        if (spec.rod() == RodType.NONE) remarks.add("This neck has no rod: relief can be read, not set.");
        return remarks;
    }

    private List<JobView.LeafView> leaves() {
        double expected = state.reliefStrings().stream()
                .mapToDouble(s -> state.relief(s).mean())
                .average()
                .orElse(0.2);
        return LeafSet.USUAL.around(expected, LEAVES_SHOWN).stream()
                .map(mm -> new JobView.LeafView(mm, unit.show(mm)))
                .toList();
    }

    private JobView.TargetView target() {
        ReliefSchool school = state.target().school();
        ReliefTarget inHabit = state.target().in(state.habit().method(), line);
        return new JobView.TargetView(
                school == null ? null : school.name(),
                school == null ? "Set by hand" : school.label(),
                school == null ? "Bands typed for this job." : school.reason(),
                unit.show(inHabit.bass().low()),
                unit.show(inHabit.bass().high()),
                unit.show(inHabit.treble().low()),
                unit.show(inHabit.treble().high()),
                Arrays.stream(ReliefSchool.values()).map(this::school).toList());
    }

    private JobView.SchoolView school(ReliefSchool school) {
        ReliefTarget t =
                school.target(spec, opened.job().touch()).in(state.habit().method(), line);
        return new JobView.SchoolView(
                school.name(), school.label(), words.band(t.bass()), words.band(t.treble()), school.reason());
    }

    private JobView.ClosingView closing() {
        List<JobView.ClosingRow> rows = state.reliefStrings().stream()
                .map(s -> new JobView.ClosingRow(
                        "Relief, string " + s + " " + spec.stringName(s),
                        state.foundRelief(s)
                                .map(n -> unit.showWithUnit(n.mean()))
                                .orElse("not read"),
                        state.lastRelief(s).isPresent()
                                ? unit.showWithUnit(state.relief(s).mean())
                                        + (state.readSinceTurn(s) ? "" : ", predicted")
                                : "not read",
                        words.band(RodAdvisor.band(state, s)) + " " + unit.suffix(),
                        verdict(s)))
                .toList();
        List<String> remarks = new ArrayList<>();
        remarks.add("Readings as " + words.method(state.habit()) + ".");
        if (state.netTurns().isZero() && state.steps().isEmpty()) remarks.add("The rod was not turned.");
        else remarks.add("Rod: " + words.netTurns() + ".");
        if (state.steps().stream().mapToInt(s -> Math.abs(s.net().sixteenths())).sum() > Turns.QUARTER.sixteenths())
            remarks.add("More than 1/4 turn was made: look again tomorrow.");
        boolean ready = advice instanceof Advice.Done || state.closed();
        if (!ready) remarks.add("Not finished: " + adviceWords.advice(advice).headline() + ".");
        return new JobView.ClosingView(rows, remarks, ready);
    }
}
