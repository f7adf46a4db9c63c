package barytone.core.buzz.cause;

import barytone.core.bridge.BridgeKind;
import barytone.core.buzz.Board;
import barytone.core.buzz.BuzzTest;
import barytone.core.buzz.Outcome;
import barytone.core.buzz.Remedy;
import barytone.core.buzz.Zone;

/** The bridge, a post or the tailpiece rattles at some pitches. */
final class BridgeLoose extends LoosePart {
    BridgeLoose() {
        super("bridge-loose", "A loose bridge, post or tailpiece", Remedy.SNUG_BRIDGE, BuzzTest.HOLD_SADDLE);
        shows(BuzzTest.HOLD_SADDLE, Outcome.STOPS, 0.65);
        shows(BuzzTest.TAP_BODY, Outcome.RATTLES, 0.6);
        from(Zone.AT_BRIDGE, 0.65);
        from(Zone.BODY, 0.25);
    }

    @Override
    protected double odds(Board board) {
        return board.bridge() == BridgeKind.TWO_POST || board.bridge() == BridgeKind.FLOATING ? 0.03 : 0.01;
    }
}
