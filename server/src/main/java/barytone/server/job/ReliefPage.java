package barytone.server.job;

import barytone.core.height.HeightVerdict;
import barytone.core.height.ReliefTarget;
import barytone.core.instrument.InstrumentSpec;
import barytone.core.instrument.RodType;
import barytone.core.instrument.Touch;
import barytone.core.job.JobState;
import barytone.core.job.ReliefHabit;
import barytone.core.job.Station;
import barytone.core.neck.GapMethod;
import barytone.core.neck.StringLine;
import barytone.core.quantity.LengthUnit;
import barytone.core.reading.Position;
import barytone.core.station.relief.ReliefMisfit;
import barytone.core.station.relief.ReliefSchool;
import barytone.core.station.relief.ReliefState;
import barytone.core.station.relief.RodWays;
import java.util.ArrayList;
import java.util.List;

/** What the page shows of the rod and the relief that it gives. */
final class ReliefPage {
    /** More on the treble side than on the bass side is no even bow, mm. */
    private static final double TWIST = 0.05;

    private final JobState state;
    private final InstrumentSpec spec;
    private final StringLine line;
    private final Words words;
    private final Bench bench;
    private final Voices voices;
    private final HeightViewer heights;
    private final Touch touch;

    ReliefPage(JobState state, Words words, Bench bench, Voices voices, HeightViewer heights, Touch touch) {
        this.state = state;
        this.spec = state.spec();
        this.line = spec.line();
        this.words = words;
        this.bench = bench;
        this.voices = voices;
        this.heights = heights;
        this.touch = touch;
    }

    JobView.ReliefView view() {
        ReliefHabit habit = state.habit();
        LengthUnit unit = words.units().relief();
        return new JobView.ReliefView(
                unit.suffix(),
                words.method(habit),
                new JobView.HabitView(
                        habit.method().heldLow(),
                        habit.method().heldHigh(),
                        habit.method().gaugeFret(),
                        habit.tool().code(),
                        habit.position() == Position.FLAT,
                        habit.board()),
                habits(),
                HeightViewer.tools(bench.tools(), unit),
                state.reliefStrings().stream()
                        .map(s -> heights.row(Station.RELIEF, s))
                        .toList(),
                equivalents(),
                remarks(),
                target(),
                new JobView.WaysView(
                        RodWays.of(state).step().sixteenths(),
                        RodWays.of(state).finishTightening(),
                        RodWays.of(state).settleMinutes(),
                        RodWays.of(state).limit().sixteenths(),
                        ReliefState.of(state).reversed(),
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
        int eighth = Math.min(8, last / 2 + 1);
        habits.add(new JobView.HabitChoice(
                "Full span: held 1 and " + last + ", gauge at " + eighth, 1, last, eighth, false));
        if (joint != 12 && last >= 12)
            habits.add(new JobView.HabitChoice("Short span: held 1 and 12, gauge at 6", 1, 12, 6, false));
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

    private List<JobView.Equivalent> equivalents() {
        if (state.reliefStrings().stream()
                .map(s -> HeightVerdict.of(state, Station.RELIEF, s))
                .anyMatch(j -> !j.read() || j.noGap() || j.stale())) return List.of();
        return habits().stream()
                .map(h -> new Object() {
                    final String label = h.label();
                    final GapMethod.Relief method = new GapMethod.Relief(h.heldLow(), h.heldHigh(), h.gaugeFret());
                })
                .filter(h -> !h.method.equals(state.habit().method()))
                .map(h -> new JobView.Equivalent(
                        h.label,
                        words.units()
                                .relief()
                                .show(state.estimate()
                                        .now(spec.bassString(), h.method)
                                        .mean()),
                        words.units()
                                .relief()
                                .show(state.estimate().now(1, h.method).mean())))
                .toList();
    }

    private List<String> remarks() {
        List<String> remarks = new ArrayList<>();
        LengthUnit unit = words.units().relief();
        List<HeightVerdict> sides = state.reliefStrings().stream()
                .map(s -> HeightVerdict.of(state, Station.RELIEF, s))
                .toList();
        if (sides.stream().anyMatch(HeightVerdict::noGap))
            remarks.add(
                    "No gap: the neck is straight or bent back under the string, and how far is unknown until there is one.");
        else if (sides.stream().allMatch(HeightVerdict::read)) {
            double difference =
                    sides.getFirst().value().mean() - sides.getLast().value().mean();
            if (difference < -TWIST)
                remarks.add("Treble side carries " + unit.showWithUnit(-difference)
                        + " more than bass: suspect a twist. The rod turns both sides alike.");
            else if (difference > 0.005)
                remarks.add(
                        "Bass side carries " + unit.showWithUnit(difference) + " more than treble: normal and good.");
        }
        if (state.habit().position() == Position.FLAT)
            remarks.add("Read flat on the bench: as it is played a neck has about "
                    + unit.showWithUnit(-Position.FLAT.bow())
                    + " more, and the verdict reckons with that. One reading in playing position settles it.");
        if (ReliefMisfit.misfits(state)) remarks.add(misfit());
        if (spec.rod() == RodType.NONE) remarks.add("This neck has no rod: relief can be read, not set.");
        return remarks;
    }

    /** Relief and action did not move together: what would explain it, as a guess. */
    private String misfit() {
        List<String> would = new ArrayList<>();
        ReliefMisfit.habit(state).ifPresent(habit -> would.add(words.method(habit)));
        ReliefMisfit.joint(state)
                .ifPresent(fret -> would.add("on a neck that begins to bend at about fret " + fret + ", not at "
                        + state.spec().bodyJointFret()));
        return "What the rod did to relief does not go with what it did to the action. "
                + (would.isEmpty()
                        ? "Look where the neck joins the body and how relief is held."
                        : "It would, " + String.join("; or ", would) + ".");
    }

    private JobView.TargetView target() {
        LengthUnit unit = words.units().relief();
        ReliefTarget inHabit = ReliefTarget.of(state).in(state.habit().method(), line);
        RoomVoice<?, ?> said = voices.of(Station.RELIEF);
        return new JobView.TargetView(
                ReliefTarget.of(state).school(),
                Words.sentence(said.targetLabel()),
                said.targetReason(),
                unit.show(inHabit.bass().low()),
                unit.show(inHabit.bass().high()),
                unit.show(inHabit.treble().low()),
                unit.show(inHabit.treble().high()),
                bench.schools().relief().stream().map(this::school).toList());
    }

    private JobView.SchoolView school(ReliefSchool school) {
        ReliefTarget t = school.target(spec, touch).in(state.habit().method(), line);
        return new JobView.SchoolView(
                school.code(),
                school.label(),
                words.band(Station.RELIEF, t.bass()),
                words.band(Station.RELIEF, t.treble()),
                school.reason());
    }
}
