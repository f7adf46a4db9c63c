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

/** Something in the room answers to a pitch. */
public final class RoomRings extends Cause {
    /** The one there is. */
    public RoomRings() {
        super("room", "Something else in the room", Remedy.NOTHING, BuzzTest.MOVE_PLACE);
        shows(BuzzTest.MOVE_PLACE, Outcome.STOPS, 0.93);
    }

    @Override
    protected double odds(Board board) {
        return 0.02;
    }

    @Override
    protected double spoils(Place place, Note note) {
        return note.answersToPitch();
    }

    @Override
    protected double fits(Findings findings, Place place, Board board) {
        return findings.hint(Hint.SOME_PITCHES, 4);
    }
}
