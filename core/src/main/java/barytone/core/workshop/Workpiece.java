package barytone.core.workshop;

import barytone.core.instrument.InstrumentSpec;
import barytone.core.instrument.RodType;
import barytone.core.intonation.Sounded;
import barytone.core.job.Adjustment;
import barytone.core.job.JobDefaults;
import barytone.core.neck.GapMethod;
import barytone.core.neck.StringLine;
import barytone.core.neck.StringState;
import barytone.core.quantity.Turns;
import barytone.core.station.action.ActionEvent;
import barytone.core.station.intonation.ToneEvent;
import java.time.Duration;
import org.jspecify.annotations.Nullable;

/** A simulated instrument: a hidden true state that answers to moves. */
interface Workpiece {
    /** A saddle that nobody will ever sand too low, mm. */
    double PROUD_ENOUGH = 9;

    /** What a technician knows of it. */
    InstrumentSpec spec();

    /** What is wanted. */
    JobDefaults defaults();

    /** The true gap in mm. */
    double gap(int string, GapMethod method);

    /** How far the slot floor really stands above the level of the frets, mm. */
    double slotHeight(int string);

    /** The crowns under a string as they really are now. */
    StringLine crowns(int string);

    /** How a string really stands over them. */
    StringState stands(int string);

    /**
     * Turns the rod; some of the answer comes later.
     *
     * @return how the strings answer at once: positive sharp, as the neck straightens; 0 when nothing moves
     */
    double turnRod(Turns clockwise);

    /** Whether the rod met its end at the last turn: too stiff to go on. */
    default boolean stiff() {
        return false;
    }

    /** Whether the last turn of the rod met no resistance. */
    default boolean ranFree() {
        return false;
    }

    /** Lets time pass. */
    void rest(Duration time);

    /** Brings the strings to pitch. */
    void retune();

    /** What of a move there is room for: a screw stops at its end, and the hand that turns it feels that. */
    default Adjustment possible(Adjustment event) {
        return event;
    }

    /** Answers to work at nut or bridge, never exactly as meant. */
    void adjust(Adjustment event);

    /** How proud a saddle without screws stands, mm; infinite where nothing is known to limit it. */
    default double proud() {
        return PROUD_ENOUGH;
    }

    /** A gap with the neck bent by so much more, mm of relief: lying on its back. */
    default double gapBent(int string, GapMethod method, double relief) {
        return gap(string, method);
    }

    /** How far the rod stands tighter than found, turns. */
    default double tighter() {
        return 0;
    }

    /** Whether the rod could still bring the relief down, or up. */
    default boolean rodReaches(boolean lower) {
        return spec().rod() != RodType.NONE;
    }

    /** Whether the bridge could still bring the strings down, or up. */
    default boolean bridgeReaches(boolean lower) {
        return true;
    }

    /** How its strings sound; null where nobody listens. */
    default @Nullable Sounding sounding() {
        return null;
    }

    /** What stands under its strings; null where nobody looks at it. */
    default @Nullable RealPickups pickups() {
        return null;
    }

    /** What its strings do when they are listened to. */
    interface Sounding {
        /** How a note sounds now, cents above what is wanted. */
        double sound(int string, Sounded sounded);

        /** Brings a string to its pitch. */
        void tune(int string);

        /** Puts another string on. */
        void renew(int string);

        /** How far a saddle can still go. */
        ToneEvent.LengthTravelRead room(int support);

        /** The true error at the octave against the open string, cents. */
        double error(int string);

        /** Whether a string sounds otherwise at every fret, whatever is done. */
        boolean isFalse(int string);

        /** Whether the saddle of a string has way left to take so many cents away. */
        boolean reaches(int string, double cents);
    }

    /** Room left of the height screws. */
    default ActionEvent.TravelRead travel() {
        throw new IllegalStateException("its screws never come to an end");
    }
}
