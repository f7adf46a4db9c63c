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

/** The setup is right, the hand asks for more. */
final class HeavyTouch extends Cause {
    HeavyTouch() {
        super("heavy-touch", "A heavy touch", Remedy.TALK_OR_HEIGHT, BuzzTest.SOFT_TOUCH);
        shows(BuzzTest.SOFT_TOUCH, Outcome.STOPS, 0.93);
        shows(BuzzTest.RAISE_STRING, Outcome.LESS, 0.5);
    }

    @Override
    protected double odds(Board board) {
        return 0.04;
    }

    @Override
    protected double spoils(Place place, Note note) {
        return note.open() ? 0.2 : 0.3;
    }

    @Override
    protected double touch(Pluck pluck) {
        return switch (pluck) {
            case SOFT -> 0.05;
            case NORMAL -> 0.9;
            case HARD -> 2.6;
        };
    }

    @Override
    protected double fits(Findings findings, Place place, Board board) {
        return findings.action(0.5, 1.5, 0.8) * findings.relief(0.7, 0.9, 1.3, 0.8);
    }
}
