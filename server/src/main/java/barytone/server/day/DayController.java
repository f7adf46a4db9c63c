package barytone.server.day;

import barytone.core.advice.Advice;
import barytone.core.hours.Promise;
import barytone.core.hours.ShopHours;
import barytone.core.station.NextMove;
import barytone.core.wait.Wait;
import barytone.core.wait.WaitReason;
import barytone.server.job.Days;
import barytone.server.job.OpenedJob;
import barytone.server.job.PromiseWords;
import barytone.server.job.WaitWords;
import barytone.server.shop.Shop;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The day at the bench: what can be done now, what waits, and what was promised. */
@RestController
@RequestMapping(path = "/api/day", produces = MediaType.APPLICATION_JSON_VALUE)
class DayController {
    private static final Logger LOG = LoggerFactory.getLogger(DayController.class);

    /** So many others are named while one waits. */
    private static final int MEANWHILE = 3;

    private final Queues queues;
    private final Hours hours;
    private final Shop shop;
    private final Clock clock;

    DayController(Queues queues, Hours hours, Shop shop, Clock clock) {
        this.queues = queues;
        this.hours = hours;
        this.shop = shop;
        this.clock = clock;
    }

    /** A stretch of the shop's hours. */
    record OpenFrom(Instant from, Instant to) {}

    /**
     * A job that can be worked on.
     *
     * @param why it comes here, in words
     * @param minutes in words: until it is done, or waits again
     * @param ready its work is done: it is handed over
     */
    record Next(long job, String why, String minutes, boolean ready) {}

    /**
     * A job that waits.
     *
     * @param holds whether nothing can be done on it meanwhile
     * @param meanwhile the jobs that can be worked on while it does: those that fit into the time that is left before the others
     */
    record WaitingJob(long job, WaitWords.WaitView what, boolean holds, List<Long> meanwhile) {}

    /**
     * A promise.
     *
     * @param due by when it is to be done
     * @param chance that it is kept, %
     * @param said how likely it is kept, in words
     * @param atRisk likelier missed than the shop wants
     * @param late the moment has passed
     * @param saves what would save it, in words; null where it needs no saving
     */
    record Promised(
            long job,
            LocalDate day,
            String text,
            Instant due,
            int chance,
            String said,
            boolean atRisk,
            boolean late,
            @Nullable String saves) {}

    /**
     * The day.
     *
     * @param open the shop's hours today
     * @param next what can be worked on, what is to be done first before the others
     * @param waiting what waits, what is over first before the others
     * @param promised by when it is due
     */
    record DayView(
            Instant now,
            String today,
            List<OpenFrom> open,
            List<Next> next,
            List<WaitingJob> waiting,
            List<Promised> promised) {}

    /** A job as it is looked at now, with what it waits for. */
    private record Seen(OpenedJob job, Advice advice, List<WaitWords.WaitView> waits) {
        long id() {
            return job.job().id();
        }

        boolean done() {
            return advice instanceof Advice.Done || advice instanceof Advice.Finished;
        }

        /** Whether a wait keeps it from being worked on: what holds up the hand-over alone does when nothing else is left to do. */
        boolean heldBy(WaitWords.WaitView wait) {
            return wait.reason().holds() == WaitReason.Holds.HAND_OVER
                    ? done()
                    : advice instanceof Advice.Waits || advice.waitsUntil().isPresent();
        }

        boolean held() {
            return waits.stream().anyMatch(this::heldBy);
        }
    }

    /** The jobs as they are looked at now; one that cannot be says so on its card, and takes no other along. */
    private Map<Long, Seen> seen(List<OpenedJob> jobs, Instant now) {
        Map<Long, Seen> seen = new LinkedHashMap<>();
        for (OpenedJob job : jobs)
            try {
                seen.put(
                        job.job().id(),
                        new Seen(
                                job,
                                NextMove.advise(job.state(), shop.means(), now),
                                WaitWords.views(job.state().waiting(), now).stream()
                                        .filter(wait -> !wait.over())
                                        .toList()));
            } catch (RuntimeException e) {
                LOG.error("Job {} cannot be looked at", job.job().id(), e);
            }
        return seen;
    }

    /** The day as it stands. */
    @GetMapping
    DayView day() {
        Instant now = clock.instant();
        Queues.Standing standing = queues.standing();
        Queue queue = standing.queue();
        Map<Long, Seen> jobs = seen(queue.jobs(), now);
        // how long each of those that can be worked on takes until it is done, or waits again
        Map<Long, Double> minutes = new LinkedHashMap<>();
        for (long id : order(queue)) {
            Seen job = jobs.get(id);
            if (job != null && !job.held()) minutes.put(id, queue.untilWait(job.job()));
        }
        List<Next> next = new ArrayList<>();
        minutes.forEach((id, takes) -> next.add(next(Objects.requireNonNull(jobs.get(id)), takes, now)));
        List<WaitingJob> waiting = new ArrayList<>();
        for (Seen job : jobs.values())
            for (WaitWords.WaitView wait : job.waits())
                waiting.add(new WaitingJob(job.id(), wait, job.heldBy(wait), meanwhile(job.id(), wait, minutes, now)));
        waiting.sort(Comparator.comparing((WaitingJob w) ->
                w.what().until() == null ? Instant.MAX : w.what().until()));
        LocalDate today = Days.of(now);
        return new DayView(
                now,
                Days.withYear(today),
                hours.now().hours().on(today).stream()
                        .map(stretch -> open(today, stretch))
                        .toList(),
                next,
                waiting,
                standing.promised());
    }

    /** What the queue would do first, and then what it takes for resting but is only settling. */
    private static List<Long> order(Queue queue) {
        List<Long> order = new ArrayList<>(queue.order());
        for (OpenedJob job : queue.jobs())
            if (!order.contains(job.job().id())) order.add(job.job().id());
        return order;
    }

    private static OpenFrom open(LocalDate day, ShopHours.Stretch stretch) {
        return new OpenFrom(
                day.atTime(stretch.from()).atZone(Days.zone()).toInstant(),
                day.atTime(stretch.to()).atZone(Days.zone()).toInstant());
    }

    /** What fits into the time that is left of a wait comes first, in the order of the queue; the others after it, for a wait that nobody knows the end of is long enough for any. */
    private static List<Long> meanwhile(long job, WaitWords.WaitView wait, Map<Long, Double> minutes, Instant now) {
        Instant until = wait.until();
        double left = until == null
                ? Double.POSITIVE_INFINITY
                : Duration.between(now, until).toSeconds() / 60.0;
        Comparator<Map.Entry<Long, Double>> fitting = Comparator.comparing(e -> e.getValue() > left);
        return minutes.entrySet().stream()
                .filter(e -> e.getKey() != job)
                .sorted(fitting)
                .limit(MEANWHILE)
                .map(Map.Entry::getKey)
                .toList();
    }

    private static Next next(Seen seen, double minutes, Instant now) {
        OpenedJob job = seen.job();
        List<Wait> over = job.state().waiting().over(now);
        String why = !over.isEmpty()
                ? over.getFirst().reason().label() + ": its time has come"
                : job.promise()
                        .map(p -> promised(p, now))
                        .orElse("came " + WaitWords.moment(job.job().openedAt(), now));
        return new Next(
                job.job().id(),
                why,
                seen.done()
                        ? "to be handed over"
                        : "about " + WaitWords.length(Duration.ofSeconds(Math.round(60 * Math.max(1, minutes)))),
                seen.done());
    }

    private static String promised(Promise promise, Instant now) {
        return "promised for " + PromiseWords.near(promise, now);
    }
}
