package barytone.server.day;

import barytone.core.advice.Advice;
import barytone.core.hours.Promise;
import barytone.core.hours.ShopHours;
import barytone.core.job.JobState;
import barytone.core.job.Waiting;
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
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The day at the bench: what can be done now, what waits, and what was promised. */
@RestController
@RequestMapping(path = "/api/day", produces = MediaType.APPLICATION_JSON_VALUE)
class DayController {
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
     * @param resumes when it can be worked on again; null where nobody knows
     * @param holds whether nothing can be done on it meanwhile
     */
    record WaitingJob(
            long job, WaitWords.WaitView what, @Nullable Instant resumes, boolean holds) {}

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

    /** The day as it stands. */
    @GetMapping
    DayView day() {
        Instant now = clock.instant();
        Queues.Standing standing = queues.standing();
        Queue queue = standing.queue();
        Map<Long, OpenedJob> jobs = new HashMap<>();
        queue.jobs().forEach(job -> jobs.put(job.job().id(), job));
        List<WaitingJob> waiting = new ArrayList<>();
        for (OpenedJob job : queue.jobs()) waits(job, now, waiting);
        waiting.sort(Comparator.comparing((WaitingJob w) ->
                w.what().until() == null ? Instant.MAX : w.what().until()));
        List<Long> held =
                waiting.stream().filter(WaitingJob::holds).map(WaitingJob::job).toList();
        List<Next> next = new ArrayList<>();
        for (long id : order(queue)) {
            OpenedJob job = Objects.requireNonNull(jobs.get(id));
            if (!held.contains(id)) next.add(next(queue, job, now));
        }
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

    private void waits(OpenedJob job, Instant now, List<WaitingJob> into) {
        JobState state = job.state();
        Waiting waiting = state.waiting();
        List<Wait> lasting = waiting.lasting(now);
        if (lasting.isEmpty()) return;
        Advice advice = NextMove.advise(state, shop.means(), now);
        boolean done = advice instanceof Advice.Done || advice instanceof Advice.Finished;
        boolean held = advice instanceof Advice.Waits || advice.waitsUntil().isPresent();
        for (WaitWords.WaitView view : WaitWords.views(waiting, now)) {
            if (view.over()) continue;
            Wait wait = lasting.stream()
                    .filter(w -> w.begun() == view.begun() && w.reason() == view.reason())
                    .findFirst()
                    .orElseThrow();
            boolean beforeHandOver = wait.reason().holds() == WaitReason.Holds.HAND_OVER;
            into.add(new WaitingJob(job.job().id(), view, waiting.endsAt(wait, now), beforeHandOver ? done : held));
        }
    }

    private Next next(Queue queue, OpenedJob job, Instant now) {
        Advice advice = NextMove.advise(job.state(), shop.means(), now);
        boolean ready = advice instanceof Advice.Done || advice instanceof Advice.Finished;
        List<Wait> over = job.state().waiting().over(now);
        double minutes = queue.untilWait(job);
        String why = !over.isEmpty()
                ? over.getFirst().reason().label() + ": its time has come"
                : job.promise()
                        .map(p -> promised(p, now))
                        .orElse("came " + WaitWords.moment(job.job().openedAt(), now));
        return new Next(
                job.job().id(),
                why,
                ready
                        ? "to be handed over"
                        : "about " + WaitWords.length(Duration.ofSeconds(Math.round(60 * Math.max(1, minutes)))),
                ready);
    }

    private static String promised(Promise promise, Instant now) {
        return "promised for " + PromiseWords.near(promise, now);
    }
}
