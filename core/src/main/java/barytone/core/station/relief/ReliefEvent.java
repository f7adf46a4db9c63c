package barytone.core.station.relief;

import barytone.core.height.ReliefTarget;
import barytone.core.instrument.InstrumentSpec;
import barytone.core.job.JobDefaults;
import barytone.core.job.JobEvent;
import barytone.core.quantity.Turns;
import java.util.List;

/** What happened at the rod. */
public sealed interface ReliefEvent extends JobEvent {
    /**
     * The rod was turned.
     *
     * @param net clockwise as seen from the access end; what remains after coming back
     * @param finishTightening loosened past it and came back tightening
     * @param free the nut turned without biting, so it changed nothing and does not count
     */
    record RodTurned(Turns net, boolean finishTightening, boolean free) implements ReliefEvent {
        @Override
        public List<Integer> slackens(InstrumentSpec spec) {
            return spec.everyString();
        }
    }

    /** An earlier turn met no resistance: slack or the free play in the middle of a double-action rod. */
    record RodRanFree(long turn) implements ReliefEvent, JobEvent.LookingBack {}

    /** An earlier turn was made in the other direction than noted. */
    record RodTurnedOtherWay(long turn) implements ReliefEvent, JobEvent.LookingBack {}

    /** It is known which way this rod straightens. */
    record RodDirectionLearned(boolean straightensAnticlockwise) implements ReliefEvent, JobEvent.LookingBack {}

    /** The rod did not want to turn. */
    record RodStiff() implements ReliefEvent {}

    /** The wait after a rod turn was cut short. */
    record SettlingSkipped() implements ReliefEvent {}

    /** The wanted relief was chosen. */
    record TargetSet(ReliefTarget target) implements ReliefEvent, Choosing {
        @Override
        public JobDefaults chosen(JobDefaults before) {
            return before.choosing(target);
        }
    }

    /** The way of turning the rod was chosen. */
    record RodWaysSet(RodWays ways) implements ReliefEvent, Choosing {
        @Override
        public JobDefaults chosen(JobDefaults before) {
            return before.choosing(ways);
        }
    }
}
