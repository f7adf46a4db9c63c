package barytone.core.wait;

import barytone.core.quantity.Allowed;
import java.time.DateTimeException;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** When a wait is over, as it is typed: {@code 20 min}, {@code 3 h}, {@code 4 d}, {@code 16:30}, {@code tomorrow}, {@code 2031-02-06}, {@code 2031-02-06 10:00}. */
public final class WaitEnd {
    private static final Pattern LENGTH =
            Pattern.compile("(\\d{1,5}(?:[.,]\\d{1,2})?)\\s*(min|minutes?|m|h|hours?|d|days?|w|weeks?)?");
    private static final Pattern TIME = Pattern.compile("(\\d{1,2})[:.](\\d{2})");
    private static final Pattern DAY = Pattern.compile("(\\d{4}-\\d{2}-\\d{2})(?:[ T]+(\\d{1,2}[:.]\\d{2}))?");

    /** What is over on a day is over when the day begins at the bench. */
    private static final LocalTime MORNING = LocalTime.of(9, 0);

    private static final String ALLOWED =
            "a time to come: 20 min, 3 h, 4 d, 16:30, tomorrow, 2031-02-06 or 2031-02-06 10:00";

    private WaitEnd() {}

    /**
     * Reads it.
     *
     * @throws barytone.core.quantity.OutOfRangeException when it cannot be read, has passed, or is more than a year ahead
     */
    public static Instant parse(String text, Instant now, ZoneId zone) {
        String typed = text.strip().toLowerCase(Locale.ROOT);
        Instant end;
        try {
            end = read(typed, now, zone);
        } catch (DateTimeException | ArithmeticException e) {
            throw Allowed.broken("until", "“" + text.strip() + "”", ALLOWED);
        }
        if (!end.isAfter(now)) throw Allowed.broken("until", "“" + text.strip() + "”, which has passed", ALLOWED);
        if (Duration.between(now, end).compareTo(Wait.LONGEST) > 0)
            throw Allowed.broken("until", "“" + text.strip() + "”", "at most a year ahead");
        return end;
    }

    private static Instant read(String typed, Instant now, ZoneId zone) {
        LocalDate today = LocalDate.ofInstant(now, zone);
        if (typed.equals("tomorrow") || typed.equals("overnight"))
            return today.plusDays(1).atTime(MORNING).atZone(zone).toInstant();
        Matcher day = DAY.matcher(typed);
        if (day.matches()) {
            LocalTime time = day.group(2) == null ? MORNING : time(day.group(2));
            return LocalDate.parse(day.group(1)).atTime(time).atZone(zone).toInstant();
        }
        if (TIME.matcher(typed).matches()) {
            Instant then = today.atTime(time(typed)).atZone(zone).toInstant();
            return then.isAfter(now)
                    ? then
                    : today.plusDays(1).atTime(time(typed)).atZone(zone).toInstant();
        }
        Matcher length = LENGTH.matcher(typed);
        if (!length.matches()) throw new DateTimeException(typed);
        double number = Double.parseDouble(length.group(1).replace(',', '.'));
        String unit = length.group(2) == null ? "min" : length.group(2);
        double minutes = number
                * switch (unit.charAt(0)) {
                    case 'h' -> 60;
                    case 'd' -> 24 * 60;
                    case 'w' -> 7 * 24 * 60;
                    default -> 1;
                };
        return now.plusSeconds(Math.round(minutes * 60));
    }

    private static LocalTime time(String typed) {
        Matcher time = TIME.matcher(typed);
        if (!time.matches()) throw new DateTimeException(typed);
        return LocalTime.of(Integer.parseInt(time.group(1)), Integer.parseInt(time.group(2)));
    }
}
