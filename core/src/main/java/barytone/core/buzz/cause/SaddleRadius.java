package barytone.core.buzz.cause;

import barytone.core.buzz.Board;
import barytone.core.buzz.BuzzTest;
import barytone.core.buzz.Cause;
import barytone.core.buzz.Findings;
import barytone.core.buzz.Note;
import barytone.core.buzz.Outcome;
import barytone.core.buzz.Place;
import barytone.core.buzz.Remedy;
import barytone.core.playoff.Pluck;

/** The middle strings stand lower over the board than the outer ones. */
final class SaddleRadius extends Cause {
    SaddleRadius() {
        super("saddle-radius", "Saddles that do not follow the board", Remedy.FOLLOW_BOARD, BuzzTest.GAUGE_AT_BRIDGE);
        shows(BuzzTest.GAUGE_AT_BRIDGE, Outcome.MIDDLE_LOW, 0.9);
        shows(BuzzTest.RAISE_STRING, Outcome.STOPS, 0.5);
        shows(BuzzTest.RAISE_STRING, Outcome.LESS, 0.3);
    }

    @Override
    protected double odds(Board board) {
        return board.boardRadius() == 0 ? 0.004 : 0.02;
    }

    @Override
    protected double spoils(Place place, Note note) {
        return (note.string() == 1 || note.string() == note.board().strings()
                        ? 0.03
                        : note.board().nearMiddle(note.string()) ? 1 : 0.7)
                * (note.open() ? 0.3 : 0.8);
    }

    @Override
    protected double touch(Pluck pluck) {
        return wantOfRoom(pluck);
    }

    @Override
    protected double fits(Findings findings, Place place, Board board) {
        return findings.action(1.5, 1, 0.5);
    }
}
