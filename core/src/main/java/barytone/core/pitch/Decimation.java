package barytone.core.pitch;

/** Fewer samples per second, after what could fold back was taken out. */
final class Decimation {
    /** On each side; a multiple of four. */
    private static final int TAPS_PER_FACTOR = 16;

    private Decimation() {}

    /** Every n-th sample of the low-passed sound. */
    static double[] by(double[] x, int factor) {
        int half = TAPS_PER_FACTOR * factor;
        double[] taps = new double[2 * half + 1];
        double cut = 0.45 / factor;
        double sum = 0;
        for (int i = -half; i <= half; i++) {
            double sinc = i == 0 ? 2 * cut : Math.sin(2 * Math.PI * cut * i) / (Math.PI * i);
            taps[i + half] = sinc * (0.54 + 0.46 * Math.cos(Math.PI * i / half));
            sum += taps[i + half];
        }
        double[] out = new double[x.length / factor];
        for (int k = 0; k < out.length; k++) {
            int centre = k * factor;
            boolean inside = centre >= half && centre + half < x.length;
            out[k] = (inside ? whole(taps, half, x, centre) : cut(taps, half, x, centre)) / sum;
        }
        return out;
    }

    /** Sum of products of taps that are the same on both sides, in four sums: each addition waits for the one before. */
    private static double whole(double[] taps, int half, double[] x, int centre) {
        double a = taps[half] * x[centre];
        double b = 0;
        double c = 0;
        double d = 0;
        for (int i = 1; i <= half; i += 4) {
            a += taps[half + i] * (x[centre + i] + x[centre - i]);
            b += taps[half + i + 1] * (x[centre + i + 1] + x[centre - i - 1]);
            c += taps[half + i + 2] * (x[centre + i + 2] + x[centre - i - 2]);
            d += taps[half + i + 3] * (x[centre + i + 3] + x[centre - i - 3]);
        }
        return a + b + c + d;
    }

    /** Sum of products where the sound begins or ends within the taps. */
    private static double cut(double[] taps, int half, double[] x, int centre) {
        double sum = 0;
        for (int i = Math.max(-half, -centre); i <= half && centre + i < x.length; i++)
            sum += taps[half + i] * x[centre + i];
        return sum;
    }
}
