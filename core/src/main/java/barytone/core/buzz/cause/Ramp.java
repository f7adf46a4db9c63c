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
import barytone.core.playoff.NoteMark;
import barytone.core.playoff.Pluck;

/** The end of the board kicks up over the body and stops what is fretted near it. */
final class Ramp extends Cause {
    /** From the body joint up. */
    private static final Curve UP = Curve.of(-5, 0.02, -3, 0.2, -2, 0.4, -1, 0.7, 0, 0.85, 12, 0.85);

    Ramp() {
        super("ramp", "A ramp at the end of the board", Remedy.LEVEL_FALL_AWAY, BuzzTest.STRAIGHTEDGE_END);
        shows(BuzzTest.STRAIGHTEDGE_END, Outcome.RISES, 0.9);
        shows(BuzzTest.RAISE_STRING, Outcome.LESS, 0.5);
        shows(BuzzTest.RAISE_STRING, Outcome.STOPS, 0.2);
        shows(BuzzTest.ROCKER, Outcome.ROCKS, 0.15);
    }

    @Override
    protected double odds(Board board) {
        return board.bolted() ? 0.055 : 0.03;
    }

    @Override
    protected double spoils(Place place, Note note) {
        return UP.at(note.fret() - note.board().bodyJointFret())
                * (note.fret() >= note.board().frets() ? 0.1 : 1);
    }

    @Override
    protected double chokes(Place place, Note note) {
        return note.fret() >= note.board().bodyJointFret() - 5
                        && note.fret() < note.board().frets()
                ? 0.75
                : 0.03;
    }

    @Override
    protected double touch(Pluck pluck) {
        return switch (pluck) {
            case SOFT -> 0.85;
            case NORMAL -> 1;
            case HARD -> 1.1;
        };
    }

    @Override
    protected double sounds(NoteMark mark) {
        return mark == NoteMark.BUZZ ? 0.8 : 1.15;
    }

    @Override
    protected double fits(Findings findings, Place place, Board board) {
        return findings.relief(0.6, 1, 1.4, 0.5) * findings.hint(Hint.SINCE_SEASON, 1.3);
    }
}
