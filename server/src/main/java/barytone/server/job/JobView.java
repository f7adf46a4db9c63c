package barytone.server.job;

import barytone.core.instrument.AirVerdict;
import barytone.core.job.JobEvent;
import barytone.core.job.Station;
import barytone.core.job.WorkOrder;
import barytone.server.instruments.InstrumentView;
import com.fasterxml.jackson.annotation.JsonAnyGetter;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/**
 * A job as the page draws it. Every number that is shown comes as text in the unit asked for; lengths for drawing are in mm
 * and named so.
 *
 * @param instrumentId whose page tells its history
 * @param playerId whose page tells what they brought
 * @param handOver what was written for the player
 * @param air as it was read last; null when it was not read
 * @param agreement what was agreed with the player; null while nothing was written down
 * @param benchLog what is in the tray, whether the strings are off, when to look again
 * @param waits what it waits for, and what was over by the clock and nobody has looked at
 * @param promise when it can be fetched; null while nothing is promised
 * @param arrival the instrument as it came
 * @param playOff what was heard when it was played through
 * @param rooms what the stations add, by the names that their doors give
 * @param mark names this page, so that a window can say which one it has
 */
public record JobView(
        String mark,
        long id,
        long ticket,
        long seq,
        Instant now,
        String unit,
        String unitSuffix,
        InstrumentView instrument,
        long instrumentId,
        String player,
        long playerId,
        String touch,
        String complaint,
        boolean closed,
        List<SectionView> sections,
        List<StationView> stations,
        OrderView order,
        AdviceView advice,
        @Nullable Instant settlingUntil,
        List<TapeLine> tape,
        @Nullable String unfit,
        boolean canUndo,
        boolean canRedo,
        ClosingView closing,
        HandedOver.HandOverView handOver,
        @Nullable AirView air,
        @Nullable AgreementView agreement,
        BenchLogView benchLog,
        List<WaitWords.WaitView> waits,
        PromiseWords.@Nullable PromiseView promise,
        ArrivalView arrival,
        PlayOffView playOff,
        @JsonAnyGetter Map<String, Object> rooms) {

    /** What the tape says of each entry, by its place. */
    public Map<Long, String> said() {
        return tape.stream().collect(Collectors.toMap(TapeLine::seq, TapeLine::text));
    }

    /**
     * The lit section over one string, in mm: x from the nut's front edge, y up from the line through the crowns of fret 1
     * and the body joint.
     *
     * @param heldLow lower fret held for relief, 0 for the nut end
     * @param heldHigh upper fret held for relief
     * @param reliefKnown false while the relief of the neck under it was not read, or anything may have changed it since
     * @param stringKnown false while neither nut nor action was read: the string's height is only what is usual
     * @param after where things are expected after the next move; null when no move is proposed
     * @param remark what the picture cannot show: a neck without a gap is straight or bent back; null otherwise
     */
    public record SectionView(
            int string,
            String stringName,
            double scaleLength,
            double saddleX,
            int bodyJointFret,
            List<FretPoint> frets,
            double nutY,
            double saddleY,
            boolean reliefKnown,
            boolean stringKnown,
            int heldLow,
            int heldHigh,
            @Nullable After after,
            @Nullable String remark,
            List<Dimension> dimensions,
            List<Ghost> ghosts) {}

    /** Where the string's underside is wanted at a fret: from y0 to y1. */
    public record Ghost(String kind, int fret, double y0, double y1) {}

    /** A crown. */
    public record FretPoint(int fret, double x, double y) {}

    /** Expected heights after the next move, crowns in order of frets. */
    public record After(List<Double> crowns, double nutY, double saddleY) {}

    /**
     * A dimension line at a fret, from y0 to y1.
     *
     * @param verdict how it stands
     */
    public record Dimension(
            String kind, int fret, double y0, double y1, String text, String label, String suffix, Stands verdict) {}

    /**
     * A station of the job.
     *
     * @param state now, done, waiting or left (not agreed on)
     */
    record StationView(String key, int number, String label, String note, String state) {}

    /**
     * The page of one station.
     *
     * @param seq the place of the last event
     * @param rooms what the station adds
     */
    record RoomView(
            long seq,
            String unit,
            StationView station,
            @JsonAnyGetter Map<String, Object> rooms) {}

    /** The order of work and what was agreed on. */
    record OrderView(WorkOrder order, List<OrderChoice> orders, List<Station> scope) {}

    record OrderChoice(WorkOrder order, String label, String reason) {}

    /**
     * The next move.
     *
     * @param kind what sort of advice it is; some stations have more to show for theirs
     * @param station where it is done
     * @param rule the rule that it follows
     * @param school the school that it follows
     * @param steps what to do on each slot, screw or side
     * @param strings strings to read, when a reading is asked for
     * @param event the entry that the advice is about
     * @param tool the tool to read with, when another one than that in use is asked for
     * @param suffix the unit of what is expected
     * @param follow what the button says that does it; null when there is nothing to do here
     * @param does what that button does
     * @param followWhole what the button says when all of it was done at once; null when there are no parts
     * @param canWait whether its station can be left until the others are done
     * @param decline what the button says that leaves it out; null when it cannot be left out
     * @param move which advice it is: what is confirmed carries it, so that nothing else is recorded when it has changed meanwhile
     * @param goOn what goes on against the advice, or says that it was understood otherwise; each is asked once
     * @param otherwise what stands ready where it is told that it was done otherwise; null where nothing does
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
            Does does,
            @Nullable String followWhole,
            @Nullable String decline,
            boolean canWait,
            String move,
            List<GoOn> goOn,
            @Nullable Otherwise otherwise) {}

    /**
     * What stands ready where it is told that an advised move was done otherwise.
     *
     * @param way how it is advised to be done
     * @param at the strings, supports or pickups that it is advised for
     */
    public record Otherwise(String way, List<Integer> at) {}

    /**
     * An answer to the next move that is neither “I did this” nor “leave it”. It is asked once, with what follows from it.
     *
     * @param says what its button says
     * @param consequence what follows from it, a whole sentence
     * @param does what it does when it is meant
     */
    public record GoOn(String says, String consequence, Anyway does) {}

    /** What an answer against the advice does. */
    public enum Anyway {
        /** Notes what would follow from the advice. */
        FOLLOW,
        /** Leaves the advice out. */
        DECLINE,
        REOPEN,
        /** Agrees on the damage, in words. */
        AGREE
    }

    /** What the button of an advice does. */
    public enum Does {
        /** Goes to the reading, or the question, that is asked. */
        READ,
        /** Notes that it was done as advised. */
        FOLLOW,
        CLOSE,
        NOTHING
    }

    /**
     * One line of a move: where, how much, and what to expect.
     *
     * @param more what the amount comes to, or what it is done with; null when there is nothing to add
     * @param leave the topic by which this line alone is left out; null when the move is one
     */
    public record StepView(
            String where,
            String amount,
            @Nullable String more,
            String expected,
            @Nullable String leave) {}

    /**
     * A proposed turn.
     *
     * @param sixteenths net, positive tightens
     * @param clockwise net direction as seen from the access end
     * @param seenFrom the access end in words
     */
    public record TurnView(
            int sixteenths, String amount, boolean clockwise, String seenFrom, boolean finishTightening) {}

    /** What a move is expected to change. */
    public record Ripple(String label, String now, String expected, String change) {}

    /**
     * What is expected of other strings before they go on.
     *
     * @param said how much more or less they pull, and what follows
     */
    public record StringsForecast(String said, List<Ripple> ripple) {}

    /**
     * A line of the tape.
     *
     * @param doubt surprising or off-pitch when the reading is not believed yet
     * @param mark that it does not fit the instrument as it is now, or what happened to the clock before it; null for nothing
     * @param row where it was entered; null when it is no reading of a string
     */
    record TapeLine(
            long seq,
            Instant at,
            String text,
            @Nullable String doubt,
            boolean dropped,
            boolean undone,
            @Nullable String mark,
            JobEvent.@Nullable Row row) {}

    /**
     * The air as it was read last.
     *
     * @param said what it does to this kind of instrument, and what to do about it
     */
    record AirView(String text, AirVerdict verdict, String said) {}

    /**
     * What came off, whether the strings are off, and when to look again.
     *
     * @param usual what usually comes off such an instrument
     * @param stringsOff since when the strings are off, in words; null while they are on
     * @param atPitch since when the strings are at pitch, in words; null while they are not, or nobody noted it
     * @param followUp the day as a date, 2031-05-06; empty when none is set
     * @param followUpDay the same in words
     * @param followUpWhy why then
     */
    record BenchLogView(
            List<PartView> parts,
            List<String> usual,
            @Nullable String stringsOff,
            @Nullable String atPitch,
            String followUp,
            String followUpDay,
            String followUpWhy) {}

    /**
     * A part in the tray.
     *
     * @param event the place of the entry by which it came off
     */
    record PartView(long event, String text) {}

    /** As found and as left, side by side. */
    record ClosingView(List<ClosingRow> rows, List<String> remarks, boolean ready) {}

    /**
     * A line of as found and as left.
     *
     * @param left the last reading, or what is reckoned
     * @param reckoned whether as left is reckoned, for it was not read since it was moved
     * @param verdict how it stands
     * @param verdictText the same in words
     */
    public record ClosingRow(
            String label,
            String found,
            String left,
            boolean reckoned,
            String target,
            Stands verdict,
            String verdictText) {}
}
