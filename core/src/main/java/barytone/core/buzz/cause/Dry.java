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

/** The air has dried the instrument: top and neck have come down, fret ends stand out. */
final class Dry extends Cause {
    Dry() {
        super("dry", "Dry wood", Remedy.CONDITION, BuzzTest.READ_HUMIDITY);
        shows(BuzzTest.READ_HUMIDITY, Outcome.DRY, 0.92);
    }

    @Override
    protected double odds(Board board) {
        return board.acoustic() ? 0.05 : 0.006;
    }

    @Override
    protected double spoils(Place place, Note note) {
        return note.open() ? 0.45 : 0.6;
    }

    @Override
    protected double touch(Pluck pluck) {
        return wantOfRoom(pluck);
    }

    @Override
    protected double fits(Findings findings, Place place, Board board) {
        double air = findings.dry() == null ? 1 : Boolean.TRUE.equals(findings.dry()) ? 6 : 0.05;
        return air
                * findings.hint(Hint.SINCE_SEASON, 6)
                * findings.hint(Hint.SHARP_FRET_ENDS, 8)
                * findings.action(1.6, 0.8, 0.3);
    }
}
