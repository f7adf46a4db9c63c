package barytone.core.job;

import barytone.core.estimate.Band;
import barytone.core.neck.GapMethod;
import org.jspecify.annotations.Nullable;

/**
 * One of the few figures that are kept of an instrument from visit to visit, always in the same way of reading.
 *
 * @param code names the quantity for good, as in {@code action-12-bass}
 * @param label what it is called
 * @param method how its gap is read; null when it is no gap
 * @param found as found; null when it was not read before anything was moved
 * @param left as left; null when it was not read
 * @param band where it was wanted; null when nothing was
 */
public record Figure(
        String code,
        String label,
        Measure measure,
        @Nullable GapMethod method,
        @Nullable Value found,
        @Nullable Value left,
        @Nullable Band band) {
    /** What its values count. */
    public enum Measure {
        /** Gaps as small as relief and nut slots, mm. */
        SMALL_GAP,
        /** Gaps as large as action, mm. */
        GAP,
        /** Cents against the open string, sharp positive. */
        CENTS,
        /** Turns clockwise. */
        TURNS
    }

    /**
     * A value of it.
     *
     * @param value in mm, cents or turns
     * @param sd how well it is known (1 sd)
     * @param read whether it stands as it was read; otherwise it is reckoned from what was read otherwise, or before a move
     */
    public record Value(double value, double sd, boolean read) {}
}
