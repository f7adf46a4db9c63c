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

/** The springs ring on after the note is stopped. */
final class VibratoSprings extends Cause {
    VibratoSprings() {
        super("vibrato-springs", "Springs of the vibrato", Remedy.DAMP_SPRINGS, BuzzTest.DAMP_SPRINGS);
        shows(BuzzTest.DAMP_SPRINGS, Outcome.STOPS, 0.93);
        from(Zone.BODY, 0.5);
    }

    @Override
    protected double odds(Board board) {
        return board.bridge().balanced() ? 0.03 : 0;
    }

    @Override
    protected double spoils(Place place, Note note) {
        return 0.5 * note.answersToPitch();
    }

    @Override
    protected double fits(Findings findings, Place place, Board board) {
        return findings.hint(Hint.GOES_ON, 15);
    }
}
