package barytone.core.station.relief;

import barytone.core.buzz.Hint;
import barytone.core.buzz.SeenElsewhere;
import barytone.core.estimate.Normal;
import barytone.core.height.Drifts;
import barytone.core.job.JobState;
import barytone.core.job.Waits;
import barytone.core.quantity.Turns;
import barytone.core.wait.Wait;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * What follows from the log about the rod.
 *
 * @param steps rod turns with what they did, oldest first; turns without bite are left out
 * @param netTurns clockwise turns since as found, turns without bite left out
 * @param freeTurns clockwise turns that were noted as running free
 * @param settledAt when the neck may be judged after the last turn; null when it was never turned or the wait was skipped
 * @param waits what settles after the last turn
 * @param latest when the last entry that counts was made; null before the first
 * @param stiffReports how often the rod was reported stiff since it last turned
 * @param reversed whether the rod is known to straighten anticlockwise
 * @param slackRod the rod turned without biting when it was turned last
 * @param reliefShare what relief moved by for what the action says that it should, 1 being just that; null while too little was turned to tell
 */
public record ReliefState(
        List<RodStep> steps,
        Turns netTurns,
        Turns freeTurns,
        @Nullable Instant settledAt,
        List<Wait> waits,
        @Nullable Instant latest,
        int stiffReports,
        boolean reversed,
        boolean slackRod,
        @Nullable Normal reliefShare)
        implements Drifts, SeenElsewhere, Waits {
    public ReliefState {
        steps = List.copyOf(steps);
        waits = List.copyOf(waits);
    }

    /** Of a job. */
    public static ReliefState of(JobState job) {
        return job.room(ReliefState.class);
    }

    /** A neck that was turned goes on for hours. */
    @Override
    public boolean drifts() {
        return !steps.isEmpty();
    }

    @Override
    public Set<Hint> known() {
        return slackRod ? Set.of(Hint.ROD_SLACK) : Set.of();
    }

    /** Turns in the straightening direction since as found; negative when looser. */
    public Turns tighterThanFound() {
        return reversed ? netTurns.negated() : netTurns;
    }

    /** The same with the turns that were taken to run free: whether they did is not known, and a rod breaks all the same. */
    public Turns tightened() {
        Turns all = netTurns.plus(freeTurns);
        return reversed ? all.negated() : all;
    }

    /**
     * Until when the neck must be waited for, as a clock that says {@code now} will show it; null when there is nothing to wait for. A clock that was set back since
     * the last entry has said nothing of the time since: then all that was left of the wait is left.
     */
    public @Nullable Instant settlesAt(Instant now) {
        if (settledAt == null) return null;
        Instant until =
                latest != null && now.isBefore(latest) ? now.plus(Duration.between(latest, settledAt)) : settledAt;
        return now.isBefore(until) ? until : null;
    }

    /** Whether relief was read on a string since the last turn of the rod. */
    public boolean readSinceTurn(JobState job, int string) {
        return job.lastRelief(string)
                .filter(r -> steps.isEmpty() || r.seq() > steps.getLast().turn())
                .isPresent();
    }
}
