package barytone.core.joblog;

import barytone.core.estimate.Move;
import barytone.core.neck.GapMethod;
import barytone.core.plan.ReliefTarget;
import barytone.core.plan.RodWays;
import barytone.core.quantity.Turns;
import barytone.core.reading.Gap;
import barytone.core.reading.Position;
import barytone.core.reading.Tool;

/** One thing that happened on a job. Events are only ever added; undoing is an event too. */
public sealed interface JobEvent {
    /**
     * A gap was read.
     *
     * @param string 1 is the highest
     * @param typed what the technician typed or tapped, kept as it was
     */
    record ReadingTaken(int string, GapMethod method, Tool tool, Gap gap, Position position, String typed)
            implements JobEvent {}

    /** A doubted reading is right after all. */
    record ReadingKept(long reading) implements JobEvent {}

    /** A doubted reading was wrong. */
    record ReadingDropped(long reading) implements JobEvent {}

    /**
     * The rod was turned.
     *
     * @param net clockwise as seen from the access end; what remains after coming back
     * @param finishTightening loosened past it and came back tightening
     * @param free the nut turned without biting, so it changed nothing and does not count
     */
    record RodTurned(Turns net, boolean finishTightening, boolean free) implements JobEvent {}

    /** An earlier turn met no resistance: slack or the free play in the middle of a double-action rod. */
    record RodRanFree(long turn) implements JobEvent {}

    /** An earlier turn was made in the other direction than noted. */
    record RodTurnedOtherWay(long turn) implements JobEvent {}

    /** It is known which way this rod straightens. */
    record RodDirectionLearned(boolean straightensAnticlockwise) implements JobEvent {}

    /** The rod did not want to turn. */
    record RodStiff() implements JobEvent {}

    /** Any other change of the setup: a saddle screwed or sanded, a slot filed, strings or humidity changed. */
    record Moved(Move move) implements JobEvent {}

    /** Brought back to pitch. */
    record Retuned() implements JobEvent {}

    /** The wait after a rod turn was cut short. */
    record SettlingSkipped() implements JobEvent {}

    /** A note in the technician's words. */
    record NoteWritten(String text) implements JobEvent {}

    /** The wanted relief was chosen. */
    record TargetSet(ReliefTarget target) implements JobEvent {}

    /** The way of reading relief was chosen. */
    record HabitSet(ReliefHabit habit) implements JobEvent {}

    /** The way of turning the rod was chosen. */
    record RodWaysSet(RodWays ways) implements JobEvent {}

    /** The job was closed: what is measured now is as left. */
    record Closed() implements JobEvent {}

    /** The job was opened again. */
    record Reopened() implements JobEvent {}

    /** An earlier event does not count. */
    record Undone(long event) implements JobEvent {}

    /** An undone event counts again. */
    record Redone(long event) implements JobEvent {}
}
