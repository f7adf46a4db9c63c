package barytone.core.clearance;

import barytone.core.neck.BoardRadius;
import barytone.core.neck.StringLine;
import barytone.core.neck.StringState;
import barytone.core.quantity.Allowed;
import barytone.core.strings.MusicString;
import java.util.OptionalInt;

/**
 * A string pushed sideways: on a round board it climbs over the crown of the arc and may touch the crowns ahead.
 *
 * <p>The push b follows from the strain: pitch rises by s semitones when the tension rises by {@code 2^(s/6)}, so the path must grow
 * by {@code (2^(s/6) - 1) T / EA} of the open length. The board's arc is subtracted along the path, on which z runs back from the
 * pushed place to the saddle.
 *
 * @param push b, sideways at the fretted crown, mm
 * @param room least gap over a crown ahead with the string at rest, mm; negative chokes
 * @param chokesOn the first crown ahead that is touched, if any
 */
public record Bend(double push, double room, OptionalInt chokesOn) {
    private static final double FARTHEST_PUSH = 60;

    /**
     * Bends a note.
     *
     * @param z the string's place across the board, mm, treble positive; it is pushed towards the centre line and beyond
     * @param fret fretted here, 1 to the last but one
     * @param semitones of the bend, above 0 to 4
     * @param tension N
     */
    public static Bend of(
            StringLine line,
            StringState state,
            BoardRadius radius,
            double z,
            MusicString string,
            double tension,
            int fret,
            double semitones) {
        int frets = line.scale().frets();
        Allowed.whole("fret", fret, 1, frets - 1);
        Allowed.number("semitones", semitones, 0.01, 4, "semitones");
        Allowed.number("tension", tension, 1, 1000, "N");
        double x = line.scale().crown(fret);
        double end = line.saddle();
        double push = push(x, end, (Math.pow(2, semitones / 6) - 1) * tension / string.stiffness());
        double direction = z > 0 ? -1 : 1;
        double pushed = z + direction * push;
        double here = line.crownHeight(state.curvature(), fret) - radius.fall(x, pushed);
        double there = state.saddleHeight() - radius.fall(end, z);
        double least = Double.POSITIVE_INFINITY;
        OptionalInt chokes = OptionalInt.empty();
        for (int m = fret + 1; m <= frets; m++) {
            double share = (line.scale().crown(m) - x) / (end - x);
            double across = pushed + (z - pushed) * share;
            double crown = line.crownHeight(state.curvature(), m)
                    - radius.fall(line.scale().crown(m), across);
            double room = here + (there - here) * share - crown;
            if (room < 0 && chokes.isEmpty()) chokes = OptionalInt.of(m);
            least = Math.min(least, room);
        }
        return new Bend(push, least, chokes);
    }

    /** The sideways push at x that stretches the string by a strain, by bisection. */
    private static double push(double x, double end, double strain) {
        double low = 0;
        double high = FARTHEST_PUSH;
        for (int i = 0; i < 50; i++) {
            double b = (low + high) / 2;
            double path = Math.hypot(x, b) + Math.hypot(end - x, b);
            if ((path - end) / end < strain) low = b;
            else high = b;
        }
        return (low + high) / 2;
    }
}
