package barytone.core.hours;

import barytone.core.quantity.Allowed;
import java.time.DayOfWeek;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * When the shop works at its bench.
 *
 * @param week stretches of each day of the week, in order and apart from each other; a day without any is closed
 * @param closed days on which it is closed all the same
 * @param capacity share of these hours that is worked at the bench: the rest is customers, telephone and what nobody planned; 0.1 to 1
 * @param buffer working hours that are kept between the day that is likely enough and what is promised, 0 to 40
 */
public record ShopHours(Map<DayOfWeek, List<Stretch>> week, Set<LocalDate> closed, double capacity, double buffer) {
    /** Part of a day. */
    public record Stretch(LocalTime from, LocalTime to) {
        public Stretch {
            if (!from.isBefore(to))
                throw Allowed.broken(
                        "hours", from + " to " + to, "a stretch that ends after it begins, on the same day");
        }
    }

    private static final List<Stretch> USUAL_DAY = List.of(
            new Stretch(LocalTime.of(9, 0), LocalTime.of(12, 30)),
            new Stretch(LocalTime.of(13, 30), LocalTime.of(17, 30)));

    /** Monday to Friday, nine to half past five with an hour at noon. */
    public static final ShopHours USUAL = new ShopHours(
            Map.of(
                    DayOfWeek.MONDAY, USUAL_DAY,
                    DayOfWeek.TUESDAY, USUAL_DAY,
                    DayOfWeek.WEDNESDAY, USUAL_DAY,
                    DayOfWeek.THURSDAY, USUAL_DAY,
                    DayOfWeek.FRIDAY, USUAL_DAY),
            Set.of(),
            0.7,
            1);

    public ShopHours {
        Map<DayOfWeek, List<Stretch>> days = new EnumMap<>(DayOfWeek.class);
        week.forEach((day, stretches) -> {
            List<Stretch> ordered = stretches.stream()
                    .sorted(Comparator.comparing(Stretch::from))
                    .toList();
            for (int i = 1; i < ordered.size(); i++)
                if (ordered.get(i).from().isBefore(ordered.get(i - 1).to()))
                    throw Allowed.broken(
                            "hours",
                            ordered.get(i - 1) + " and " + ordered.get(i) + " on " + day,
                            "stretches that do not overlap");
            if (!ordered.isEmpty()) days.put(day, ordered);
        });
        if (days.isEmpty())
            throw Allowed.broken("hours", "no stretch on any day", "one on at least one day of the week");
        week = Map.copyOf(days);
        closed = Set.copyOf(closed);
        Allowed.number("capacity", capacity, 0.1, 1, "of the hours");
        Allowed.number("buffer", buffer, 0, 40, "hours");
    }

    /** The same with other closed days. */
    public ShopHours closedOn(Set<LocalDate> days) {
        return new ShopHours(week, days, capacity, buffer);
    }

    /** The stretches of a day; none when it is closed. */
    public List<Stretch> on(LocalDate day) {
        return closed.contains(day) ? List.of() : week.getOrDefault(day.getDayOfWeek(), List.of());
    }

    /** The stretches of some days as moments of a zone: what a change of the clocks takes from a day is not worked. */
    public Axis axis(Instant from, int days, ZoneId zone) {
        List<long[]> stretches = new ArrayList<>();
        LocalDate first = LocalDate.ofInstant(from, zone);
        long ended = Long.MIN_VALUE;
        for (int i = 0; i < days; i++) {
            LocalDate day = first.plusDays(i);
            for (Stretch stretch : on(day)) {
                // times that a clock which is put forward leaves out are moved, into the next stretch it may be
                long begin =
                        Math.max(ended, day.atTime(stretch.from()).atZone(zone).toEpochSecond());
                long end = day.atTime(stretch.to()).atZone(zone).toEpochSecond();
                if (end <= begin) continue;
                stretches.add(new long[] {begin, end});
                ended = end;
            }
        }
        return new Axis(stretches);
    }

    /** Working time laid out over the days ahead; moments are in seconds of the epoch. */
    public static final class Axis {
        private final long[] from;
        private final long[] to;
        /** Working seconds before each stretch. */
        private final double[] before;

        private Axis(List<long[]> stretches) {
            int n = stretches.size();
            from = new long[n];
            to = new long[n];
            before = new double[n + 1];
            for (int i = 0; i < n; i++) {
                from[i] = stretches.get(i)[0];
                to[i] = stretches.get(i)[1];
                before[i + 1] = before[i] + to[i] - from[i];
            }
        }

        /** Working seconds until a moment. */
        public double worked(double moment) {
            int at = stretchEndingAfter(moment);
            if (at == from.length) return before[at];
            return before[at] + Math.max(0, moment - from[at]);
        }

        /** The moment at which so many working seconds have passed; infinite beyond the last day. */
        public double moment(double worked) {
            int low = 0;
            int high = from.length;
            while (low < high) {
                int middle = (low + high) >>> 1;
                if (before[middle + 1] < worked - 1e-6) low = middle + 1;
                else high = middle;
            }
            return low == from.length ? Double.POSITIVE_INFINITY : from[low] + (worked - before[low]);
        }

        /** The first moment, not before this one, at which somebody works; infinite beyond the last day. */
        public double open(double moment) {
            int at = stretchEndingAfter(moment);
            return at == from.length ? Double.POSITIVE_INFINITY : Math.max(moment, from[at]);
        }

        private int stretchEndingAfter(double moment) {
            int low = 0;
            int high = to.length;
            while (low < high) {
                int middle = (low + high) >>> 1;
                if (to[middle] <= moment) low = middle + 1;
                else high = middle;
            }
            return low;
        }
    }
}
