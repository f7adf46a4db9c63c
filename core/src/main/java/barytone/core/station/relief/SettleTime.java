package barytone.core.station.relief;

import barytone.core.job.LoggedEvent;
import barytone.core.wait.Wait;
import barytone.core.wait.WaitReason;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * Settle time: how long a neck is left after a turn of its rod before a verdict. Wood follows the rod with a delay, a twentieth to a third of a step within minutes to two
 * hours; who reads at once sees less than he did, and turns too far.
 */
final class SettleTime {
    /** So far in all, and the neck is looked at once more the next day, sixteenths of a turn. */
    private static final int FAR = 4;

    private SettleTime() {}

    /** When the neck may be judged; null where the shop does not wait. */
    static @Nullable Instant after(Instant turned, RodWays ways) {
        return ways.settleMinutes() == 0 ? null : turned.plus(Duration.ofMinutes(ways.settleMinutes()));
    }

    /**
     * What is waited for after the last turn: its verdict, and after a big move the look of the next day.
     *
     * @param turned the last turn; null where there was none
     * @param settledAt when the neck may be judged; null where it is not waited for
     */
    static List<Wait> waits(@Nullable LoggedEvent turned, @Nullable Instant settledAt, List<RodStep> steps) {
        if (turned == null) return List.of();
        List<Wait> waits = new ArrayList<>();
        if (settledAt != null) waits.add(new Wait(turned.seq(), WaitReason.SETTLING, turned.at(), settledAt, null, ""));
        int far = steps.stream()
                .mapToInt(step -> Math.abs(step.net().sixteenths()))
                .sum();
        Duration night = WaitReason.NEXT_DAY.usual();
        if (far > FAR && night != null)
            waits.add(new Wait(
                    turned.seq(), WaitReason.NEXT_DAY, turned.at(), turned.at().plus(night), null, ""));
        return waits;
    }
}
