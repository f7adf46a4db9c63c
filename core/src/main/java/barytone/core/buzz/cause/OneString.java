package barytone.core.buzz.cause;

import barytone.core.buzz.Board;
import barytone.core.buzz.BuzzTest;
import barytone.core.buzz.Cause;
import barytone.core.buzz.Note;
import barytone.core.buzz.Place;
import barytone.core.buzz.Remedy;
import java.util.List;

/** Something of one string, or of what carries it, that spoils it along its whole length. */
abstract class OneString extends Cause {
    private final double its;
    private final double others;

    OneString(String code, String title, Remedy remedy, BuzzTest confirming, double its, double others) {
        super(code, title, remedy, confirming);
        this.its = its;
        this.others = others;
    }

    @Override
    protected final List<Place> places(Board board) {
        return Places.strings(board);
    }

    @Override
    protected final double spoils(Place place, Note note) {
        return note.string() == place.string() ? its : others;
    }
}
