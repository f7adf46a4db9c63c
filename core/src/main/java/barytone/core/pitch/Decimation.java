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
            double v = 0;
            int centre = k * factor;
            int from = Math.max(-half, -centre);
            int to = Math.min(half, x.length - 1 - centre);
            for (int i = from; i <= to; i++) v += taps[i + half] * x[centre + i];
            out[k] = v / sum;
        }
        return out;
    }
}
