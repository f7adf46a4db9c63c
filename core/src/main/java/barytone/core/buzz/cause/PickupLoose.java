package barytone.core.buzz.cause;

import barytone.core.buzz.Board;
import barytone.core.buzz.BuzzTest;
import barytone.core.buzz.Outcome;
import barytone.core.buzz.Remedy;
import barytone.core.buzz.Zone;

/** A pickup rattles on a tired spring. */
final class PickupLoose extends LoosePart {
    PickupLoose() {
        super("pickup-loose", "A loose pickup", Remedy.SPRING_OR_FOAM, BuzzTest.TAP_BODY);
        shows(BuzzTest.TAP_BODY, Outcome.RATTLES, 0.8);
        from(Zone.NEAR_PICKUPS, 0.65);
        from(Zone.BODY, 0.25);
    }

    @Override
    protected double odds(Board board) {
        return board.pickups() ? 0.012 : 0;
    }
}
