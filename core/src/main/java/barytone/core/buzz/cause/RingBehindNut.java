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

/** What is left of the strings behind the nut rings along. */
final class RingBehindNut extends Cause {
    RingBehindNut() {
        super("ring-behind-nut", "A ring behind the nut", Remedy.DAMP_HEAD, BuzzTest.DAMP_BEHIND_NUT);
        shows(BuzzTest.DAMP_BEHIND_NUT, Outcome.STOPS, 0.93);
        from(Zone.BEHIND_NUT, 0.75);
    }

    @Override
    protected double odds(Board board) {
        return 0.015;
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
