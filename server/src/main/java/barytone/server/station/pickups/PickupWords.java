package barytone.server.station.pickups;

import barytone.core.advice.Advice;
import barytone.core.job.JobState;
import barytone.core.job.Station;
import barytone.core.job.Topic;
import barytone.core.pickup.Pickup;
import barytone.core.pickup.PickupSign;
import barytone.core.quantity.Cents;
import barytone.core.quantity.LengthUnit;
import barytone.core.quantity.Turns;
import barytone.core.station.pickups.PickupAdvice;
import barytone.core.station.pickups.PickupEvent;
import barytone.core.station.pickups.PickupState;
import barytone.server.job.JobView;
import barytone.server.job.RoomVoice;
import barytone.server.job.Said;
import barytone.server.job.Words;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** What is said of pickups. */
public final class PickupWords extends RoomVoice<PickupAdvice, PickupEvent> {
    private final JobState state;
    private final LengthUnit unit;
    private final Words words;

    PickupWords(JobState state, Words words) {
        super(Station.PICKUPS, PickupAdvice.class, PickupEvent.class);
        this.state = state;
        this.unit = words.units().pickups();
        this.words = words;
    }

    @Override
    protected Said said(PickupAdvice advice) {
        return switch (advice) {
            case PickupAdvice.TurnPickup t -> turn(t);
            case PickupAdvice.TiredSpring t -> tired(t);
        };
    }

    @Override
    protected String rule(PickupAdvice advice) {
        return switch (advice) {
            case PickupAdvice.TurnPickup ignored -> "Pickups come last: their gaps follow every height.";
            case PickupAdvice.TiredSpring ignored -> "A pickup that does not follow its screw cannot be set.";
        };
    }

    @Override
    protected @Nullable String decline(PickupAdvice advice) {
        return switch (advice) {
            case PickupAdvice.TurnPickup ignored -> "Leave this pickup";
            case PickupAdvice.TiredSpring ignored -> "Leave it so";
            default -> null;
        };
    }

    @Override
    protected String line(PickupEvent event) {
        return switch (event) {
            case PickupEvent.PickupRead e ->
                pickup(e.pickup())
                        + (e.side() == Pickup.Side.BASS ? ", bass side: " : ", treble side: ")
                        + Words.typed(e.typed(), words.units().pickups(), e.gap());
            case PickupEvent.PickupTargetSet ignored -> "Pickup gaps wanted: set by hand";
            case PickupEvent.PickupTurned e ->
                pickup(e.pickup()) + side(", bass ", e.bass()) + side(", treble ", e.treble());
            case PickupEvent.PickupChecked e ->
                pickup(e.pickup()) + ": "
                        + (e.signs().isEmpty()
                                ? "good"
                                : String.join(
                                        ", ",
                                        e.signs().stream()
                                                .map(PickupSign::label)
                                                .toList()));
            case PickupEvent.PickupsLowered e -> e.down() ? "Pickups lowered out of the way" : "Pickups brought back";
            case PickupEvent.LevelHeard e ->
                pickup(e.pickup()) + ", string " + e.string() + ": " + Cents.signed(e.decibels()) + " dB";
        };
    }

    @Override
    protected Said reading(Advice.Measure m, List<String> why, boolean first) {
        why.add(
                "Press the string at the last fret; from its underside to pole or cover, with a ruler that is not magnetic.");
        return Said.reading(
                "measure",
                (first ? "Read the gaps of the " : "Read again the gaps of the ") + gaps(m.strings()),
                why,
                List.of(),
                null);
    }

    @Override
    protected String suffix() {
        return words.units().pickups().suffix();
    }

    @Override
    protected String subject() {
        return "The pickup height";
    }

    @Override
    protected String standing() {
        return "";
    }

    @Override
    protected List<String> onRecord() {
        return PickupState.of(state).lowered() ? List.of("The pickups are still lowered: bring them back.") : List.of();
    }

    @Override
    public String targetLabel() {
        return "the usual gaps of each kind";
    }

    @Override
    protected Optional<String> topic(Topic topic) {
        return topic.is(PickupAdvice.TurnPickup.KIND) || topic.is(PickupAdvice.TiredSpring.KIND)
                ? Optional.of("a pickup")
                : Optional.empty();
    }

    private String pickup(int pickup) {
        List<Pickup> there = state.spec().fittings().pickups();
        return pickup < there.size() ? Words.sentence(there.get(pickup).place().label()) : "Pickup";
    }

    private static String side(String side, Turns turns) {
        return turns.isZero() ? "" : side + Words.clockwise(turns);
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
        List<Turns> turns = List.of(t.step().bass(), t.step().treble());
        boolean up = turns.stream().anyMatch(turn -> raises(pickup, turn));
        boolean down = turns.stream().anyMatch(turn -> !turn.isZero() && !raises(pickup, turn));
        return Said.move(
                        (up && down ? "Set" : up ? "Raise" : "Lower") + " the "
                                + pickup.place().label(),
                        List.of(
                                Words.sentence(pickup.mounting().label()) + ": clockwise "
                                        + (pickup.mounting().clockwiseRaises() ? "raises" : "lowers") + " it.",
                                "A turn gives "
                                        + unit.showWithUnit(
                                                PickupState.of(state).perTurn())
                                        + (PickupState.of(state).learned()
                                                ? ", learned here."
                                                : ", usual, not learned yet."),
                                "A little more gap on the bass side than on the treble side, then equal loudness by ear or by level."),
                        "A steel ruler jumps to the magnets: use one that is not magnetic, and hold it fast.",
                        steps,
                        "Turned")
                .otherwise("turned", List.of(t.step().pickup()));
    }

    private static void step(List<JobView.StepView> steps, Pickup pickup, String where, Turns clockwise) {
        if (clockwise.isZero()) return;
        steps.add(new JobView.StepView(
                where, Words.clockwise(clockwise), raises(pickup, clockwise) ? "raises" : "lowers", "", null));
    }

    private static boolean raises(Pickup pickup, Turns clockwise) {
        return !clockwise.isZero()
                && clockwise.sixteenths() > 0 == pickup.mounting().clockwiseRaises();
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
