package barytone.core.intonation;

import barytone.core.quantity.Allowed;
import java.util.ArrayList;
import java.util.List;
import java.util.TreeSet;

/**
 * How intonation is read and judged on a job.
 *
 * @param frets at which it is read besides the open string, ascending; 12 is always among them
 * @param reference what a fretted note is compared with
 * @param tolerances what is good enough per string, string 1 first, in cents
 * @param pairs who gets it right on each saddle that carries two strings, from bass to treble; a pair beyond the list is split
 * @param a4 reference pitch in Hz
 * @param offsets of the open strings, string 1 first, in cents
 * @param upToPitch a string that came down to its pitch is not taken
 */
public record IntonationWays(
        List<Integer> frets,
        PlayedWhere where,
        Reference reference,
        List<Double> tolerances,
        List<BarrelSplit.Rule> pairs,
        double a4,
        List<Double> offsets,
        boolean upToPitch) {
    /** What a fretted note is compared with. */
    public enum Reference {
        /** The open string. */
        OPEN,
        /** The harmonic over 12: only on fresh strings. */
        HARMONIC
    }

    /** The frets that may be read. */
    public static final List<Integer> CHOICES = List.of(1, 2, 3, 5, 7, 9, 12, 15, 17, 19, 21);

    private static final double USUAL_TOLERANCE = 1.5;
    private static final double LOW_TOLERANCE = 3;

    /** A string below this is a low one, Hz. */
    private static final double LOW = 90;

    public IntonationWays {
        frets = List.copyOf(new TreeSet<>(frets));
        tolerances = List.copyOf(tolerances);
        pairs = List.copyOf(pairs);
        offsets = List.copyOf(offsets);
        if (frets.isEmpty()) throw Allowed.broken("frets", "none", "fret 12, or another one on a shorter board");
        for (int fret : frets) Allowed.whole("fret", fret, 1, 24);
        for (double tolerance : tolerances) Allowed.number("tolerance", tolerance, 0.3, 15, "cents");
        for (double offset : offsets) Allowed.number("offset", offset, -50, 50, "cents");
        Allowed.number("reference pitch", a4, 400, 480, "Hz");
    }

    /**
     * What is usual: fret 12 against the open string, on a shorter board the highest that may be read; 1.5 cents, 3 on low strings.
     *
     * @param open frequencies of the open strings at 440 Hz, string 1 first
     * @param fretsThere of the board
     */
    public static IntonationWays usual(List<Double> open, int fretsThere) {
        List<Double> tolerances = new ArrayList<>();
        List<Double> offsets = new ArrayList<>();
        for (double f : open) {
            tolerances.add(f < LOW ? LOW_TOLERANCE : USUAL_TOLERANCE);
            offsets.add(0.0);
        }
        int main = CHOICES.stream()
                .filter(f -> f <= Math.min(12, fretsThere))
                .reduce((a, b) -> b)
                .orElse(1);
        return new IntonationWays(
                List.of(main), PlayedWhere.TWELFTH, Reference.OPEN, tolerances, List.of(), 440, offsets, true);
    }

    /** What is good enough on a string, in cents. */
    public double tolerance(int string) {
        return tolerances.get(string - 1);
    }

    /** Who gets it right on a saddle with two strings. */
    public BarrelSplit.Rule pair(int place) {
        return place < pairs.size() ? pairs.get(place) : BarrelSplit.Rule.SPLIT;
    }

    /** Whether it fits an instrument with so many strings and frets; where there is a fret 12 it is read. */
    public boolean fits(int strings, int fretsThere) {
        return tolerances.size() == strings
                && offsets.size() == strings
                && frets.getLast() <= fretsThere
                && (frets.contains(12) || fretsThere < 12);
    }
}
