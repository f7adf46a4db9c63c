package barytone.server.day;

import barytone.core.quantity.NotAllowedException;
import biweekly.Biweekly;
import biweekly.ICalendar;
import biweekly.component.VEvent;
import biweekly.util.ICalDate;
import biweekly.util.com.google.ical.compat.javautil.DateIterator;
import java.time.Duration;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.TimeZone;
import java.util.TreeSet;
import org.jspecify.annotations.Nullable;

/**
 * Days of a calendar file on which the shop is closed.
 *
 * @param days from today on, at most two years ahead
 * @param refused what could not be taken, in words
 */
record ClosedDays(Set<LocalDate> days, List<String> refused) {
    private static final int YEARS = 2;

    /** A file that goes on for ever is not followed for ever. */
    private static final int MOST = 2000;

    /**
     * Reads a calendar file.
     *
     * @throws NotAllowedException when it holds no calendar
     */
    static ClosedDays read(String text, LocalDate today, ZoneId zone) {
        List<ICalendar> calendars = Biweekly.parse(text).all();
        if (calendars.isEmpty())
            throw new NotAllowedException("No calendar in this file: it begins with BEGIN:VCALENDAR.");
        Set<LocalDate> days = new TreeSet<>();
        List<String> refused = new ArrayList<>();
        LocalDate last = today.plusYears(YEARS);
        for (ICalendar calendar : calendars)
            for (VEvent event : calendar.getEvents()) {
                String refusal = take(event, today, last, zone, days);
                if (refusal != null) refused.add(name(event) + ": " + refusal);
            }
        return new ClosedDays(days, List.copyOf(refused));
    }

    private static String name(VEvent event) {
        return event.getSummary() == null || event.getSummary().getValue() == null
                ? "an event"
                : "“" + event.getSummary().getValue() + "”";
    }

    /** @return why it was not taken; null when it was */
    private static @Nullable String take(
            VEvent event, LocalDate today, LocalDate last, ZoneId zone, Set<LocalDate> days) {
        if (event.getDateStart() == null || event.getDateStart().getValue() == null) return "it has no day";
        ICalDate start = event.getDateStart().getValue();
        ICalDate end = event.getDateEnd() == null ? null : event.getDateEnd().getValue();
        // a whole day has no zone; a time is of the zone of the file, or of here
        ZoneId its = start.hasTime() ? zone : ZoneId.systemDefault();
        LocalDate first = LocalDate.ofInstant(start.toInstant(), its);
        long length = end == null ? (start.hasTime() ? 0 : 1) : wholeDays(start, end, its);
        if (length < 1) return "it is shorter than a day";
        if (end != null && end.before(start)) return "it ends before it begins";
        boolean any = false;
        boolean past = true;
        int seen = 0;
        DateIterator dates = event.getDateIterator(TimeZone.getTimeZone(its));
        while (dates.hasNext() && seen++ < MOST) {
            LocalDate day = LocalDate.ofInstant(dates.next().toInstant(), its);
            if (day.isAfter(last)) break;
            for (long i = 0; i < Math.min(length, MOST); i++) {
                LocalDate one = day.plusDays(i);
                if (one.isAfter(last)) break;
                if (one.isBefore(today)) continue;
                past = false;
                any |= days.add(one);
            }
        }
        if (seen == 0 && !first.isBefore(today)) days.add(first);
        return past && !any ? "it has passed" : null;
    }

    private static long wholeDays(ICalDate start, ICalDate end, ZoneId zone) {
        if (start.hasTime())
            return Duration.between(start.toInstant(), end.toInstant()).toHours() / 24;
        return ChronoUnit.DAYS.between(
                LocalDate.ofInstant(start.toInstant(), zone), LocalDate.ofInstant(end.toInstant(), zone));
    }
}
