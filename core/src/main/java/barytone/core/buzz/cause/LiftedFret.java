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

/** A fret has come out of its slot at one end; it moves under the thumb. */
final class LiftedFret extends StandsUp {
    LiftedFret() {
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
    protected double fits(Findings findings, Place place, Board board) {
        return findings.hint(Hint.COMES_AND_GOES, 8)
                * findings.hint(Hint.SINCE_SEASON, 1.5)
                * findings.hint(Hint.SHARP_FRET_ENDS, 1.5);
    }
}
