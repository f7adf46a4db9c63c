package barytone.core.neck;

import barytone.core.quantity.Allowed;
import java.util.stream.IntStream;

/**
 * Where the crowns stand along a string: equal temperament from the nut's front edge.
 *
 * <p>Source: equal temperament, any acoustics text (for instance Fletcher and Rossing, The Physics of Musical Instruments).
 *
 * @param scaleLength nominal speaking length S in mm, 200 to 1300
 * @param frets number of frets, 5 to 36
 */
public record FretScale(double scaleLength, int frets) {
    public static final double SHORTEST = 200;
    public static final double LONGEST = 1300;
    public static final int FEWEST_FRETS = 5;
    public static final int MOST_FRETS = 36;

    /** Where the crowns stand, as shares of the scale: asked for in every sum of the neck. */
    private static final double[] SHARES = IntStream.rangeClosed(0, MOST_FRETS)
            .mapToDouble(fret -> 1 - Math.pow(2, -fret / 12.0))
            .toArray();

    public FretScale {
        Allowed.number("scaleLength", scaleLength, SHORTEST, LONGEST, "mm");
        Allowed.whole("frets", frets, FEWEST_FRETS, MOST_FRETS);
    }

    /**
     * Distance of the crown of a fret from the nut's front edge, {@code x_n = S (1 - 2^(-n/12))}, in mm.
     *
     * @param fret 0 (the nut itself) to {@link #MOST_FRETS}; a position beyond the last fret is a place on the line, not an error
     */
    public double crown(int fret) {
        if (fret < 0 || fret > MOST_FRETS) throw Allowed.broken("fret", fret, "0 to " + MOST_FRETS);
        return scaleLength * SHARES[fret];
    }
}
