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

    private final List<Standing> jobs;
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
        this.jobs = jobs.stream().map(Standing::of).toList();
        this.hours = hours;
        this.zone = zone;
        this.now = now;
        this.urgentPerHour = urgentPerDay / 8;
        this.axis = hours.axis(now, DAYS, zone);
    }

    /**
     * A job as every play finds it.
     *
     * @param work what is left of it on the mean, s
     * @param rest the rest between and after it on the mean, s
     * @param due when it is promised for, s of the epoch; infinite while nothing is
     * @param untilRest work from each piece on until it waits again, s; infinite where it does not
     */
    private record Standing(Queued job, double work, double rest, double due, double[] untilRest) {
        static Standing of(Queued job) {
            return new Standing(
                    job,
                    job.work() * 60,
                    job.rest() * 60,
                    job.due() == null ? Double.POSITIVE_INFINITY : job.due().getEpochSecond(),
                    untilRest(job.pieces()));
        }

        private static double[] untilRest(List<Piece> pieces) {
            double[] until = new double[pieces.size() + 1];
            for (int i = pieces.size(); i >= 0; i--)
                until[i] = i == pieces.size()
                        ? Double.POSITIVE_INFINITY
                        : pieces.get(i) instanceof Piece.Rest
                                ? 0
                                : pieces.get(i).mean() * 60 + until[i + 1];
            return until;
        }
    }

    /** A job while it is played through. */
    private static final class Played {
        final Standing at;
        final List<Piece> pieces;
        int next;
        double ready;
        double work;
        double rest;

        /** Working seconds until it is due, what lies still before that left out; looked up again when that changes. */
        double dueWorked = Double.NaN;

        /** Before which piece it has to wait for what nobody foresaw, and how long, s. */
        int surprised = -1;

        double surprise;

        Played(Standing at, double ready) {
            this.at = at;
            this.pieces = at.job().pieces();
            this.ready = ready;
            this.work = at.work();
            this.rest = at.rest();
        }

        boolean done() {
            return next == pieces.size();
        }

        long id() {
            return at.job().id();
        }

        Instant since() {
            return at.job().since();
        }

        double untilRest() {
            return at.untilRest()[next];
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
        for (Standing at : jobs) finishes.put(at.job().id(), new double[plays]);
        SplittableRandom random = new SplittableRandom(seed);
        for (int i = 0; i < plays; i++) {
            int play = i;
            Map<Long, Double> played = play(random.split(), first);
            played.forEach((id, at) -> Objects.requireNonNull(finishes.get(id))[play] = at);
        }
        finishes.values().forEach(Arrays::sort);
        return finishes;
    }

    /** The order in which they would be worked on now: those that can be, by what is least slack. */
    public List<Long> order() {
        double at = now.getEpochSecond();
        return jobs.stream()
                .map(job -> new Played(job, at))
                .filter(job -> !job.done() && !(job.pieces.getFirst() instanceof Piece.Rest))
                .sorted(next(at))
                .map(Played::id)
                .toList();
    }

    private Map<Long, Double> play(SplittableRandom random, @Nullable Long first) {
        Map<Long, Double> finished = new HashMap<>();
        List<Played> left = new ArrayList<>();
        double time = now.getEpochSecond();
        for (Standing at : jobs) {
            Queued job = at.job();
            Played played = new Played(at, time);
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
            Played best = best(left, at, worked, first);
            if (best == null) {
                time = left.stream().mapToDouble(job -> job.ready).min().orElseThrow();
                continue;
            }
            double took = 0;
            // nobody puts an instrument down after every reading
            while (!best.done()
                    && took < AT_ONE_GO
                    && (best.surprise == 0 || best.next < best.surprised || took == 0)
                    && best.pieces.get(best.next) instanceof Piece.Work piece) {
                best.next++;
                took += piece.draw(random) * 60;
                best.work -= piece.mean() * 60;
            }
            time = axis.moment(worked + took / hours.capacity());
            best.ready = time;
            rest(best, time, random);
            if (best.done()) {
                finished.put(best.id(), best.ready);
                left.remove(best);
            }
        }
        for (Played never : left) finished.put(never.id(), Double.POSITIVE_INFINITY);
        return finished;
    }

    /** What lies still does so beside all other work. */
    private static void rest(Played job, double time, SplittableRandom random) {
        if (job.surprise > 0 && job.next >= job.surprised) {
            job.ready = Math.max(job.ready, time) + job.surprise;
            job.surprise = 0;
        }
        while (!job.done() && job.pieces.get(job.next) instanceof Piece.Rest rest) {
            job.next++;
            job.rest -= rest.mean() * 60;
            job.dueWorked = Double.NaN;
            job.ready = Math.max(job.ready, time) + rest.draw(random) * 60;
        }
    }

    private double gap(SplittableRandom random) {
        return urgentPerHour <= 0
                ? Double.POSITIVE_INFINITY
                : -Math.log(1 - random.nextDouble()) / urgentPerHour * 3600;
    }

    private @Nullable Played best(List<Played> left, double at, double worked, @Nullable Long first) {
        Played best = null;
        double least = 0;
        for (Played job : left) {
            if (job.ready > at) continue;
            if (first != null && job.id() == first) return job;
            double slack = Math.floor(slack(job, worked) / ALIKE);
            if (best == null
                    || slack < least
                    || (slack == least
                            && (job.untilRest() < best.untilRest()
                                    || (job.untilRest() == best.untilRest()
                                            && job.since().isBefore(best.since()))))) {
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
                .thenComparing(Played::since);
    }

    /** Time to spare until it is due, s: of working hours where work is left, of the clock where it lies still. */
    private double slack(Played job, double worked) {
        if (Double.isInfinite(job.at.due())) return NO_HURRY;
        if (Double.isNaN(job.dueWorked)) job.dueWorked = axis.worked(job.at.due() - Math.max(0, job.rest));
        return job.dueWorked - worked - job.work / hours.capacity();
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
