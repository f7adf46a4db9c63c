package barytone.core.hours;

import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.List;

/**
 * When an instrument can be fetched.
 *
 * @param part of the day
 */
public record Promise(LocalDate day, Part part) implements Comparable<Promise> {
    /** Half a day. */
    public enum Part {
        NOON("noon"),
        EVENING("evening");

        private final String label;

        Part(String label) {
            this.label = label;
        }

        /** What it is called after the day. */
        public String label() {
            return label;
        }
    }

    /** Before this the first half of a day ends. */
    private static final LocalTime NOON = LocalTime.of(13, 0);

    /** On a day without hours, when it was promised all the same. */
    private static final LocalTime SUPPER = LocalTime.of(18, 0);

    /** The moment by which it is to be done: the end of the last stretch of that half of the day. */
    public Instant due(ShopHours hours, ZoneId zone) {
        List<ShopHours.Stretch> day = hours.on(this.day);
        LocalTime end = day.isEmpty() ? SUPPER : day.getLast().to();
        LocalTime noon = day.stream()
                .map(ShopHours.Stretch::to)
                .filter(to -> !to.isAfter(NOON))
                .reduce((first, last) -> last)
                .orElse(NOON);
        return this.day.atTime(part == Part.NOON ? noon : end).atZone(zone).toInstant();
    }

    /** The first half day whose end is not before a moment, on a day that is open. */
    public static Promise notBefore(Instant moment, ShopHours hours, ZoneId zone) {
        LocalDate day = LocalDate.ofInstant(moment, zone);
        for (int i = 0; i < 800; i++, day = day.plusDays(1)) {
            List<ShopHours.Stretch> stretches = hours.on(day);
            if (stretches.isEmpty()) continue;
            for (Part part : Part.values()) {
                boolean any = part == Part.EVENING || stretches.stream().anyMatch(s -> !s.to().isAfter(NOON));
                Promise promise = new Promise(day, part);
                if (any && !promise.due(hours, zone).isBefore(moment)) return promise;
            }
        }
        throw new IllegalStateException("no open day after " + moment);
    }

    @Override
    public int compareTo(Promise other) {
        int days = day.compareTo(other.day);
        return days != 0 ? days : part.compareTo(other.part);
    }
}
