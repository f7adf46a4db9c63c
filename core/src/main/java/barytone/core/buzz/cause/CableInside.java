package barytone.core.buzz.cause;

import barytone.core.buzz.Board;
import barytone.core.buzz.BuzzTest;
import barytone.core.buzz.Findings;
import barytone.core.buzz.Outcome;
import barytone.core.buzz.Place;
import barytone.core.buzz.Remedy;
import barytone.core.buzz.Zone;

/** A cable of the pickup knocks against the inside of the body. */
final class CableInside extends LoosePart {
    CableInside() {
        super("cable-inside", "A cable loose inside", Remedy.RETAIN_CABLE, BuzzTest.SHAKE);
        shows(BuzzTest.SHAKE, Outcome.RATTLES, 0.87);
        shows(BuzzTest.TAP_TOP, Outcome.RATTLES, 0.3);
        from(Zone.BODY, 0.65);
    }

    @Override
    protected double odds(Board board) {
        return board.acoustic() ? 0.025 : 0;
    }

    @Override
    protected double fits(Findings findings, Place place, Board board) {
        return super.fits(findings, place, board);
    }
}
