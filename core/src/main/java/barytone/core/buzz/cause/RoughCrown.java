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
import barytone.core.buzz.Span;
import barytone.core.playoff.NoteMark;
import java.util.List;

/** The string lies on a flat or scratched crown: the note sizzles and its pitch is unsure. */
final class RoughCrown extends Cause {
    RoughCrown() {
        super("rough-crown", "A flat or scratched crown", Remedy.CROWN, BuzzTest.LOOK_FRET);
        shows(BuzzTest.LOOK_FRET, Outcome.FLAT_CROWN, 0.88);
    }

    @Override
    protected double odds(Board board) {
        return 0.015;
    }

    @Override
    protected List<Place> places(Board board) {
        return Places.frets(board, Span.ALL);
    }

    @Override
    protected double spoils(Place place, Note note) {
        return note.fret() == place.fret() ? 0.7 : 0.01;
    }

    @Override
    protected double sounds(NoteMark mark) {
        return mark == NoteMark.BUZZ ? 1 : 0.4;
    }

    @Override
    protected double fits(Findings findings, Place place, Board board) {
        return findings.hint(Hint.OUT_UP_THE_NECK, 1.3);
    }
}
