package barytone.core.buzz.cause;

import barytone.core.buzz.Board;
import barytone.core.buzz.BuzzTest;
import barytone.core.buzz.Outcome;
import barytone.core.buzz.Remedy;
import barytone.core.buzz.Zone;

/** A guard, plate or control rattles at some pitches. */
final class PlateLoose extends LoosePart {
    PlateLoose() {
        super("plate-loose", "A loose plate or control", Remedy.SNUG_PLATE, BuzzTest.TAP_BODY);
        shows(BuzzTest.TAP_BODY, Outcome.RATTLES, 0.87);
        from(Zone.BODY, 0.7);
    }

    @Override
    protected double odds(Board board) {
        return board.acoustic() ? 0.006 : 0.025;
    }
}
