package barytone.core.hours;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.time.ZoneId;
import java.time.ZonedDateTime;

/** The clock on a shop's wall, walked minute by minute: the slow way to what the hours reckon. */
public final class WallClock {
    public static final ZoneId ZONE = ZoneId.of("Europe/Copenhagen");

    private WallClock() {}

    public static Instant at(String local) {
        return LocalDateTime.parse(local).atZone(ZONE).toInstant();
    }

    /** Whether somebody works in a minute; where the clock is put forward or back, from the moment of the beginning to that of the end. */
    public static boolean open(ShopHours hours, ZonedDateTime minute) {
        LocalDate day = minute.toLocalDate();
        LocalTime wall = minute.toLocalTime();
        boolean changes =
                Duration.between(day.atStartOfDay(ZONE), day.plusDays(1).atStartOfDay(ZONE))
                                .toHours()
                        != 24;
        return hours.on(day).stream()
                .anyMatch(s -> changes
                        ? !minute.isBefore(day.atTime(s.from()).atZone(ZONE))
                                && minute.isBefore(day.atTime(s.to()).atZone(ZONE))
                        : !wall.isBefore(s.from()) && wall.isBefore(s.to()));
    }

    /** Working minutes between two moments. */
    public static int worked(ShopHours hours, Instant from, Instant to) {
        int minutes = 0;
        for (ZonedDateTime minute = from.atZone(ZONE); minute.toInstant().isBefore(to); minute = minute.plusMinutes(1))
            if (open(hours, minute)) minutes++;
        return minutes;
    }
}
