package barytone.core.buzz.cause;

import barytone.core.buzz.Board;
import barytone.core.buzz.BuzzTest;
import barytone.core.buzz.Cause;
import barytone.core.buzz.Findings;
import barytone.core.buzz.Hint;
import barytone.core.buzz.Note;
import barytone.core.buzz.Outcome;
import barytone.core.buzz.Place;
import barytone.core.buzz.Remedy;
import barytone.core.buzz.Zone;

/** The strings touch a pickup, or its magnets pull at them, high up the board. */
final class PickupNear extends Cause {
    private static final Curve UP = Curve.of(10, 0.03, 12, 0.3, 15, 0.6, 17, 0.8, 24, 0.85);

    PickupNear() {
        super("pickup-near", "A pickup too near", Remedy.LOWER_PICKUP, BuzzTest.LOWER_PICKUP);
        shows(BuzzTest.LOWER_PICKUP, Outcome.STOPS, 0.93);
        from(Zone.NEAR_PICKUPS, 0.7);
    }

    @Override
    protected double odds(Board board) {
        return board.pickups() ? 0.025 : 0;
    }

    @Override
    protected double spoils(Place place, Note note) {
        return UP.at(note.fret()) * (note.board().bassSide(note.string()) ? 1 : 0.6);
    }

    @Override
    protected double fits(Findings findings, Place place, Board board) {
        return findings.hint(Hint.PICKUP_NEAR, 14) * findings.hint(Hint.OUT_UP_THE_NECK, 2);
    }
}
