package barytone.core.job;

import barytone.core.instrument.AirVerdict;
import barytone.core.instrument.Conditioning;
import barytone.core.instrument.InstrumentSpec;
import barytone.core.wait.Wait;
import barytone.core.wait.WaitReason;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * What a job waits for: begun by hand, or by what was done; over by the clock, by the air, or by hand.
 *
 * @param all those that nobody has ended, the earliest first; one that is over by the clock stays until somebody has looked
 * @param latest when the last entry that counts was made; null before the first
 */
public record Waiting(List<Wait> all, @Nullable Instant latest) {
    public Waiting {
        all = List.copyOf(all);
    }

    /**
     * What the entries that count leave waiting.
     *
     * @param rooms what the stations make of the log: something may settle there
     */
    static Waiting of(InstrumentSpec spec, List<LoggedEvent> counted, Collection<?> rooms) {
        List<Wait> all = new ArrayList<>();
        Set<Long> ended = new HashSet<>();
        for (LoggedEvent logged : counted) {
            all.removeIf(wait -> looked(wait, logged));
            switch (logged.event()) {
                case JobEvent.WaitBegun e ->
                    all.add(new Wait(logged.seq(), e.reason(), logged.at(), e.until(), e.air(), e.note()));
                case JobEvent.WaitEnded e -> ended.add(e.begun());
                case JobEvent.AirRead e -> air(spec, all, logged, e);
                default ->
                    logged.event()
                            .cures()
                            .ifPresent(reason -> all.add(new Wait(
                                    logged.seq(),
                                    reason,
                                    logged.at(),
                                    reason.usual() == null ? null : logged.at().plus(reason.usual()),
                                    null,
                                    "")));
            }
        }
        for (Object room : rooms)
            if (room instanceof Waits settling)
                for (Wait wait : settling.waits())
                    if (counted.stream().noneMatch(e -> e.seq() > wait.begun() && looked(wait, e))) all.add(wait);
        return new Waiting(
                all.stream()
                        .filter(wait -> !ended.contains(wait.begun()))
                        .sorted(Comparator.comparing(Wait::since))
                        .toList(),
                counted.isEmpty() ? null : counted.getLast().at());
    }

    /** What is in the case is what the wood stands in: outside the range it is given its days, and within it has had them. */
    private static void air(InstrumentSpec spec, List<Wait> all, LoggedEvent logged, JobEvent.AirRead read) {
        all.removeIf(wait -> wait.air() != null && wait.air().holds(read.humidity()));
        if (read.place() != JobEvent.AirRead.Place.CASE) return;
        boolean conditions = all.stream().anyMatch(wait -> wait.reason() == WaitReason.CONDITIONING);
        if (AirVerdict.of(spec.kind(), read.humidity()) == AirVerdict.FINE)
            all.removeIf(wait -> wait.reason() == WaitReason.CONDITIONING);
        else if (!conditions)
            all.add(new Wait(
                    logged.seq(),
                    WaitReason.CONDITIONING,
                    logged.at(),
                    Conditioning.until(logged.at()),
                    null,
                    AirVerdict.of(spec.kind(), read.humidity()) == AirVerdict.DRY ? "too dry" : "too wet"));
    }

    /** What time alone has ended is done with when somebody goes on; the neck that had its night, when it was read. */
    private static boolean looked(Wait wait, LoggedEvent logged) {
        if (!wait.byClock() || wait.until() == null || logged.at().isBefore(wait.until())) return false;
        return wait.reason() != WaitReason.NEXT_DAY
                || (logged.event() instanceof JobEvent.ReadingTaken reading
                        && Station.of(reading.method()) == Station.RELIEF);
    }

    /** Those that go on at a moment. */
    public List<Wait> lasting(Instant now) {
        return all.stream().filter(wait -> wait.lasts(now, latest)).toList();
    }

    /** Those that are over by the clock, and that nobody has looked at since. */
    public List<Wait> over(Instant now) {
        return all.stream().filter(wait -> !wait.lasts(now, latest)).toList();
    }

    /** When a wait is over, as a clock that says {@code now} will show it; null where nobody knows. */
    public @Nullable Instant endsAt(Wait wait, Instant now) {
        return wait.endsAt(now, latest);
    }

    /** Those that hold up something at a moment. */
    public List<Wait> holding(Instant now, WaitReason.Holds... what) {
        Predicate<Wait> holds =
                wait -> Stream.of(what).anyMatch(h -> wait.reason().holds() == h);
        return lasting(now).stream().filter(holds).toList();
    }

    /** The one that lasts longest of some: one that nobody knows the end of lasts longest. */
    public static Wait longest(List<Wait> some) {
        return some.stream()
                .max(Comparator.comparing(wait -> wait.until() == null ? Instant.MAX : wait.until()))
                .orElseThrow();
    }
}
