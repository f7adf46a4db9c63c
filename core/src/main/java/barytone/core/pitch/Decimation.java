package barytone.core.pitch;

/** Fewer samples per second, after what could fold back was taken out. */
final class Decimation {
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
            int from = Math.max(-half, -centre);
            int to = Math.min(half, x.length - 1 - centre);
            out[k] = product(taps, from + half, x, centre + from, to - from + 1) / sum;
        }
        return out;
    }

    /** Sum of products, in four sums: each addition waits for the one before. */
    private static double product(double[] taps, int fromTap, double[] x, int fromSample, int n) {
        double a = 0;
        double b = 0;
        double c = 0;
        double d = 0;
        int i = 0;
        for (; i + 3 < n; i += 4) {
            a += taps[fromTap + i] * x[fromSample + i];
            b += taps[fromTap + i + 1] * x[fromSample + i + 1];
            c += taps[fromTap + i + 2] * x[fromSample + i + 2];
            d += taps[fromTap + i + 3] * x[fromSample + i + 3];
        }
        for (; i < n; i++) a += taps[fromTap + i] * x[fromSample + i];
        return a + b + c + d;
    }
}
