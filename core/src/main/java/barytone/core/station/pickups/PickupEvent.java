package barytone.core.station.pickups;

import barytone.core.job.JobDefaults;
import barytone.core.job.JobEvent;
import barytone.core.pickup.Pickup;
import barytone.core.pickup.PickupSign;
import barytone.core.pickup.PickupTarget;
import barytone.core.quantity.Turns;
import java.util.List;

/** What happened at the pickups. */
public sealed interface PickupEvent extends JobEvent {
    /**
     * The gap between string and pickup was read, pressed at the last fret.
     *
     * @param pickup from the neck, 0 first
     * @param gap mm
     */
    record PickupRead(int pickup, Pickup.Side side, double gap, String typed) implements PickupEvent {}

    /** The wanted pickup gaps were chosen. */
    record PickupTargetSet(PickupTarget target) implements PickupEvent, Choosing {
        @Override
        public JobDefaults chosen(JobDefaults before) {
            return before.choosing(target);
        }
    }

    /** Pickup screws were turned, clockwise as the screwdriver sees it. */
    record PickupTurned(int pickup, Turns bass, Turns treble) implements PickupEvent {}

    /** What a pickup shows was noted; an empty list is a good one. */
    record PickupChecked(int pickup, List<PickupSign> signs) implements PickupEvent {
        public PickupChecked {
            signs = List.copyOf(signs);
        }
    }

    /** Pickups were lowered out of the way for the setup, or brought back. */
    record PickupsLowered(boolean down) implements PickupEvent {}

    /** The loudness of a string over a pickup was heard, in dB against full scale. */
    record LevelHeard(int pickup, int string, double decibels) implements PickupEvent {}
}
