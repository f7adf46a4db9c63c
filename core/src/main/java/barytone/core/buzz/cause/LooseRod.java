package barytone.core.buzz.cause;

import barytone.core.buzz.Board;
import barytone.core.buzz.BuzzTest;
import barytone.core.buzz.Findings;
import barytone.core.buzz.Hint;
import barytone.core.buzz.Outcome;
import barytone.core.buzz.Place;
import barytone.core.buzz.Remedy;
import barytone.core.buzz.Zone;

/** The rod rattles in its channel; it seems to sit in the hand that holds the neck. */
final class LooseRod extends LoosePart {
    LooseRod() {
        super("loose-rod", "A loose rod", Remedy.SEAT_ROD, BuzzTest.KNOCK_NECK);
        shows(BuzzTest.KNOCK_NECK, Outcome.RATTLES, 0.85);
        from(Zone.INSIDE_NECK, 0.8);
    }

    @Override
    protected double odds(Board board) {
        return board.rod() ? 0.02 : 0;
    }

    @Override
    protected double fits(Findings findings, Place place, Board board) {
        return findings.hint(Hint.ROD_SLACK, 8) * super.fits(findings, place, board) * findings.relief(1, 1.2, 1, 1.2);
    }
}
