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

/** A string tree rattles. */
public final class TreeLoose extends Cause {
    /** The one there is. */
    public TreeLoose() {
        super("tree-loose", "A loose string tree", Remedy.SNUG_TREE, BuzzTest.TAP_HEAD);
        shows(BuzzTest.TAP_HEAD, Outcome.RATTLES, 0.75);
        shows(BuzzTest.DAMP_BEHIND_NUT, Outcome.STOPS, 0.5);
        from(Zone.BEHIND_NUT, 0.6);
    }

    @Override
    protected double odds(Board board) {
        return board.acoustic() ? 0 : 0.01;
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
