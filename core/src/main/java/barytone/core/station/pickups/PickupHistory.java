package barytone.core.station.pickups;

import barytone.core.estimate.SetupEstimate;
import barytone.core.instrument.InstrumentSpec;
import barytone.core.job.JobEvent;
import barytone.core.job.LoggedEvent;
import barytone.core.job.Progress;
import barytone.core.job.RoomReplay;
import barytone.core.job.Setups;
import barytone.core.pickup.Pickup;
import barytone.core.pickup.PickupScrew;
import barytone.core.pickup.PickupSign;
import barytone.core.quantity.Turns;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;

/** Pickup gaps read, screws turned, signs seen, levels heard. */
final class PickupHistory implements RoomReplay {
    /** Raised by this per turn until it is learned, mm. */
    private static final double USUAL_PER_TURN = 0.6;

    /** A turn that promised this much and moved less than a third of it was not followed, mm. */
    private static final double TEACHES = 0.25;

    private final InstrumentSpec spec;
    private final Map<Integer, Map<Pickup.Side, PickupState.Gap>> gaps = new TreeMap<>();
    private final Map<Integer, List<PickupSign>> signs = new TreeMap<>();
    private final Map<Integer, Map<Integer, Double>> levels = new TreeMap<>();
    private final Map<Integer, Map<Pickup.Side, Double>> turned = new HashMap<>();
    private double perTurn = USUAL_PER_TURN;
    private boolean learned;
    private final Set<SideOf> down = new HashSet<>();
    private final Set<SideOf> restrung = new HashSet<>();

    private record SideOf(int pickup, Pickup.Side side) {}

    PickupHistory(InstrumentSpec spec) {
        this.spec = spec;
    }

    @Override
    public boolean present() {
        return !spec.fittings().pickups().isEmpty();
    }

    @Override
    public void play(LoggedEvent logged, Progress job) {
        switch (logged.event()) {
            case PickupEvent e -> own(logged, e, job);
            case JobEvent.StringsChanged ignored -> restrung();
            default -> {}
        }
    }

    private void own(LoggedEvent logged, PickupEvent event, Progress job) {
        switch (event) {
            case PickupEvent.PickupRead e -> {
                job.pass(logged.at());
                read(e, job.setups());
            }
            case PickupEvent.PickupTurned e -> turned(e);
            case PickupEvent.PickupChecked e -> signs.put(e.pickup(), e.signs());
            case PickupEvent.PickupsLowered e -> lowered(e.down());
            case PickupEvent.LevelHeard e ->
                levels.computeIfAbsent(e.pickup(), p -> new TreeMap<>()).put(e.string(), e.decibels());
            case PickupEvent.PickupTargetSet ignored -> {}
        }
    }

    @Override
    public boolean fits(JobEvent event) {
        int there = spec.fittings().pickups().size();
        return switch (event) {
            case PickupEvent.PickupRead e -> e.pickup() < there;
            case PickupEvent.PickupTurned e -> e.pickup() < there;
            case PickupEvent.PickupChecked e -> e.pickup() < there;
            case PickupEvent.LevelHeard e -> e.pickup() < there && e.string() <= spec.strings();
            default -> true;
        };
    }

    private void read(PickupEvent.PickupRead e, Setups setups) {
        Map<Pickup.Side, PickupState.Gap> sides =
                gaps.computeIfAbsent(e.pickup(), p -> new EnumMap<>(Pickup.Side.class));
        PickupState.Gap before = sides.get(e.side());
        Map<Pickup.Side, Double> asked = turned.computeIfAbsent(e.pickup(), p -> new EnumMap<>(Pickup.Side.class));
        Double turns = asked.remove(e.side());
        boolean stayed = false;
        if (before != null && turns != null && Math.abs(turns) * perTurn >= TEACHES) {
            double came = (before.read() - e.gap()) / turns;
            stayed = came < perTurn / 3;
            if (!stayed && came < 2.5) {
                perTurn = learned ? (perTurn + came) / 2 : came;
                learned = true;
            }
        }
        sides.put(
                e.side(),
                new PickupState.Gap(
                        before == null ? (setups.asFound() ? e.gap() : null) : before.found(),
                        e.gap(),
                        0,
                        setups.moves(),
                        stayed,
                        false));
        down.remove(new SideOf(e.pickup(), e.side()));
        restrung.remove(new SideOf(e.pickup(), e.side()));
    }

    /** Raised when positive, as the strings see it, in turns. */
    private void turned(PickupEvent.PickupTurned e) {
        Pickup.Mounting up = spec.fittings().pickups().get(e.pickup()).mounting();
        side(e.pickup(), Pickup.Side.BASS, e.bass(), up);
        side(e.pickup(), Pickup.Side.TREBLE, e.treble(), up);
        // what was heard before the pickup moved does not hold any more
        levels.remove(e.pickup());
        signs.computeIfPresent(
                e.pickup(), (p, seen) -> seen.stream().filter(i -> !i.tooNear()).toList());
    }

    private void side(int pickup, Pickup.Side side, Turns clockwise, Pickup.Mounting up) {
        if (clockwise.isZero()) return;
        double raised = PickupScrew.raised(up, clockwise);
        turned.computeIfAbsent(pickup, p -> new EnumMap<>(Pickup.Side.class)).merge(side, raised, Double::sum);
        Map<Pickup.Side, PickupState.Gap> sides = gaps.get(pickup);
        if (sides == null) return;
        sides.computeIfPresent(
                side,
                (s, g) -> new PickupState.Gap(
                        g.found(), g.read(), g.moved() - raised * perTurn, g.afterMoves(), false, false));
    }

    private void lowered(boolean out) {
        down.clear();
        if (!out) return;
        for (int p = 0; p < spec.fittings().pickups().size(); p++)
            for (Pickup.Side side : Pickup.Side.values()) down.add(new SideOf(p, side));
    }

    /** Other strings are on: every gap is read again. */
    private void restrung() {
        gaps.forEach((pickup, sides) -> sides.keySet().forEach(side -> restrung.add(new SideOf(pickup, side))));
        levels.clear();
    }

    private double saddle(Pickup.Side side, SetupEstimate estimate) {
        return estimate.saddleHeight(side == Pickup.Side.BASS ? spec.bassString() : 1)
                .mean();
    }

    @Override
    public PickupState state(Setups setups) {
        double last = spec.line().scale().crown(spec.frets());
        Map<Integer, Map<Pickup.Side, PickupState.Gap>> now = new TreeMap<>();
        gaps.forEach((pickup, sides) -> {
            Map<Pickup.Side, PickupState.Gap> moved = new EnumMap<>(Pickup.Side.class);
            double x = spec.fittings().pickups().get(pickup).place().along() * spec.scaleLength();
            // pressed at the last fret the string turns about its crown when the saddle rises
            double share = Math.max(0, (x - last) / (spec.line().saddle() - last));
            sides.forEach((side, g) -> moved.put(
                    side,
                    new PickupState.Gap(
                            g.found(),
                            g.read(),
                            g.moved()
                                    + share * (saddle(side, setups.now()) - saddle(side, setups.after(g.afterMoves()))),
                            g.afterMoves(),
                            g.stayed(),
                            down.contains(new SideOf(pickup, side)) || restrung.contains(new SideOf(pickup, side)))));
            now.put(pickup, Map.copyOf(moved));
        });
        return new PickupState(
                Map.copyOf(now), Map.copyOf(signs), Map.copyOf(levels), perTurn, learned, !down.isEmpty());
    }
}
