package barytone.core.station.pickups;

import barytone.core.buzz.Hint;
import barytone.core.buzz.SeenElsewhere;
import barytone.core.job.JobState;
import barytone.core.pickup.Pickup;
import barytone.core.pickup.PickupSign;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * What follows from the log about the pickups, counted from the neck.
 *
 * @param gaps last read per pickup and side, string pressed at the last fret
 * @param signs what each pickup showed when it was looked at
 * @param levels loudness in dB against full scale per pickup and string, since the pickup was last moved
 * @param perTurn how far a turn raises, mm
 * @param learned whether that was learned on this instrument
 * @param lowered out of the way for the setup, until every gap was read again or they were brought back
 */
public record PickupState(
        Map<Integer, Map<Pickup.Side, Gap>> gaps,
        Map<Integer, List<PickupSign>> signs,
        Map<Integer, Map<Integer, Double>> levels,
        double perTurn,
        boolean learned,
        boolean lowered)
        implements JobState.Heard, SeenElsewhere {
    /** Of a job. */
    public static PickupState of(JobState job) {
        return job.room(PickupState.class);
    }

    @Override
    public boolean any() {
        return !gaps.isEmpty();
    }

    /** A gap predicted to have changed by this much is read again, mm. */
    private static final double STALE = 0.12;

    /**
     * The gap on one side.
     *
     * @param found mm; null when it was first read after the first move
     * @param read last, mm
     * @param moved what it is expected to have changed since
     * @param afterMoves how many moves had been made on the job when it was read
     * @param stayed its last turn did nothing
     * @param lowered the pickup was lowered out of the way, or the strings over it replaced, since
     */
    public record Gap(
            @Nullable Double found, double read, double moved, int afterMoves, boolean stayed, boolean lowered) {
        /** Expected now, mm. */
        public double now() {
            return read + moved;
        }

        /** Whether it must be read again. */
        public boolean stale() {
            return lowered || Math.abs(moved) > STALE;
        }
    }

    /** A gap is read to this, mm (1 sd). */
    private static final double READ = 0.09;

    /** A promised change comes to this share of it (1 sd): with a usual spring, and with what was learned here. */
    private static final double USUAL_SHARE = 0.35;

    private static final double LEARNED_SHARE = 0.15;

    /** A gap under this lets the strings touch, or pulls at them, mm. */
    private static final double NEAR = 1.5;

    @Override
    public Set<Hint> known() {
        boolean near = gaps.values().stream()
                .flatMap(sides -> sides.values().stream())
                .anyMatch(gap -> !gap.stale() && gap.now() < NEAR);
        boolean shows = signs.values().stream().flatMap(List::stream).anyMatch(PickupSign::tooNear);
        return near || shows ? Set.of(Hint.PICKUP_NEAR) : Set.of();
    }

    /** How far a gap that is reckoned may be off, mm (1 sd). */
    public double spread(Gap gap) {
        return Math.hypot(READ, (learned ? LEARNED_SHARE : USUAL_SHARE) * gap.moved());
    }

    /** The gap of a side. */
    public Optional<Gap> gap(int pickup, Pickup.Side side) {
        Map<Pickup.Side, Gap> sides = gaps.get(pickup);
        return sides == null ? Optional.empty() : Optional.ofNullable(sides.get(side));
    }
}
