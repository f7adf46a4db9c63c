package barytone.core.promise;

import barytone.core.hours.Promise;
import barytone.core.hours.ShopHours;
import barytone.core.worktime.Minutes;
import barytone.core.worktime.Piece;
import java.time.Instant;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.SplittableRandom;
import org.jspecify.annotations.Nullable;

/**
 * The queue of one pair of hands, played through again and again: pieces of work take their drawn times within the shop's hours, waits run beside them, urgent work comes
 * in between, and what has the least slack is done next (of two alike, what starts a wait sooner).
 */
public final class BenchQueue {
    /** Promised to nobody: after what is, by its age. */
    private static final double NO_HURRY = 30 * 24 * 3600.0;

    /** A slack that differs by less does not decide, s. */
    private static final double ALIKE = 15 * 60.0;

    /** So long one instrument is worked on before another is looked at, s. */
    private static final double AT_ONE_GO = 40 * 60.0;

    /** Farther ahead nobody looks. */
    private static final int DAYS = 240;

    /** What is urgent is short. */
    private static final Minutes URGENT = Minutes.usually(20, 0.5);

    private final List<Queued> jobs;
    private final ShopHours hours;
    private final ZoneId zone;
    private final Instant now;
    private final double urgentPerHour;
    private final Surprises surprises;
    private final ShopHours.Axis axis;

    /**
     * @param urgentPerDay urgent work that comes in on a working day of eight hours
     * @param surprises what nobody foresees of a job that has not waited yet
     */
    public BenchQueue(
            List<Queued> jobs, ShopHours hours, ZoneId zone, Instant now, double urgentPerDay, Surprises surprises) {
        this.surprises = surprises;
        this.jobs = List.copyOf(jobs);
        this.hours = hours;
        this.zone = zone;
        this.now = now;
        this.urgentPerHour = urgentPerDay / 8;
        this.axis = hours.axis(now, DAYS, zone);
    }

    /** A job while it is played through. */
    private static final class Played {
        final Queued job;
        int next;
        double ready;
        double work;
        double rest;

        /** Before which piece it has to wait for what nobody foresaw, and how long, s. */
        int surprised = -1;

        double surprise;

        Played(Queued job, double ready) {
            this.job = job;
            this.ready = ready;
            this.work = job.work() * 60;
            this.rest = job.rest() * 60;
        }

        boolean done() {
            return next == job.pieces().size();
        }

        /** Work until it waits again, s. */
        double untilRest() {
            double sum = 0;
            for (int i = next; i < job.pieces().size(); i++) {
                Piece piece = job.pieces().get(i);
                if (piece instanceof Piece.Rest) return sum;
                sum += piece.mean() * 60;
            }
            return Double.POSITIVE_INFINITY;
        }
    }

    /** When each job is finished, in seconds of the epoch, in so many plays; ascending. */
    public Map<Long, double[]> finishes(int plays, long seed) {
        return finishes(plays, seed, null);
    }

    /** The same if one job were done before all others. */
    public Map<Long, double[]> finishesWith(long first, int plays, long seed) {
        return finishes(plays, seed, first);
    }

    private Map<Long, double[]> finishes(int plays, long seed, @Nullable Long first) {
        Map<Long, double[]> finishes = new HashMap<>();
        for (Queued job : jobs) finishes.put(job.id(), new double[plays]);
        SplittableRandom random = new SplittableRandom(seed);
        for (int i = 0; i < plays; i++) {
            Map<Long, Double> played = play(random.split(), first);
            for (Queued job : jobs)
                Objects.requireNonNull(finishes.get(job.id()))[i] = Objects.requireNonNull(played.get(job.id()));
        }
        finishes.values().forEach(Arrays::sort);
        return finishes;
    }

    /** The order in which they would be worked on now: those that can be, by what is least slack. */
    public List<Long> order() {
        double at = now.getEpochSecond();
        return jobs.stream()
                .map(job -> new Played(job, at))
                .filter(job -> !job.done() && !(job.job.pieces().getFirst() instanceof Piece.Rest))
                .sorted(next(at))
                .map(job -> job.job.id())
                .toList();
    }

    private Map<Long, Double> play(SplittableRandom random, @Nullable Long first) {
        Map<Long, Double> finished = new HashMap<>();
        List<Played> left = new ArrayList<>();
        double time = now.getEpochSecond();
        for (Queued job : jobs) {
            Played played = new Played(job, time);
            if (!job.waited()) {
                played.surprise = surprises.draw(random) * 60;
                played.surprised = random.nextInt(Math.max(1, job.pieces().size()));
            }
            rest(played, time, random);
            if (played.done()) finished.put(job.id(), played.ready);
            else left.add(played);
        }
        double urgent = axis.worked(time) + gap(random);
        while (!left.isEmpty()) {
            double clock = axis.open(time);
            if (Double.isInfinite(clock)) break;
            double worked = axis.worked(clock);
            if (worked >= urgent) {
                time = axis.moment(worked + URGENT.draw(random) * 60 / hours.capacity());
                urgent = axis.worked(time) + gap(random);
                continue;
            }
            double at = clock;
            Played best = best(left, at, first);
            if (best == null) {
                time = left.stream().mapToDouble(job -> job.ready).min().orElseThrow();
                continue;
            }
            double took = 0;
            // nobody puts an instrument down after every reading
            while (!best.done()
                    && took < AT_ONE_GO
                    && (best.surprise == 0 || best.next < best.surprised || took == 0)
                    && best.job.pieces().get(best.next) instanceof Piece.Work piece) {
                best.next++;
                took += piece.draw(random) * 60;
                best.work -= piece.mean() * 60;
            }
            time = axis.moment(worked + took / hours.capacity());
            best.ready = time;
            rest(best, time, random);
            if (best.done()) {
                finished.put(best.job.id(), best.ready);
                left.remove(best);
            }
        }
        for (Played never : left) finished.put(never.job.id(), Double.POSITIVE_INFINITY);
        return finished;
    }

    /** What lies still does so beside all other work. */
    private static void rest(Played job, double time, SplittableRandom random) {
        if (job.surprise > 0 && job.next >= job.surprised) {
            job.ready = Math.max(job.ready, time) + job.surprise;
            job.surprise = 0;
        }
        while (!job.done() && job.job.pieces().get(job.next) instanceof Piece.Rest rest) {
            job.next++;
            job.rest -= rest.mean() * 60;
            job.ready = Math.max(job.ready, time) + rest.draw(random) * 60;
        }
    }

    private double gap(SplittableRandom random) {
        return urgentPerHour <= 0
                ? Double.POSITIVE_INFINITY
                : -Math.log(1 - random.nextDouble()) / urgentPerHour * 3600;
    }

    private @Nullable Played best(List<Played> left, double at, @Nullable Long first) {
        Played best = null;
        double least = 0;
        double worked = axis.worked(at);
        for (Played job : left) {
            if (job.ready > at) continue;
            if (first != null && job.job.id() == first) return job;
            double slack = Math.floor(slack(job, worked) / ALIKE);
            if (best == null
                    || slack < least
                    || (slack == least
                            && (job.untilRest() < best.untilRest()
                                    || (job.untilRest() == best.untilRest()
                                            && job.job.since().isBefore(best.job.since()))))) {
                best = job;
                least = slack;
            }
        }
        return best;
    }

    private Comparator<Played> next(double at) {
        double worked = axis.worked(at);
        return Comparator.comparingDouble((Played job) -> Math.floor(slack(job, worked) / ALIKE))
                .thenComparingDouble(Played::untilRest)
                .thenComparing(job -> job.job.since());
    }

    /** Time to spare until it is due, s: of working hours where work is left, of the clock where it lies still. */
    private double slack(Played job, double worked) {
        if (job.job.due() == null) return NO_HURRY;
        double due = job.job.due().getEpochSecond();
        return axis.worked(due - Math.max(0, job.rest)) - worked - job.work / hours.capacity();
    }

    /** The chance that a job is finished by a moment. */
    public static double chance(double[] finishes, Instant due) {
        int kept = 0;
        for (double at : finishes) if (at <= due.getEpochSecond()) kept++;
        return finishes.length == 0 ? 1 : (double) kept / finishes.length;
    }

    /**
     * The first half day that is kept in a share of the plays, the shop's buffer after it.
     *
     * @param finishes ascending
     * @param share 0 to 1
     */
    public @Nullable Promise first(double[] finishes, double share) {
        double at = finishes[Math.min(finishes.length - 1, (int) Math.ceil(share * finishes.length) - 1)];
        if (Double.isInfinite(at)) return null;
        double then = axis.moment(axis.worked(at) + hours.buffer() * 3600);
        if (Double.isInfinite(then)) return null;
        return Promise.notBefore(Instant.ofEpochSecond((long) Math.ceil(Math.max(at, then))), hours, zone);
    }
}
