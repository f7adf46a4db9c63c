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

/** A pickup rattles on a tired spring. */
public final class PickupLoose extends Cause {
    /** The one there is. */
    public PickupLoose() {
        super("pickup-loose", "A loose pickup", Remedy.SPRING_OR_FOAM, BuzzTest.TAP_BODY);
        shows(BuzzTest.TAP_BODY, Outcome.RATTLES, 0.8);
        from(Zone.NEAR_PICKUPS, 0.65);
        from(Zone.BODY, 0.25);
    }

    @Override
    protected double odds(Board board) {
        return board.pickups() ? 0.012 : 0;
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
