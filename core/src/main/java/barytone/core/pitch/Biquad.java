package barytone.core.pitch;

/** A filter of the second order, Butterworth. Source: bilinear transform of {@code 1 / (s^2 + sqrt(2) s + 1)}. */
final class Biquad {
    private static final double Q = Math.sqrt(0.5);

    private final double b0;
    private final double b1;
    private final double b2;
    private final double a1;
    private final double a2;

    private Biquad(double b0, double b1, double b2, double a0, double a1, double a2) {
        this.b0 = b0 / a0;
        this.b1 = b1 / a0;
        this.b2 = b2 / a0;
        this.a1 = a1 / a0;
        this.a2 = a2 / a0;
    }

    /** Lets pass what lies above a frequency, Hz. */
    static Biquad above(double frequency, double rate) {
        double w = 2 * Math.PI * frequency / rate;
        double alpha = Math.sin(w) / (2 * Q);
        double cos = Math.cos(w);
        return new Biquad((1 + cos) / 2, -(1 + cos), (1 + cos) / 2, 1 + alpha, -2 * cos, 1 - alpha);
    }

    /** Lets pass what lies below a frequency, Hz. */
    static Biquad below(double frequency, double rate) {
        double w = 2 * Math.PI * frequency / rate;
        double alpha = Math.sin(w) / (2 * Q);
        double cos = Math.cos(w);
        return new Biquad((1 - cos) / 2, 1 - cos, (1 - cos) / 2, 1 + alpha, -2 * cos, 1 - alpha);
    }

    /** What is left of a sound after two of them. */
    double[] twice(double[] x) {
        return of(of(x));
    }

    /** What is left of a sound. */
    double[] of(double[] x) {
        double[] y = new double[x.length];
        double x1 = 0;
        double x2 = 0;
        double y1 = 0;
        double y2 = 0;
        for (int i = 0; i < x.length; i++) {
            y[i] = b0 * x[i] + b1 * x1 + b2 * x2 - a1 * y1 - a2 * y2;
            x2 = x1;
            x1 = x[i];
            y2 = y1;
            y1 = y[i];
        }
        return y;
    }
}
