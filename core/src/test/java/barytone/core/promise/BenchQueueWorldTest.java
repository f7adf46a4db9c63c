package barytone.core.promise;

import static barytone.core.hours.WallClock.ZONE;
import static barytone.core.hours.WallClock.at;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import barytone.core.hours.ShopHours;
import barytone.core.hours.WallClock;
import barytone.core.worktime.Minutes;
import barytone.core.worktime.Piece;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import java.util.Objects;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;

/** What holds of any queue: no work is lost or made, nobody waits for nothing, and its order is that of the time to spare, counted minute by minute. */
class BenchQueueWorldTest {
    private static final Instant NOW = at("2031-02-04T10:20:00");
    private static final int PLAYS = 400;

    /** Time to spare of what is promised to nobody, min. */
    private static final double NEVER = 1e6;

    private static ShopHours hours(double capacity) {
        return new ShopHours(ShopHours.USUAL.week(), Set.of(), capacity, 0);
    }

    private static BenchQueue queue(ShopHours hours, List<Queued> jobs, double urgent) {
        return new BenchQueue(jobs, hours, ZONE, NOW, urgent, Surprises.NONE);
    }

    /** Some jobs of readings, moves and, if wanted, rests between; two of three are promised. */
    private static List<Queued> some(Random random, boolean rests) {
        List<Queued> jobs = new ArrayList<>();
        for (int id = 1; id <= 8; id++) {
            List<Piece> pieces = new ArrayList<>();
            for (int i = 0; i <= random.nextInt(4); i++) {
                pieces.add(new Piece.Work(Minutes.usually(4 + random.nextInt(40), 0.4), 1 + random.nextInt(3)));
                if (rests && random.nextInt(3) == 0) pieces.add(new Piece.Rest(10 + random.nextInt(300), null));
            }
            Instant due = random.nextInt(3) == 0 ? null : NOW.plusSeconds(random.nextInt(5 * 24 * 3600));
            jobs.add(new Queued(id, pieces, due, NOW.minusSeconds(3600L * id + random.nextInt(600)), true));
        }
        return jobs;
    }

    private static double[] of(BenchQueue queue, long id) {
        return Objects.requireNonNull(queue.finishes(PLAYS, 5).get(id));
    }

    /** On the mean of all plays, in working minutes from now on. */
    private static double mean(ShopHours hours, double[] finishes) {
        ShopHours.Axis axis = hours.axis(NOW, 240, ZONE);
        double now = axis.worked(NOW.getEpochSecond());
        return Arrays.stream(finishes)
                        .map(at -> axis.worked(at) - now)
                        .average()
                        .orElseThrow()
                / 60;
    }

    /** When the last of all is done: the one that is done last in most plays, on the mean. */
    private static double lastOfAll(ShopHours hours, List<Queued> jobs, double urgent) {
        var finishes = queue(hours, jobs, urgent).finishes(PLAYS, 5);
        return finishes.values().stream().mapToDouble(f -> mean(hours, f)).max().orElseThrow();
    }

    @Test
    void worksAsLongAsThereIsWorkAndNoLonger() {
        Random random = new Random(3);
        for (int world = 0; world < 12; world++) {
            List<Queued> jobs = some(random, false);
            double work = jobs.stream().mapToDouble(Queued::work).sum();
            for (double capacity : List.of(1.0, 0.5)) {
                double last = lastOfAll(hours(capacity), jobs, 0);
                assertThat(last).as("%s", jobs).isCloseTo(work / capacity, within(0.06 * work / capacity));
            }
        }
    }

    @Test
    void urgentWorkComesOnTop() {
        Random random = new Random(4);
        for (int world = 0; world < 4; world++) {
            List<Queued> jobs = some(random, false);
            double quiet = lastOfAll(hours(0.7), jobs, 0);
            double busy = lastOfAll(hours(0.7), jobs, 4);
            // half an hour of working time for each of four, in eight hours
            double each = 20 * Math.exp(0.5 * 0.5 / 2) / 0.7;
            assertThat(busy).isCloseTo(quiet / (1 - 4 * each / (8 * 60 + 4 * each)), within(0.12 * busy));
        }
    }

    @Test
    void noJobIsDoneBeforeItsOwnWorkAndRests() {
        Random random = new Random(5);
        for (int world = 0; world < 12; world++)
            for (Queued job : some(random, true)) {
                ShopHours open = hours(1);
                double[] alone = of(queue(open, List.of(job), 0), job.id());
                double rests = job.rest() * 60;
                assertThat(alone[0]).isGreaterThan(NOW.getEpochSecond() + rests);
                assertThat(mean(open, alone)).isGreaterThan(0.95 * job.work());
            }
    }

    @Test
    void anotherJobMakesNoneEarlierAndTheFirstOfAllIsHeldUpByNobody() {
        Random random = new Random(6);
        for (int world = 0; world < 8; world++) {
            List<Queued> jobs = some(random, true);
            Queued more = jobs.getLast();
            List<Queued> fewer = jobs.subList(0, jobs.size() - 1);
            double all = 0;
            double without = 0;
            for (Queued job : fewer) {
                all += mean(hours(0.7), of(queue(hours(0.7), jobs, 0), job.id()));
                without += mean(hours(0.7), of(queue(hours(0.7), fewer, 0), job.id()));
            }
            assertThat(all).isGreaterThan(0.99 * without);
            double alone = mean(hours(0.7), of(queue(hours(0.7), List.of(more), 0), more.id()));
            double first = mean(
                    hours(0.7),
                    Objects.requireNonNull(queue(hours(0.7), jobs, 0)
                            .finishesWith(more.id(), PLAYS, 5)
                            .get(more.id())));
            // another one may be in hand when its rest is over
            assertThat(first)
                    .isBetween(
                            0.9 * alone, 1.1 * alone + 60 / 0.7 * more.pieces().size());
        }
    }

    /** Working minutes from now on until a moment; what was worked since it today counts below nothing. */
    private static double until(ShopHours hours, Instant moment) {
        Instant morning = NOW.atZone(ZONE).toLocalDate().atStartOfDay(ZONE).toInstant();
        Instant since = moment.isBefore(morning) ? morning : moment;
        return moment.isBefore(NOW) ? -WallClock.worked(hours, since, NOW) : WallClock.worked(hours, NOW, moment);
    }

    @Test
    void whatCanBeDoneStandsInTheOrderOfTheTimeToSpare() {
        Random random = new Random(7);
        ShopHours hours = hours(0.7);
        for (int world = 0; world < 40; world++) {
            List<Queued> jobs = some(random, true);
            List<Long> order = queue(hours, jobs, 0).order();
            assertThat(order).hasSameElementsAs(jobs.stream().map(Queued::id).toList());
            List<Queued> shuffled = new ArrayList<>(jobs);
            Collections.shuffle(shuffled, random);
            assertThat(queue(hours, shuffled, 0).order()).isEqualTo(order);
            List<Double> spare = order.stream()
                    .map(id ->
                            jobs.stream().filter(j -> j.id() == id).findFirst().orElseThrow())
                    .map(job -> job.due() == null
                            ? NEVER
                            : until(hours, job.due().minusSeconds(Math.round(job.rest() * 60))) - job.work() / 0.7)
                    .toList();
            for (int i = 1; i < spare.size(); i++)
                // a quarter of an hour does not decide
                assertThat(spare.get(i)).as("%s of %s", spare, jobs).isGreaterThan(spare.get(i - 1) - 17);
            // what is promised to nobody comes last, the oldest first
            assertThat(order.stream()
                            .map(id -> jobs.stream()
                                    .filter(j -> j.id() == id)
                                    .findFirst()
                                    .orElseThrow())
                            .filter(job -> job.due() == null && job.rest() == 0)
                            .toList())
                    .isSortedAccordingTo(Comparator.comparing(Queued::since));
        }
    }
}
