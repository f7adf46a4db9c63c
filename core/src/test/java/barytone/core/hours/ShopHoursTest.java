package barytone.core.hours;

import static barytone.core.hours.WallClock.ZONE;
import static barytone.core.hours.WallClock.at;
import static barytone.core.hours.WallClock.open;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import barytone.core.quantity.OutOfRangeException;
import java.time.DayOfWeek;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.time.ZoneId;
import java.time.ZonedDateTime;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

/** Working time laid out over the calendar, against a clock that is walked minute by minute; and the half days that are promised. */
class ShopHoursTest {
    /** Days over both changes of the clocks and a turn of the year. */
    private static final List<String> BEGINNINGS = List.of("2031-03-27", "2031-10-23", "2030-12-27", "2032-02-27");

    /** Hours as a shop may have them: some days closed, some with a stretch through the night of the change. */
    private static ShopHours some(Random random, LocalDate near) {
        Map<DayOfWeek, List<ShopHours.Stretch>> week = new EnumMap<>(DayOfWeek.class);
        for (DayOfWeek day : DayOfWeek.values()) {
            List<ShopHours.Stretch> stretches = new ArrayList<>();
            int quarter = random.nextInt(40);
            while (quarter < 90 && random.nextInt(3) > 0) {
                int end = quarter + 1 + random.nextInt(95 - quarter);
                stretches.add(new ShopHours.Stretch(
                        LocalTime.MIN.plusMinutes(15L * quarter), LocalTime.MIN.plusMinutes(15L * end)));
                quarter = end + random.nextInt(20);
            }
            week.put(day, stretches);
        }
        if (week.values().stream().allMatch(List::isEmpty)) return ShopHours.USUAL;
        Set<LocalDate> closed = new HashSet<>();
        for (int i = 0; i < 3; i++) closed.add(near.plusDays(random.nextInt(9)));
        return new ShopHours(week, closed, 0.5, 0);
    }

    /** Open on one day of the week alone. */
    private static ShopHours on(DayOfWeek day, ShopHours.Stretch... stretches) {
        return new ShopHours(Map.of(day, List.of(stretches)), Set.of(), 1, 0);
    }

    @Test
    void countsTheMinutesThatAClockOnTheWallWouldCount() {
        Random random = new Random(7);
        for (String beginning : BEGINNINGS)
            for (int shop = 0; shop < 12; shop++) {
                LocalDate first = LocalDate.parse(beginning);
                ShopHours hours = some(random, first);
                ZonedDateTime clock = first.atStartOfDay(ZONE);
                ShopHours.Axis axis = hours.axis(clock.toInstant(), 8, ZONE);
                double worked = 0;
                for (int minute = 0; minute < 7 * 24 * 60; minute++, clock = clock.plusMinutes(1)) {
                    if (minute % 7 == 0)
                        assertThat(axis.worked(clock.toEpochSecond()))
                                .as("%s at %s", hours.week(), clock)
                                .isCloseTo(worked, within(1.0));
                    if (open(hours, clock)) worked += 60;
                }
            }
    }

    @Test
    void findsTheMomentAtWhichSoMuchIsWorkedAndTheNextAtWhichSomebodyWorks() {
        Random random = new Random(8);
        for (int shop = 0; shop < 200; shop++) {
            LocalDate first = LocalDate.parse(BEGINNINGS.get(shop % BEGINNINGS.size()));
            ShopHours hours = some(random, first);
            double begin = first.atStartOfDay(ZONE).toEpochSecond();
            ShopHours.Axis axis = hours.axis(Instant.ofEpochSecond((long) begin), 30, ZONE);
            for (int i = 0; i < 50; i++) {
                double now = begin + random.nextInt(20 * 24 * 3600);
                double more = random.nextInt(6 * 3600);
                double then = axis.moment(axis.worked(now) + more);
                assertThat(axis.worked(then)).isCloseTo(axis.worked(now) + more, within(1e-3));
                double open = axis.open(now);
                assertThat(open).isGreaterThanOrEqualTo(now);
                // nothing was missed until then, and from then on it counts
                assertThat(axis.worked(open)).isEqualTo(axis.worked(now));
                assertThat(axis.worked(open + 1)).isEqualTo(axis.worked(open) + 1);
            }
        }
    }

    @Test
    void countsNoHourTwiceWhereTheClockIsPutForwardOverTheEndOfAStretch() {
        // two to half past two does not exist that night; half past three is the same moment as the end of what does
        // not
        ShopHours night = on(
                DayOfWeek.SUNDAY,
                new ShopHours.Stretch(LocalTime.of(2, 0), LocalTime.of(2, 30)),
                new ShopHours.Stretch(LocalTime.of(3, 10), LocalTime.of(4, 0)));
        ShopHours.Axis axis = night.axis(at("2031-03-30T00:00:00"), 1, ZONE);
        assertThat(axis.worked(at("2031-03-30T06:00:00").getEpochSecond())).isEqualTo(3600.0);
        assertThat(axis.moment(40 * 60)).isEqualTo(at("2031-03-30T03:40:00").getEpochSecond());
    }

    @Test
    void saysTheSameWhoeverAsksFirstAndHoweverFarAhead() {
        double begin = at("2031-02-03T00:00:00").getEpochSecond();
        ShopHours.Axis known = ShopHours.USUAL.axis(at("2031-02-03T00:00:00"), 240, ZONE);
        known.worked(begin + 300 * 24 * 3600.0);
        for (int turn = 0; turn < 50; turn++) {
            ShopHours.Axis axis = ShopHours.USUAL.axis(at("2031-02-03T00:00:00"), 240, ZONE);
            // several windows ask for the same queue at once
            IntStream.range(0, 300).parallel().forEach(i -> {
                double moment = begin + (i * 7919 % 250) * 24 * 3600.0 + 11 * 3600;
                double worked = known.worked(moment);
                assertThat(axis.worked(moment)).isEqualTo(worked);
                assertThat(axis.moment(worked)).isEqualTo(known.moment(worked));
                assertThat(axis.open(moment)).isEqualTo(known.open(moment));
            });
        }
    }

    @Test
    void isBeyondTheLastDayForWorkThatDoesNotFit() {
        ShopHours.Axis axis = ShopHours.USUAL.axis(at("2031-02-03T00:00:00"), 5, ZONE);
        double week = 5 * 7.5 * 3600;
        assertThat(axis.worked(at("2031-02-09T12:00:00").getEpochSecond())).isEqualTo(week);
        assertThat(axis.moment(week)).isEqualTo(at("2031-02-07T17:30:00").getEpochSecond());
        assertThat(axis.moment(week + 1)).isInfinite();
        assertThat(axis.open(at("2031-02-07T17:30:00").getEpochSecond())).isInfinite();
    }

    @Test
    void offersTheFirstHalfDayWhoseEndIsNotOver() {
        List<Promise> offered = Arrays.stream(new String[] {
                    "2031-02-07T12:30:00", "2031-02-07T12:30:01", "2031-02-07T17:30:00", "2031-02-07T17:30:01"
                })
                .map(now -> Promise.notBefore(at(now), ShopHours.USUAL, ZONE))
                .toList();
        LocalDate friday = LocalDate.parse("2031-02-07");
        assertThat(offered)
                .containsExactly(
                        new Promise(friday, Promise.Part.NOON),
                        new Promise(friday, Promise.Part.EVENING),
                        new Promise(friday, Promise.Part.EVENING),
                        // the shop is closed over the weekend
                        new Promise(friday.plusDays(3), Promise.Part.NOON));
    }

    @Test
    void offersNoNoonWhereNothingEndsThen() {
        ShopHours afternoons = on(DayOfWeek.FRIDAY, new ShopHours.Stretch(LocalTime.of(12, 0), LocalTime.of(20, 0)));
        Promise evening = new Promise(LocalDate.parse("2031-02-07"), Promise.Part.EVENING);
        assertThat(Promise.notBefore(at("2031-02-07T08:00:00"), afternoons, ZONE))
                .isEqualTo(evening);
        assertThat(evening.due(afternoons, ZONE)).isEqualTo(at("2031-02-07T20:00:00"));
        // promised for noon all the same, before the hours changed: one o'clock
        assertThat(new Promise(evening.day(), Promise.Part.NOON).due(afternoons, ZONE))
                .isEqualTo(at("2031-02-07T13:00:00"));
        assertThat(new Promise(evening.day(), Promise.Part.NOON)).isLessThan(evening);
    }

    @Test
    void aPromiseIsDueWhereverTheOfferedHalfDayEnds() {
        Random random = new Random(9);
        for (int i = 0; i < 300; i++) {
            LocalDate first = LocalDate.parse(BEGINNINGS.get(i % BEGINNINGS.size()));
            ShopHours hours = some(random, first);
            Instant now = first.atStartOfDay(ZONE).toInstant().plusSeconds(random.nextInt(5 * 24 * 3600));
            Promise offered = Promise.notBefore(now, hours, ZONE);
            assertThat(hours.on(offered.day())).isNotEmpty();
            assertThat(offered.due(hours, ZONE)).isAfterOrEqualTo(now);
            // no day before it, on which work still ends after now
            for (LocalDate day = LocalDate.ofInstant(now, ZONE); day.isBefore(offered.day()); day = day.plusDays(1))
                for (ShopHours.Stretch stretch : hours.on(day))
                    assertThat(day.atTime(stretch.to()).atZone(ZONE).toInstant())
                            .as("%s offered at %s", offered, now)
                            .isBefore(now);
        }
    }

    @Test
    void theDayOnWhichTheClocksChangeIsAnHourShorter() {
        // open through the night in which the clocks go forward at two
        ShopHours night = on(DayOfWeek.SUNDAY, new ShopHours.Stretch(LocalTime.of(0, 0), LocalTime.of(4, 0)));
        ShopHours.Axis axis = night.axis(at("2031-03-29T12:00:00"), 4, ZONE);
        assertThat(axis.worked(at("2031-03-30T23:00:00").getEpochSecond())).isEqualTo(3 * 3600.0);
        assertThat(axis.moment(2 * 3600.0)).isEqualTo(at("2031-03-30T03:00:00").getEpochSecond());
    }

    @Test
    void aMachineInAnotherZoneMovesNoHourAndNoPromise() {
        Promise evening = new Promise(LocalDate.parse("2031-02-06"), Promise.Part.EVENING);
        for (String zone : List.of("Europe/Copenhagen", "Pacific/Auckland", "America/St_Johns"))
            assertThat(evening.due(ShopHours.USUAL, ZoneId.of(zone))
                            .atZone(ZoneId.of(zone))
                            .toLocalDateTime())
                    .isEqualTo(LocalDateTime.parse("2031-02-06T17:30:00"));
        // on a day that was closed since, what was promised stays promised
        ShopHours closed = ShopHours.USUAL.closedOn(Set.of(evening.day()));
        assertThat(evening.due(closed, ZONE)).isEqualTo(at("2031-02-06T18:00:00"));
    }

    @Test
    void hoursThatLeaveNoTimeOrOverlapAreRefused() {
        assertThatThrownBy(() -> new ShopHours(Map.of(DayOfWeek.MONDAY, List.of()), Set.of(), 1, 0))
                .isInstanceOf(OutOfRangeException.class)
                .hasMessageContaining("at least one day");
        assertThatThrownBy(() -> new ShopHours.Stretch(LocalTime.of(9, 0), LocalTime.of(9, 0)))
                .hasMessageContaining("ends after it begins");
        assertThatThrownBy(() -> new ShopHours(
                        Map.of(
                                DayOfWeek.MONDAY,
                                List.of(
                                        new ShopHours.Stretch(LocalTime.of(9, 0), LocalTime.of(12, 0)),
                                        new ShopHours.Stretch(LocalTime.of(11, 0), LocalTime.of(15, 0)))),
                        Set.of(),
                        1,
                        0))
                .hasMessageContaining("do not overlap");
    }
}
