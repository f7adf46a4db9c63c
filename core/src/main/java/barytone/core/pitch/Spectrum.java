package barytone.core.pitch;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import org.hipparchus.transform.DftNormalization;
import org.hipparchus.transform.FastFourierTransformer;
import org.hipparchus.transform.TransformType;
import org.hipparchus.util.KthSelector;

/** Which sinusoids stand out of the noise in a stretch of sound. */
final class Spectrum {
    /** A sinusoid. */
    record Peak(double frequency, double amplitude) {}

    private static final double LOWEST = 22;
    private static final double HIGHEST = 7500;
    /** A peak stands this much above the noise around it. */
    private static final double STANDS_OUT = 4.5;
    /** What is weaker than this against the strongest is not looked at. */
    private static final double WEAKEST = 0.0008;

    private static final int MOST = 90;
    private static final double NOISE_BAND = 350;
    private static final KthSelector QUARTILE = new KthSelector();

    /** The n-th side lobe of a Hann window stays below this against its main lobe, by the cube of its distance in lobes. */
    private static final double SIDE_LOBE = 0.06;

    private static final int SIDE_LOBES = 16;

    private final double[] magnitude;
    private final double bin;
    /** Half the width of a main lobe, Hz. */
    private final double lobe;

    private final double[] floor;
    private final int stride;
    private final List<Peak> peaks;

    private Spectrum(double[] magnitude, double bin, double lobe) {
        this.lobe = lobe;
        this.magnitude = magnitude;
        this.bin = bin;
        this.stride = Math.max(8, (int) Math.round(NOISE_BAND / bin));
        this.floor = floors();
        this.peaks = find();
    }

    /** A Hann window, a transform of twice the length, amplitudes of sinusoids. */
    static Spectrum of(double[] x, double rate) {
        int size = Integer.highestOneBit(Math.max(2, x.length - 1)) * 4;
        // every other sample as the imaginary part: half the length, for there is no such part in a sound
        double[][] half = new double[2][size / 2];
        double sum = 0;
        for (int i = 0; i < x.length; i++) {
            double w = 0.5 - 0.5 * Math.cos(2 * Math.PI * (i + 0.5) / x.length);
            half[i & 1][i >> 1] = w * x[i];
            sum += w;
        }
        FastFourierTransformer.transformInPlace(half, DftNormalization.STANDARD, TransformType.FORWARD);
        double bin = rate / size;
        int top = (int) Math.min(size / 2.0 - 1, HIGHEST / bin + 2);
        return new Spectrum(magnitudes(half, top, 2 / sum), bin, 2 * rate / x.length);
    }

    /**
     * What the transform of the whole would be, out of that of its halves: {@code X_k = E_k + e^(-2 pi i k / N) O_k}, where E and O are the
     * transforms of the even and the odd samples. Source: Cooley and Tukey 1965.
     */
    private static double[] magnitudes(double[][] half, int top, double scale) {
        int length = half[0].length;
        double[] magnitude = new double[top + 1];
        // the angle grows by a small step: turned on, and set right from time to time before errors add up
        double step = -Math.PI / length;
        double stepCos = Math.cos(step);
        double stepSin = Math.sin(step);
        double cos = 1;
        double sin = 0;
        for (int k = 0; k <= top; k++) {
            if (k % 64 == 0) {
                cos = Math.cos(step * k);
                sin = Math.sin(step * k);
            }
            int mirror = (length - k) % length;
            double evenRe = (half[0][k] + half[0][mirror]) / 2;
            double evenIm = (half[1][k] - half[1][mirror]) / 2;
            double oddRe = (half[1][k] + half[1][mirror]) / 2;
            double oddIm = (half[0][mirror] - half[0][k]) / 2;
            double re = evenRe + cos * oddRe - sin * oddIm;
            double im = evenIm + cos * oddIm + sin * oddRe;
            magnitude[k] = scale * Math.sqrt(re * re + im * im);
            double turned = cos * stepCos - sin * stepSin;
            sin = sin * stepCos + cos * stepSin;
            cos = turned;
        }
        return magnitude;
    }

    private double[] floors() {
        int bands = magnitude.length / stride + 1;
        double[] levels = new double[bands];
        for (int b = 0; b < bands; b++) {
            double[] part = Arrays.copyOfRange(
                    magnitude,
                    Math.max(0, b * stride - stride / 2),
                    Math.clamp((long) b * stride + stride / 2 + 1, 1, magnitude.length));
            // the lower quartile: partials of a low string crowd the bins above it
            levels[b] = part.length == 0 ? 0 : QUARTILE.select(part, null, part.length / 4) * 1.55;
        }
        return levels;
    }

    /** The level of the noise around a frequency, as the amplitude of a sinusoid. */
    double noise(double frequency) {
        double place = frequency / bin / stride;
        int b = Math.clamp((long) place, 0, floor.length - 1);
        int c = Math.min(b + 1, floor.length - 1);
        double share = Math.clamp(place - b, 0, 1);
        return floor[b] * (1 - share) + floor[c] * share;
    }

    private List<Peak> find() {
        double strongest = 0;
        int from = (int) (LOWEST / bin) + 1;
        for (int k = from; k < magnitude.length; k++) strongest = Math.max(strongest, magnitude[k]);
        List<Peak> found = new ArrayList<>();
        for (int k = from; k < magnitude.length - 1; k++) {
            double m = magnitude[k];
            if (m < magnitude[k - 1] || m <= magnitude[k + 1] || m < WEAKEST * strongest) continue;
            if (m < STANDS_OUT * noise(k * bin)) continue;
            double a = Math.log(magnitude[k - 1] + 1e-300);
            double b = Math.log(m);
            double c = Math.log(magnitude[k + 1] + 1e-300);
            double shift = 0.5 * (a - c) / (a - 2 * b + c);
            found.add(new Peak((k + shift) * bin, Math.exp(b - 0.25 * (a - c) * shift)));
        }
        List<Peak> all = List.copyOf(found);
        found.removeIf(p -> sideLobe(p, all));
        found.sort(Comparator.comparingDouble(Peak::amplitude).reversed());
        List<Peak> kept = new ArrayList<>(found.subList(0, Math.min(MOST, found.size())));
        kept.sort(Comparator.comparingDouble(Peak::frequency));
        return List.copyOf(kept);
    }

    /** A strong sinusoid's window makes weak peaks beside it. */
    private boolean sideLobe(Peak p, List<Peak> among) {
        for (Peak strong : among) {
            double lobes = Math.abs(p.frequency - strong.frequency) / lobe;
            if (lobes < 1.1 || lobes > SIDE_LOBES) continue;
            if (p.amplitude < strong.amplitude * SIDE_LOBE / Math.pow(lobes - 0.2, 3)) return true;
        }
        return false;
    }

    /** The sinusoids, lowest first. */
    List<Peak> peaks() {
        return peaks;
    }
}
