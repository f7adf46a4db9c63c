package barytone.core.buzz.cause;

import barytone.core.buzz.Board;
import barytone.core.buzz.BuzzTest;
import barytone.core.buzz.Findings;
import barytone.core.buzz.Hint;
import barytone.core.buzz.Outcome;
import barytone.core.buzz.Place;
import barytone.core.buzz.Remedy;
import barytone.core.playoff.NoteMark;

/** The string rattles sideways in its slot. */
final class NutSlotWide extends OpenString {
    NutSlotWide() {
        super("nut-slot-wide", "A nut slot that is too wide", Remedy.FILL_AND_RECUT, BuzzTest.LOOK_SLOT, 0.75);
        shows(BuzzTest.LOOK_SLOT, Outcome.WIDE, 0.88);
        shows(BuzzTest.PRESS_BEHIND_NUT, Outcome.STOPS, 0.3);
    }

    @Override
    protected double odds(Board board) {
        return 0.018;
    }

    @Override
    protected double sounds(NoteMark mark) {
        return mark == NoteMark.BUZZ ? 1 : 0.5;
    }

    @Override
    protected double fits(Findings findings, Place place, Board board) {
        return findings.nut(place.string(), 0.6, 1.4, 1.2) * findings.hint(Hint.SINCE_STRINGS, 2);
    }
}
