package barytone.core.pitch;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A series of partials laid over the peaks of a spectrum: which peak is which partial, and how well the series explains what is
 * heard.
 *
 * @param frequency f in Hz
 * @param inharmonicity B
 * @param partials the peak of each partial that was found, lowest first
 * @param explained share of what is heard that lies on the series, 0 to 1
 * @param score the same less what the series misses
 */
record Comb(double frequency, double inharmonicity, List<Partial> partials, double explained, double score) {
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

    private static final double NEAR_BONUS = 0.06;

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
                    double f = peak.frequency() / (j * Math.sqrt(1 + b * j * j));
                    if (f < lowest || f > highest) continue;
                    Comb comb = laid(spectrum, f, b, width);
                    double score = comb.score;
                    if (near > 0 && Math.abs(Math.log(comb.frequency / near)) < 0.06) score += NEAR_BONUS;
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
    private static Comb laid(Spectrum spectrum, double guess, double stiffness, double width) {
        List<Spectrum.Peak> peaks = spectrum.peaks();
        double all = 0;
        double highest = 0;
        for (Spectrum.Peak p : peaks) {
            all += weight(p);
            highest = Math.max(highest, p.frequency());
        }
        List<Partial> found = new ArrayList<>();
        Slope slope = new Slope(guess, stiffness);
        double on = 0;
        double misses = 0;
        double pending = 0;
        double tries = 0;
        for (int j = 1; j <= MOST_PARTIALS; j++) {
            double expected = slope.partial(j);
            if (expected > highest + width) break;
            double reach = Math.min(0.45 * slope.f, Math.max(NEAR * expected / Math.sqrt(j), 1.2 * width));
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
            slope.add(j, peak);
        }
        double reached = Math.max(1, tries - pending);
        double explained = all == 0 ? 0 : Math.min(1, on / all);
        return new Comb(slope.f, slope.b, List.copyOf(found), explained, explained - MISSING * misses / reached);
    }

    /** The line {@code (f_j / j)^2 = f^2 + f^2 B j^2} through what was found so far; the guess counts as one weak partial of each end. */
    private static final class Slope {
        private double f;
        private double b;
        private double s;
        private double sx;
        private double sxx;
        private double sy;
        private double sxy;

        Slope(double f, double b) {
            this.f = f;
            this.b = b;
        }

        double partial(int j) {
            return j * f * Math.sqrt(1 + b * j * j);
        }

        void add(int j, Spectrum.Peak peak) {
            double x = (double) j * j;
            double y = peak.frequency() / j * peak.frequency() / j;
            // a bin's width counts less the higher the partial; its strength says how sure its place is
            double w = peak.amplitude() * x;
            if (s == 0) {
                // the guess, so that two partials do not make a slope of their own
                double far = 64;
                put(far, f * f * (1 + b * far), 0.3 * w);
            }
            put(x, y, w);
            double det = s * sxx - sx * sx;
            if (!(det > 0)) return;
            double slope = (s * sxy - sx * sy) / det;
            double f2 = (sxx * sy - sx * sxy) / det;
            if (slope < 0) {
                slope = 0;
                f2 = sy / s;
            }
            if (f2 <= 0) return;
            f = Math.sqrt(f2);
            b = Math.min(slope / f2, STIFFEST);
        }

        private void put(double x, double y, double w) {
            s += w;
            sx += w * x;
            sxx += w * x * x;
            sy += w * y;
            sxy += w * x * y;
        }
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
