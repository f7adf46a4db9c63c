package barytone.core.buzz.cause;

import barytone.core.buzz.Board;
import barytone.core.buzz.BuzzTest;
import barytone.core.buzz.Findings;
import barytone.core.buzz.Outcome;
import barytone.core.buzz.Place;
import barytone.core.buzz.Remedy;
import barytone.core.playoff.NoteMark;

/** The string leaves its slot behind the edge and sizzles on it. */
final class NutFront extends OpenString {
    NutFront() {
        super("nut-front", "The leading edge of a nut slot", Remedy.RECUT_EDGE, BuzzTest.LOOK_SLOT, 0.85);
        shows(BuzzTest.LOOK_SLOT, Outcome.CHIPPED, 0.85);
        shows(BuzzTest.PRESS_BEHIND_NUT, Outcome.STOPS, 0.25);
    }

    @Override
    protected double odds(Board board) {
        return 0.02;
    }

    @Override
    protected double sounds(NoteMark mark) {
        return mark == NoteMark.BUZZ ? 1 : 0.5;
    }

    @Override
    protected double fits(Findings findings, Place place, Board board) {
        return findings.nut(place.string(), 0.5, 1.5, 1.2);
    }
}
