package barytone.core.quantity;

import java.util.Locale;

/** The checks at the edge of the mathematics: wrong input is named, with what was given and what is allowed. */
public final class Allowed {
    private Allowed() {}

    /** Checks that a number is finite and in a range, both ends included. */
    public static double number(String field, double given, double least, double most, String unit) {
        if (!(given >= least && given <= most))
            throw broken(field, plain(given), plain(least) + " to " + plain(most) + (unit.isEmpty() ? "" : " " + unit));
        return given;
    }

    /** Checks that a whole number is in a range, both ends included. */
    public static int whole(String field, int given, int least, int most) {
        if (given < least || given > most) throw broken(field, given, least + " to " + most);
        return given;
    }

    /** The error for a field that is not as allowed. */
    public static OutOfRangeException broken(String field, Object given, String allowed) {
        return new OutOfRangeException(
                field, given instanceof Enum<?> name ? spelt(name) : String.valueOf(given), allowed);
    }

    /** A name as it is told and sent: small letters, words joined with hyphens. */
    public static String spelt(Enum<?> name) {
        return name.name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    /** A number without needless zeros. */
    public static String plain(double number) {
        return number == Math.rint(number) && Math.abs(number) < 1e15
                ? String.valueOf((long) number)
                : String.valueOf(number);
    }
}
