package barytone.core.buzz.cause;

import barytone.core.buzz.Board;
import barytone.core.buzz.BuzzTest;
import barytone.core.buzz.Cause;
import barytone.core.buzz.Findings;
import barytone.core.buzz.Hint;
import barytone.core.buzz.Note;
import barytone.core.buzz.Outcome;
import barytone.core.buzz.Place;
import barytone.core.buzz.Remedy;
import barytone.core.playoff.Pluck;

/** The neck bows forward so far that the upper frets rise into the strings. */
final class TooMuchRelief extends Cause {
    private static final Curve WORST = Curve.of(5, 0.04, 7, 0.2, 8, 0.5, 9, 0.75, 15, 0.75, 18, 0.45, 24, 0.3);

    TooMuchRelief() {
        super("too-much-relief", "Too much relief", Remedy.TIGHTEN_ROD, BuzzTest.READ_RELIEF);
        shows(BuzzTest.TAP_RELIEF, Outcome.WIDE, 0.85);
        shows(BuzzTest.READ_RELIEF, Outcome.HIGH, 0.93);
        shows(BuzzTest.RAISE_STRING, Outcome.STOPS, 0.5);
        shows(BuzzTest.RAISE_STRING, Outcome.LESS, 0.3);
        shows(BuzzTest.SOFT_TOUCH, Outcome.STOPS, 0.3);
    }

    @Override
    protected double odds(Board board) {
        return 0.06;
    }

    @Override
    protected double spoils(Place place, Note note) {
        return note.touches(WORST.at(note.fret()));
    }

    @Override
    protected double touch(Pluck pluck) {
        return wantOfRoom(pluck);
    }

    @Override
    protected double fits(Findings findings, Place place, Board board) {
        return findings.relief(0.01, 0.02, 0.05, 14)
                * findings.hint(Hint.SINCE_SEASON, 2)
                * findings.action(1.5, 1, 0.4);
    }
}
