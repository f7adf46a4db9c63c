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

/** A kink, or a ball end that is not home: one string, since it was put on. */
public final class StringSeat extends Cause {
    /** The one there is. */
    public StringSeat() {
        super("string-seat", "A string that is not seated", Remedy.SEAT_STRING, BuzzTest.RESEAT_STRING);
        shows(BuzzTest.RESEAT_STRING, Outcome.STOPS, 0.9);
        shows(BuzzTest.PRESS_AT_SADDLE, Outcome.STOPS, 0.35);
        shows(BuzzTest.SWAP_STRING, Outcome.STOPS, 0.7);
    }

    @Override
    protected double odds(Board board) {
        return 0.02;
    }

    @Override
    protected List<Place> places(Board board) {
        return Places.strings(board);
    }

    @Override
    protected double spoils(Place place, Note note) {
        return note.string() == place.string() ? 0.6 : 0.01;
    }

    @Override
    protected double fits(Findings findings, Place place, Board board) {
        return findings.hint(Hint.SINCE_STRINGS, 5)
                * (findings.stringAgeDays() != null && findings.stringAgeDays() > 60 ? 0.3 : 1);
    }
}
