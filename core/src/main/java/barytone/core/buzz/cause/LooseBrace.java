package barytone.core.buzz.cause;

import barytone.core.buzz.Board;
import barytone.core.buzz.BuzzTest;
import barytone.core.buzz.Findings;
import barytone.core.buzz.Hint;
import barytone.core.buzz.Outcome;
import barytone.core.buzz.Place;
import barytone.core.buzz.Remedy;
import barytone.core.buzz.Zone;

/** A brace has come loose; the top sounds papery where it is tapped. */
final class LooseBrace extends LoosePart {
    LooseBrace() {
        super("loose-brace", "A loose brace", Remedy.REFER_BRACE, BuzzTest.TAP_TOP);
        shows(BuzzTest.TAP_TOP, Outcome.RATTLES, 0.85);
        shows(BuzzTest.SHAKE, Outcome.RATTLES, 0.06);
        from(Zone.BODY, 0.75);
    }

    @Override
    protected double odds(Board board) {
        return board.acoustic() ? 0.025 : 0;
    }

    @Override
    protected double fits(Findings findings, Place place, Board board) {
        return super.fits(findings, place, board)
                * findings.hint(Hint.SINCE_FALL, 8)
                * findings.hint(Hint.SINCE_SEASON, 1.4);
    }
}
