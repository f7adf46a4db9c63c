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

/** Tuned below what its gauge wants: the lowest string swings wide. */
final class SlackString extends Cause {
    SlackString() {
        super("slack-string", "A string too slack for its tuning", Remedy.HEAVIER_SET, BuzzTest.RAISE_STRING);
        shows(BuzzTest.RAISE_STRING, Outcome.STOPS, 0.5);
        shows(BuzzTest.RAISE_STRING, Outcome.LESS, 0.4);
        shows(BuzzTest.SOFT_TOUCH, Outcome.STOPS, 0.65);
    }

    @Override
    protected double odds(Board board) {
        return board.bass() ? 0.03 : 0.015;
    }

    @Override
    protected double spoils(Place place, Note note) {
        return 0.75
                * (note.string() == note.board().strings()
                        ? 1
                        : note.string() == note.board().strings() - 1 ? 0.4 : 0.02);
    }

    @Override
    protected double touch(Pluck pluck) {
        return switch (pluck) {
            case SOFT -> 0.35;
            case NORMAL -> 1;
            case HARD -> 1.3;
        };
    }

    @Override
    protected double fits(Findings findings, Place place, Board board) {
        return findings.hint(Hint.TUNED_DOWN, 14) * findings.action(1, 1, 0.7);
    }
}
