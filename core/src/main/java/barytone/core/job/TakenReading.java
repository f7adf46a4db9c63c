package barytone.core.job;

import barytone.core.estimate.Normal;
import barytone.core.neck.GapMethod;
import barytone.core.reading.Evidence;
import java.time.Instant;
import org.jspecify.annotations.Nullable;

/**
 * A reading in its place in the job.
 *
 * @param expected what the estimate expected of it just before, in mm of its own method
 * @param early taken before the neck had settled after a turn
 * @param afterMoves how many moves had been made before it
 * @param unturned the entry of the height screws that seem not to have been turned, for this is what was read before; null otherwise
 */
public record TakenReading(
        long seq,
        Instant at,
        JobEvent.ReadingTaken reading,
        Evidence evidence,
        Normal expected,
        ReadingStatus status,
        boolean early,
        int afterMoves,
        @Nullable Long unturned) {
    /** So many standard deviations from what was expected are no chance any more. */
    private static final double FAR = 4;

    /** … and so many are looked at twice where it is about filing more. */
    private static final double HIGHER = 2;

    TakenReading with(ReadingStatus other) {
        return new TakenReading(seq, at, reading, evidence, expected, other, early, afterMoves, unturned);
    }

    public int string() {
        return reading.string();
    }

    public GapMethod method() {
        return reading.method();
    }

    /** The station that it belongs to. */
    public Station station() {
        return Station.of(reading.method());
    }

    /** What was read, in mm of its own method: the number, the middle of a bracket or the limit. */
    public double mm() {
        return reading.gap().shown();
    }

    /** The smallest difference that this reading could tell, mm: the step of its tool, or half of its bracket. */
    public double sees() {
        return Math.max(reading.tool().sees(), reading.gap().halfWidth());
    }

    /**
     * Whether it is far from what was expected just before, though it was believed: another one like it then is as expected, and confirms it. Nothing
     * irreversible rests on such a reading alone. That there is no gap says so little that it is never that far off.
     */
    public boolean unforeseen() {
        return !noGap() && Math.abs(mm() - expected.mean()) > FAR * Math.hypot(expected.sd(), evidence.sd());
    }

    /**
     * Whether it was read after a move, and is higher than was expected just before by more than chance does now and then. A file takes off and never puts on: what stands higher after it than it should
     * is looked at twice before more is filed.
     */
    public boolean higherThanForeseen() {
        return !noGap() && afterMoves > 0 && mm() - expected.mean() > HIGHER * Math.hypot(expected.sd(), evidence.sd());
    }

    /** Whether the gauge found nothing: how far beyond is unknown. */
    public boolean noGap() {
        return Evidence.noGap(reading.gap(), reading.method());
    }
}
