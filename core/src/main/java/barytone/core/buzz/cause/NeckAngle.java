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
import barytone.core.playoff.Pluck;

/** The neck points so that the strings come down towards the end of the board. */
final class NeckAngle extends Cause {
    private static final Curve UP = Curve.of(8, 0.03, 10, 0.2, 12, 0.5, 15, 0.7, 24, 0.75);

    NeckAngle() {
        super("neck-angle", "The neck stands at the wrong angle", Remedy.SHIM_OR_RESET, BuzzTest.STRAIGHTEDGE_BRIDGE);
        shows(BuzzTest.STRAIGHTEDGE_BRIDGE, Outcome.LOW, 0.6);
        shows(BuzzTest.STRAIGHTEDGE_BRIDGE, Outcome.HIGH, 0.3);
        shows(BuzzTest.RAISE_STRING, Outcome.STOPS, 0.4);
        shows(BuzzTest.RAISE_STRING, Outcome.LESS, 0.3);
    }

    @Override
    protected double odds(Board board) {
        return board.acoustic() ? 0.03 : 0.015;
    }

    @Override
    protected double spoils(Place place, Note note) {
        return UP.at(note.fret());
    }

    @Override
    protected double chokes(Place place, Note note) {
        return note.fret() >= 12 ? 0.4 : 0.03;
    }

    @Override
    protected double touch(Pluck pluck) {
        return wantOfRoom(pluck);
    }

    @Override
    protected double fits(Findings findings, Place place, Board board) {
        return findings.hint(Hint.FALLS_TOWARDS_END, 18)
                * findings.hint(Hint.SADDLE_AT_LIMIT, 10)
                * findings.relief(1, 1, 1.2, 0.5);
    }
}
