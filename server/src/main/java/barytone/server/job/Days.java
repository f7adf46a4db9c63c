package barytone.server.job;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.Locale;

/** Days as the shop speaks of them, in its own zone; times are stored in UTC. */
public final class Days {
    private static final DateTimeFormatter WEEKDAY = DateTimeFormatter.ofPattern("EEEE d MMMM", Locale.ENGLISH);
    private static final DateTimeFormatter FAR = DateTimeFormatter.ofPattern("EEEE d MMMM uuuu", Locale.ENGLISH);
    private static final DateTimeFormatter PLAIN = DateTimeFormatter.ofPattern("d MMMM uuuu", Locale.ENGLISH);

    private static final DateTimeFormatter TIME = DateTimeFormatter.ofPattern("HH:mm", Locale.ENGLISH);

    private Days() {}

    /** The shop's zone. */
    public static ZoneId zone() {
        return ZoneId.systemDefault();
    }

    /** The day of a moment. */
    public static LocalDate of(Instant moment) {
        return LocalDate.ofInstant(moment, zone());
    }

    /** A day near by: Thursday 6 February. */
    static String spoken(LocalDate day) {
        return WEEKDAY.format(day);
    }

    /** A moment near by: Thursday 6 February, 09:24. */
    static String spokenWithTime(Instant moment) {
        return spoken(of(moment)) + ", " + TIME.format(moment.atZone(zone()));
    }

    /** A day that may be of another year: Thursday 6 February 2031. */
    public static String withYear(LocalDate day) {
        return FAR.format(day);
    }

    /** A day on record: 6 February 2031. */
    public static String onRecord(Instant moment) {
        return PLAIN.format(of(moment));
    }
}
