package barytone.core.buzz.cause;

import barytone.core.buzz.Board;
import barytone.core.buzz.BuzzTest;
import barytone.core.buzz.Cause;
import barytone.core.buzz.Note;
import barytone.core.buzz.Outcome;
import barytone.core.buzz.Place;
import barytone.core.buzz.Remedy;
import barytone.core.buzz.Zone;
import barytone.core.playoff.NoteMark;
import java.util.List;

/** The string leaves its saddle from the back and sings on the crown. */
final class SaddleFlat extends Cause {
    SaddleFlat() {
        super("saddle-flat", "A saddle crown that is too flat", Remedy.SHAPE_SADDLE, BuzzTest.PRESS_AT_SADDLE);
        shows(BuzzTest.PRESS_AT_SADDLE, Outcome.STOPS, 0.8);
        from(Zone.AT_BRIDGE, 0.55);
    }

    @Override
    protected double odds(Board board) {
        return board.acoustic() ? 0.03 : 0.015;
    }

    @Override
    protected List<Place> places(Board board) {
        return Places.stringsOrAll(board);
    }

    @Override
    protected double spoils(Place place, Note note) {
        return 0.8 * (place.string() == 0 || note.string() == place.string() ? 1 : 0.02);
    }

    @Override
    protected double sounds(NoteMark mark) {
        return mark == NoteMark.BUZZ ? 1 : 0.5;
    }
}
