package barytone.core.joblog;

import barytone.core.bridge.BridgeKind;
import barytone.core.bridge.LengthScrews;
import barytone.core.bridge.NeckShim;
import barytone.core.bridge.Supports;
import barytone.core.estimate.Move;
import barytone.core.instrument.InstrumentSpec;
import barytone.core.instrument.NutMaterial;
import barytone.core.intonation.IntonationWays;
import barytone.core.intonation.Sounded;
import barytone.core.neck.GapMethod;
import barytone.core.pickup.Pickup;
import barytone.core.pickup.PickupSign;
import barytone.core.pickup.PickupTarget;
import barytone.core.plan.ActionTarget;
import barytone.core.plan.NutTarget;
import barytone.core.plan.ReliefTarget;
import barytone.core.plan.RodWays;
import barytone.core.plan.Station;
import barytone.core.plan.WorkOrder;
import barytone.core.quantity.LengthUnit;
import barytone.core.quantity.Turns;
import barytone.core.reading.Gap;
import barytone.core.reading.Means;
import barytone.core.reading.Position;
import barytone.core.reading.Tool;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import org.jspecify.annotations.Nullable;

/** One thing that happened on a job. Events are only ever added; undoing is an event too. */
public sealed interface JobEvent {
    /**
     * A gap was read.
     *
     * @param string 1 is the highest
     * @param typed what the technician typed or tapped, kept as it was
     * @param unit of a bare number in what was typed; null when nothing was typed, or it was not noted
     */
    record ReadingTaken(
            int string,
            GapMethod method,
            Tool tool,
            Gap gap,
            Position position,
            String typed,
            @Nullable LengthUnit unit)
            implements JobEvent {
        /** A reading of which it was not noted in which unit it was typed. */
        public ReadingTaken(int string, GapMethod method, Tool tool, Gap gap, Position position, String typed) {
            this(string, method, tool, gap, position, typed, null);
        }

        /** By what it was read. */
        public Means means() {
            return new Means(tool, position);
        }
    }

    /** A doubted reading is right after all. */
    record ReadingKept(long reading) implements JobEvent {}

    /** A doubted reading was wrong. */
    record ReadingDropped(long reading) implements JobEvent {}

    /** A doubted reading is right, for its height was moved before it without counted turns or strokes. */
    record ReadingMoved(long reading) implements JobEvent {}

    /**
     * Heights were moved without counting: turned until the gauge touched, filed by eye, shimmed.
     *
     * @param station relief, nut or action
     * @param strings those that moved; at the rod all
     */
    record MovedUncounted(Station station, List<Integer> strings) implements JobEvent {
        public MovedUncounted {
            strings = List.copyOf(strings);
        }
    }

    /**
     * Other strings were put on: nothing that was read before stands.
     *
     * @param from the set before, as it is typed; empty when it was not noted
     * @param to the set that is on now
     */
    record StringsChanged(String from, String to) implements JobEvent {}

    /** A station is left until the others are done. */
    record PutOff(Station station) implements JobEvent {}

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

    /** Work that changes heights at nut or bridge, and takes the strings off pitch. */
    sealed interface Adjustment extends JobEvent {
        /** How well sanding and shimming hit the intended amount, as a share of it (1 sd). */
        double REWORK_SPREAD = 0.10;

        /** The same for a filled slot or a new nut. */
        double FILL_SPREAD = 0.30;

        /** The same for what a height changes when a saddle is moved along its string. */
        double ALONG_SPREAD = 0.30;

        /** The station at which it is done. */
        Station station();

        /** What it does to the setup of an instrument, in order. */
        List<Move> moves(InstrumentSpec spec);

        /** The strings whose height it changes on purpose. */
        List<Integer> touches(InstrumentSpec spec);

        /** What nobody knows the height of afterwards, until it is read: it was made new, filled or shimmed. */
        default Optional<Move> unknown(InstrumentSpec spec) {
            return Optional.empty();
        }
    }

    /**
     * Height screws were turned, positive raises.
     *
     * @param screws turns of each support from bass to treble, as {@link barytone.core.bridge.Supports} names them
     */
    record BridgeScrewed(List<Turns> screws) implements Adjustment {
        public BridgeScrewed {
            screws = List.copyOf(screws);
        }

        @Override
        public Station station() {
            return Station.ACTION;
        }

        @Override
        public List<Move> moves(InstrumentSpec spec) {
            List<List<Double>> shares = spec.supports().shares();
            List<Move> moves = new ArrayList<>();
            for (int j = 0; j < Math.min(screws.size(), shares.size()); j++)
                if (!screws.get(j).isZero())
                    moves.add(new Move.ScrewTurned(shares.get(j), screws.get(j).value()));
            return moves;
        }

        @Override
        public List<Integer> touches(InstrumentSpec spec) {
            return spec.everyString().stream()
                    .filter(s -> moves(spec).stream()
                            .anyMatch(m -> m instanceof Move.ScrewTurned t
                                    && t.shares().get(s - 1) != 0))
                    .toList();
        }
    }

    /**
     * The saddle was reworked.
     *
     * @param bass change under the lowest string in mm, positive raises
     * @param treble change under string 1
     */
    record SaddleReworked(Way way, double bass, double treble) implements Adjustment {
        /** How. */
        public enum Way {
            SANDED,
            SHIMMED,
            RENEWED
        }

        @Override
        public Station station() {
            return Station.ACTION;
        }

        @Override
        public List<Move> moves(InstrumentSpec spec) {
            // a blank lies on two ends, whatever else carries the strings
            List<List<Double>> ends =
                    Supports.of(BridgeKind.FIXED, spec.acrossBridge()).shares();
            List<Move> moves = new ArrayList<>();
            if (bass != 0) moves.add(new Move.SaddleLifted(ends.getFirst(), bass, REWORK_SPREAD));
            if (treble != 0) moves.add(new Move.SaddleLifted(ends.getLast(), treble, REWORK_SPREAD));
            return moves;
        }

        @Override
        public List<Integer> touches(InstrumentSpec spec) {
            return spec.everyString();
        }

        @Override
        public Optional<Move> unknown(InstrumentSpec spec) {
            return way == Way.SANDED ? Optional.empty() : Optional.of(new Move.SaddlesUnknown(spec.everyString()));
        }
    }

    /** Nut slots were filed in one pass, before tuning again. */
    record SlotsFiled(List<Filing> slots) implements Adjustment {
        public SlotsFiled {
            slots = List.copyOf(slots);
        }

        @Override
        public Station station() {
            return Station.NUT;
        }

        @Override
        public List<Move> moves(InstrumentSpec spec) {
            return slots.stream()
                    .<Move>map(f -> new Move.SlotFiled(f.string(), f.ordinaryStrokes()))
                    .toList();
        }

        @Override
        public List<Integer> touches(InstrumentSpec spec) {
            return slots.stream().map(Filing::string).toList();
        }
    }

    /**
     * Strokes in one slot.
     *
     * @param light with hardly any pressure
     */
    record Filing(int string, int strokes, boolean light) {
        /** What a light stroke takes, as a share of an ordinary one. */
        public static final double LIGHT = 0.5;

        /** The depth in ordinary strokes. */
        public double ordinaryStrokes() {
            return strokes * (light ? LIGHT : 1);
        }
    }

    /**
     * The nut was reworked otherwise than with a file.
     *
     * @param strings the slots it changed
     * @param change what was meant, in mm, positive raises; 0 when nobody said
     * @param material of a new nut; null for the same as before
     */
    record NutReworked(
            Way way,
            List<Integer> strings,
            double change,
            @Nullable NutMaterial material) implements Adjustment {
        /** Reworked without a change of material. */
        public NutReworked(Way way, List<Integer> strings, double change) {
            this(way, strings, change, null);
        }

        /** How. */
        public enum Way {
            UNDERSIDE_SANDED,
            SHIMMED,
            /** Glue and powder: temporary. */
            FILLED,
            RENEWED;

            /** Whether it will fail one day and wants a follow-up. */
            public boolean temporary() {
                return this == SHIMMED || this == FILLED;
            }
        }

        public NutReworked {
            strings = List.copyOf(strings);
        }

        @Override
        public Station station() {
            return Station.NUT;
        }

        @Override
        public List<Move> moves(InstrumentSpec spec) {
            List<Double> shares = spec.everyString().stream()
                    .map(s -> strings.contains(s) ? 1.0 : 0.0)
                    .toList();
            double spread = switch (way) {
                case UNDERSIDE_SANDED, SHIMMED -> REWORK_SPREAD;
                case FILLED, RENEWED -> FILL_SPREAD;
            };
            return List.of(new Move.SlotsLifted(shares, change, spread));
        }

        @Override
        public List<Integer> touches(InstrumentSpec spec) {
            return strings;
        }

        @Override
        public Optional<Move> unknown(InstrumentSpec spec) {
            return way == Way.UNDERSIDE_SANDED ? Optional.empty() : Optional.of(new Move.SlotsUnknown(strings));
        }
    }

    /**
     * A wedge was laid into the neck pocket; places in mm from the nut.
     *
     * @param thickness at the thick end, mm
     */
    record NeckShimmed(NeckShim.End end, double thickness, double bodyEdge, double heelEnd) implements Adjustment {
        @Override
        public Station station() {
            return Station.ACTION;
        }

        @Override
        public List<Move> moves(InstrumentSpec spec) {
            // the crown line rises towards the saddle, so the strings stand lower over it
            double lower = new NeckShim(end, thickness)
                    .lift(bodyEdge, heelEnd, spec.line().saddle());
            return List.of(new Move.SaddleLifted(Collections.nCopies(spec.strings(), 1.0), -lower, REWORK_SPREAD));
        }

        @Override
        public List<Integer> touches(InstrumentSpec spec) {
            return spec.everyString();
        }

        @Override
        public Optional<Move> unknown(InstrumentSpec spec) {
            return Optional.of(new Move.SaddlesUnknown(spec.everyString()));
        }
    }

    /** What was found on looking at a slot; an empty list is a good slot. */
    record SlotChecked(int string, List<SlotFlaw> flaws) implements JobEvent {
        public SlotChecked {
            flaws = List.copyOf(flaws);
        }
    }

    /**
     * An under-string gauge was held at the saddles, just touching the outer strings.
     *
     * @param radius of the gauge, mm
     * @param ringing the strings between that ring clear; the others buzz on it
     */
    record GaugePatternRead(double radius, List<Integer> ringing) implements JobEvent {
        public GaugePatternRead {
            ringing = List.copyOf(ringing);
        }
    }

    /** How far a fixed saddle stands proud of its bridge where it is lowest, mm. */
    record SaddleProudRead(double proud) implements JobEvent {}

    /** How far the saddles can still go, mm down and up. */
    record TravelRead(double down, double up) implements JobEvent {}

    /**
     * A straightedge laid along the frets was looked at over the bridge.
     *
     * @param above its underside above the top of the bridge, mm; negative when it runs into the bridge
     */
    record NeckAngleRead(double above) implements JobEvent {}

    /**
     * A pitch was read.
     *
     * @param string 1 is the highest
     * @param cents above the note's pitch in the tuning agreed on
     * @param inharmonicity B as heard; null when it was not heard by Barytone
     * @param wavered the pitch did not hold still
     * @param atPitch the technician says that the string was brought back to pitch before
     * @param typed what was typed; empty when it was heard
     */
    record PitchRead(
            int string,
            Sounded sounded,
            double cents,
            Ear ear,
            @Nullable Double inharmonicity,
            boolean wavered,
            boolean atPitch,
            String typed)
            implements JobEvent {}

    /** How intonation is read and judged was chosen. */
    record IntonationSet(IntonationWays ways) implements JobEvent {}

    /**
     * Saddles were moved along their strings.
     *
     * @param clockwise turns of each length screw as the screwdriver sees it, as {@link InstrumentSpec#lengthwise} names them
     * @param back mm that each support was moved back by hand or file; counts where the screw was not turned
     */
    record SaddlesMoved(List<Turns> clockwise, List<Double> back) implements Adjustment {
        public SaddlesMoved {
            clockwise = List.copyOf(clockwise);
            back = List.copyOf(back);
        }

        @Override
        public Station station() {
            return Station.INTONATION;
        }

        /**
         * A saddle that goes back lowers its string a little, which now comes down to it from farther away, and follows the plate. The
         * pitch and direction of the screws are as stated: this is about hundredths of a millimetre.
         */
        @Override
        public List<Move> moves(InstrumentSpec spec) {
            Supports along = spec.lengthwise();
            LengthScrews screws = spec.fittings().length();
            List<Double> moved = new ArrayList<>();
            for (int j = 0; j < along.size(); j++)
                moved.add(
                        clockwise.get(j).isZero()
                                ? back.get(j)
                                : clockwise.get(j).value()
                                        * screws.pitchOrUsual()
                                        * (screws.head().clockwiseBack() ? 1 : -1));
            List<Double> got = along.atStrings(moved);
            double slope = 2 * spec.kind().actionAt12() / spec.scaleLength();
            List<Move> moves = new ArrayList<>();
            for (int s = 1; s <= spec.strings(); s++) {
                double change = got.get(s - 1) * (screws.plateRise() - slope);
                if (change != 0) moves.add(new Move.SaddleMoved(s, change, ALONG_SPREAD));
            }
            return moves;
        }

        /** The heights hardly change, and not on purpose. */
        @Override
        public List<Integer> touches(InstrumentSpec spec) {
            return List.of();
        }

        /** The strings that were slackened for it. */
        public List<Integer> strings(InstrumentSpec spec) {
            Supports along = spec.lengthwise();
            Set<Integer> strings = new TreeSet<>();
            for (int j = 0; j < along.size(); j++)
                if (!clockwise.get(j).isZero() || back.get(j) != 0) strings.addAll(along.strings(j));
            return List.copyOf(strings);
        }
    }

    /** It is known which way the length screws work. */
    record LengthDirectionLearned(boolean clockwiseBack) implements JobEvent {}

    /**
     * How far a saddle can still go was looked at.
     *
     * @param support from bass to treble, 0 first
     * @param forward towards the nut, mm
     * @param back away from it, mm
     */
    record LengthTravelRead(int support, double forward, double back) implements JobEvent {}

    /**
     * Where the saddles stand was measured.
     *
     * @param places behind the saddle of string 1, in mm, string 1 first
     */
    record SaddlePlacesRead(List<Double> places) implements JobEvent {
        public SaddlePlacesRead {
            places = List.copyOf(places);
        }
    }

    /** What strings are on was said. */
    record StringsStated(StringAge age) implements JobEvent {}

    /** A string was stretched; the drop in cents was heard. */
    record Stretched(int string, double drop) implements JobEvent {}

    /** A string was replaced. */
    record StringRenewed(int string) implements JobEvent {}

    /**
     * The gap between string and pickup was read, pressed at the last fret.
     *
     * @param pickup from the neck, 0 first
     * @param gap mm
     */
    record PickupRead(int pickup, Pickup.Side side, double gap, String typed) implements JobEvent {}

    /** The wanted pickup gaps were chosen. */
    record PickupTargetSet(PickupTarget target) implements JobEvent {}

    /** Pickup screws were turned, clockwise as the screwdriver sees it. */
    record PickupTurned(int pickup, Turns bass, Turns treble) implements JobEvent {}

    /** What a pickup shows was noted; an empty list is a good one. */
    record PickupChecked(int pickup, List<PickupSign> signs) implements JobEvent {
        public PickupChecked {
            signs = List.copyOf(signs);
        }
    }

    /** Pickups were lowered out of the way for the setup, or brought back. */
    record PickupsLowered(boolean down) implements JobEvent {}

    /** The loudness of a string over a pickup was heard, in dB against full scale. */
    record LevelHeard(int pickup, int string, double decibels) implements JobEvent {}

    /** The way of reading nut or action was chosen. */
    record HeightHabitSet(HeightHabit habit) implements JobEvent {}

    /** The wanted nut heights were chosen. */
    record NutTargetSet(NutTarget target) implements JobEvent {}

    /** The wanted action was chosen. */
    record ActionTargetSet(ActionTarget target) implements JobEvent {}

    /** The order of work was chosen. */
    record OrderSet(WorkOrder order) implements JobEvent {}

    /** The work that was agreed on. */
    record ScopeSet(List<Station> stations) implements JobEvent {
        public ScopeSet {
            stations = List.copyOf(stations);
        }
    }

    /**
     * The technician answered an advice.
     *
     * @param topic what it was about
     * @param done true when it was done, false when it shall not be done on this job
     */
    record Answered(String topic, boolean done) implements JobEvent {}

    /** The circumstances changed: strings or humidity. */
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
