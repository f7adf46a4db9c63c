package barytone.core.buzz;

import static barytone.core.buzz.Outcome.*;

import java.util.Arrays;
import java.util.List;
import java.util.stream.Stream;

/**
 * A test of the hunt: how long it takes, what it can show, and what it shows where nothing is wrong. None of them takes anything off that does not go on again; those that
 * disturb strings or parts come after those that do not.
 */
public enum BuzzTest {
    TAP_RELIEF("Hold at the first and last fret, tap the middle of the string", 1, Where.BOARD, BOUNCES, NOTHING, WIDE),
    READ_RELIEF("Read the relief", 2, Where.BOARD, OK, BACK_BOW, LOW, HIGH),
    PRESS_AT_3("Press behind 3, look at the gap over 1", 1, Where.STRING, GAP, TOUCHES, SLIVER),
    CARD_UNDER_NUT("A slip of card under the string in its nut slot", 1, Where.STRING, STAYS, STOPS),
    PRESS_BEHIND_NUT("Press the string down behind the nut", 0.5, Where.STRING, STAYS, STOPS),
    DAMP_BEHIND_NUT("Damp the strings behind the nut", 0.5, Where.BOARD, STAYS, STOPS),
    LOOK_SLOT("Look at the nut slot through a glass", 1, Where.STRING, FINE, CHIPPED, WIDE, TIGHT),
    ROCKER("Fret rocker over three frets", 2, Where.FRET, STEADY, ROCKS),
    THUMB_FRET_END("Press the fret's end with the thumb", 1, Where.FRET, FIRM, MOVES),
    STRAIGHTEDGE_END("Straightedge over the end of the board", 2, Where.BOARD, LEVEL, RISES, FALLS_AWAY),
    STRAIGHTEDGE_NECK("Straightedge along the frets of the neck", 2, Where.BOARD, LEVEL, S_SHAPED),
    STRAIGHTEDGE_BRIDGE("Straightedge along the frets to the bridge", 2, Where.BOARD, MEETS, LOW, HIGH),
    LOOK_FRET("Look at the crown through a glass", 1, Where.FRET, FINE, DIVOT, FLAT_CROWN),
    RAISE_STRING("Raise the string, or slip a shim under its saddle", 2, Where.STRING, STAYS, STOPS, LESS),
    SOFT_TOUCH("Play it softly", 0.5, Where.BOARD, STAYS, STOPS),
    FRET_CLOSER("Fret it right behind the fret", 0.3, Where.BOARD, STAYS, STOPS),
    PLUGGED("Plug in and listen", 1, Where.BOARD, HEARD, NOT_HEARD),
    TAP_HEAD("Tap the head", 1, Where.BOARD, QUIET, RATTLES),
    TAP_BODY("Tap plates, screws and pickups", 1, Where.BOARD, QUIET, RATTLES),
    TAP_TOP("Tap top and back with a knuckle", 1, Where.BOARD, QUIET, RATTLES),
    SHAKE("Shake it a little, strings damped", 1, Where.BOARD, QUIET, RATTLES),
    KNOCK_NECK("Knock on the back of the neck", 1, Where.BOARD, QUIET, RATTLES),
    PRESS_AT_SADDLE("Press the string down at its saddle", 0.5, Where.STRING, STAYS, STOPS),
    HOLD_SADDLE("Hold saddle and bridge still with a finger", 0.5, Where.STRING, STAYS, STOPS),
    GAUGE_AT_BRIDGE("Radius gauge under the strings at the bridge", 2, Where.BOARD, FITS, MIDDLE_LOW, MIDDLE_HIGH),
    LOWER_PICKUP("Lower the pickup", 1.5, Where.BOARD, STAYS, STOPS),
    DAMP_SPRINGS("Damp the springs", 0.5, Where.BOARD, STAYS, STOPS),
    SWAP_STRING("Put another string on", 6, Where.STRING, STAYS, STOPS),
    RESEAT_STRING("Seat the string anew", 3, Where.STRING, STAYS, STOPS),
    OPEN_AGAINST_HARMONIC("The fretted octave against the harmonic", 1, Where.STRING, AGREE, DISAGREE),
    MOVE_PLACE("Play it in another place", 1, Where.BOARD, STAYS, STOPS),
    READ_HUMIDITY("Read the humidity", 1, Where.BOARD, FINE, DRY, WET);

    /** What a test is made on. */
    public enum Where {
        BOARD,
        STRING,
        FRET
    }

    private final String title;
    private final double minutes;
    private final Where where;
    private final List<Outcome> outcomes;

    BuzzTest(String title, double minutes, Where where, Outcome usual, Outcome... signs) {
        this.title = title;
        this.minutes = minutes;
        this.where = where;
        this.outcomes = Stream.concat(Stream.of(usual), Arrays.stream(signs)).toList();
    }

    /** What is done. */
    public String title() {
        return title;
    }

    /** How long it takes as a rule. */
    public double minutes() {
        return minutes;
    }

    /** What it is made on. */
    public Where where() {
        return where;
    }

    /** What it can show; the first one is what it shows where nothing is wrong. */
    public List<Outcome> outcomes() {
        return outcomes;
    }

    /** What it shows where nothing is wrong. */
    public Outcome usual() {
        return outcomes.getFirst();
    }

    /** How often it shows each of its other outcomes though nothing is wrong. */
    double mistaken(Outcome outcome) {
        return switch (this) {
            case ROCKER -> 1.0 / 15;
            case SOFT_TOUCH -> 0.15;
            case READ_RELIEF, TAP_RELIEF, READ_HUMIDITY -> 0.06;
            case RAISE_STRING -> outcome == LESS ? 0.15 : 0.06;
            case PRESS_AT_3 -> outcome == SLIVER ? 0.08 : 0.03;
            case LOOK_SLOT, LOOK_FRET -> 0.015;
            default -> 0.03;
        };
    }

    /** Whether strings or parts are disturbed for it. */
    boolean disturbs() {
        return this == SWAP_STRING || this == RESEAT_STRING || this == LOWER_PICKUP || this == RAISE_STRING;
    }
}
