package barytone.server.station.pickups;

import barytone.core.pickup.Pickup;
import barytone.core.pickup.PickupSign;
import barytone.server.job.Stands;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** The pickups station. */
public record PickupsView(
        String suffix,
        String method,
        List<PickupView> pickups,
        boolean lowered,
        String perTurn,
        List<SignView> signs,
        PickupTargetView target,
        List<String> remarks) {
    /** The wanted gaps by how strongly a pickup pulls. */
    public record PickupTargetView(
            TypedGap usualBass, TypedGap usualTreble, TypedGap strongBass, TypedGap strongTreble) {}

    public record TypedGap(String low, String high) {}

    /** One pickup, counted from the neck. */
    public record PickupView(
            int pickup,
            String label,
            String kind,
            List<GapRow> gaps,
            List<PickupSign> signs,
            List<LevelView> levels,
            List<String> balance) {}

    /**
     * A side of a pickup.
     *
     * @param now what was read while it stands, what is reckoned after a move
     * @param spread of what is reckoned (1 sd); null while it was read so
     * @param note the reading before the move; null while it stands
     */
    public record GapRow(
            Pickup.Side side,
            String label,
            @Nullable String found,
            @Nullable String now,
            boolean reckoned,
            @Nullable String spread,
            @Nullable String note,
            String target,
            Stands verdict,
            String verdictText) {}

    public record SignView(PickupSign sign, String label, String remedy) {}

    /**
     * A string heard through a pickup.
     *
     * @param text dB against the mean of the strings there; null while it was not heard
     */
    public record LevelView(
            int string, String name, @Nullable String text) {}
}
