package barytone.core.joblog;

import barytone.core.estimate.Normal;
import barytone.core.estimate.SetupEstimate;
import barytone.core.instrument.InstrumentSpec;
import barytone.core.neck.GapMethod;
import barytone.core.plan.ReliefTarget;
import barytone.core.plan.RodWays;
import barytone.core.quantity.Turns;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * What follows from the log of a job.
 *
 * @param estimate the setup now
 * @param beforeMoves the setup as estimated before the first move; null while none was made
 * @param readings every reading that is not undone, oldest first
 * @param steps rod turns with what they did, oldest first; turns without bite are left out
 * @param netTurns clockwise turns since as found, turns without bite left out
 * @param offPitchSince the turn after which nobody has retuned; empty when at pitch
 * @param settledAt when the neck may be judged after the last turn; null when it was never turned or the wait was skipped
 * @param stiffReports how often the rod was reported stiff since it last turned
 * @param reversed whether the rod is known to straighten anticlockwise
 * @param undone places of the events that do not count
 */
public record JobState(
        InstrumentSpec spec,
        SetupEstimate estimate,
        @Nullable SetupEstimate beforeMoves,
        List<TakenReading> readings,
        List<RodStep> steps,
        Turns netTurns,
        OptionalLong offPitchSince,
        @Nullable Instant settledAt,
        int stiffReports,
        boolean reversed,
        ReliefTarget target,
        ReliefHabit habit,
        RodWays ways,
        boolean closed,
        Set<Long> undone) {

    /** The strings under which relief is read: the lowest and the highest. */
    public List<Integer> reliefStrings() {
        return List.of(spec.bassString(), 1);
    }

    /** Turns in the straightening direction since as found; negative when looser. */
    public Turns tighterThanFound() {
        return reversed ? netTurns.negated() : netTurns;
    }

    /** The last believed relief reading on a string. */
    public Optional<TakenReading> lastRelief(int string) {
        return readings.reversed().stream()
                .filter(r -> r.status() == ReadingStatus.BELIEVED)
                .filter(r -> r.reading().string() == string && r.reading().method() instanceof GapMethod.Relief)
                .findFirst();
    }

    /** Whether relief was read on a string since the last turn of the rod. */
    public boolean readSinceTurn(int string) {
        return lastRelief(string)
                .filter(r -> steps.isEmpty() || r.seq() > steps.getLast().turn())
                .isPresent();
    }

    /** Relief of a string in the current habit, in mm. */
    public Normal relief(int string) {
        return estimate.now(string, habit.method());
    }

    /** As-found relief of a string in the current habit: only when it was read before the first move. */
    public Optional<Normal> foundRelief(int string) {
        SetupEstimate found = beforeMoves != null ? beforeMoves : estimate;
        boolean read = readings.stream()
                .anyMatch(r -> r.status() == ReadingStatus.BELIEVED
                        && r.afterTurns() == 0
                        && r.reading().string() == string
                        && r.reading().method() instanceof GapMethod.Relief);
        return read ? Optional.of(found.now(string, habit.method())) : Optional.empty();
    }

    /** The newest reading that waits for a second opinion. */
    public Optional<TakenReading> doubted() {
        return readings.stream()
                .filter(r -> r.status() == ReadingStatus.SURPRISING)
                .findFirst();
    }
}
