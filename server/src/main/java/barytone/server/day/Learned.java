package barytone.server.day;

import barytone.core.hours.Promise;
import barytone.core.job.JobEvent;
import barytone.core.job.LoggedEvent;
import barytone.core.promise.Surprises;
import barytone.core.quantity.Units;
import barytone.core.wait.WaitReason;
import barytone.core.worktime.StepTimes;
import barytone.core.worktime.Worked;
import barytone.server.job.Days;
import barytone.server.job.EntrySearch;
import barytone.server.job.JobWatcher;
import barytone.server.job.OnTheBench;
import barytone.server.job.OpenedJob;
import barytone.server.shop.Shop;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** What the tapes of this shop tell of its times: looked up anew after some minutes, for they change slowly. */
@Component
class Learned implements JobWatcher {
    /** What is older says little of today's hands. */
    private static final int NEWEST = 4000;

    private static final int CLOSED = 40;
    private static final Duration FRESH = Duration.ofMinutes(10);

    private final EntrySearch entries;
    private final OnTheBench bench;
    private final Shop shop;
    private final Hours hours;
    private final Clock clock;
    private @Nullable Told told;

    Learned(EntrySearch entries, OnTheBench bench, Shop shop, Hours hours, Clock clock) {
        this.entries = entries;
        this.bench = bench;
        this.shop = shop;
        this.hours = hours;
        this.clock = clock;
    }

    /**
     * What was learned.
     *
     * @param kept whether each promise was kept, the oldest first
     */
    record Told(Instant at, List<Worked> worked, StepTimes times, Surprises surprises, List<Boolean> kept) {}

    /** What was learned; from some minutes ago at most. */
    synchronized Told now() {
        Instant now = clock.instant();
        if (told == null || Duration.between(told.at(), now).abs().compareTo(FRESH) > 0) told = look(now);
        return told;
    }

    /** What was closed just now is looked at too. */
    @Override
    public synchronized void closed(long job, Units units) {
        told = null;
    }

    private Told look(Instant now) {
        List<Worked> worked = Worked.of(entries.newest(NEWEST));
        List<OpenedJob> closed = bench.closed(CLOSED);
        record Result(Instant at, boolean kept) {}
        List<Result> results = new ArrayList<>();
        List<Double> waits = new ArrayList<>();
        for (OpenedJob job : closed) {
            Optional<Instant> at = OnTheBench.closedAt(job);
            if (at.isEmpty()) continue;
            waits.add(waited(job, at.get()));
            Optional<Promise> promise = job.promise();
            promise.ifPresent(p -> results.add(
                    new Result(at.get(), !at.get().isAfter(p.due(hours.now().hours(), Days.zone())))));
        }
        results.sort(Comparator.comparing(Result::at));
        return new Told(
                now,
                worked,
                StepTimes.learned(shop.effort(), worked),
                Surprises.learned(waits),
                results.stream().map(Result::kept).toList());
    }

    /** How long it waited for what nobody foresees when it comes, minutes. */
    private static double waited(OpenedJob job, Instant closed) {
        double minutes = 0;
        List<LoggedEvent> counted = job.counted();
        for (LoggedEvent begun : counted) {
            if (!(begun.event() instanceof JobEvent.WaitBegun wait)
                    || wait.reason() == WaitReason.CONDITIONING
                    || wait.reason() == WaitReason.SETTLING) continue;
            Instant end = counted.stream()
                    .filter(e -> e.event() instanceof JobEvent.WaitEnded over && over.begun() == begun.seq())
                    .map(LoggedEvent::at)
                    .findFirst()
                    .orElse(wait.until() == null || wait.until().isAfter(closed) ? closed : wait.until());
            minutes += Math.max(0, Duration.between(begun.at(), end).toSeconds() / 60.0);
        }
        return minutes;
    }
}
