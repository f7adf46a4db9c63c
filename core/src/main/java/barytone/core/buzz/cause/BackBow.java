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

/** The neck bends backwards: the low frets stand up into the strings. */
final class BackBow extends Cause {
    /** By fret, the open string first. */
    private static final double[] LOW = {0.8, 0.8, 0.75, 0.65, 0.5, 0.25, 0.12, 0.05, 0.03};

    BackBow() {
        super("back-bow", "Back-bow", Remedy.LOOSEN_ROD, BuzzTest.TAP_RELIEF);
        shows(BuzzTest.TAP_RELIEF, Outcome.NOTHING, 0.85);
        shows(BuzzTest.READ_RELIEF, Outcome.BACK_BOW, 0.8);
        shows(BuzzTest.READ_RELIEF, Outcome.LOW, 0.17);
        shows(BuzzTest.RAISE_STRING, Outcome.LESS, 0.4);
        shows(BuzzTest.SOFT_TOUCH, Outcome.STOPS, 0.35);
    }

    @Override
    protected double odds(Board board) {
        return 0.06;
    }

    @Override
    protected double spoils(Place place, Note note) {
        return note.touches(LOW[Math.min(note.fret(), LOW.length - 1)]);
    }

    @Override
    protected double touch(Pluck pluck) {
        return wantOfRoom(pluck);
    }

    @Override
    protected double fits(Findings findings, Place place, Board board) {
        return findings.relief(25, 5, 0.02, 0.01)
                * findings.hint(Hint.SINCE_SEASON, 2)
                * findings.hint(Hint.SINCE_STRINGS, 1.4);
    }
}
