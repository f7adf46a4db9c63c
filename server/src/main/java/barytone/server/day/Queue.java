package barytone.server.day;

import barytone.core.advice.Outfit;
import barytone.core.hours.Promise;
import barytone.core.job.JobState;
import barytone.core.job.Station;
import barytone.core.promise.BenchQueue;
import barytone.core.promise.Queued;
import barytone.core.promise.Reliability;
import barytone.core.wait.WaitReason;
import barytone.core.worktime.ExpectedWork;
import barytone.core.worktime.Piece;
import barytone.server.job.Days;
import barytone.server.job.OpenedJob;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/** The jobs on the bench as a queue, as it stands at a moment. */
final class Queue {
    private static final Logger LOG = LoggerFactory.getLogger(Queue.class);

    private static final int PLAYS = 200;

    /** The same queue gives the same answer. */
    private static final long SEED = 17;

    /** One that is not at the bench: taken to come now. */
    static final long NEW = -1;

    private final List<OpenedJob> jobs;
    private final Hours.Known hours;
    private final Learned.Told learned;
    private final Outfit outfit;
    private final Instant now;
    private final Map<Long, double[]> finishes;
    private final BenchQueue bench;

    Queue(List<OpenedJob> jobs, Hours.Known hours, Learned.Told learned, Outfit outfit, Instant now) {
        this.hours = hours;
        this.learned = learned;
        this.outfit = outfit;
        this.now = now;
        List<Queued> queued = new ArrayList<>();
        this.jobs = jobs.stream().filter(job -> joins(job, queued)).toList();
        this.bench = queue(queued);
        this.finishes = bench.finishes(PLAYS, SEED);
    }

    /** A job that cannot be reckoned says so on its own page, and takes the others not along. */
    private boolean joins(OpenedJob job, List<Queued> into) {
        try {
            return into.add(queued(job, null));
        } catch (RuntimeException e) {
            LOG.error("Job {} cannot be reckoned", job.job().id(), e);
            return false;
        }
    }

    private BenchQueue queue(List<Queued> queued) {
        return new BenchQueue(queued, hours.hours(), Days.zone(), now, hours.urgent(), learned.surprises());
    }

    private Queued queued(OpenedJob job, @Nullable Station leaveOut) {
        return queued(job, leaveOut, job.promise().orElse(null));
    }

    private Queued queued(OpenedJob job, @Nullable Station leaveOut, @Nullable Promise promise) {
        JobState state = job.state();
        return new Queued(
                job.job().id(),
                pieces(state, leaveOut),
                promise == null ? null : promise.due(hours.hours(), Days.zone()),
                job.job().openedAt(),
                waited(state));
    }

    private static boolean waited(JobState state) {
        return state.waiting().all().stream()
                .anyMatch(w -> w.reason() != WaitReason.SETTLING && w.reason() != WaitReason.FILL);
    }

    private List<Piece> pieces(JobState state, @Nullable Station leaveOut) {
        return ExpectedWork.pieces(state, learned.times(), outfit, now, leaveOut);
    }

    /** The jobs that can be worked on, what is to be done first before the others. */
    List<Long> order() {
        return bench.order();
    }

    /** The work that is left of a job, minutes on the mean; less than a minute where it only waits to be fetched. */
    double minutes(OpenedJob job) {
        return queued(job, null).work() / hours.hours().capacity();
    }

    /** Minutes that it can be worked on before it waits again. */
    double untilWait(OpenedJob job) {
        double minutes = 0;
        for (Piece piece : pieces(job.state(), null)) {
            if (piece instanceof Piece.Rest) break;
            minutes += piece.mean();
        }
        return minutes;
    }

    /** The chance that a job is done by what was promised; 1 where nothing was. */
    double chance(OpenedJob job) {
        return job.promise()
                .map(p -> BenchQueue.chance(finishesOf(finishes, job), p.due(hours.hours(), Days.zone())))
                .orElse(1.0);
    }

    /** The chances of all jobs if one of them is done before all others. */
    Map<Long, double[]> withFirst(long id) {
        return bench.finishesWith(id, PLAYS, SEED);
    }

    static double chance(Map<Long, double[]> finishes, OpenedJob job, Instant due) {
        return BenchQueue.chance(finishesOf(finishes, job), due);
    }

    private static double[] finishesOf(Map<Long, double[]> finishes, OpenedJob job) {
        return Objects.requireNonNull(finishes.get(job.job().id()));
    }

    /**
     * The first half day that is kept nine times in ten, with what is promised already kept first; null where none is in sight.
     *
     * @param leaveOut a station that is taken to need nothing
     */
    @Nullable
    Promise offer(OpenedJob job, @Nullable Station leaveOut) {
        List<Queued> all = new ArrayList<>();
        for (OpenedJob other : jobs) if (other.job().id() != job.job().id()) all.add(queued(other, null));
        all.add(queued(job, leaveOut, null));
        BenchQueue queue = queue(all);
        double[] at =
                Objects.requireNonNull(queue.finishes(PLAYS, SEED).get(job.job().id()));
        return queue.first(at, Reliability.share(learned.kept()));
    }

    /** The chances of the others when a job is promised for a half day. */
    Map<Long, double[]> promised(OpenedJob job, Promise promise) {
        return queue(jobs.stream()
                        .map(other ->
                                other.job().id() == job.job().id() ? queued(other, null, promise) : queued(other, null))
                        .toList())
                .finishes(PLAYS, SEED);
    }

    List<OpenedJob> jobs() {
        return jobs;
    }

    Instant due(Promise promise) {
        return promise.due(hours.hours(), Days.zone());
    }
}
