package barytone.core.worktime;

import barytone.core.bridge.BridgeKind;
import barytone.core.instrument.InstrumentKind;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * A piece of work that was observed.
 *
 * @param by who did it; empty where nobody said
 * @param minutes that it took
 */
public record Worked(Task task, InstrumentKind kind, BridgeKind bridge, String by, double minutes) {
    /** Whoever was silent for longer did something else. */
    static final Duration IDLE = Duration.ofMinutes(12);

    /** What is typed in a row was read before it was typed: no reading takes less, minutes. */
    private static final double LEAST = 0.05;

    /**
     * An entry of whichever job.
     *
     * @param by who made it; empty where nobody said
     */
    public record Entry(Task task, InstrumentKind kind, BridgeKind bridge, String by, Instant at) {}

    /**
     * What the tapes of all jobs tell: each entry ends the work since the one before it, by the same hands, on whichever job. Idle stretches are cut out.
     */
    public static List<Worked> of(List<Entry> entries) {
        List<Entry> ordered = new ArrayList<>(entries);
        ordered.sort(Comparator.comparing(Entry::at));
        Map<String, Instant> before = new HashMap<>();
        List<Worked> worked = new ArrayList<>();
        for (Entry entry : ordered) {
            Optional.ofNullable(before.put(entry.by(), entry.at())).ifPresent(last -> {
                Duration gap = Duration.between(last, entry.at());
                if (gap.compareTo(IDLE) <= 0)
                    worked.add(new Worked(
                            entry.task(),
                            entry.kind(),
                            entry.bridge(),
                            entry.by(),
                            Math.max(LEAST, gap.toMillis() / 60_000.0)));
            });
        }
        return worked;
    }
}
