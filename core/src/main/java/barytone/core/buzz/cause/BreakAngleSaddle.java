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
import barytone.core.playoff.NoteMark;
import java.util.List;

/** The string does not press on its saddle: weak, and buzzing everywhere. */
final class BreakAngleSaddle extends Cause {
    BreakAngleSaddle() {
        super(
                "break-angle-saddle",
                "Too little angle over the saddle",
                Remedy.MORE_ANGLE_AT_SADDLE,
                BuzzTest.PRESS_AT_SADDLE);
        shows(BuzzTest.PRESS_AT_SADDLE, Outcome.STOPS, 0.88);
        from(Zone.AT_BRIDGE, 0.35);
    }

    @Override
    protected double odds(Board board) {
        return board.bass() ? 0.05 : 0.02;
    }

    @Override
    protected List<Place> places(Board board) {
        return Places.stringsOrAll(board);
    }

    @Override
    protected double spoils(Place place, Note note) {
        return 0.75 * (place.string() == 0 || note.string() == place.string() ? 1 : 0.02);
    }

    @Override
    protected double sounds(NoteMark mark) {
        return mark == NoteMark.DEAD ? 1.15 : 1;
    }

    @Override
    protected double fits(Findings findings, Place place, Board board) {
        return findings.hint(Hint.SADDLE_AT_LIMIT, 4);
    }
}
