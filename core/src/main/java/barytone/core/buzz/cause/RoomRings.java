package barytone.core.buzz.cause;

import barytone.core.buzz.Board;
import barytone.core.buzz.BuzzTest;
import barytone.core.buzz.Outcome;
import barytone.core.buzz.Remedy;

/** Something in the room answers to a pitch. */
final class RoomRings extends LoosePart {
    RoomRings() {
        super("room", "Something else in the room", Remedy.NOTHING, BuzzTest.MOVE_PLACE);
        shows(BuzzTest.MOVE_PLACE, Outcome.STOPS, 0.93);
    }

    @Override
    protected double odds(Board board) {
        return 0.02;
    }
}
