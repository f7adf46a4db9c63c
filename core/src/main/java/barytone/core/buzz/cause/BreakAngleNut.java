package barytone.core.buzz.cause;

import barytone.core.buzz.Board;
import barytone.core.buzz.BuzzTest;
import barytone.core.buzz.Findings;
import barytone.core.buzz.Hint;
import barytone.core.buzz.Outcome;
import barytone.core.buzz.Place;
import barytone.core.buzz.Remedy;
import barytone.core.buzz.Zone;
import barytone.core.playoff.NoteMark;

/** The string does not press into its slot, for want of wraps, of a lower post or of a tree. */
final class BreakAngleNut extends OpenString {
    BreakAngleNut() {
        super(
                "break-angle-nut",
                "Too little angle behind the nut",
                Remedy.MORE_ANGLE_AT_NUT,
                BuzzTest.PRESS_BEHIND_NUT,
                0.75);
        shows(BuzzTest.PRESS_BEHIND_NUT, Outcome.STOPS, 0.9);
        from(Zone.BEHIND_NUT, 0.4);
    }

    @Override
    protected double odds(Board board) {
        return board.acoustic() ? 0.01 : 0.025;
    }

    @Override
    protected double sounds(NoteMark mark) {
        return mark == NoteMark.BUZZ ? 1 : 0.6;
    }

    @Override
    protected double fits(Findings findings, Place place, Board board) {
        return findings.hint(Hint.FEW_WRAPS, 10) * findings.nut(place.string(), 0.6, 1.3, 1.2);
    }
}
