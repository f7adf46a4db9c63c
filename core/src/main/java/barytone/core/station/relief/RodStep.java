package barytone.core.station.relief;

import barytone.core.estimate.Normal;
import barytone.core.job.Topic;
import barytone.core.quantity.Turns;
import org.jspecify.annotations.Nullable;

/**
 * Rod turns between two looks at the relief, and what they did.
 *
 * @param turn the last turn of the step, by its place in the log
 * @param net clockwise
 * @param change measured change of relief, in mm of the standard habit; null until read
 */
public record RodStep(long turn, Turns net, @Nullable Normal change) {
    /** Measured change per full turn clockwise, in mm of the standard habit. */
    public @Nullable Normal perTurn() {
        return change == null || net.isZero() ? null : change.times(1 / net.value());
    }

    /** The topic of which way the rod works, as this step told it: once said it is not asked again for it. */
    public Topic wayTopic() {
        return Topic.of("rod-way", turn);
    }
}
