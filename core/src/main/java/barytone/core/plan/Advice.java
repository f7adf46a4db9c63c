package barytone.core.plan;

import barytone.core.bridge.NeckShim;
import barytone.core.estimate.Normal;
import barytone.core.instrument.InstrumentSpec;
import barytone.core.joblog.JobEvent;
import barytone.core.joblog.JobState;
import barytone.core.joblog.RodStep;
import barytone.core.joblog.TakenReading;
import barytone.core.quantity.Turns;
import barytone.core.reading.Tool;
import barytone.core.reading.Toolkit;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
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
            /** Not read yet, or made new since. */
            NOT_READ,
            /** Out by less than the tool can tell; a finer one can. */
            FINER_TOOL,
            /** Too high, but too vaguely known for a stroke: two leaves laid together tell more. */
            ONCE_MORE,
            /** It reads in its band, but what was read and moved before says that it is not. */
            CONTRADICTED,
            /** The notes say that the nut is too high, and nobody has read it. */
            ACCUSED,
            /** Nothing irreversible is done on a reading from before the last move, or by a tool that cannot see it. */
            BEFORE_WORK,
            /** Moved, or moved along, since it was last read: the final look before hand-over. */
            RECHECK
        }

        public Measure(Station station, List<Integer> strings, Reason reason) {
            this(station, strings, reason, null);
        }

        @Override
        public String topic() {
            return switch (reason) {
                case FIRST -> station.height() ? JobState.leaving(station) : unread(station);
                case NOT_READ, STALE, SECOND_LOOK, BEFORE_WORK -> JobState.leaving(station);
                case FINER_TOOL, ONCE_MORE, CONTRADICTED, ACCUSED -> closer(station);
                case RECHECK -> "recheck";
            };
        }

        /** Declined: notes or gaps are not read before the work; they are when it is their turn. */
        static String unread(Station station) {
            return "found-" + station;
        }

        /** Declined: what was read is taken as it is. */
        static String closer(Station station) {
            return "closer-" + station;
        }
    }

    /** Read these again: they are far from what was expected. */
    record MeasureAgain(List<TakenReading> doubts) implements Advice {
        public MeasureAgain {
            doubts = List.copyOf(doubts);
        }

        /** The oldest of them. */
        public TakenReading first() {
            return doubts.getFirst();
        }

        @Override
        public Station station() {
            return first().station();
        }

        @Override
        public String topic() {
            return "doubt-" + first().seq();
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
            return JobState.leaving(Station.RELIEF);
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
            SIDES_DIFFER,
            /** Barely out as read, and not likely enough to be out for what a move would cost. */
            NOT_WORTH_IT
        }

        @Override
        public String topic() {
            return "done";
        }
    }

    /** Advice of the intonation station. */
    sealed interface AtTheSaddles extends Advice {
        @Override
        default Station station() {
            return Station.INTONATION;
        }
    }

    /** Move saddles along their strings, then tune once. */
    record MoveSaddles(List<Step> steps) implements Adjusting, AtTheSaddles {
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
        public Station station() {
            return Station.INTONATION;
        }

        @Override
        public JobEvent.Adjustment event(InstrumentSpec spec) {
            int supports = spec.lengthwise().size();
            List<Turns> turns = new ArrayList<>(Collections.nCopies(supports, Turns.NONE));
            List<Double> back = new ArrayList<>(Collections.nCopies(supports, 0.0));
            for (Step step : steps) {
                turns.set(step.support(), step.clockwise());
                if (step.clockwise().isZero()) back.set(step.support(), step.back());
            }
            return new JobEvent.SaddlesMoved(turns, back);
        }

        @Override
        public String topic() {
            return JobState.leaving(Station.INTONATION);
        }
    }

    /** A saddle cannot go as far as its strings want. */
    record SaddleLimit(MoveSaddles.Step step) implements AtTheSaddles {
        static String topic(int support) {
            return "saddle-limit-" + support;
        }

        @Override
        public String topic() {
            return topic(step.support());
        }
    }

    /**
     * A saddle did not go with its screw: push it home.
     *
     * @param back what it still owes, mm; positive away from the nut
     */
    record SaddleStayed(int support, double back) implements Adjusting, AtTheSaddles {
        @Override
        public Station station() {
            return Station.INTONATION;
        }

        @Override
        public JobEvent.Adjustment event(InstrumentSpec spec) {
            int supports = spec.lengthwise().size();
            List<Double> pushed = new ArrayList<>(Collections.nCopies(supports, 0.0));
            pushed.set(support, back);
            return new JobEvent.SaddlesMoved(Collections.nCopies(supports, Turns.NONE), pushed);
        }

        static String topic(int support) {
            return "saddle-stayed-" + support;
        }

        @Override
        public String topic() {
            return topic(support);
        }
    }

    /** The pitch went the wrong way after a saddle's screw was turned. */
    record SaddleWrongWay(int support) implements AtTheSaddles {
        static String topic(int support) {
            return "saddle-way-" + support;
        }

        @Override
        public String topic() {
            return topic(support);
        }
    }

    /**
     * A string is false or dead.
     *
     * @param disagreement how far its harmonic stands above the open string beyond what stiffness explains, in cents; empty when its
     *     pitch wavers
     */
    record ReplaceString(int string, Optional<Double> disagreement) implements AtTheSaddles {
        static String topic(int string) {
            return "string-" + string;
        }

        @Override
        public String topic() {
            return topic(string);
        }
    }

    /** Sharp in the first frets: the nut is too high, and no saddle puts that right. */
    record NutFirst(List<Integer> strings) implements AtTheSaddles {
        /** How this advice is declined. */
        static final String TOPIC = "nut-first";

        @Override
        public String topic() {
            return TOPIC;
        }
    }

    /** Bring pickups nearer or farther. */
    record TurnPickup(Step step) implements Advice {
        /**
         * One pickup.
         *
         * @param bass clockwise turns of the screw on that side as the screwdriver sees it
         * @param treble the same
         */
        public record Step(int pickup, Turns bass, Turns treble) {}

        @Override
        public Station station() {
            return Station.PICKUPS;
        }

        @Override
        public String topic() {
            return "pickup-" + step.pickup();
        }

        /** What is noted when it was done as advised. */
        public JobEvent event() {
            return new JobEvent.PickupTurned(step.pickup(), step.bass(), step.treble());
        }
    }

    /** A pickup does not follow its screw. */
    record TiredSpring(int pickup) implements Advice {
        @Override
        public Station station() {
            return Station.PICKUPS;
        }

        @Override
        public String topic() {
            return "spring-" + pickup;
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
     * File nut slots, all that want it in one slackening, then tune once.
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
     * @param unknown how much is missing is not known, for there was no gap
     */
    record RaiseNut(List<Integer> low, double amount, boolean shim, boolean unknown) implements Adjusting {
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
            return rough ? "rough-action" : JobState.leaving(Station.ACTION);
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
            implements Adjusting {
        /** Whether the saddle must come up, by a shim or a new one. */
        public boolean raising() {
            return bass > 0 || treble > 0;
        }

        /** Whether a part of it comes off first. */
        public boolean inSteps() {
            return firstBass != bass || firstTreble != treble;
        }

        @Override
        public JobEvent.Adjustment event(InstrumentSpec spec) {
            return reworked(firstBass, firstTreble);
        }

        /** What is noted when all of it was done at once. */
        public JobEvent.Adjustment whole() {
            return reworked(bass, treble);
        }

        private JobEvent.Adjustment reworked(double low, double high) {
            return new JobEvent.SaddleReworked(
                    raising() ? JobEvent.SaddleReworked.Way.SHIMMED : JobEvent.SaddleReworked.Way.SANDED, low, high);
        }

        @Override
        public String topic() {
            return JobState.leaving(Station.ACTION);
        }
    }

    /** Before a saddle is sanded: how far does it stand proud of the bridge? What is off does not come back. */
    record LookAtSaddle() implements Advice {
        /** How this advice is declined. */
        static final String TOPIC = "saddle-proud";

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
