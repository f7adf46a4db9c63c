package barytone.core.instrument;

import barytone.core.strings.MusicString;
import barytone.core.strings.Pitch;
import barytone.core.strings.StringSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * Facts that are possible but odd, so that they are asked about once: a set typed from the low side, or one for another instrument or tuning.
 *
 * @param question for the technician
 * @param meant the set that was probably meant; null when nothing likelier is known
 */
public record FactsDoubt(String question, @Nullable StringSet meant) {
    private static final double A4 = 440;

    /** What a string of any instrument pulls at least and at most, N: from a nylon string with a winding, reckoned as plain, to a bass's heaviest. */
    private static final double LEAST = 10;

    private static final double MOST = 300;

    /** A set is taken to be typed from the other side when its tensions then differ by so many times less. */
    private static final double CLEARLY = 3;

    /** What is odd about an instrument's strings; empty when nothing is. */
    public static Optional<FactsDoubt> of(InstrumentSpec spec) {
        List<MusicString> set = spec.fittings().strings().strings();
        if (set.size() != spec.strings())
            return Optional.of(new FactsDoubt(
                    "The set has " + set.size() + " gauges for " + spec.strings() + " strings. Is it so?", null));
        StringSet turned = new StringSet(set.reversed());
        double asTyped = spread(set, spec);
        if (!turned.equals(spec.fittings().strings()) && asTyped > CLEARLY * spread(turned.strings(), spec))
            return Optional.of(new FactsDoubt(
                    "These look like strings " + spec.strings()
                            + " to 1, the low one first. String 1 is typed first: turn them round?",
                    turned));
        for (int string = 1; string <= set.size(); string++) {
            double pull = pull(set.get(string - 1), spec, string);
            if (pull < LEAST || pull > MOST)
                return Optional.of(new FactsDoubt(
                        String.format(
                                Locale.ROOT,
                                "String %d %s would pull %.0f N at pitch; %.0f to %.0f N is usual. Are the gauge, the note and the scale length right?",
                                string,
                                spec.stringName(string),
                                pull,
                                LEAST,
                                MOST),
                        null));
        }
        return Optional.empty();
    }

    private static double pull(MusicString string, InstrumentSpec spec, int number) {
        Pitch note = spec.tuning().get(number - 1);
        return string.tension(spec.scaleLength(), note.frequency(A4));
    }

    /** The ratio of the largest to the smallest tension. */
    private static double spread(List<MusicString> set, InstrumentSpec spec) {
        double least = Double.MAX_VALUE;
        double most = 0;
        for (int string = 1; string <= set.size(); string++) {
            double pull = pull(set.get(string - 1), spec, string);
            least = Math.min(least, pull);
            most = Math.max(most, pull);
        }
        return most / least;
    }
}
