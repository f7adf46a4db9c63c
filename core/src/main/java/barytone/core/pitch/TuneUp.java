package barytone.core.pitch;

import barytone.core.quantity.Allowed;
import barytone.core.quantity.Cents;
import barytone.core.strings.Pitch;
import java.util.List;
import java.util.Set;

/**
 * Where every string is to be tuned.
 *
 * @param tuning string 1, the highest, first
 * @param reference frequency of A4, 400 to 480 Hz
 * @param offsets cents added to each string, string 1 first, -50 to 50
 * @param tolerance how far off is in tune, in cents, 0.1 to 10
 * @param upToPitch a string that came down to its pitch is not taken: it may slip
 */
public record TuneUp(List<Pitch> tuning, double reference, List<Double> offsets, double tolerance, boolean upToPitch) {
    /** Farther off than this it may be another string, or another octave, in cents. */
    private static final double FAR = 350;

    /** Strings are tuned alike within this, in cents. */
    private static final double ALIKE = 0.5;

    /** The trace must have been this far above to have come down, in cents. */
    private static final double CAME_DOWN = 2;

    public TuneUp {
        tuning = List.copyOf(tuning);
        offsets = List.copyOf(offsets);
        Allowed.whole("strings", tuning.size(), 1, 12);
        Allowed.number("reference", reference, 400, 480, "Hz");
        Allowed.number("tolerance", tolerance, 0.1, 10, "cents");
        if (offsets.size() != tuning.size())
            throw Allowed.broken("offsets", offsets.size(), "one for each of " + tuning.size() + " strings");
        for (double offset : offsets) Allowed.number("offset", offset, -50, 50, "cents");
    }

    /** What to do with the string that was heard. */
    public enum Call {
        /** In tune, and come to from below. */
        TAKE,
        /** Within the tolerance, but it came down to it. */
        DROP_AND_COME_UP,
        /** Flat. */
        UP,
        /** Sharp: below first, then up. */
        DOWN,
        /** No string of this tuning is near. */
        FAR_OFF
    }

    /**
     * What was heard against the tuning.
     *
     * @param string its number, 1 the highest
     * @param cents how far it is above its target
     */
    public record Told(int string, double cents, Call call) {}

    /** Frequency wanted of a string, in Hz. */
    public double target(int string) {
        int place = Allowed.whole("string", string, 1, tuning.size()) - 1;
        return tuning.get(place).frequency(reference) * Cents.ratio(offsets.get(place));
    }

    /**
     * The string whose target is nearest; of strings tuned alike the first that is still to be tuned, from the lowest.
     *
     * @param taken strings that are done
     */
    public int nearest(double frequency, Set<Integer> taken) {
        int best = tuning.size();
        for (int s = tuning.size() - 1; s >= 1; s--) {
            double nearer = Math.abs(cents(best, frequency)) - Math.abs(cents(s, frequency));
            if (nearer > ALIKE || (Math.abs(nearer) <= ALIKE && taken.contains(best) && !taken.contains(s))) best = s;
        }
        return best;
    }

    /** How far a frequency is above a string's target, in cents. */
    public double cents(int string, double frequency) {
        return Cents.above(target(string), frequency);
    }

    /**
     * Judges what was heard.
     *
     * @param string that is being tuned
     */
    public Told judge(Listening heard, double frequency, int string) {
        double cents = cents(string, frequency);
        boolean cameDown = heard.trace().stream()
                .anyMatch(m ->
                        cents(string, m.frequency()) > tolerance + CAME_DOWN && cents(string, m.frequency()) < FAR);
        Call call = Math.abs(cents) > FAR
                ? Call.FAR_OFF
                : cents > tolerance
                        ? Call.DOWN
                        : cents < -tolerance ? Call.UP : upToPitch && cameDown ? Call.DROP_AND_COME_UP : Call.TAKE;
        return new Told(string, cents, call);
    }
}
