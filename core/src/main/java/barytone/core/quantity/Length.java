package barytone.core.quantity;

/**
 * A finite length, held in millimetres.
 *
 * @param mm the length in mm; may be negative (back-bow, a fall); never NaN or infinite
 */
public record Length(double mm) implements Comparable<Length> {
    public Length {
        if (!Double.isFinite(mm)) throw new IllegalArgumentException("a length must be a finite number, not " + mm);
    }

    /** A length of so many mm. */
    public static Length ofMm(double mm) {
        return new Length(mm);
    }

    /** The double nearest to {@code value} units, converted exactly: 12 thou is 0.3048 mm to the last digit. */
    public static Length of(java.math.BigDecimal value, LengthUnit unit) {
        return new Length(value.multiply(unit.exactMm()).doubleValue());
    }

    /** Reads one length as a technician types it; see {@link LengthText}. */
    public static Length parse(String text, LengthUnit bareUnit) {
        return switch (LengthText.parse(text, bareUnit)) {
            case LengthText.Exact exact -> exact.length();
            case LengthText.Bracket bracket ->
                throw new LengthTextException("“" + text.strip() + "” is a bracket, but one length is wanted here: "
                        + bareUnit.showWithUnit(bracket.goes().mm()) + " for instance");
        };
    }

    @Override
    public int compareTo(Length other) {
        return Double.compare(mm, other.mm);
    }

    @Override
    public String toString() {
        return LengthUnit.MM.showWithUnit(mm);
    }
}
