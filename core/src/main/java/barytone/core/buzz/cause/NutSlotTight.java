package barytone.core.buzz.cause;

import barytone.core.buzz.Board;
import barytone.core.buzz.BuzzTest;
import barytone.core.buzz.Findings;
import barytone.core.buzz.Hint;
import barytone.core.buzz.Outcome;
import barytone.core.buzz.Place;
import barytone.core.buzz.Remedy;

/** The string pings and sticks in its slot while it is tuned; it buzzes little. */
final class NutSlotTight extends OpenString {
    NutSlotTight() {
        super("nut-slot-tight", "A nut slot that is too tight", Remedy.WIDEN_SLOT, BuzzTest.LOOK_SLOT, 0.25);
        shows(BuzzTest.LOOK_SLOT, Outcome.TIGHT, 0.88);
    }

    @Override
    protected double odds(Board board) {
        return 0.01;
    }

    @Override
    protected double fits(Findings findings, Place place, Board board) {
        return findings.hint(Hint.GOES_OUT, 20)
                * findings.nut(place.string(), 0.5, 1, 1.6)
                * findings.hint(Hint.SINCE_STRINGS, 2);
    }
}
