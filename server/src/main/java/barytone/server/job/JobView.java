package barytone.server.job;

import barytone.core.bridge.BridgeKind;
import barytone.core.bridge.LengthScrews;
import barytone.core.instrument.InstrumentKind;
import barytone.core.instrument.NeckJoint;
import barytone.core.instrument.NutMaterial;
import barytone.core.instrument.RodAccess;
import barytone.core.instrument.RodType;
import barytone.core.job.Station;
import barytone.core.job.WorkOrder;
import barytone.core.station.action.ActionSchool;
import barytone.core.station.nut.SlotFlaw;
import java.time.Instant;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A job as the page draws it. Every number that is shown comes as text in the unit asked for; lengths for drawing are in mm
 * and named so.
 *
 * @param mark names this page, so that a window can say which one it has
 */
record JobView(
        String mark,
        long id,
        long ticket,
        long seq,
        Instant now,
        String unit,
        String unitSuffix,
        InstrumentView instrument,
        String player,
        String touch,
        String complaint,
        boolean closed,
        List<SectionView> sections,
        List<StationView> stations,
        ReliefView relief,
        HeightView nut,
        HeightView action,
        NutBenchView nutBench,
        BridgeView bridge,
        ToneViews.IntonationView intonation,
        ToneViews.PickupsView pickups,
        OrderView order,
        AdviceView advice,
        @Nullable Instant settlingUntil,
        List<TapeLine> tape,
        @Nullable String unfit,
        boolean canUndo,
        boolean canRedo,
        ClosingView closing) {

    /**
     * The instrument's facts, as typed and as shown.
     *
     * @param version counts corrections; sent back with the next one
     */
    record InstrumentView(
            long version,
            String name,
            InstrumentKind kind,
            String kindLabel,
            String tuning,
            String scaleLength,
            int frets,
            int bodyJointFret,
            String boardRadius,
            RodType rod,
            RodAccess access,
            boolean leftHanded,
            BridgeKind bridge,
            String threadPitch,
            NeckJoint joint,
            String endRadius,
            String bridgeSpread,
            NutMaterial nut,
            String nutWidth,
            String strings,
            String lengthPitch,
            LengthScrews.Head lengthHead,
            String saddleThickness,
            String plateRise,
            String pickups) {}

    /**
     * The lit section over one string, in mm: x from the nut's front edge, y up from the line through the crowns of fret 1
     * and the body joint.
     *
     * @param heldLow lower fret held for relief, 0 for the nut end
     * @param heldHigh upper fret held for relief
     * @param stringKnown false while neither nut nor action was read: the string's height is only what is usual
     * @param after where things are expected after the next move; null when no move is proposed
     * @param remark what the picture cannot show: a neck without a gap is straight or bent back; null otherwise
     */
    record SectionView(
            int string,
            String stringName,
            double scaleLength,
            double saddleX,
            int bodyJointFret,
            List<FretPoint> frets,
            double nutY,
            double saddleY,
            boolean stringKnown,
            int heldLow,
            int heldHigh,
            @Nullable After after,
            @Nullable String remark,
            List<Dimension> dimensions,
            List<Ghost> ghosts) {}

    /** Where the string's underside is wanted at a fret: from y0 to y1. */
    record Ghost(String kind, int fret, double y0, double y1) {}

    /** A crown. */
    record FretPoint(int fret, double x, double y) {}

    /** Expected heights after the next move, crowns in order of frets. */
    record After(List<Double> crowns, double nutY, double saddleY) {}

    /**
     * A dimension line at a fret, from y0 to y1.
     *
     * @param verdict in, high, low, cannot-tell, stale or unread
     */
    record Dimension(
            String kind, int fret, double y0, double y1, String text, String label, String suffix, String verdict) {}

    /**
     * A station of the job.
     *
     * @param state now, done, waiting, left (not agreed on) or later (not part of Barytone's work on this job yet)
     */
    record StationView(String key, int number, String label, String note, String state) {}

    /** The ledger of the relief station. */
    record ReliefView(
            String suffix,
            String method,
            HabitView habit,
            List<HabitChoice> habits,
            List<ToolChoice> tools,
            List<LedgerRow> rows,
            List<Equivalent> equivalents,
            List<String> remarks,
            TargetView target,
            WaysView ways) {}

    record HabitView(int heldLow, int heldHigh, int gaugeFret, String tool, boolean flat, boolean board) {}

    record HabitChoice(String label, int heldLow, int heldHigh, int gaugeFret, boolean board) {}

    record ToolChoice(String code, String label, String precision) {}

    /**
     * One string of the ledger.
     *
     * @param found the first reading before anything was moved, as it was read; null when there is none
     * @param foundBy how it was read, where that is not the way in use
     * @param now what was read while it stands; what is reckoned after a move or from another way of reading; null while nothing is known
     * @param reckoned whether now is reckoned, not read
     * @param note what stands beside now, smaller: the reading before the move, what is reckoned besides it; null when there is nothing to say
     * @param verdictText what the verdict means in words
     * @param spread one standard deviation of a reckoned now
     * @param doubt the reading that waits in this row for a second opinion
     * @param leaves at hand around what is expected; none where leaves do not reach
     */
    record LedgerRow(
            int string,
            String name,
            String side,
            @Nullable String found,
            @Nullable String foundBy,
            @Nullable String now,
            boolean reckoned,
            @Nullable String note,
            @Nullable String spread,
            String verdict,
            String verdictText,
            String target,
            List<LeafView> leaves,
            @Nullable DoubtView doubt) {}

    /**
     * A reading in doubt.
     *
     * @param seq its place on the tape
     * @param text what was read, with its unit
     * @param why what speaks against it
     * @param unturned the turn on the tape that seems not to have been made; null when there is none
     */
    record DoubtView(
            long seq, String text, String why, @Nullable Long unturned) {}

    /** The same neck by another habit. */
    record Equivalent(String label, String bass, String treble) {}

    record LeafView(double mm, String text) {}

    record TargetView(
            @Nullable String school,
            String label,
            String reason,
            String bassLow,
            String bassHigh,
            String trebleLow,
            String trebleHigh,
            List<SchoolView> schools) {}

    record SchoolView(String school, String label, String bass, String treble, String reason) {}

    record WaysView(
            int stepSixteenths,
            boolean finishTightening,
            int settleMinutes,
            int limitSixteenths,
            boolean straightensAnticlockwise,
            String net) {}

    /** The ledger of the nut or action station. */
    record HeightView(
            Station station,
            String suffix,
            String method,
            HeightHabitView habit,
            List<HeightChoice> methods,
            List<ToolChoice> tools,
            List<LedgerRow> rows,
            List<String> remarks,
            HeightTargetView target) {}

    /**
     * How heights are read.
     *
     * @param pressed nut: the fret held, 0 for open; action: 1 with a capo at 1
     */
    record HeightHabitView(int pressed, int fret, String tool, boolean flat) {}

    record HeightChoice(String label, int pressed, int fret) {}

    /**
     * What is wanted at a station.
     *
     * @param school code of the school; null when set by hand
     * @param bands of every string as they are typed, string 1 first, in the way of reading in use
     */
    record HeightTargetView(
            @Nullable String school,
            String label,
            String reason,
            List<TypedBandView> bands,
            List<HeightSchoolView> schools,
            List<StyleView> styles) {}

    record TypedBandView(int string, String name, String low, String high) {}

    record HeightSchoolView(String school, String label, String bands, String reason) {}

    record StyleView(ActionSchool.Style style, String label) {}

    /**
     * What belongs to the nut besides its heights.
     *
     * @param bite what a stroke takes off, in words
     * @param width of the nut, with its unit
     */
    record NutBenchView(
            String material,
            String bite,
            String width,
            boolean temporary,
            List<SlotView> slots,
            List<FlawView> flaws) {}

    /**
     * A nut slot.
     *
     * @param file which file fits it, or what is missing
     * @param toFrets strokes until it is level with the frets
     * @param checked whether it was looked at
     */
    record SlotView(
            int string,
            String name,
            String gauge,
            String file,
            @Nullable String toFrets,
            boolean checked,
            List<SlotFlaw> flaws) {}

    record FlawView(SlotFlaw flaw, String label, String consequence) {}

    /**
     * The bridge and the strings across it.
     *
     * @param screwed heights are set with screws
     * @param screws the supports from bass to treble; the two sides of a fixed saddle
     * @param pitch thread pitch in words
     * @param angle what the neck angle means, line by line
     * @param radii of the under-string gauges at hand, as typed
     * @param arc what the heights amount to across, in words
     */
    record BridgeView(
            String suffix,
            BridgeKind kind,
            String label,
            boolean screwed,
            List<ScrewView> screws,
            String pitch,
            @Nullable String travel,
            List<String> angle,
            List<String> radii,
            @Nullable String pattern,
            List<CrossView> across,
            String arc) {}

    /**
     * A support of the bridge.
     *
     * @param net turns since as found
     * @param z its place across the bridge, mm, treble positive
     * @param move what the next move asks of it; null when nothing
     */
    record ScrewView(
            String name, String net, double z, @Nullable String move) {}

    /**
     * A string across the bridge, in mm; y from the board's centre line at the saddle.
     *
     * @param after expected after the next move; null when no move is proposed
     */
    record CrossView(
            int string,
            String name,
            double z,
            double board,
            double now,
            double low,
            double high,
            @Nullable Double after,
            String verdict) {}

    /** The order of work and what was agreed on. */
    record OrderView(WorkOrder order, List<OrderChoice> orders, List<Station> scope) {}

    record OrderChoice(WorkOrder order, String label, String reason) {}

    /**
     * The next move.
     *
     * @param kind measure, measure-again, retune, settle, turn, wrong-way, free-play, stop, move, done or closed
     * @param station where it is done
     * @param rule the rule that it follows
     * @param school the school that it follows
     * @param steps what to do on each slot, screw or side
     * @param strings strings to read, when a reading is asked for
     * @param event the entry that the advice is about
     * @param tool the tool to read with, when another one than that in use is asked for
     * @param suffix the unit of what is expected
     * @param follow what the button says that ticks a move off; null when it cannot be ticked off
     * @param followWhole what the button says when all of it was done at once; null when there are no parts
     * @param canWait whether its station can be left until the others are done
     * @param decline what the button says that leaves it out; null when it cannot be left out
     */
    record AdviceView(
            String kind,
            Station station,
            String headline,
            List<String> why,
            String suffix,
            String rule,
            String school,
            @Nullable String caution,
            List<Ripple> ripple,
            @Nullable TurnView turn,
            List<StepView> steps,
            List<Integer> strings,
            @Nullable Long event,
            @Nullable String tool,
            @Nullable String follow,
            @Nullable String followWhole,
            @Nullable String decline,
            boolean canWait) {}

    /**
     * One line of a move: where, how much, and what to expect.
     *
     * @param leave the topic by which this line alone is left out; null when the move is one
     */
    record StepView(
            String where,
            String amount,
            String expected,
            @Nullable String leave) {}

    /**
     * A proposed turn.
     *
     * @param sixteenths net, positive tightens
     * @param clockwise net direction as seen from the access end
     * @param seenFrom the access end in words
     */
    record TurnView(int sixteenths, String amount, boolean clockwise, String seenFrom, boolean finishTightening) {}

    /** What a move is expected to change. */
    record Ripple(String label, String now, String expected, String change) {}

    /**
     * A line of the tape.
     *
     * @param doubt surprising or off-pitch when the reading is not believed yet
     * @param mark that it does not fit the instrument as it is now, or what happened to the clock before it; null for nothing
     */
    record TapeLine(
            long seq,
            Instant at,
            String text,
            @Nullable String doubt,
            boolean dropped,
            boolean undone,
            @Nullable String mark) {}

    /** As found and as left, side by side. */
    record ClosingView(List<ClosingRow> rows, List<String> remarks, boolean ready) {}

    /**
     * A line of as found and as left.
     *
     * @param left the last reading, or what is reckoned
     * @param reckoned whether as left is reckoned, for it was not read since it was moved
     * @param verdict in, high, low, cannot-tell, stale or unread
     * @param verdictText the same in words
     */
    record ClosingRow(
            String label,
            String found,
            String left,
            boolean reckoned,
            String target,
            String verdict,
            String verdictText) {}
}
