package barytone.core.joblog;

import barytone.core.estimate.Normal;
import barytone.core.reading.Evidence;
import java.time.Instant;

/**
 * A reading in its place in the job.
 *
 * @param expected what the estimate expected of it just before, in mm of its own method
 * @param early taken before the neck had settled after a turn
 * @param afterMoves how many moves had been made before it
 */
public record TakenReading(
        long seq,
        Instant at,
        JobEvent.ReadingTaken reading,
        Evidence evidence,
        Normal expected,
        ReadingStatus status,
        boolean early,
        int afterMoves) {
    TakenReading with(ReadingStatus other) {
        return new TakenReading(seq, at, reading, evidence, expected, other, early, afterMoves);
    }
}
