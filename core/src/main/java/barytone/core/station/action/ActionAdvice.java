package barytone.core.station.action;

import barytone.core.advice.Advice;
import barytone.core.bridge.NeckShim;
import barytone.core.estimate.Normal;
import barytone.core.estimate.SetupEstimate;
import barytone.core.instrument.InstrumentSpec;
import barytone.core.job.Adjustment;
import barytone.core.job.JobEvent;
import barytone.core.job.JobState;
import barytone.core.job.Station;
import barytone.core.job.Topic;
import barytone.core.quantity.Turns;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Advice of the action station. */
public sealed interface ActionAdvice extends Advice {
    @Override
    default Station station() {
        return Station.ACTION;
    }

    /** Bring a spring-balanced bridge level and block it before heights are measured. */
    record LevelVibrato() implements ActionAdvice {
        /** How this advice is answered. */
        public static final Topic TOPIC = Topic.of("vibrato-level");

        @Override
        public Topic topic() {
            return TOPIC;
        }

        @Override
        public Optional<JobEvent> becomes(JobState job) {
            return Optional.of(new JobEvent.Answered(TOPIC, true));
        }

        @Override
        public boolean canWait() {
            return false;
        }
    }

    /**
     * Turn height screws.
     *
     * @param screws turns of each support from bass to treble, positive raises
     * @param rough only brought near, before the nut
     * @param raising something goes up, so strings are slackened first
     * @param perTurn thread pitch, mm per turn
     * @param learned whether the thread pitch is known or was measured
     * @param expected action after the move per string, in mm of the judged method
     */
    record TurnScrews(
            List<Turns> screws,
            boolean rough,
            boolean raising,
            Normal perTurn,
            boolean learned,
            Map<Integer, Normal> expected)
            implements ActionAdvice, Adjusting {
        /** How a rough setting is declined. */
        public static final Topic ROUGH = Topic.of("rough-action");

        @Override
        public Adjustment event(InstrumentSpec spec) {
            return new ActionEvent.BridgeScrewed(screws);
        }

        @Override
        public Topic topic() {
            return rough ? ROUGH : JobState.leaving(Station.ACTION);
        }
    }

    /**
     * Take off from the underside of a fixed saddle, or raise it.
     *
     * @param bass the whole change under the lowest string in mm, negative is taken off
     * @param treble the same under string 1
     * @param firstBass how much of it is safe in one go, to be read again after it
     * @param firstTreble the same under string 1
     * @param expected action after the whole of it per string, in mm of the judged method
     */
    record ReworkSaddle(double bass, double treble, double firstBass, double firstTreble, Map<Integer, Normal> expected)
            implements ActionAdvice, Adjusting {
        /** Whether the saddle must come up, by a shim or a new one. */
        public boolean raising() {
            return bass > 0 || treble > 0;
        }

        /** Whether a part of it comes off first. */
        public boolean inSteps() {
            return firstBass != bass || firstTreble != treble;
        }

        @Override
        public Adjustment event(InstrumentSpec spec) {
            return reworked(firstBass, firstTreble);
        }

        @Override
        public Optional<SetupEstimate> expected(JobState job) {
            return Optional.of(job.estimate().after(whole().moves(job.spec())));
        }

        @Override
        public Optional<JobEvent> becomesWhole(JobState job) {
            return inSteps() ? Optional.of(whole()) : Optional.empty();
        }

        /** What is noted when all of it was done at once. */
        public Adjustment whole() {
            return reworked(bass, treble);
        }

        private Adjustment reworked(double low, double high) {
            return new ActionEvent.SaddleReworked(
                    raising() ? ActionEvent.SaddleReworked.Way.SHIMMED : ActionEvent.SaddleReworked.Way.SANDED,
                    low,
                    high);
        }

        @Override
        public Topic topic() {
            return JobState.leaving(Station.ACTION);
        }
    }

    /** Before a saddle is sanded: how far does it stand proud of the bridge? What is off does not come back. */
    record LookAtSaddle() implements ActionAdvice {
        /** How this advice is declined. */
        public static final Topic TOPIC = Topic.of("saddle-proud");

        @Override
        public Topic topic() {
            return TOPIC;
        }
    }

    /**
     * The bridge cannot go where it should, and a wedge under the bolt-on neck makes room.
     *
     * @param lower whether it is too high and stands at its floor
     * @param shortBy how far the saddles would have to go beyond, mm
     * @param shim the wedge
     * @param bodyEdge where the pocket begins, mm from the nut
     * @param heelEnd where it ends, mm from the nut
     */
    record ShimNeck(boolean lower, double shortBy, NeckShim shim, double bodyEdge, double heelEnd)
            implements ActionAdvice, Adjusting {
        /** A neck pocket as a rule, mm. */
        public static final double POCKET = 70;

        @Override
        public Adjustment event(InstrumentSpec spec) {
            return new ActionEvent.NeckShimmed(shim.end(), shim.thickness(), bodyEdge, heelEnd);
        }

        @Override
        public Topic topic() {
            return BridgeLimit.TOPIC;
        }
    }

    /**
     * The bridge cannot go where it should, and the neck cannot be shimmed: refer it, or go on as far as it goes.
     *
     * @param lower whether it is too high and stands at its floor
     * @param shortBy how far the saddles would have to go beyond, mm
     */
    record BridgeLimit(boolean lower, double shortBy) implements ActionAdvice {
        /** Declined: the bridge goes as far as it goes. */
        public static final Topic TOPIC = Topic.of("bridge-limit");

        @Override
        public Topic topic() {
            return TOPIC;
        }
    }
}
