package barytone.core.plan;

import barytone.core.estimate.Normal;
import barytone.core.joblog.RodStep;
import barytone.core.joblog.TakenReading;
import barytone.core.quantity.Turns;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/** What to do next at the relief station, with the facts that the reason is told from. */
public sealed interface Advice {

    /** Read relief on these strings. */
    record Measure(List<Integer> strings, Reason reason) implements Advice {
        /** Why a reading is asked for. */
        public enum Reason {
            /** Never read. */
            FIRST,
            /** Known too loosely since the last move. */
            STALE,
            /** Read before the neck had settled, or only predicted: confirm before it is called done. */
            SECOND_LOOK,
            /** The tool cannot decide against the band; a finer one can. */
            FINER_TOOL
        }
    }

    /** Read this one again: it is far from what was expected. */
    record MeasureAgain(TakenReading doubted) implements Advice {}

    /** Bring the strings back to pitch. */
    record Retune() implements Advice {}

    /** Leave the neck alone until it has settled. */
    record Settle(Instant until) implements Advice {}

    /**
     * Turn the rod.
     *
     * @param net clockwise as seen from the access end
     * @param path the movements that make it up, in order; more than one when it ends by tightening or starts by easing
     * @param stiffTry an easing first, since the rod was stiff
     * @param remaining turns still wanted for the middle of the bands, this step included
     * @param perTurn response in mm of the current habit per full turn clockwise
     * @param learned whether the response was measured on this rod
     * @param expected relief after the move per string, in mm of the current habit
     */
    record TurnRod(
            Turns net,
            List<Turns> path,
            boolean stiffTry,
            double remaining,
            Normal perTurn,
            boolean learned,
            Map<Integer, Normal> expected)
            implements Advice {}

    /** The last step moved the relief the wrong way. */
    record WrongWay(RodStep step) implements Advice {}

    /** Stop and refer, or decide with open eyes. */
    record Stop(Reason reason, @Nullable RodStep step) implements Advice {
        /** Why to stop. */
        public enum Reason {
            /** No rod to turn. */
            NO_ROD,
            /** Stiff again after easing. */
            STIFF,
            /** Turns without effect, or a response that falls away. */
            NO_RESPONSE,
            /** Loosened without effect: slack, the strings pull no further. */
            SLACK,
            /** The next step would go past the set limit. */
            LIMIT
        }
    }

    /** The last step met no resistance in a rod that has free play. */
    record FreePlay(RodStep step) implements Advice {}

    /** Nothing more to do here. */
    record Done(Reason reason) implements Advice {
        /** Why it is done. */
        public enum Reason {
            /** In its band as found. */
            LEAVE_IT,
            /** In its band after the work. */
            IN_BAND,
            /** At the edge of the band; the rod has no finer step that would do better. */
            AS_NEAR_AS_IT_GOES,
            /** One side is in, the other is out: no turn helps both. */
            SIDES_DIFFER
        }
    }

    /** The job is closed. */
    record ClosedJob() implements Advice {}
}
