package barytone.core.buzz.cause;

import barytone.core.buzz.Board;
import barytone.core.buzz.Place;
import barytone.core.buzz.Span;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;

/** Where causes can sit. */
final class Places {
    /** A fault of all strings is met so much oftener than one of any one string. */
    private static final double ALL_TOGETHER = 2;

    private Places() {}

    static List<Place> strings(Board board) {
        return IntStream.rangeClosed(1, board.strings()).mapToObj(Place::string).toList();
    }

    static List<Place> stringsOrAll(Board board) {
        List<Place> places = new ArrayList<>(strings(board));
        places.add(new Place(0, 0, Span.ALL, 0, ALL_TOGETHER));
        return places;
    }

    static List<Place> sides(Board board) {
        List<Place> places = new ArrayList<>(strings(board));
        places.add(new Place(0, 0, Span.ALL, 0, 3 * board.strings()));
        places.add(new Place(0, 0, Span.BASS, 0, board.strings()));
        places.add(new Place(0, 0, Span.TREBLE, 0, board.strings()));
        return places;
    }

    static List<Place> frets(Board board, Span... spans) {
        List<Place> places = new ArrayList<>();
        for (int fret = 1; fret <= board.frets(); fret++) for (Span span : spans) places.add(Place.fret(fret, span, 1));
        return places;
    }

    /** Frets wear where chords are held, under the plain strings most. */
    static List<Place> worn(Board board) {
        List<Place> places = new ArrayList<>();
        int most = Math.min(board.frets(), 15);
        for (int fret = 1; fret <= most; fret++)
            for (int string = 1; string <= board.strings(); string++) {
                double often = (fret <= 3 ? 4 : fret <= 5 ? 2.5 : fret <= 9 ? 1 : 0.5) * (string <= 3 ? 2 : 1);
                places.add(new Place(string, fret, Span.NARROW, 0, often));
            }
        return places;
    }
}
