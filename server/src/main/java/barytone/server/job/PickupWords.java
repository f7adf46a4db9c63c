package barytone.server.job;

import barytone.core.job.JobState;
import barytone.core.pickup.Pickup;
import barytone.core.quantity.LengthUnit;
import barytone.core.quantity.Turns;
import barytone.core.quantity.Units;
import barytone.core.station.pickups.PickupAdvice;
import barytone.core.station.pickups.PickupState;
import java.util.ArrayList;
import java.util.List;

/** What is said of pickups. */
final class PickupWords {
    private final JobState state;
    private final LengthUnit unit;

    PickupWords(JobState state, Units units) {
        this.state = state;
        this.unit = units.pickups();
    }

    String label(int pickup) {
        return Words.sentence(
                state.spec().fittings().pickups().get(pickup).place().label());
    }

    /** The gaps of some pickups, as they are asked for. */
    String gaps(List<Integer> pickups) {
        return String.join(
                " and the ",
                pickups.stream()
                        .map(p ->
                                state.spec().fittings().pickups().get(p).place().label())
                        .toList());
    }

    Said turn(PickupAdvice.TurnPickup t) {
        Pickup pickup = state.spec().fittings().pickups().get(t.step().pickup());
        List<JobView.StepView> steps = new ArrayList<>();
        step(steps, pickup, "Bass side", t.step().bass());
        step(steps, pickup, "Treble side", t.step().treble());
        boolean up = steps.stream().anyMatch(s -> s.amount().contains("raises"));
        boolean down = steps.stream().anyMatch(s -> s.amount().contains("lowers"));
        return Said.move(
                (up && down ? "Set" : up ? "Raise" : "Lower") + " the "
                        + pickup.place().label(),
                List.of(
                        Words.sentence(pickup.mounting().label()) + ": clockwise "
                                + (pickup.mounting().clockwiseRaises() ? "raises" : "lowers") + " it.",
                        "A turn gives "
                                + unit.showWithUnit(PickupState.of(state).perTurn())
                                + (PickupState.of(state).learned() ? ", learned here." : ", usual, not learned yet."),
                        "A little more gap on the bass side than on the treble side, then equal loudness by ear or by level."),
                "A steel ruler jumps to the magnets: use one that is not magnetic, and hold it fast.",
                steps,
                "Turned");
    }

    private static void step(List<JobView.StepView> steps, Pickup pickup, String where, Turns clockwise) {
        if (clockwise.isZero()) return;
        boolean raises = clockwise.sixteenths() > 0 == pickup.mounting().clockwiseRaises();
        steps.add(new JobView.StepView(
                where, ToneWords.turned(clockwise) + ", " + (raises ? "raises" : "lowers"), "", null));
    }

    Said tired(PickupAdvice.TiredSpring t) {
        return Said.plain(
                "look",
                label(t.pickup()) + " does not follow its screw",
                List.of(
                        "Tired foam or spring: the screw turns, the pickup stays. Renew it, then read the gap again.",
                        "Held where it should be by hand for now, it would move again some day."),
                null);
    }
}
