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
import barytone.core.buzz.Zone;

/** A guard, plate or control rattles at some pitches. */
public final class PlateLoose extends Cause {
    /** The one there is. */
    public PlateLoose() {
        super("plate-loose", "A loose plate or control", Remedy.SNUG_PLATE, BuzzTest.TAP_BODY);
        shows(BuzzTest.TAP_BODY, Outcome.RATTLES, 0.87);
        from(Zone.BODY, 0.7);
    }

    @Override
    protected double odds(Board board) {
        return board.acoustic() ? 0.006 : 0.025;
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
