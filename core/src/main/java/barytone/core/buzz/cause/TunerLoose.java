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

/** A bushing, washer or screw of a tuner rattles. */
public final class TunerLoose extends Cause {
    /** The one there is. */
    public TunerLoose() {
        super("tuner-loose", "A loose tuner", Remedy.SNUG_TUNER, BuzzTest.TAP_HEAD);
        shows(BuzzTest.TAP_HEAD, Outcome.RATTLES, 0.85);
        from(Zone.BEHIND_NUT, 0.55);
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
