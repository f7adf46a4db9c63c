package barytone.core.quantity;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.List;

/**
 * A unit that lengths are typed and shown in. Inside the core every length is a double in millimetres; a unit is used only
 * where a technician types or reads a number.
 */
public enum LengthUnit {
    /** Millimetres, shown to 0.01. */
    MM("mm", "mm", "1"),
    /** Thousandths of an inch (0.0254 mm), shown to 0.5 below thirty and to 1 above. */
    THOU("thou", "thou", "0.0254"),
    /** 64ths of an inch (0.396875 mm), shown to a quarter of a 64th: {@code 5/64-}, {@code 5/64}, {@code 5/64+}, {@code 5½/64}. */
    IN64("in64", "in", "0.396875"),
    /** 32nds of an inch (0.79375 mm), shown like 64ths but reduced to 32nds where they are whole. */
    IN32("in32", "in", "0.79375"),
    /** Whole inches, for radii, shown to 0.01. */
    INCH("inch", "in", "25.4");

    private static final double THOU_FINE_BELOW = 30;

    private final String code;
    private final String suffix;
    private final BigDecimal mm;

    LengthUnit(String code, String suffix, String mm) {
        this.code = code;
        this.suffix = suffix;
        this.mm = new BigDecimal(mm);
    }

    /** The name used in addresses and stored settings: {@code mm}, {@code thou}, {@code in64}, {@code in32}. */
    public String code() {
        return code;
    }

    /** What stands behind a number shown in this unit: {@code mm}, {@code thou} or {@code in}; over a column stands {@link #heading}. */
    public String suffix() {
        return suffix;
    }

    /** What stands over a column of numbers, or names a field to type one in: a bare 4 under it is 4 of these. */
    public String heading() {
        return switch (this) {
            case MM, THOU -> suffix;
            case IN64 -> "64ths";
            case IN32 -> "32nds";
            case INCH -> "inches";
        };
    }

    /**
     * A number as it was typed without a unit, with this one behind it: {@code 4} of 64ths is {@code 4/64 in}.
     *
     * @param typed a bare number, in 64ths and 32nds with a quarter over or under: {@code 4}, {@code 5+}
     */
    public String named(String typed) {
        String below = switch (this) {
            case IN64 -> "/64";
            case IN32 -> "/32";
            case MM, THOU, INCH -> "";
        };
        boolean quarter = typed.endsWith("+") || typed.endsWith("-");
        String number = quarter ? typed.substring(0, typed.length() - 1) : typed;
        return number + below + typed.substring(number.length()) + " " + suffix;
    }

    /** The exact length of one unit in millimetres. */
    public BigDecimal exactMm() {
        return mm;
    }

    /**
     * The unit with this code.
     *
     * @throws IllegalArgumentException for any other text; the message lists what is allowed
     */
    public static LengthUnit ofCode(String code) {
        for (LengthUnit unit : values()) {
            if (unit.code.equals(code)) return unit;
        }
        throw new NotAllowedException("unit “" + code + "” is not known; allowed are mm, thou, in64, in32, inch");
    }

    /**
     * Shows a length in this unit, without the suffix. Rounding happens here and nowhere else, so that rounded numbers are
     * never computed with.
     *
     * @param lengthMm a finite length in mm
     */
    public String show(double lengthMm) {
        // a message about a value that is no length must still be able to show it
        if (!Double.isFinite(lengthMm)) return String.valueOf(lengthMm);
        return switch (this) {
            case MM -> decimal(lengthMm, 2);
            case THOU -> thou(lengthMm / 0.0254);
            case IN64 -> sixtyFourths(lengthMm, false);
            case IN32 -> sixtyFourths(lengthMm, true);
            case INCH -> trimmed(lengthMm / 25.4);
        };
    }

    /** Shows a length in this unit followed by its suffix, for instance {@code 0.36 mm} or {@code 5/64+ in}. */
    public String showWithUnit(double lengthMm) {
        return show(lengthMm) + " " + suffix;
    }

    /**
     * Shows the sum of lengths as the sum of what is shown of each: leaves marked 39 and 31 make 70, whatever a thousandth of a millimetre adds.
     *
     * @param lengthsMm in mm
     */
    public String showSum(List<Double> lengthsMm) {
        double step = switch (this) {
            case MM -> 0.01;
            case THOU -> 0.5 * 0.0254;
            case IN64, IN32 -> 0.396875 / 4;
            case INCH -> 0.254;
        };
        double sum = 0;
        for (double mm : lengthsMm) {
            boolean whole = this == THOU && Math.abs(mm) / 0.0254 >= THOU_FINE_BELOW && show(mm).indexOf('.') < 0;
            double marked = whole ? 2 * step : step;
            sum += Math.rint(mm / marked) * marked;
        }
        return show(sum);
    }

    /** Shows a change with its sign: {@code +0.12}, {@code −0.26}, {@code 0.00}. */
    public String showChange(double lengthMm) {
        String text = show(lengthMm);
        return !shows(lengthMm) || lengthMm < 0 ? text : "+" + text;
    }

    /** Whether a length is more than nothing as this unit shows it. */
    public boolean shows(double lengthMm) {
        return show(lengthMm).chars().anyMatch(c -> c >= '1' && c <= '9');
    }

    private static String trimmed(double value) {
        String text = decimal(value, 2);
        return text.contains(".") ? text.replaceAll("\\.?0+$", "") : text;
    }

    private static String decimal(double value, int places) {
        BigDecimal rounded = BigDecimal.valueOf(value).setScale(places, RoundingMode.HALF_EVEN);
        String text = rounded.abs().toPlainString();
        return rounded.signum() < 0 ? "−" + text : text;
    }

    private static String thou(double value) {
        double halves = Math.rint(value * 2) / 2;
        // a half that was read is not rounded away, however large the number
        boolean readSo = Math.abs(value - halves) < 1e-6;
        if (Math.abs(value) >= THOU_FINE_BELOW && !readSo) return decimal(value, 0);
        return halves == Math.rint(halves) ? decimal(halves, 0) : decimal(halves, 1);
    }

    private static String sixtyFourths(double lengthMm, boolean reduce) {
        long quarters = Math.round(Math.abs(lengthMm) / 0.396875 * 4);
        if (quarters == 0) return "0";
        String sign = lengthMm < 0 ? "−" : "";
        long whole = quarters / 4;
        return sign
                + switch ((int) (quarters % 4)) {
                    case 0 -> over(whole, reduce);
                    case 1 -> whole == 0 ? "¼/64" : over(whole, reduce) + "+";
                    case 2 -> (whole == 0 ? "" : String.valueOf(whole)) + "½/64";
                    default -> over(whole + 1, reduce) + "-";
                };
    }

    private static String over(long n64, boolean reduce) {
        return reduce && n64 % 2 == 0 ? n64 / 2 + "/32" : n64 + "/64";
    }
}
