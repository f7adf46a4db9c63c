package barytone.core.promise;

import static barytone.core.hours.WallClock.ZONE;
import static barytone.core.hours.WallClock.at;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import barytone.core.hours.Promise;
import barytone.core.hours.ShopHours;
import barytone.core.worktime.Minutes;
import barytone.core.worktime.Piece;
import java.time.Instant;
import java.time.LocalDate;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;

/** Promises from the queue: hours, order, waits, and what a year of them comes to. */
class BenchQueueTest {
    private static final ShopHours HOURS = new ShopHours(ShopHours.USUAL.week(), Set.of(), 1, 0);

    private static Piece work(double minutes) {
        return new Piece.Work(new Minutes(Math.log(minutes), 0), 1);
    }

    private static Piece rest(double minutes) {
        return new Piece.Rest(minutes, null);
    }

    private static Queued job(long id, @Nullable Instant due, Piece... pieces) {
        return new Queued(id, List.of(pieces), due, at("2031-02-03T08:00:00").plusSeconds(id), true);
    }

    private static BenchQueue queue(ShopHours hours, String now, Queued... jobs) {
        return new BenchQueue(List.of(jobs), hours, ZONE, at(now), 0, Surprises.NONE);
    }

    private static double[] finishes(BenchQueue queue, long id) {
        return Objects.requireNonNull(queue.finishes(200, 1).get(id));
    }

    private static double middle(BenchQueue queue, long id) {
        return finishes(queue, id)[100];
    }

    @Test
    void workStopsAtNoonAndOverNight() {
        // an hour before the evening, and two of work
        BenchQueue queue = queue(HOURS, "2031-02-03T16:30:00", job(1, null, work(120)));
        assertThat(middle(queue, 1))
                .isBetween((double) at("2031-02-04T09:20:00").getEpochSecond(), (double)
                        at("2031-02-04T10:40:00").getEpochSecond());
        BenchQueue noon = queue(HOURS, "2031-02-03T12:00:00", job(1, null, work(60)));
        assertThat(middle(noon, 1)).isCloseTo(at("2031-02-03T14:00:00").getEpochSecond(), within(15 * 60.0));
    }

    @Test
    void aWaitRunsBesideOtherWorkAndOverNight() {
        BenchQueue queue =
                queue(HOURS, "2031-02-03T09:00:00", job(1, null, rest(16 * 60), work(30)), job(2, null, work(60)));
        assertThat(middle(queue, 2)).isLessThan(at("2031-02-03T11:00:00").getEpochSecond());
        // the wait ends at one in the night: nobody works then
        assertThat(middle(queue, 1)).isCloseTo(at("2031-02-04T09:30:00").getEpochSecond(), within(15 * 60.0));
    }

    @Test
    void whatHasLeastSlackIsNextAndOfTwoAlikeWhatStartsAWait() {
        Instant tonight = at("2031-02-03T17:30:00");
        Instant later = at("2031-02-06T17:30:00");
        assertThat(queue(
                                HOURS,
                                "2031-02-03T09:00:00",
                                job(1, null, work(60)),
                                job(2, later, work(60)),
                                job(3, tonight, work(60)))
                        .order())
                .containsExactly(3L, 2L, 1L);
        assertThat(queue(
                                HOURS,
                                "2031-02-03T09:00:00",
                                job(1, later, work(30), work(50)),
                                job(2, later, work(30), rest(10), work(45)))
                        .order())
                .containsExactly(2L, 1L);
        // what waits is not next
        assertThat(queue(HOURS, "2031-02-03T09:00:00", job(1, tonight, rest(60), work(10)), job(2, null, work(60)))
                        .order())
                .containsExactly(2L);
    }

    @Test
    void oneThatGoesFirstHoldsUpTheOthers() {
        BenchQueue queue = queue(
                HOURS,
                "2031-02-03T09:00:00",
                job(1, at("2031-02-03T12:30:00"), work(150)),
                job(2, at("2031-02-10T17:30:00"), work(180)));
        Instant due = at("2031-02-03T12:30:00");
        Map<Long, double[]> usual = queue.finishes(200, 1);
        Map<Long, double[]> other = queue.finishesWith(2, 200, 1);
        assertThat(BenchQueue.chance(Objects.requireNonNull(usual.get(1L)), due))
                .isGreaterThan(0.8);
        assertThat(BenchQueue.chance(Objects.requireNonNull(other.get(1L)), due))
                .isLessThan(0.2);
    }

    @Test
    void closedDaysAreNotOfferedAndABufferIsKept() {
        ShopHours closed = HOURS.closedOn(Set.of(LocalDate.parse("2031-02-04"), LocalDate.parse("2031-02-05")));
        BenchQueue queue = queue(closed, "2031-02-03T17:00:00", job(1, null, work(60)));
        assertThat(queue.first(finishes(queue, 1), 0.9))
                .isEqualTo(new Promise(LocalDate.parse("2031-02-06"), Promise.Part.NOON));
        ShopHours careful = new ShopHours(HOURS.week(), Set.of(), 1, 4);
        BenchQueue buffered = queue(careful, "2031-02-03T09:00:00", job(1, null, work(60)));
        assertThat(buffered.first(finishes(buffered, 1), 0.9))
                .isEqualTo(new Promise(LocalDate.parse("2031-02-03"), Promise.Part.EVENING));
    }

    @Test
    void aQueueThatNeverEndsIsPromisedForNoDay() {
        BenchQueue queue = queue(HOURS, "2031-02-03T09:00:00", job(1, null, work(200 * 24 * 60)));
        assertThat(queue.first(finishes(queue, 1), 0.9)).isNull();
    }

    @Test
    void missedPromisesMakeTheNextOnesMoreCareful() {
        double careful = Reliability.share(List.of(false, false, true));
        assertThat(careful).isBetween(0.95, 0.995);
        assertThat(Reliability.share(Collections.nCopies(60, true))).isLessThan(0.75);
    }

    @Test
    void whatNobodyForeseesIsLearned() {
        Surprises often = Surprises.learned(Collections.nCopies(40, 48 * 60.0));
        assertThat(often.chance()).isGreaterThan(0.8);
        assertThat(often.length().median()).isCloseTo(48 * 60, within(4 * 60.0));
        Surprises never = Surprises.learned(Collections.nCopies(40, 0.0));
        assertThat(never.chance()).isLessThan(0.05);
    }
}
