package barytone.core.buzz.cause;

import barytone.core.buzz.Board;
import barytone.core.buzz.BuzzTest;
import barytone.core.buzz.Outcome;
import barytone.core.buzz.Remedy;
import barytone.core.buzz.Zone;

/** A strap button rattles at the edge of the body. */
final class StrapButton extends LoosePart {
    StrapButton() {
        super("strap-button", "A loose strap button", Remedy.SNUG_STRAP_BUTTON, BuzzTest.TAP_BODY);
        shows(BuzzTest.TAP_BODY, Outcome.RATTLES, 0.8);
        from(Zone.BODY, 0.6);
    }

    @Override
    protected double odds(Board board) {
        return 0.008;
    }
}
