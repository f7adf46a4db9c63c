package barytone.core.buzz.cause;

import barytone.core.buzz.Board;
import barytone.core.buzz.BuzzTest;
import barytone.core.buzz.Findings;
import barytone.core.buzz.Hint;
import barytone.core.buzz.Outcome;
import barytone.core.buzz.Place;
import barytone.core.buzz.Remedy;
import barytone.core.buzz.Span;
import java.util.List;

/** A crown stands above its neighbours and stops the notes just below it. */
final class HighFret extends StandsUp {
    HighFret() {
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
    protected double fits(Findings findings, Place place, Board board) {
        return findings.hint(Hint.COMES_AND_GOES, 0.6);
    }
}
