package barytone.core.hours;

import barytone.core.quantity.Allowed;
import java.time.DayOfWeek;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Arrays;
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
        return new Axis(this, LocalDate.ofInstant(from, zone), days, zone);
    }

    /** Working time laid out over the days ahead, as far as it is asked for; moments are in seconds of the epoch. */
    public static final class Axis {
        /** Days that are laid out at once. */
        private static final int AT_ONCE = 14;

        private final ShopHours hours;
        private final ZoneId zone;
        private final LocalDate first;
        private final int days;
        private volatile Laid laid = new Laid(0, new long[0], new long[0], new double[1]);

        /**
         * What is laid out.
         *
         * @param before working seconds before each stretch, and behind the last
         */
        private record Laid(int days, long[] from, long[] to, double[] before) {
            double worked() {
                return before[from.length];
            }

            /** How many of the stretches are over by then. */
            int over(double moment) {
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

        private Axis(ShopHours hours, LocalDate first, int days, ZoneId zone) {
            this.hours = hours;
            this.first = first;
            this.days = days;
            this.zone = zone;
        }

        /** More than was seen, unless that was all. */
        private synchronized Laid further(Laid seen) {
            if (laid != seen) return laid;
            int n = seen.from.length;
            int until = Math.min(days, seen.days + AT_ONCE);
            List<long[]> more = new ArrayList<>();
            long ended = n == 0 ? Long.MIN_VALUE : seen.to[n - 1];
            for (int i = seen.days; i < until; i++) {
                LocalDate day = first.plusDays(i);
                for (Stretch stretch : hours.on(day)) {
                    // times that a clock which is put forward leaves out are moved, into the next stretch it may be
                    long begin = Math.max(
                            ended, day.atTime(stretch.from()).atZone(zone).toEpochSecond());
                    long end = day.atTime(stretch.to()).atZone(zone).toEpochSecond();
                    if (end <= begin) continue;
                    more.add(new long[] {begin, end});
                    ended = end;
                }
            }
            long[] from = Arrays.copyOf(seen.from, n + more.size());
            long[] to = Arrays.copyOf(seen.to, from.length);
            double[] before = Arrays.copyOf(seen.before, from.length + 1);
            for (int i = n; i < from.length; i++) {
                from[i] = more.get(i - n)[0];
                to[i] = more.get(i - n)[1];
                before[i + 1] = before[i] + to[i] - from[i];
            }
            laid = new Laid(until, from, to, before);
            return laid;
        }

        private Laid beyond(double moment) {
            Laid far = laid;
            while (far.days < days && far.over(moment) == far.to.length) far = further(far);
            return far;
        }

        /** Working seconds until a moment. */
        public double worked(double moment) {
            Laid far = beyond(moment);
            int at = far.over(moment);
            if (at == far.to.length) return far.worked();
            return far.before[at] + Math.max(0, moment - far.from[at]);
        }

        /** The moment at which so many working seconds have passed; infinite beyond the last day. */
        public double moment(double worked) {
            Laid far = laid;
            while (far.days < days && (far.from.length == 0 || far.worked() < worked - 1e-6)) far = further(far);
            int low = 0;
            int high = far.from.length;
            while (low < high) {
                int middle = (low + high) >>> 1;
                if (far.before[middle + 1] < worked - 1e-6) low = middle + 1;
                else high = middle;
            }
            return low == far.from.length ? Double.POSITIVE_INFINITY : far.from[low] + (worked - far.before[low]);
        }

        /** The first moment, not before this one, at which somebody works; infinite beyond the last day. */
        public double open(double moment) {
            Laid far = beyond(moment);
            int at = far.over(moment);
            return at == far.to.length ? Double.POSITIVE_INFINITY : Math.max(moment, far.from[at]);
        }
    }
}
