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
import barytone.core.buzz.Span;
import barytone.core.playoff.Pluck;
import java.util.List;

/** One side of the neck stands to the strings otherwise than the other. */
final class Twist extends Cause {
    private static final Curve LOW = Curve.of(0, 0.7, 3, 0.65, 5, 0.25, 8, 0.03);
    private static final Curve HIGH = Curve.of(5, 0.04, 8, 0.5, 10, 0.7, 15, 0.7, 20, 0.4);

    Twist() {
        super("twist", "A twisted neck", Remedy.NECK_TWIST, BuzzTest.READ_RELIEF);
        shows(BuzzTest.READ_RELIEF, Outcome.BACK_BOW, 0.3);
        shows(BuzzTest.READ_RELIEF, Outcome.HIGH, 0.3);
        shows(BuzzTest.READ_RELIEF, Outcome.LOW, 0.2);
        shows(BuzzTest.RAISE_STRING, Outcome.LESS, 0.3);
    }

    @Override
    protected double odds(Board board) {
        return 0.012;
    }

    @Override
    protected List<Place> places(Board board) {
        return List.of(
                new Place(0, 0, Span.BASS, 0, 1),
                new Place(0, 0, Span.TREBLE, 0, 1),
                new Place(0, 0, Span.BASS, 1, 1),
                new Place(0, 0, Span.TREBLE, 1, 1));
    }

    @Override
    protected double spoils(Place place, Note note) {
        return place.under(note.board(), note.string()) * (place.kind() == 0 ? LOW : HIGH).at(note.fret());
    }

    @Override
    protected double touch(Pluck pluck) {
        return wantOfRoom(pluck);
    }

    @Override
    protected double fits(Findings findings, Place place, Board board) {
        return findings.hint(Hint.SIDES_DIFFER, 25)
                * (findings.hints().contains(Hint.SIDES_DIFFER) ? 1 : findings.relief(0.7, 0.7, 0.3, 0.7));
    }
}
