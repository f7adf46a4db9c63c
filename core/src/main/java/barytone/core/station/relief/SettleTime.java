package barytone.core.station.relief;

import java.time.Duration;
import java.time.Instant;
import org.jspecify.annotations.Nullable;

/**
 * Settle time: how long a neck is left after a turn of its rod before a verdict. Wood follows the rod with a delay, a twentieth to a third of a step within minutes to two
 * hours; who reads at once sees less than he did, and turns too far.
 */
final class SettleTime {
    private SettleTime() {}

    /** When the neck may be judged; null where the shop does not wait. */
    static @Nullable Instant after(Instant turned, RodWays ways) {
        return ways.settleMinutes() == 0 ? null : turned.plus(Duration.ofMinutes(ways.settleMinutes()));
    }
}
