package barytone.core.buzz.cause;

import barytone.core.buzz.Board;
import barytone.core.buzz.BuzzTest;
import barytone.core.buzz.Cause;
import barytone.core.buzz.Findings;
import barytone.core.buzz.Hint;
import barytone.core.buzz.Note;
import barytone.core.buzz.Place;
import barytone.core.buzz.Remedy;

/** Something that rattles: it answers to a pitch, on whichever string that is played. */
abstract class LoosePart extends Cause {
    LoosePart(String code, String title, Remedy remedy, BuzzTest confirming) {
        super(code, title, remedy, confirming);
    }

    @Override
    protected final double spoils(Place place, Note note) {
        return note.answersToPitch();
    }

    @Override
    protected double fits(Findings findings, Place place, Board board) {
        return findings.hint(Hint.SOME_PITCHES, 4);
    }
}
