package barytone.server.job;

import barytone.core.quantity.Allowed;
import barytone.core.quantity.Length;
import barytone.core.quantity.LengthUnit;
import barytone.core.quantity.PlainNumber;
import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import org.jspecify.annotations.Nullable;

/** Numbers and days as they were typed, checked against what is allowed. */
public final class Typed {
    private Typed() {}

    /** A length in mm; nothing at all may be typed as a bare 0. */
    public static double mm(String text, LengthUnit unit) {
        return text.strip().equals("0") ? 0 : Length.parse(text, unit).mm();
    }

    /** A length in mm, from least to most. */
    public static double mm(String field, String text, LengthUnit unit, double least, double most) {
        return Allowed.number(field, mm(text, unit), least, most, "mm");
    }

    /** A signed length in mm, at most so far either way. */
    public static double change(String field, String text, LengthUnit unit, double most) {
        String clean = text.strip().replace('−', '-');
        boolean minus = clean.startsWith("-");
        String bare = minus || clean.startsWith("+") ? clean.substring(1).strip() : clean;
        double mm = mm(bare, unit);
        return Allowed.number(field, minus ? -mm : mm, -most, most, "mm");
    }

    /** Cents, or another plain number. */
    public static double number(String field, String text, double least, double most) {
        String number = text.replaceFirst("\\s*(c|ct|cents?)\\s*$", "");
        return Allowed.number(
                field, PlainNumber.parse(field, number, "a number such as 3, +1.5 or -2"), least, most, "");
    }

    /** A day as in 2031-02-06; null when nothing was typed. */
    static @Nullable LocalDate day(String field, @Nullable String text) {
        if (text == null || text.isBlank()) return null;
        try {
            return LocalDate.parse(text.strip());
        } catch (DateTimeParseException e) {
            throw Allowed.broken(field, "“" + text.strip() + "”", "a day as in 2031-02-06");
        }
    }
}
