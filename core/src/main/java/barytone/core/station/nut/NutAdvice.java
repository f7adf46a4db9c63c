package barytone.core.station.nut;

import barytone.core.advice.Advice;
import barytone.core.estimate.Normal;
import barytone.core.instrument.InstrumentSpec;
import barytone.core.job.Adjustment;
import barytone.core.job.JobState;
import barytone.core.job.Station;
import barytone.core.job.Topic;
import barytone.core.reading.Toolkit;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/** Advice of the nut. */
public sealed interface NutAdvice extends Advice {
    @Override
    default Station station() {
        return Station.NUT;
    }

    /**
     * File nut slots, all that want it in one slackening, then tune once.
     *
     * @param slots lowest string first
     * @param bite mm per stroke
     * @param learned whether the bite was measured on this nut
     */
    record FileSlots(List<Slot> slots, Normal bite, boolean learned) implements NutAdvice, Adjusting {
        /**
         * One slot of a pass.
         *
         * @param strokes this time; the last of the way is left for a later pass
         * @param light with hardly any pressure, taking half
         * @param surplus above the middle of the band, in mm of the judged method
         * @param file which of the owned files; null when none will do
         * @param expected the judged gap after it
         * @param underTwoStrokes what remains is less than two strokes' worth: go carefully or leave it
         */
        public record Slot(
                int string,
                int strokes,
                boolean light,
                double surplus,
                Toolkit.@Nullable FileChoice file,
                Normal expected,
                boolean underTwoStrokes) {
            /** The kind of topic by which a slot is left; alone, as earlier versions had it, all of them. */
            public static final String KIND = "file";

            /** An advice to file this slot is declined by this topic. */
            public static Topic topic(int string) {
                return Topic.of(KIND, string);
            }
        }

        @Override
        public Adjustment event(InstrumentSpec spec) {
            return new NutEvent.SlotsFiled(slots.stream()
                    .map(s -> new NutEvent.Filing(s.string(), s.strokes(), s.light()))
                    .toList());
        }

        @Override
        public Topic topic() {
            return JobState.leaving(Station.NUT);
        }
    }

    /**
     * Sand the underside of the nut: every slot falls together.
     *
     * @param amount mm
     * @param governing the string with the smallest surplus
     * @param remains what is still too much in each slot afterwards, in mm of the judged method
     */
    record LowerNut(double amount, int governing, Map<Integer, Double> remains) implements NutAdvice, Adjusting {
        /** How this advice is declined. */
        public static final Topic TOPIC = Topic.of("nut-underside");

        @Override
        public Adjustment event(InstrumentSpec spec) {
            return new NutEvent.NutReworked(NutEvent.NutReworked.Way.UNDERSIDE_SANDED, spec.everyString(), -amount);
        }

        @Override
        public Topic topic() {
            return TOPIC;
        }
    }

    /**
     * Raise slots that are too low.
     *
     * @param low the strings
     * @param amount at the slot, mm
     * @param shim under the whole nut rather than single slots filled
     * @param unknown how much is missing is not known, for there was no gap
     */
    record RaiseNut(List<Integer> low, double amount, boolean shim, boolean unknown) implements NutAdvice, Adjusting {
        /** How this advice is declined. */
        public static final Topic TOPIC = Topic.of("nut-low");

        @Override
        public Adjustment event(InstrumentSpec spec) {
            return shim
                    ? new NutEvent.NutReworked(NutEvent.NutReworked.Way.SHIMMED, spec.everyString(), amount)
                    : new NutEvent.NutReworked(NutEvent.NutReworked.Way.FILLED, low, amount);
        }

        @Override
        public Topic topic() {
            return TOPIC;
        }
    }
}
