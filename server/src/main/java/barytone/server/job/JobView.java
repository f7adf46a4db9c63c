package barytone.server.job;

import barytone.core.instrument.InstrumentKind;
import barytone.core.instrument.RodAccess;
import barytone.core.instrument.RodType;
import java.time.Instant;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A job as the page draws it. Every number that is shown comes as text in the unit asked for; lengths for drawing are in mm
 * and named so.
 */
record JobView(
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
        AdviceView advice,
        @Nullable Instant settlingUntil,
        List<TapeLine> tape,
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
            boolean leftHanded) {}

    /**
     * The lit section over one string, in mm: x from the nut's front edge, y up from the line through the crowns of fret 1
     * and the body joint.
     *
     * @param heldLow lower fret held for relief, 0 for the nut end
     * @param heldHigh upper fret held for relief
     * @param stringKnown false while neither nut nor action was read: the string's height is only what is usual
     * @param after where things are expected after the next move; null when no move is proposed
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
            List<Dimension> dimensions) {}

    /** A crown. */
    record FretPoint(int fret, double x, double y) {}

    /** Expected heights after the next move, crowns in order of frets. */
    record After(List<Double> crowns, double nutY, double saddleY) {}

    /**
     * A dimension line at a fret, from y0 to y1.
     *
     * @param verdict in, high, low, cannot-tell, stale or unread
     */
    record Dimension(String kind, int fret, double y0, double y1, String text, String label, String verdict) {}

    /**
     * A station of the job.
     *
     * @param state now, done, waiting or stale
     */
    record StationView(String key, int number, String label, String note, String state) {}

    /** The ledger of the relief station. */
    record ReliefView(
            String method,
            HabitView habit,
            List<HabitChoice> habits,
            List<ToolChoice> tools,
            List<ReliefRow> rows,
            List<Equivalent> equivalents,
            List<String> remarks,
            List<LeafView> leaves,
            TargetView target,
            WaysView ways) {}

    record HabitView(int heldLow, int heldHigh, int gaugeFret, String tool, boolean flat, boolean board) {}

    record HabitChoice(String label, int heldLow, int heldHigh, int gaugeFret, boolean board) {}

    record ToolChoice(String code, String label, String precision) {}

    /**
     * One string of the ledger.
     *
     * @param verdictText what the verdict means in words
     * @param spread one standard deviation of now
     */
    record ReliefRow(
            int string,
            String name,
            String side,
            @Nullable String found,
            @Nullable String now,
            @Nullable String spread,
            String verdict,
            String verdictText,
            String target) {}

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

    record WaysView(int stepSixteenths, boolean finishTightening, int settleMinutes, int limitSixteenths, String net) {}

    /**
     * The next move.
     *
     * @param kind measure, measure-again, retune, settle, turn, wrong-way, free-play, stop, done or closed
     * @param strings strings to read, when a reading is asked for
     * @param event the entry that the advice is about
     */
    record AdviceView(
            String kind,
            String headline,
            List<String> why,
            @Nullable String caution,
            List<Ripple> ripple,
            @Nullable TurnView turn,
            List<Integer> strings,
            @Nullable Long event) {}

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
     */
    record TapeLine(
            long seq, Instant at, String text, @Nullable String doubt, boolean dropped, boolean undone) {}

    /** As found and as left, side by side. */
    record ClosingView(List<ClosingRow> rows, List<String> remarks, boolean ready) {}

    record ClosingRow(String label, String found, String left, String target, String verdict) {}
}
