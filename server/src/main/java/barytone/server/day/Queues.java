package barytone.server.day;

import barytone.core.advice.Outfit;
import barytone.core.hours.Promise;
import barytone.server.job.Days;
import barytone.server.job.OnTheBench;
import barytone.server.job.OpenedJob;
import barytone.server.shop.Shop;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** The queue of the bench, played through once for all windows that ask while nothing changes. */
@Component
class Queues {
    /** Minutes pass, and what is left of a wait with them. */
    private static final Duration FRESH = Duration.ofMinutes(2);

    private final OnTheBench bench;
    private final Hours hours;
    private final Learned learned;
    private final Shop shop;
    private final Clock clock;
    private @Nullable Kept kept;

    Queues(OnTheBench bench, Hours hours, Learned learned, Shop shop, Clock clock) {
        this.bench = bench;
        this.hours = hours;
        this.learned = learned;
        this.shop = shop;
        this.clock = clock;
    }

    private record Mark(List<Long> jobs, long hours, Outfit outfit) {}

    private record Kept(Mark mark, Instant at, Standing standing) {}

    /** The queue, and how likely its promises are kept. */
    record Standing(Queue queue, List<DayController.Promised> promised) {}

    /** Whether the shop is closed on a day. */
    boolean closed(LocalDate day) {
        return hours.now().hours().on(day).isEmpty();
    }

    /** By when a promise is due. */
    Instant due(Promise promise) {
        return promise.due(hours.now().hours(), Days.zone());
    }

    /** As it stands now, with its promises. */
    Standing standing() {
        return of(bench.open());
    }

    private synchronized Standing of(List<OpenedJob> open) {
        Instant now = clock.instant();
        Hours.Known known = hours.now();
        Mark mark = new Mark(
                open.stream()
                        .flatMap(job -> Stream.of(
                                job.job().id(),
                                (long) job.log().size(),
                                job.job().instrumentVersion()))
                        .toList(),
                known.version(),
                shop.means());
        if (kept == null
                || !kept.mark().equals(mark)
                || Duration.between(kept.at(), now).abs().compareTo(FRESH) > 0) {
            Queue queue = new Queue(open, known, learned.now(), shop.means(), now);
            kept = new Kept(mark, now, new Standing(queue, PromiseRisk.all(queue, now)));
        }
        return kept.standing();
    }
}
