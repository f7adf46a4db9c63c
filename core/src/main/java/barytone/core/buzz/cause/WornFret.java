package barytone.core.buzz.cause;

import barytone.core.buzz.Board;
import barytone.core.buzz.BuzzTest;
import barytone.core.buzz.Cause;
import barytone.core.buzz.Note;
import barytone.core.buzz.Outcome;
import barytone.core.buzz.Place;
import barytone.core.buzz.Remedy;
import barytone.core.playoff.NoteMark;
import java.util.List;

/** A divot under one or two strings: the note fretted there touches the next crown. */
final class WornFret extends Cause {
    WornFret() {
        super("worn-fret", "A worn fret", Remedy.DRESS_OR_REFRET, BuzzTest.LOOK_FRET);
        shows(BuzzTest.LOOK_FRET, Outcome.DIVOT, 0.93);
        shows(BuzzTest.ROCKER, Outcome.ROCKS, 0.1);
    }

    @Override
    protected double odds(Board board) {
        return 0.06;
    }

    @Override
    protected List<Place> places(Board board) {
        return Places.worn(board);
    }

    @Override
    protected double spoils(Place place, Note note) {
        return note.fret() == place.fret()
                ? 0.88
                        * (note.string() == place.string()
                                ? 1
                                : Math.abs(note.string() - place.string()) == 1 ? 0.5 : 0.05)
                : 0.01;
    }

    @Override
    protected double sounds(NoteMark mark) {
        return mark == NoteMark.CHOKE ? 0.8 : 1;
    }
}
