package barytone.core.buzz.cause;

import barytone.core.buzz.Board;
import barytone.core.buzz.BuzzTest;
import barytone.core.buzz.Cause;
import barytone.core.buzz.Note;
import barytone.core.buzz.Place;
import barytone.core.buzz.Remedy;
import java.util.List;

/** Something at the nut that spoils one string while it is open, and no fretted note. */
abstract class OpenString extends Cause {
    private static final double ANOTHER = 0.01;

    private final double open;

    OpenString(String code, String title, Remedy remedy, BuzzTest confirming, double open) {
        super(code, title, remedy, confirming);
        this.open = open;
    }

    @Override
    protected final List<Place> places(Board board) {
        return Places.strings(board);
    }

    @Override
    protected final double spoils(Place place, Note note) {
        return note.open() && note.string() == place.string() ? open : ANOTHER;
    }
}
