package barytone.core.clearance;

import barytone.core.neck.StringLine;
import barytone.core.neck.StringState;
import barytone.core.quantity.Allowed;
import java.util.ArrayList;
import java.util.List;

/**
 * How much room a plucked string has over the crowns ahead of the fretted one.
 *
 * <p>Plucked at p from the saddle with a force F towards the board the peak is {@code A = F p (l - p) / (T l)}. An ideal plucked
 * string sweeps a parallelogram: the lower edge after release is the mirrored triangle with its peak at p from the fretted end.
 * Fretted at n, the gap over crown m is the straight string from the crown of n (or the slot) to the saddle less the crown's
 * height; margin = gap - triangle. The pluck point is a share of the scale from the saddle, but at most half the speaking length.
 *
 * <p>Source: ideal string, any acoustics text (for instance Fletcher and Rossing).
 */
public final class ClearanceMap {
    /**
     * The tightest place of one note.
     *
     * @param fret fretted here; 0 is the open string
     * @param margin room left in mm; negative touches
     * @param hits the fret with the least room
     * @param swing how far down the string swings there, mm
     */
    public record Note(int fret, double margin, int hits, double swing) {}

    private ClearanceMap() {}

    /**
     * Every note that has a crown ahead of it: open to the last but one fret.
     *
     * @param tension T in N
     * @param force F in N towards the board; light 0.4, medium 0.6, heavy 0.8
     * @param pluck plucking place as a share of the scale from the saddle, 0.02 to 0.5; 0.2 usual
     */
    public static List<Note> of(StringLine line, StringState state, double tension, double force, double pluck) {
        return of(line, state, Crowns.EVEN, tension, force, pluck);
    }

    /**
     * The same over crowns that are not all as high as they should be.
     *
     * @param crowns how much higher single crowns stand
     */
    public static List<Note> of(
            StringLine line, StringState state, Crowns crowns, double tension, double force, double pluck) {
        Allowed.number("tension", tension, 1, 1000, "N");
        Allowed.number("force", force, 0, 20, "N");
        Allowed.number("pluck", pluck, 0.02, 0.5, "of the scale length");
        int frets = line.scale().frets();
        double[] x = new double[frets + 1];
        double[] y = new double[frets + 1];
        for (int n = 1; n <= frets; n++) {
            x[n] = line.scale().crown(n);
            y[n] = line.crownHeight(state.curvature(), n) + crowns.height(n);
        }
        y[0] = line.nutHeight(state);
        double end = line.saddle();
        double saddle = state.saddleHeight();
        List<Note> notes = new ArrayList<>(frets);
        for (int n = 0; n < frets; n++) {
            double length = end - x[n];
            Swing swings = new Swing(line, length, tension, force, pluck);
            double slope = (saddle - y[n]) / length;
            double least = Double.POSITIVE_INFINITY;
            int hits = n + 1;
            double swing = 0;
            for (int m = n + 1; m <= frets; m++) {
                double u = x[m] - x[n];
                double needed = swings.at(u);
                double margin = y[n] + slope * u - y[m] - needed;
                if (margin < least) {
                    least = margin;
                    hits = m;
                    swing = needed;
                }
            }
            notes.add(new Note(n, least, hits, swing));
        }
        return notes;
    }
}
