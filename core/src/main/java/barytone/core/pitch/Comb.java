package barytone.core.pitch;

import barytone.core.quantity.Cents;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A series of partials laid over the peaks of a spectrum: which peak is which partial, and how well the series explains what is
 * heard.
 *
 * @param string what the series belongs to
 * @param partials the peak of each partial that was found, lowest first
 * @param score share of what is heard that lies on the series, 0 to 1, less what the series misses
 */
record Comb(StiffString string, List<Partial> partials, double score) {
    /** Partial number and its peak. */
    record Partial(int number, Spectrum.Peak peak) {}

    private static final double[] STIFFNESS = {0, 4e-5, 1.2e-4, 3.5e-4, 1e-3};
    private static final double STIFFEST = 2e-3;
    private static final int MOST_PARTIALS = 45;
    private static final int MOST_DIVISORS = 12;
    private static final int STRONG = 12;
    /** Partials that are not there count against a series by this. */
    private static final double MISSING = 0.4;
    /** A peak belongs to a partial when it lies this near, as a ratio. */
    private static final double NEAR = 0.012;

    /** What lies this near to an expected pitch is preferred by a little. */
    private static final double NEAR_CENTS = 100;

    private static final double NEAR_BONUS = 0.06;

    /** A first guess counts as one weak partial of this number. */
    private static final int GUESSED = 8;

    private static final double GUESS_WEIGHT = 0.3;

    /**
     * The series that explains the peaks best.
     *
     * @param near a frequency that is expected, in Hz; 0 for none
     * @param width of a bin of the spectrum's own resolution, in Hz
     */
    static @Nullable Comb best(Spectrum spectrum, double near, double width, double lowest, double highest) {
        List<Spectrum.Peak> peaks = spectrum.peaks();
        List<Spectrum.Peak> strong = peaks.stream()
                .sorted(Comparator.comparingDouble(Spectrum.Peak::amplitude).reversed())
                .limit(STRONG)
                .toList();
        Comb best = null;
        double top = Double.NEGATIVE_INFINITY;
        for (Spectrum.Peak peak : strong) {
            for (int j = 1; j <= MOST_DIVISORS; j++) {
                for (double b : STIFFNESS) {
                    StiffString guess = StiffString.through(j, peak.frequency(), b);
                    if (guess.frequency() < lowest || guess.frequency() > highest) continue;
                    Comb comb = laid(spectrum, guess, width);
                    double score = comb.score;
                    if (near > 0 && Math.abs(Cents.above(near, comb.string.frequency())) < NEAR_CENTS)
                        score += NEAR_BONUS;
                    if (score > top) {
                        top = score;
                        best = comb;
                    }
                }
            }
        }
        return best;
    }

    /** Lays a series over the peaks; each partial found makes the guess of the next ones better. */
    private static Comb laid(Spectrum spectrum, StiffString guess, double width) {
        List<Spectrum.Peak> peaks = spectrum.peaks();
        double all = 0;
        double highest = 0;
        for (Spectrum.Peak p : peaks) {
            all += weight(p);
            highest = Math.max(highest, p.frequency());
        }
        List<Partial> found = new ArrayList<>();
        StiffString string = guess;
        StiffString.Fit fit = new StiffString.Fit();
        double on = 0;
        double misses = 0;
        double pending = 0;
        double tries = 0;
        for (int j = 1; j <= MOST_PARTIALS; j++) {
            double expected = string.partial(j);
            if (expected > highest + width) break;
            double reach = Math.min(0.45 * string.frequency(), Math.max(NEAR * expected / Math.sqrt(j), 1.2 * width));
            Spectrum.Peak peak = nearest(peaks, expected, reach);
            tries++;
            if (peak == null) {
                pending++;
                continue;
            }
            misses += pending;
            pending = 0;
            found.add(new Partial(j, peak));
            on += weight(peak);
            // a bin's width counts less the higher the partial; its strength says how sure its place is
            double trust = peak.amplitude() * j * j;
            if (found.size() == 1) fit.add(GUESSED, guess.partial(GUESSED), GUESS_WEIGHT * trust);
            fit.add(j, peak.frequency(), trust);
            StiffString.Fitted fitted = fit.fitted();
            if (fitted != null)
                string = new StiffString(
                        fitted.string().frequency(), Math.min(fitted.string().inharmonicity(), STIFFEST));
        }
        double reached = Math.max(1, tries - pending);
        double explained = all == 0 ? 0 : Math.min(1, on / all);
        return new Comb(string, List.copyOf(found), explained - MISSING * misses / reached);
    }

    private static double weight(Spectrum.Peak p) {
        return Math.sqrt(p.amplitude());
    }

    private static Spectrum.@Nullable Peak nearest(List<Spectrum.Peak> peaks, double f, double reach) {
        Spectrum.Peak best = null;
        int low = 0;
        int high = peaks.size();
        while (low < high) {
            int mid = (low + high) >>> 1;
            if (peaks.get(mid).frequency() < f - reach) low = mid + 1;
            else high = mid;
        }
        double score = 0;
        for (int i = low; i < peaks.size() && peaks.get(i).frequency() <= f + reach; i++) {
            Spectrum.Peak p = peaks.get(i);
            // of several the stronger and nearer
            double s = p.amplitude() / (0.3 + Math.abs(p.frequency() - f) / reach);
            if (s > score) {
                score = s;
                best = p;
            }
        }
        return best;
    }
}
