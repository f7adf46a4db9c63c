package barytone.core.buzz.cause;

import barytone.core.buzz.BuzzTest;
import barytone.core.buzz.Cause;
import barytone.core.buzz.Note;
import barytone.core.buzz.Place;
import barytone.core.buzz.Remedy;

/** A crown that stands above its neighbours: it stops the notes just below it, and none at it or above. */
abstract class StandsUp extends Cause {
    /** How much is left of it so many frets below. */
    private static final Curve BELOW = Curve.of(0, 0.01, 1, 0.92, 2, 0.75, 3, 0.5, 4, 0.3, 6, 0.12, 8, 0.05, 24, 0.02);

    private static final double AT_OR_ABOVE = 0.01;

    StandsUp(String code, String title, Remedy remedy, BuzzTest confirming) {
        super(code, title, remedy, confirming);
    }

    @Override
    protected final double spoils(Place place, Note note) {
        return note.fret() >= place.fret()
                ? AT_OR_ABOVE
                : BELOW.at(place.fret() - note.fret()) * place.under(note.board(), note.string());
    }

    @Override
    protected final double chokes(Place place, Note note) {
        return spoils(place, note) / 2;
    }
}
