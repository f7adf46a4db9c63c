package barytone.core.estimate;

import org.apache.commons.numbers.gamma.Erfc;

/**
 * A normally distributed quantity.
 *
 * @param mean in the quantity's unit
 * @param sd standard deviation in the same unit, 0 or more
 */
public record Normal(double mean, double sd) {
    public Normal {
        if (!Double.isFinite(mean) || !(sd >= 0) || Double.isInfinite(sd))
            throw new IllegalArgumentException("not a distribution: mean " + mean + ", sd " + sd);
    }

    /** The probability of a value at or below x. */
    public double below(double x) {
        if (sd == 0) return x >= mean ? 1 : 0;
        return 0.5 * Erfc.value(-(x - mean) / (sd * Math.sqrt(2)));
    }

    /** The probability of a value between two limits. */
    public double between(double low, double high) {
        return Math.max(0, below(high) - below(low));
    }

    /** The same quantity multiplied by a factor. */
    public Normal times(double factor) {
        return new Normal(mean * factor, sd * Math.abs(factor));
    }
}
