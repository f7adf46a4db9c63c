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
import barytone.core.playoff.Pluck;
import java.util.List;

/** The open string lies on the first fret, or nearly. */
final class NutSlotLow extends Cause {
    NutSlotLow() {
        super("nut-slot-low", "A nut slot that is too low", Remedy.RAISE_SLOT, BuzzTest.CARD_UNDER_NUT);
        shows(BuzzTest.CARD_UNDER_NUT, Outcome.STOPS, 0.93);
        shows(BuzzTest.PRESS_AT_3, Outcome.TOUCHES, 0.85);
        shows(BuzzTest.PRESS_AT_3, Outcome.SLIVER, 0.13);
        shows(BuzzTest.RAISE_STRING, Outcome.LESS, 0.15);
    }

    @Override
    protected double odds(Board board) {
        return 0.09;
    }

    @Override
    protected List<Place> places(Board board) {
        return Places.stringsOrAll(board);
    }

    @Override
    protected double spoils(Place place, Note note) {
        return note.open() && (place.string() == 0 || note.string() == place.string()) ? 0.92 : 0.005;
    }

    @Override
    protected double touch(Pluck pluck) {
        return switch (pluck) {
            case SOFT -> 0.7;
            case NORMAL -> 1;
            case HARD -> 1.1;
        };
    }

    @Override
    protected double fits(Findings findings, Place place, Board board) {
        return (place.string() == 0 ? ofAll(findings) : findings.nut(place.string(), 14, 0.03, 0.01))
                * findings.hint(Hint.SINCE_STRINGS, 1.3);
    }

    /** A nut that is too low as a whole has no slot that is not. */
    private static double ofAll(Findings findings) {
        if (findings.nut().isEmpty()) return 1;
        return findings.nut().values().stream().allMatch(level -> level == Findings.Level.LOW) ? 14 : 0.02;
    }
}
