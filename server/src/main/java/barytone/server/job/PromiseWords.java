package barytone.server.job;

import barytone.core.hours.Promise;
import barytone.core.job.JobEvent;
import java.time.Instant;
import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.Locale;
import org.jspecify.annotations.Nullable;

/** What is said of a promise. */
public final class PromiseWords {
    private static final DateTimeFormatter WEEKDAY = DateTimeFormatter.ofPattern("EEEE", Locale.ENGLISH);

    private PromiseWords() {}

    /**
     * A promise as a page shows it.
     *
     * @param text in words, as from today
     */
    public record PromiseView(LocalDate day, Promise.Part part, String text) {}

    static @Nullable PromiseView view(OpenedJob job, Instant now) {
        return job.promise()
                .map(p -> new PromiseView(p.day(), p.part(), near(p, now)))
                .orElse(null);
    }

    /** This evening, tomorrow noon, Thursday evening, Thursday 20 February, evening. */
    public static String near(Promise promise, Instant now) {
        LocalDate today = Days.of(now);
        String part = promise.part().label();
        if (promise.day().equals(today)) return promise.part() == Promise.Part.EVENING ? "this evening" : "noon today";
        if (promise.day().equals(today.plusDays(1))) return "tomorrow " + part;
        if (promise.day().isAfter(today) && promise.day().isBefore(today.plusDays(7)))
            return WEEKDAY.format(promise.day()) + " " + part;
        return Days.spoken(promise.day()) + ", " + part;
    }

    /** An entry of the tape. */
    static String line(JobEvent.Promised e) {
        return e.promise() == null
                ? "Nothing is promised any more"
                : "Promised for " + Days.spoken(e.promise().day()) + ", "
                        + e.promise().part().label();
    }
}
