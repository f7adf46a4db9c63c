package barytone.core.pitch;

import barytone.core.quantity.Cents;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A series of partials laid over the peaks of a spectrum: which peak is which partial.
 *
 * @param string what the series belongs to
 * @param partials the peak of each partial that was found, lowest first
 */
record Comb(StiffString string, List<Partial> partials) {
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

    /** No peak. */
    private static final int NONE = -1;

    /**
     * The series that explains the peaks best.
     *
     * @param near a frequency that is expected, in Hz; 0 for none
     * @param width of a bin of the spectrum's own resolution, in Hz
     */
    static @Nullable Comb best(Spectrum spectrum, double near, double width, double lowest, double highest) {
        List<Spectrum.Peak> strong = spectrum.peaks().stream()
                .sorted(Comparator.comparingDouble(Spectrum.Peak::amplitude).reversed())
                .limit(STRONG)
                .toList();
        Laying laying = new Laying(spectrum.peaks(), width);
        Comb best = null;
        double top = Double.NEGATIVE_INFINITY;
        for (Spectrum.Peak peak : strong) {
            for (int j = 1; j <= MOST_DIVISORS; j++) {
                for (double b : STIFFNESS) {
                    StiffString guess = StiffString.through(j, peak.frequency(), b);
                    if (guess.frequency() < lowest || guess.frequency() > highest) continue;
                    double score = laying.lay(guess);
                    if (near > 0 && Math.abs(Cents.above(near, laying.string.frequency())) < NEAR_CENTS)
                        score += NEAR_BONUS;
                    if (score > top) {
                        top = score;
                        best = new Comb(laying.string, laying.partials());
                    }
                }
            }
        }
        return best;
    }

    /** Lays one series after the other over the same peaks: some hundred in all, so these stand side by side as numbers. */
    private static final class Laying {
        private final List<Spectrum.Peak> peaks;
        private final double[] frequency;
        private final double[] amplitude;
        private final double[] weight;
        private final double width;
        private final double all;
        private final double highest;

        /** The peak of each partial by its number, or {@link #NONE}. */
        private final int[] peakOf = new int[MOST_PARTIALS + 1];

        private StiffString string = new StiffString(0, 0);

        Laying(List<Spectrum.Peak> peaks, double width) {
            this.peaks = peaks;
            this.width = width;
            frequency = peaks.stream().mapToDouble(Spectrum.Peak::frequency).toArray();
            amplitude = peaks.stream().mapToDouble(Spectrum.Peak::amplitude).toArray();
            weight = new double[amplitude.length];
            double sum = 0;
            for (int i = 0; i < weight.length; i++) {
                weight[i] = Math.sqrt(amplitude[i]);
                sum += weight[i];
            }
            all = sum;
            highest = peaks.isEmpty() ? 0 : peaks.getLast().frequency();
        }

        /**
         * Lays a series; each partial found makes the guess of the next ones better.
         *
         * @return how well it explains what is heard: the share that lies on the series, 0 to 1, less what the series misses
         */
        double lay(StiffString guess) {
            Arrays.fill(peakOf, NONE);
            string = guess;
            StiffString.Fit fit = new StiffString.Fit();
            boolean first = true;
            double on = 0;
            double misses = 0;
            double pending = 0;
            double tries = 0;
            for (int j = 1; j <= MOST_PARTIALS; j++) {
                double expected = string.partial(j);
                if (expected > highest + width) break;
                double reach =
                        Math.min(0.45 * string.frequency(), Math.max(NEAR * expected / Math.sqrt(j), 1.2 * width));
                int peak = nearest(expected, reach);
                tries++;
                if (peak == NONE) {
                    pending++;
                    continue;
                }
                misses += pending;
                pending = 0;
                peakOf[j] = peak;
                on += weight[peak];
                // a bin's width counts less the higher the partial; its strength says how sure its place is
                double trust = amplitude[peak] * j * j;
                if (first) fit.add(GUESSED, guess.partial(GUESSED), GUESS_WEIGHT * trust);
                first = false;
                fit.add(j, frequency[peak], trust);
                StiffString.Fitted fitted = fit.fitted();
                if (fitted != null)
                    string = new StiffString(
                            fitted.string().frequency(),
                            Math.min(fitted.string().inharmonicity(), STIFFEST));
            }
            double reached = Math.max(1, tries - pending);
            double explained = all == 0 ? 0 : Math.min(1, on / all);
            return explained - MISSING * misses / reached;
        }

        /** What the series found that was laid last. */
        List<Partial> partials() {
            List<Partial> found = new ArrayList<>();
            for (int j = 1; j < peakOf.length; j++)
                if (peakOf[j] != NONE) found.add(new Partial(j, peaks.get(peakOf[j])));
            return List.copyOf(found);
        }

        /** Of several within reach the stronger and nearer. */
        private int nearest(double f, double reach) {
            int low = 0;
            int high = frequency.length;
            while (low < high) {
                int mid = (low + high) >>> 1;
                if (frequency[mid] < f - reach) low = mid + 1;
                else high = mid;
            }
            int best = NONE;
            double score = 0;
            for (int i = low; i < frequency.length && frequency[i] <= f + reach; i++) {
                double s = amplitude[i] / (0.3 + Math.abs(frequency[i] - f) / reach);
                if (s > score) {
                    score = s;
                    best = i;
                }
            }
            return best;
        }
    }
}
