package barytone.core.buzz;

/**
 * Where on the instrument a cause sits.
 *
 * @param string 1 is the highest; 0 where it is no one string
 * @param fret 0 where it is no one fret
 * @param kind which of several kinds of the cause, 0 for the usual one
 * @param weight how likely among the places of its cause, not normed
 */
public record Place(int string, int fret, Span span, int kind, double weight) {
    /** Nowhere in particular. */
    public static final Place ANY = new Place(0, 0, Span.ALL, 0, 1);

    /** A string. */
    public static Place string(int string) {
        return new Place(string, 0, Span.NARROW, 0, 1);
    }

    /** A fret, under some strings. */
    public static Place fret(int fret, Span span, double weight) {
        return new Place(0, fret, span, 0, weight);
    }

    /** How much of it is under a string, 0 to 1. */
    public double under(Board board, int other) {
        return switch (span) {
            case ALL -> 1;
            case BASS -> board.bassSide(other) ? 1 : board.nearMiddle(other) ? 0.5 : 0.03;
            case TREBLE -> board.bassSide(other) ? (board.nearMiddle(other) ? 0.5 : 0.03) : 1;
            case BASS_EDGE -> other >= board.strings() - 1 ? 1 : other == board.strings() - 2 ? 0.4 : 0.02;
            case TREBLE_EDGE -> other <= 2 ? 1 : other == 3 ? 0.4 : 0.02;
            case NARROW -> other == string ? 1 : Math.abs(other - string) == 1 ? 0.4 : 0.02;
        };
    }
}
