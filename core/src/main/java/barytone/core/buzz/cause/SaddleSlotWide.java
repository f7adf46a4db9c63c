package barytone.core.buzz.cause;

import barytone.core.buzz.Board;
import barytone.core.buzz.BuzzTest;
import barytone.core.buzz.Note;
import barytone.core.buzz.Outcome;
import barytone.core.buzz.Place;
import barytone.core.buzz.Remedy;
import barytone.core.buzz.Zone;
import barytone.core.playoff.NoteMark;

/** The string skates in its saddle slot. */
final class SaddleSlotWide extends OneString {
    SaddleSlotWide() {
        super(
                "saddle-slot-wide",
                "A saddle slot that is too wide",
                Remedy.RECUT_SADDLE,
                BuzzTest.PRESS_AT_SADDLE,
                0.75,
                0.01);
        shows(BuzzTest.PRESS_AT_SADDLE, Outcome.STOPS, 0.85);
        from(Zone.AT_BRIDGE, 0.4);
    }

    @Override
    protected double odds(Board board) {
        return 0.012;
    }

    @Override
    protected double chokes(Place place, Note note) {
        return note.string() == place.string() ? 0.3 : 0.01;
    }

    @Override
    protected double sounds(NoteMark mark) {
        return mark == NoteMark.BUZZ ? 1 : 0.7;
    }
}
