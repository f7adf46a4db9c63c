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
import java.util.List;

/** A fret has come out of its slot at one end; it moves under the thumb. */
public final class LiftedFret extends Cause {
    /** The one there is. */
    public LiftedFret() {
        super("lifted-fret", "A lifted fret", Remedy.SEAT_FRET, BuzzTest.THUMB_FRET_END);
        shows(BuzzTest.THUMB_FRET_END, Outcome.MOVES, 0.92);
        shows(BuzzTest.ROCKER, Outcome.ROCKS, 0.75);
        shows(BuzzTest.RAISE_STRING, Outcome.LESS, 0.4);
    }

    @Override
    protected double odds(Board board) {
        return 0.03;
    }

    @Override
    protected List<Place> places(Board board) {
        return Places.frets(board, Span.BASS_EDGE, Span.TREBLE_EDGE);
    }

    @Override
    protected double spoils(Place place, Note note) {
        double below = BELOW.at(place.fret() - note.fret());
        return note.fret() >= place.fret() ? 0.01 : below * place.under(note.board(), note.string());
    }

    @Override
    protected double chokes(Place place, Note note) {
        return 0.5 * spoils(place, note);
    }

    @Override
    protected double fits(Findings findings, Place place, Board board) {
        return findings.hint(Hint.COMES_AND_GOES, 8)
                * findings.hint(Hint.SINCE_SEASON, 1.5)
                * findings.hint(Hint.SHARP_FRET_ENDS, 1.5);
    }

    /** How much is left of it so many frets below. */
    private static final Curve BELOW = Curve.of(0, 0.01, 1, 0.92, 2, 0.75, 3, 0.5, 4, 0.3, 6, 0.12, 8, 0.05, 24, 0.02);
}
