package barytone.core.quantity;

import java.util.Locale;

/** Hundredths of an equal-tempered semitone: the measure of how far one frequency is from another. */
public final class Cents {
    /** Cents per unit of the natural logarithm of a ratio. */
    public static final double PER_LOG = 1200 / Math.log(2);

    private Cents() {}

    /** How far a frequency is above another, {@code 1200 log2(f / from)}; negative below. */
    public static double above(double from, double frequency) {
        return PER_LOG * Math.log(frequency / from);
    }

    /** The ratio of frequencies that lie so many cents apart. */
    public static double ratio(double cents) {
        return Math.exp(cents / PER_LOG);
    }

    /** Cents as they are shown: one decimal, with their sign. */
    public static String signed(double cents) {
        return withSign(cents, String.format(Locale.ROOT, "%.1f", Math.abs(cents)));
    }

    /** Cents where a forecast is good to one at best: whole, with their sign. */
    public static String signedWhole(double cents) {
        return withSign(cents, String.format(Locale.ROOT, "%.0f", Math.abs(cents)));
    }

    private static String withSign(double cents, String size) {
        // what is shown as nothing is neither sharp nor flat
        return Double.parseDouble(size) == 0 ? size : (cents < 0 ? "−" : "+") + size;
    }
}
