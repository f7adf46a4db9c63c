package barytone.core.buzz.cause;

import barytone.core.buzz.Board;
import barytone.core.buzz.BuzzTest;
import barytone.core.buzz.Cause;
import barytone.core.buzz.Findings;
import barytone.core.buzz.Note;
import barytone.core.buzz.Outcome;
import barytone.core.buzz.Place;
import barytone.core.buzz.Remedy;

/** A string that is pushed across a round board comes down on the crowns ahead of it. */
final class BendChoke extends Cause {
    private static final Curve BENT = Curve.of(3, 0.1, 7, 0.4, 10, 0.85, 24, 0.85);

    BendChoke() {
        super("bend-choke", "Bends choke on a round board", Remedy.ACTION_OR_FLATTER_END, BuzzTest.RAISE_STRING);
        shows(BuzzTest.RAISE_STRING, Outcome.STOPS, 0.75);
        shows(BuzzTest.RAISE_STRING, Outcome.LESS, 0.15);
    }

    @Override
    protected double odds(Board board) {
        return board.boardRadius() == 0 || board.boardRadius() > 300 ? 0.004 : board.boardRadius() > 250 ? 0.02 : 0.05;
    }

    @Override
    protected double spoils(Place place, Note note) {
        return 0.01;
    }

    @Override
    protected double chokes(Place place, Note note) {
        return BENT.at(note.fret()) * (note.string() <= 3 ? 1 : 0.5);
    }

    @Override
    protected double fits(Findings findings, Place place, Board board) {
        return findings.action(2, 1, 0.4);
    }
}
