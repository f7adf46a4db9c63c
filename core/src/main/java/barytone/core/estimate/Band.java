package barytone.core.estimate;

import barytone.core.quantity.Allowed;

/**
 * A target band of a quantity, in mm.
 *
 * @param low lower end
 * @param high upper end, above the lower one
 */
public record Band(double low, double high) {
    /** A quantity is stale when its sd exceeds this share of the band's width. */
    public static final double STALE_SHARE = 1.0 / 3;

    private static final double LEAST_WIDTH = 0.02;

    public Band {
        if (!Double.isFinite(low) || !Double.isFinite(high) || !(low < high))
            throw Allowed.broken("target", low + " to " + high, "a lower end below the upper end");
    }

    /**
     * As wide as this one, around another value.
     *
     * @param least it does not begin below; a band that would be left too narrow ends a little above, mm
     */
    public Band around(double value, double least) {
        double from = Math.max(least, value - width() / 2);
        return new Band(from, Math.max(value + width() / 2, from + LEAST_WIDTH));
    }

    public double middle() {
        return (low + high) / 2;
    }

    public double width() {
        return high - low;
    }

    /** In band at 0.9 and more, out of it at 0.1 and less, else the readings cannot tell. */
    public Verdict verdict(Normal quantity) {
        double in = quantity.between(low, high);
        if (in >= 0.9) return Verdict.IN;
        if (in <= 0.1) return quantity.mean() > middle() ? Verdict.HIGH : Verdict.LOW;
        return Verdict.CANNOT_TELL;
    }

    /** Whether a quantity is known too loosely to judge it by this band. */
    public boolean stale(Normal quantity) {
        return quantity.sd() > STALE_SHARE * width();
    }

    /** How far a value is outside, in mm: negative below, positive above, 0 inside. */
    public double outside(double value) {
        return value < low ? value - low : value > high ? value - high : 0;
    }
}
