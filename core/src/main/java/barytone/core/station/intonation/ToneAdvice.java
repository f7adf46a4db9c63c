package barytone.core.station.intonation;

import barytone.core.advice.Advice;
import barytone.core.instrument.InstrumentSpec;
import barytone.core.job.Adjustment;
import barytone.core.job.JobEvent;
import barytone.core.job.JobState;
import barytone.core.job.Station;
import barytone.core.job.Topic;
import barytone.core.quantity.Turns;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Advice of the intonation station. */
public sealed interface ToneAdvice extends Advice {
    @Override
    default Station station() {
        return Station.INTONATION;
    }

    /** Move saddles along their strings, then tune once. */
    record MoveSaddles(List<Step> steps) implements ToneAdvice, Adjusting {
        /**
         * One saddle, pair, crown or foot.
         *
         * @param support from bass to treble, as {@link InstrumentSpec#lengthwise} names them
         * @param back mm, positive away from the nut
         * @param clockwise turns of its screw as the screwdriver sees it; none where it has no screw
         * @param before error of each of its strings now, in cents at 12
         * @param after the same after the move
         * @param shortBy how much of the move there is no room for, mm
         */
        public record Step(
                int support,
                double back,
                Turns clockwise,
                Map<Integer, Double> before,
                Map<Integer, Double> after,
                double shortBy) {}

        @Override
        public Adjustment event(InstrumentSpec spec) {
            int supports = spec.lengthwise().size();
            List<Turns> turns = new ArrayList<>(Collections.nCopies(supports, Turns.NONE));
            List<Double> back = new ArrayList<>(Collections.nCopies(supports, 0.0));
            for (Step step : steps) {
                turns.set(step.support(), step.clockwise());
                if (step.clockwise().isZero()) back.set(step.support(), step.back());
            }
            return new ToneEvent.SaddlesMoved(turns, back);
        }

        @Override
        public Topic topic() {
            return JobState.leaving(Station.INTONATION);
        }
    }

    /** A saddle cannot go as far as its strings want. */
    record SaddleLimit(MoveSaddles.Step step) implements ToneAdvice {
        /** The kind of topic by which it is declined. */
        public static final String KIND = "saddle-limit";

        static Topic topic(int support) {
            return Topic.of(KIND, support);
        }

        @Override
        public Topic topic() {
            return topic(step.support());
        }
    }

    /**
     * A saddle did not go with its screw: push it home.
     *
     * @param back what it still owes, mm; positive away from the nut
     */
    record SaddleStayed(int support, double back) implements ToneAdvice, Adjusting {
        /** The kind of topic by which it is declined. */
        public static final String KIND = "saddle-stayed";

        @Override
        public Adjustment event(InstrumentSpec spec) {
            int supports = spec.lengthwise().size();
            List<Double> pushed = new ArrayList<>(Collections.nCopies(supports, 0.0));
            pushed.set(support, back);
            return new ToneEvent.SaddlesMoved(Collections.nCopies(supports, Turns.NONE), pushed);
        }

        static Topic topic(int support) {
            return Topic.of(KIND, support);
        }

        @Override
        public Topic topic() {
            return topic(support);
        }
    }

    /** The pitch went the wrong way after a saddle's screw was turned. */
    record SaddleWrongWay(int support) implements ToneAdvice {
        /** The kind of topic by which it is declined. */
        public static final String KIND = "saddle-way";

        @Override
        public Optional<JobEvent> becomes(JobState job) {
            return Optional.of(
                    new ToneEvent.LengthDirectionLearned(!Tones.of(job).clockwiseBack()));
        }

        static Topic topic(int support) {
            return Topic.of(KIND, support);
        }

        @Override
        public Topic topic() {
            return topic(support);
        }
    }

    /**
     * A string is false or dead.
     *
     * @param disagreement how far its harmonic stands above the open string beyond what stiffness explains, in cents; empty when its
     *     pitch wavers
     */
    record ReplaceString(int string, Optional<Double> disagreement) implements ToneAdvice {
        /** The kind of topic by which it is declined. */
        public static final String KIND = "string";

        @Override
        public Optional<JobEvent> becomes(JobState job) {
            return Optional.of(new ToneEvent.StringRenewed(string));
        }

        static Topic topic(int string) {
            return Topic.of(KIND, string);
        }

        @Override
        public Topic topic() {
            return topic(string);
        }
    }

    /** Sharp in the first frets: the nut is too high, and no saddle puts that right. */
    record NutFirst(List<Integer> strings) implements ToneAdvice {
        /** How this advice is declined. */
        public static final Topic TOPIC = Topic.of("nut-first");

        @Override
        public Topic topic() {
            return TOPIC;
        }
    }
}
