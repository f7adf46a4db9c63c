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
import java.util.List;

/** The strings have too little room nearly everywhere. */
final class ActionLow extends Cause {
    ActionLow() {
        super("action-low", "Action too low for this touch", Remedy.RAISE_ACTION, BuzzTest.RAISE_STRING);
        shows(BuzzTest.RAISE_STRING, Outcome.STOPS, 0.8);
        shows(BuzzTest.RAISE_STRING, Outcome.LESS, 0.17);
        shows(BuzzTest.SOFT_TOUCH, Outcome.STOPS, 0.6);
    }

    @Override
    protected double odds(Board board) {
        return 0.09;
    }

    @Override
    protected List<Place> places(Board board) {
        return Places.sides(board);
    }

    @Override
    protected double spoils(Place place, Note note) {
        return place.under(note.board(), note.string()) * note.touches(note.open() ? 0.25 : 0.65);
    }

    @Override
    protected double chokes(Place place, Note note) {
        return 0.35 * place.under(note.board(), note.string());
    }

    @Override
    protected double touch(Pluck pluck) {
        return switch (pluck) {
            case SOFT -> 0.4;
            case NORMAL -> 1;
            case HARD -> 1.4;
        };
    }

    @Override
    protected double fits(Findings findings, Place place, Board board) {
        return findings.action(9, 0.2, 0.02) * findings.relief(1, 1, 1.2, 0.6);
    }
}
