package barytone.core.buzz.cause;

import barytone.core.buzz.Board;
import barytone.core.buzz.BuzzTest;
import barytone.core.buzz.Cause;
import barytone.core.buzz.Findings;
import barytone.core.buzz.Note;
import barytone.core.buzz.Outcome;
import barytone.core.buzz.Place;
import barytone.core.buzz.Remedy;
import barytone.core.playoff.Pluck;

/** Several crowns stand out: scattered notes buzz when the action is low. */
final class UnevenFrets extends Cause {
    UnevenFrets() {
        super("uneven-frets", "Uneven frets", Remedy.LEVEL_ALL, BuzzTest.ROCKER);
        shows(BuzzTest.ROCKER, Outcome.ROCKS, 0.6);
        shows(BuzzTest.RAISE_STRING, Outcome.LESS, 0.5);
        shows(BuzzTest.RAISE_STRING, Outcome.STOPS, 0.3);
        shows(BuzzTest.SOFT_TOUCH, Outcome.STOPS, 0.3);
        shows(BuzzTest.STRAIGHTEDGE_NECK, Outcome.S_SHAPED, 0.25);
    }

    @Override
    protected double odds(Board board) {
        return 0.04;
    }

    @Override
    protected double spoils(Place place, Note note) {
        return note.open() ? 0.08 : 0.35;
    }

    @Override
    protected double chokes(Place place, Note note) {
        return 0.2;
    }

    @Override
    protected double touch(Pluck pluck) {
        return wantOfRoom(pluck);
    }

    @Override
    protected double fits(Findings findings, Place place, Board board) {
        return findings.action(1.5, 1, 0.5);
    }
}
