package barytone.server.day;

import barytone.core.hours.Promise;
import barytone.core.job.JobEvent;
import barytone.core.quantity.Allowed;
import barytone.server.day.DayController.Promised;
import barytone.server.job.Addition;
import barytone.server.job.Days;
import barytone.server.job.JobDesk;
import barytone.server.job.JobView;
import barytone.server.job.OddValueException;
import barytone.server.job.OpenedJob;
import barytone.server.job.PromiseWords;
import barytone.server.job.WaitWords;
import barytone.server.web.RequestKey;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import org.jspecify.annotations.Nullable;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** When an instrument can be fetched: what can be offered, and what is promised. */
@RestController
@RequestMapping(path = "/api/jobs/{id}/promise", produces = MediaType.APPLICATION_JSON_VALUE)
class PromiseController {
    /** Nobody promises farther ahead. */
    private static final int FARTHEST_DAYS = 366;

    private final Queues queues;
    private final JobDesk desk;
    private final Clock clock;

    PromiseController(Queues queues, JobDesk desk, Clock clock) {
        this.queues = queues;
        this.desk = desk;
        this.clock = clock;
    }

    /**
     * What can be offered.
     *
     * @param day the first that is kept nine times in ten; null when none is in sight
     * @param said in words
     * @param work what is left to do, in words
     * @param others what it does to other promises when it is done first, in words; empty for nothing
     * @param stands how likely what is promised now is kept, in words; null while nothing is promised
     * @param atRisk whether it may well be missed
     */
    record OfferView(
            @Nullable LocalDate day,
            Promise.@Nullable Part part,
            String said,
            String work,
            String others,
            @Nullable String stands,
            boolean atRisk) {}

    /**
     * A promise.
     *
     * @param day as in 2031-02-06; null or empty when nothing is promised any more
     * @param sure a closed day was asked about already
     */
    record PromiseTyped(
            long after,
            @RequestKey String key,
            @Nullable String day,
            Promise.@Nullable Part part,
            @Nullable Boolean sure)
            implements Addition {}

    /** The first day that will be kept nine times in ten, what is promised to others kept too. */
    @GetMapping
    OfferView offerPromise(@PathVariable long id) {
        Instant now = clock.instant();
        Queues.Standing standing = queues.standing();
        Queue queue = standing.queue();
        OpenedJob job = queue.jobs().stream()
                .filter(j -> j.job().id() == id)
                .findFirst()
                .orElseGet(() -> desk.open(id));
        if (job.state().closed()) throw Allowed.broken("job", "a closed one", "one on the bench");
        Promise offer = queue.offer(job, null);
        Promised stands = standing.promised().stream()
                .filter(promised -> promised.job() == id)
                .findFirst()
                .orElse(null);
        String said = PromiseRisk.offer(queue, job, offer, now);
        String others = PromiseRisk.others(queue, job, queue.withFirst(id));
        return new OfferView(
                offer == null ? null : offer.day(),
                offer == null ? null : offer.part(),
                said == null ? "No day in sight: what it waits for, or what is before it, has no end yet." : said,
                "About " + WaitWords.length(Duration.ofSeconds(Math.round(60 * Math.max(1, queue.minutes(job)))))
                        + " of work left",
                others.isEmpty() ? "" : "Done before all others: " + others + ".",
                stands == null ? null : stands.said(),
                stands != null && stands.atRisk());
    }

    /** Promises a day, or takes a promise back. */
    @PostMapping
    JobView promise(
            @PathVariable long id, @RequestParam(defaultValue = "mm") String unit, @RequestBody PromiseTyped asked) {
        Promise promise = promise(asked);
        return desk.add(id, unit, asked, job -> new JobEvent.Promised(promise));
    }

    private @Nullable Promise promise(PromiseTyped asked) {
        if (asked.day() == null || asked.day().isBlank()) return null;
        LocalDate day;
        try {
            day = LocalDate.parse(asked.day().strip());
        } catch (DateTimeParseException e) {
            throw Allowed.broken("day", "“" + asked.day().strip() + "”", "a day as in 2031-02-06");
        }
        Promise promise = new Promise(day, asked.part() == null ? Promise.Part.EVENING : asked.part());
        Instant now = clock.instant();
        LocalDate today = Days.of(now);
        if (day.isAfter(today.plusDays(FARTHEST_DAYS)))
            throw Allowed.broken("day", Days.withYear(day), "at most a year ahead");
        if (queues.due(promise).isBefore(now))
            throw Allowed.broken("day", PromiseWords.near(promise, now) + ", which has passed", "a time to come");
        if (!Boolean.TRUE.equals(asked.sure()) && queues.closed(day))
            throw new OddValueException(Days.withYear(day) + " is a closed day. Promise it all the same?");
        return promise;
    }
}
