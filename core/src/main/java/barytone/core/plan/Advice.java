package barytone.core.plan;

import barytone.core.bridge.NeckShim;
import barytone.core.estimate.Normal;
import barytone.core.instrument.InstrumentSpec;
import barytone.core.joblog.JobEvent;
import barytone.core.joblog.RodStep;
import barytone.core.joblog.TakenReading;
import barytone.core.quantity.Turns;
import barytone.core.reading.Tool;
import barytone.core.reading.Toolkit;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/** What to do next, with the facts that the reason is told from. */
public sealed interface Advice {

    /** The station at which it is done. */
    Station station();

    /** What it is about; an advice that was declined by its topic does not come again on this job. */
    String topic();

    /** Read these strings at a station. */
    record Measure(
            Station station,
            List<Integer> strings,
            Reason reason,
            @Nullable Tool tool) implements Advice {
        /** Why a reading is asked for. */
        public enum Reason {
            /** Never read. */
            FIRST,
            /** Known too loosely since the last move. */
            STALE,
            /** Read before the neck had settled, or only predicted: confirm before it is called done. */
            SECOND_LOOK,
            /** The tool cannot decide against the band; a finer one can. */
            FINER_TOOL,
            /** One reading cannot decide; a second one with the same tool may. */
            ONCE_MORE,
            /** Moved, or moved along, since it was last read: the final look before hand-over. */
            RECHECK
        }

        public Measure(Station station, List<Integer> strings, Reason reason) {
            this(station, strings, reason, null);
        }

        @Override
        public String topic() {
            return switch (reason) {
                case FIRST -> unread(station);
                case STALE, SECOND_LOOK -> "again-" + station;
                case FINER_TOOL, ONCE_MORE -> closer(station);
                case RECHECK -> "recheck";
            };
        }

        /** Declined: the station is not read, and so not worked at. */
        static String unread(Station station) {
            return "measure-" + station;
        }

        /** Declined: what was read is taken as it is. */
        static String closer(Station station) {
            return "closer-" + station;
        }
    }

    /** Read this one again: it is far from what was expected. */
    record MeasureAgain(TakenReading doubted) implements Advice {
        @Override
        public Station station() {
            return Station.of(doubted.reading().method());
        }

        @Override
        public String topic() {
            return "doubt-" + doubted.seq();
        }
    }

    /** Bring the strings back to pitch. */
    record Retune(Station station) implements Advice {
        @Override
        public String topic() {
            return "retune";
        }
    }

    /** Leave the neck alone until it has settled. */
    record Settle(Instant until) implements Advice, AtTheRod {}

    /** Work on heights that can be ticked off as advised. */
    sealed interface Adjusting extends Advice {
        /** What is noted when it was done as advised. */
        JobEvent.Adjustment event(InstrumentSpec spec);

        @Override
        default Station station() {
            return this instanceof FileSlots || this instanceof LowerNut || this instanceof RaiseNut
                    ? Station.NUT
                    : Station.ACTION;
        }
    }

    /** Advice of the relief station. */
    sealed interface AtTheRod extends Advice {
        @Override
        default Station station() {
            return Station.RELIEF;
        }

        @Override
        default String topic() {
            return "relief";
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
            implements AtTheRod {}

    /** The last step moved the relief the wrong way. */
    record WrongWay(RodStep step) implements AtTheRod {}

    /** Stop and refer, or decide with open eyes. */
    record Stop(Reason reason, @Nullable RodStep step) implements AtTheRod {
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
    record FreePlay(RodStep step) implements AtTheRod {}

    /** Nothing more to do at a station. */
    record Done(Station station, Reason reason) implements Advice {
        /** Why it is done. */
        public enum Reason {
            /** In its band as found. */
            LEAVE_IT,
            /** In its band after the work. */
            IN_BAND,
            /** At the edge of the band; there is no finer step that would do better. */
            AS_NEAR_AS_IT_GOES,
            /** One side is in, the other is out: no turn helps both. */
            SIDES_DIFFER
        }

        @Override
        public String topic() {
            return "done";
        }
    }

    /** Bring a spring-balanced bridge level and block it before heights are measured. */
    record LevelVibrato() implements Advice {
        /** How this advice is answered. */
        public static final String TOPIC = "vibrato-level";

        @Override
        public Station station() {
            return Station.ACTION;
        }

        @Override
        public String topic() {
            return TOPIC;
        }
    }

    /**
     * File nut slots, then tune once. The first slot is filed alone, until the bite is known.
     *
     * @param slots lowest string first
     * @param bite mm per stroke
     * @param learned whether the bite was measured on this nut
     */
    record FileSlots(List<Slot> slots, Normal bite, boolean learned) implements Adjusting {
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
            /** An advice to file this slot is declined by this topic. */
            public static String topic(int string) {
                return "file-" + string;
            }
        }

        @Override
        public JobEvent.Adjustment event(InstrumentSpec spec) {
            return new JobEvent.SlotsFiled(slots.stream()
                    .map(s -> new JobEvent.Filing(s.string(), s.strokes(), s.light()))
                    .toList());
        }

        @Override
        public String topic() {
            return "file";
        }
    }

    /**
     * Sand the underside of the nut: every slot falls together.
     *
     * @param amount mm
     * @param governing the string with the smallest surplus
     * @param remains what is still too much in each slot afterwards, in mm of the judged method
     */
    record LowerNut(double amount, int governing, Map<Integer, Double> remains) implements Adjusting {
        @Override
        public JobEvent.Adjustment event(InstrumentSpec spec) {
            return new JobEvent.NutReworked(JobEvent.NutReworked.Way.UNDERSIDE_SANDED, spec.everyString(), -amount);
        }

        @Override
        public String topic() {
            return "nut-underside";
        }
    }

    /**
     * Raise slots that are too low.
     *
     * @param low the strings
     * @param amount at the slot, mm
     * @param shim under the whole nut rather than single slots filled
     */
    record RaiseNut(List<Integer> low, double amount, boolean shim) implements Adjusting {
        @Override
        public JobEvent.Adjustment event(InstrumentSpec spec) {
            return shim
                    ? new JobEvent.NutReworked(JobEvent.NutReworked.Way.SHIMMED, spec.everyString(), amount)
                    : new JobEvent.NutReworked(JobEvent.NutReworked.Way.FILLED, low, amount);
        }

        @Override
        public String topic() {
            return "nut-low";
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
            implements Adjusting {
        @Override
        public JobEvent.Adjustment event(InstrumentSpec spec) {
            return new JobEvent.BridgeScrewed(screws);
        }

        @Override
        public String topic() {
            return rough ? "rough-action" : "action";
        }
    }

    /**
     * Take off from the underside of a fixed saddle, or raise it.
     *
     * @param bass change under the lowest string in mm, negative is taken off
     * @param treble change under string 1
     * @param rough only brought near, before the nut
     * @param expected action after the move per string, in mm of the judged method
     */
    record ReworkSaddle(double bass, double treble, boolean rough, Map<Integer, Normal> expected) implements Adjusting {
        /** Whether the saddle must come up, by a shim or a new one. */
        public boolean raising() {
            return bass > 0 || treble > 0;
        }

        @Override
        public JobEvent.Adjustment event(InstrumentSpec spec) {
            return new JobEvent.SaddleReworked(
                    raising() ? JobEvent.SaddleReworked.Way.SHIMMED : JobEvent.SaddleReworked.Way.SANDED, bass, treble);
        }

        @Override
        public String topic() {
            return rough ? "rough-action" : "action";
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
            implements Adjusting {
        /** A neck pocket as a rule, mm. */
        public static final double POCKET = 70;

        @Override
        public JobEvent.Adjustment event(InstrumentSpec spec) {
            return new JobEvent.NeckShimmed(shim.end(), shim.thickness(), bodyEdge, heelEnd);
        }

        @Override
        public String topic() {
            return BridgeLimit.TOPIC;
        }
    }

    /**
     * The bridge cannot go where it should, and the neck cannot be shimmed: refer it, or go on as far as it goes.
     *
     * @param lower whether it is too high and stands at its floor
     * @param shortBy how far the saddles would have to go beyond, mm
     */
    record BridgeLimit(boolean lower, double shortBy) implements Advice {
        /** Declined: the bridge goes as far as it goes. */
        static final String TOPIC = "bridge-limit";

        @Override
        public Station station() {
            return Station.ACTION;
        }

        @Override
        public String topic() {
            return TOPIC;
        }
    }

    /**
     * The work that was agreed on is done.
     *
     * @param results of each station, in the order of work
     * @param declined topics that the technician chose to leave
     */
    record Finished(List<Done> results, List<String> declined) implements Advice {
        @Override
        public Station station() {
            return results.isEmpty() ? Station.RELIEF : results.getLast().station();
        }

        @Override
        public String topic() {
            return "done";
        }
    }

    /** The job is closed. */
    record ClosedJob() implements Advice {
        @Override
        public Station station() {
            return Station.RELIEF;
        }

        @Override
        public String topic() {
            return "closed";
        }
    }
}
