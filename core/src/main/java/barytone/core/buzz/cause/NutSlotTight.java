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
import java.util.List;

/** The string pings and sticks in its slot while it is tuned; it buzzes little. */
public final class NutSlotTight extends Cause {
    /** The one there is. */
    public NutSlotTight() {
        super("nut-slot-tight", "A nut slot that is too tight", Remedy.WIDEN_SLOT, BuzzTest.LOOK_SLOT);
        shows(BuzzTest.LOOK_SLOT, Outcome.TIGHT, 0.88);
    }

    @Override
    protected double odds(Board board) {
        return 0.01;
    }

    @Override
    protected List<Place> places(Board board) {
        return Places.strings(board);
    }

    @Override
    protected double spoils(Place place, Note note) {
        return note.open() && note.string() == place.string() ? 0.25 : 0.01;
    }

    @Override
    protected double fits(Findings findings, Place place, Board board) {
        return findings.hint(Hint.GOES_OUT, 20)
                * findings.nut(place.string(), 0.5, 1, 1.6)
                * findings.hint(Hint.SINCE_STRINGS, 2);
    }
}
