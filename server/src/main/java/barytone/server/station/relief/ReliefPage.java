package barytone.server.station.relief;

import barytone.core.height.HeightVerdict;
import barytone.core.height.ReliefTarget;
import barytone.core.instrument.InstrumentSpec;
import barytone.core.instrument.RodType;
import barytone.core.instrument.Touch;
import barytone.core.job.ReliefHabit;
import barytone.core.job.Station;
import barytone.core.neck.GapMethod;
import barytone.core.neck.StringLine;
import barytone.core.quantity.LengthUnit;
import barytone.core.quantity.Turns;
import barytone.core.reading.Position;
import barytone.core.station.relief.ReliefMisfit;
import barytone.core.station.relief.ReliefSchool;
import barytone.core.station.relief.ReliefState;
import barytone.core.station.relief.RodWays;
import barytone.server.height.HeightPage;
import barytone.server.job.RoomVoice;
import barytone.server.job.Shown;
import barytone.server.job.Words;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/** What the page shows of the rod and the relief that it gives. */
final class ReliefPage extends HeightPage {
    /** More on the treble side than on the bass side is no even bow, mm. */
    private static final double TWIST = 0.05;

    private final InstrumentSpec spec;
    private final StringLine line;
    private final Touch touch;

    ReliefPage(Shown shown) {
        super(Station.RELIEF, shown);
        this.spec = state.spec();
        this.line = spec.line();
        this.touch = shown.touch();
    }

    @Override
    public Map<String, Object> parts() {
        return Map.of("relief", view());
    }

    @Override
    public List<String> worked() {
        ReliefState rod = ReliefState.of(state);
        List<String> worked = new ArrayList<>();
        worked.add(
                rod.netTurns().isZero() && rod.steps().isEmpty()
                        ? "The rod was not turned."
                        : "Rod: " + ReliefWords.netTurns(state) + ".");
        int all = rod.steps().stream()
                .mapToInt(s -> Math.abs(s.net().sixteenths()))
                .sum();
        if (all > Turns.QUARTER.sixteenths()) worked.add("More than 1/4 turn was made: look again tomorrow.");
        return worked;
    }

    @Override
    public @Nullable Instant waitsUntil(Instant now) {
        return ReliefState.of(state).settlesAt(now);
    }

    private ReliefView view() {
        ReliefHabit habit = state.habit();
        LengthUnit unit = words.units().relief();
        return new ReliefView(
                unit.heading(),
                words.method(habit),
                new ReliefView.HabitView(
                        habit.method().heldLow(),
                        habit.method().heldHigh(),
                        habit.method().gaugeFret(),
                        habit.tool().code(),
                        habit.position() == Position.FLAT,
                        habit.board()),
                habits(),
                tools(),
                rows(),
                equivalents(),
                remarks(),
                target(),
                new ReliefView.WaysView(
                        RodWays.of(state).step().sixteenths(),
                        RodWays.of(state).finishTightening(),
                        RodWays.of(state).settleMinutes(),
                        RodWays.of(state).limit().sixteenths(),
                        ReliefState.of(state).reversed(),
                        ReliefWords.netTurns(state)));
    }

    private List<ReliefView.HabitChoice> habits() {
        int joint = spec.bodyJointFret();
        int last = spec.frets();
        GapMethod.Relief standard = state.estimate().model().standard();
        List<ReliefView.HabitChoice> habits = new ArrayList<>();
        habits.add(new ReliefView.HabitChoice(
                "Capo and finger: held 1 and " + joint + ", gauge at " + standard.gaugeFret(),
                1,
                joint,
                standard.gaugeFret(),
                false));
        int eighth = Math.min(8, last / 2 + 1);
        habits.add(new ReliefView.HabitChoice(
                "Full span: held 1 and " + last + ", gauge at " + eighth, 1, last, eighth, false));
        if (joint != 12 && last >= 12)
            habits.add(new ReliefView.HabitChoice("Short span: held 1 and 12, gauge at 6", 1, 12, 6, false));
        habits.add(new ReliefView.HabitChoice(
                "Straightedge on frets: 1 to " + last + ", gauge at " + last / 2, 1, last, last / 2, false));
        habits.add(new ReliefView.HabitChoice(
                "Notched straightedge on the board: to " + joint + ", gauge at " + joint / 2,
                0,
                joint,
                joint / 2,
                true));
        return habits;
    }

    private List<ReliefView.Equivalent> equivalents() {
        if (state.reliefStrings().stream()
                .map(s -> HeightVerdict.of(state, Station.RELIEF, s))
                .anyMatch(j -> !j.read() || j.noGap() || j.stale())) return List.of();
        return habits().stream()
                .map(h -> new Object() {
                    final String label = h.label();
                    final GapMethod.Relief method = new GapMethod.Relief(h.heldLow(), h.heldHigh(), h.gaugeFret());
                })
                .filter(h -> !h.method.equals(state.habit().method()))
                .map(h -> new ReliefView.Equivalent(
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

    private ReliefView.TargetView target() {
        LengthUnit unit = words.units().relief();
        ReliefTarget inHabit = ReliefTarget.of(state).in(state.habit().method(), line);
        RoomVoice<?, ?> said = voices.of(Station.RELIEF);
        return new ReliefView.TargetView(
                ReliefTarget.of(state).school(),
                Words.sentence(said.targetLabel()),
                said.targetReason(),
                unit.show(inHabit.bass().low()),
                unit.show(inHabit.bass().high()),
                unit.show(inHabit.treble().low()),
                unit.show(inHabit.treble().high()),
                bench.schools().relief().stream().map(this::school).toList());
    }

    private ReliefView.SchoolView school(ReliefSchool school) {
        ReliefTarget t = school.target(spec, touch).in(state.habit().method(), line);
        return new ReliefView.SchoolView(
                school.code(),
                school.label(),
                words.band(Station.RELIEF, t.bass()),
                words.band(Station.RELIEF, t.treble()),
                school.reason());
    }
}
