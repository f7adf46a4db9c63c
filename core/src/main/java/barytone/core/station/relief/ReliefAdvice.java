package barytone.core.station.relief;

import barytone.core.advice.Advice;
import barytone.core.estimate.Normal;
import barytone.core.estimate.SetupEstimate;
import barytone.core.job.JobEvent;
import barytone.core.job.JobState;
import barytone.core.job.Station;
import barytone.core.job.Topic;
import barytone.core.quantity.Turns;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** Advice of the relief station. */
public sealed interface ReliefAdvice extends Advice {
    @Override
    default Station station() {
        return Station.RELIEF;
    }

    @Override
    default Topic topic() {
        return JobState.leaving(Station.RELIEF);
    }

    /** Leave the neck alone until it has settled. */
    record Settle(Instant until) implements ReliefAdvice {
        @Override
        public Optional<JobEvent> becomes(JobState job) {
            return Optional.of(new ReliefEvent.SettlingSkipped());
        }

        @Override
        public Optional<Instant> waitsUntil() {
            return Optional.of(until);
        }
    }

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
            implements ReliefAdvice {
        @Override
        public Optional<SetupEstimate> expected(JobState job) {
            return Optional.of(RodAdvisor.after(job, net));
        }

        @Override
        public Optional<JobEvent> becomes(JobState job) {
            return Optional.of(new ReliefEvent.RodTurned(net, path.size() > 1 && !stiffTry, false));
        }
    }

    /** The last step moved the relief the wrong way. */
    record WrongWay(RodStep step) implements ReliefAdvice {
        @Override
        public Optional<JobEvent> becomes(JobState job) {
            return Optional.of(new ReliefEvent.RodDirectionLearned(true));
        }
    }

    /** Stop and refer, or decide with open eyes. */
    record Stop(Reason reason, @Nullable RodStep step) implements ReliefAdvice {
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
    record FreePlay(RodStep step) implements ReliefAdvice {
        @Override
        public Optional<JobEvent> becomes(JobState job) {
            return Optional.of(new ReliefEvent.RodRanFree(step.turn()));
        }
    }
}
