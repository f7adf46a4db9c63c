package barytone.core.buzz.cause;

import barytone.core.bridge.BridgeKind;
import barytone.core.buzz.Board;
import barytone.core.buzz.BuzzTest;
import barytone.core.buzz.Outcome;
import barytone.core.buzz.Remedy;
import barytone.core.buzz.Zone;

/** A saddle, its screws or its spring rattle at some pitches. */
final class SaddleLoose extends LoosePart {
    SaddleLoose() {
        super("saddle-loose", "A loose saddle", Remedy.SNUG_SADDLE, BuzzTest.HOLD_SADDLE);
        shows(BuzzTest.HOLD_SADDLE, Outcome.STOPS, 0.85);
        shows(BuzzTest.TAP_BODY, Outcome.RATTLES, 0.3);
        from(Zone.AT_BRIDGE, 0.75);
    }

    @Override
    protected double odds(Board board) {
        return board.acoustic()
                ? 0.004
                : board.bridge().screwed() && board.bridge() != BridgeKind.TWO_POST ? 0.03 : 0.012;
    }
}
