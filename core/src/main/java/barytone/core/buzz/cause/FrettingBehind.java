package barytone.core.buzz.cause;

import barytone.core.buzz.Board;
import barytone.core.buzz.BuzzTest;
import barytone.core.buzz.Cause;
import barytone.core.buzz.Note;
import barytone.core.buzz.Outcome;
import barytone.core.buzz.Place;
import barytone.core.buzz.Remedy;

/** Any fretted note, gone when it is fretted right behind the fret. */
final class FrettingBehind extends Cause {
    FrettingBehind() {
        super("fretting-behind", "Fretted too far behind the fret", Remedy.SHOW_FRETTING, BuzzTest.FRET_CLOSER);
        shows(BuzzTest.FRET_CLOSER, Outcome.STOPS, 0.92);
    }

    @Override
    protected double odds(Board board) {
        return 0.03;
    }

    @Override
    protected double spoils(Place place, Note note) {
        return note.open() ? 0.01 : 0.35;
    }
}
