package barytone.core.station.pickups;

import barytone.core.advice.Advice;
import barytone.core.job.JobEvent;
import barytone.core.job.JobState;
import barytone.core.job.Station;
import barytone.core.job.Topic;
import barytone.core.quantity.Turns;
import java.util.Optional;

/** Advice of the pickups. */
public sealed interface PickupAdvice extends Advice {
    @Override
    default Station station() {
        return Station.PICKUPS;
    }

    /** Bring pickups nearer or farther. */
    record TurnPickup(Step step) implements PickupAdvice {
        /** The kind of topic by which it is declined. */
        public static final String KIND = "pickup";

        /**
         * One pickup.
         *
         * @param bass clockwise turns of the screw on that side as the screwdriver sees it
         * @param treble the same
         */
        public record Step(int pickup, Turns bass, Turns treble) {}

        @Override
        public Topic topic() {
            return Topic.of(KIND, step.pickup());
        }

        @Override
        public Optional<JobEvent> becomes(JobState job) {
            return Optional.of(event());
        }

        /** What is noted when it was done as advised. */
        public JobEvent event() {
            return new PickupEvent.PickupTurned(step.pickup(), step.bass(), step.treble());
        }
    }

    /** A pickup does not follow its screw. */
    record TiredSpring(int pickup) implements PickupAdvice {
        /** The kind of topic by which it is declined. */
        public static final String KIND = "spring";

        @Override
        public Topic topic() {
            return Topic.of(KIND, pickup);
        }
    }
}
