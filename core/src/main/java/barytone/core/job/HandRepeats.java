package barytone.core.job;

import barytone.core.reading.Tool;

/**
 * What gaps that were read again have told of a hand.
 *
 * @param count how many repeats counted, those of coarse tools for less
 * @param squares sum of their squared deviations, mm²
 */
public record HandRepeats(double count, double squares) {
    /** Before anything is read again. */
    public static final HandRepeats NONE = new HandRepeats(0, 0);

    /** The usual spread counts as so many repeats. */
    private static final double USUAL_COUNTS = 6;

    /** No hand is known to be better than this, mm, nor taken to be worse than that. */
    private static final double BEST = 0.008;

    private static final double WORST = 0.03;

    /** Both together. */
    public HandRepeats plus(HandRepeats other) {
        return new HandRepeats(count + other.count, squares + other.squares);
    }

    /** Spread of the same hand at the same gap, mm (1 sd); near the usual one while little is known. */
    public double spread() {
        double usual = USUAL_COUNTS * Tool.REPEATABILITY * Tool.REPEATABILITY;
        return Math.clamp(Math.sqrt((usual + squares) / (USUAL_COUNTS + count)), BEST, WORST);
    }
}
