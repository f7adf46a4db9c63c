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

/** A crown stands above its neighbours and stops the notes just below it. */
public final class HighFret extends Cause {
    /** The one there is. */
    public HighFret() {
        super("high-fret", "A high fret", Remedy.LEVEL_SPOT, BuzzTest.ROCKER);
        shows(BuzzTest.ROCKER, Outcome.ROCKS, 0.9);
        shows(BuzzTest.RAISE_STRING, Outcome.STOPS, 0.35);
        shows(BuzzTest.RAISE_STRING, Outcome.LESS, 0.4);
    }

    @Override
    protected double odds(Board board) {
        return 0.07;
    }

    @Override
    protected List<Place> places(Board board) {
        return Places.frets(board, Span.ALL, Span.BASS, Span.TREBLE);
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
        return findings.hint(Hint.COMES_AND_GOES, 0.6);
    }

    /** How much is left of it so many frets below. */
    private static final Curve BELOW = Curve.of(0, 0.01, 1, 0.92, 2, 0.75, 3, 0.5, 4, 0.3, 6, 0.12, 8, 0.05, 24, 0.02);
}
