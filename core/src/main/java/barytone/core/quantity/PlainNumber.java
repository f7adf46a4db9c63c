package barytone.core.quantity;

/** A plain number as it is typed, with a comma or a point and any kind of minus. */
public final class PlainNumber {
    private PlainNumber() {}

    /**
     * Reads a number.
     *
     * @param allowed what may be typed, for the error
     * @throws barytone.core.quantity.OutOfRangeException when it is none
     */
    public static double parse(String field, String typed, String allowed) {
        try {
            return Double.parseDouble(typed.strip().replace(',', '.').replace('−', '-'));
        } catch (NumberFormatException e) {
            throw Allowed.broken(field, "“" + typed.strip() + "”", allowed);
        }
    }
}
