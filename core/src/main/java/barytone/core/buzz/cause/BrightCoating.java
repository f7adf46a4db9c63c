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

/** A faint noise all over that only the ear beside it hears. */
final class BrightCoating extends Cause {
    BrightCoating() {
        super(
                "bright-coating",
                "Bright or coated strings on large hard frets",
                Remedy.ACCEPT_OR_OTHER_SET,
                BuzzTest.SWAP_STRING);
        shows(BuzzTest.PLUGGED, Outcome.NOT_HEARD, 0.85);
        shows(BuzzTest.SWAP_STRING, Outcome.STOPS, 0.8);
    }

    @Override
    protected double odds(Board board) {
        return 0.012;
    }

    @Override
    protected double spoils(Place place, Note note) {
        return 0.3;
    }

    @Override
    protected double fits(Findings findings, Place place, Board board) {
        return findings.hint(Hint.COATED, 10) * findings.hint(Hint.ONLY_UNPLUGGED, 2) * findings.action(0.6, 1.2, 1.2);
    }
}
