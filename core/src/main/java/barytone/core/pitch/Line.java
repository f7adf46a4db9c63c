package barytone.core.pitch;

import java.util.Arrays;
import java.util.List;

/**
 * The line {@code (f_j / j)^2 = f^2 + f^2 B j^2} through the partials, by weighted least squares that lets go of what lies far off: hum, or a
 * neighbour's partial.
 *
 * @param error standard error of f in Hz
 * @param kept share of the partials' weight that was kept
 */
record Line(StiffString string, double error, double kept) {
    /** A partial: its number, frequency and standard error in Hz. */
    record Point(int number, double frequency, double error) {
        /** As a measurement of (f_j / j)^2. */
        private double value() {
            return frequency / number * frequency / number;
        }

        private double spread() {
            return 2 * value() * error / frequency;
        }
    }

    private static final int ROUNDS = 12;
    /** What lies this many spreads off is let go. */
    private static final double FAR = 4.7;

    static Line through(List<Point> points, double usual) {
        double[] keep = new double[points.size()];
        Arrays.fill(keep, 1);
        StiffString string = new StiffString(Math.sqrt(median(points)), 0);
        double scale = 1;
        double variance = 0;
        for (int round = 0; round < ROUNDS; round++) {
            StiffString.Fit fit = new StiffString.Fit();
            // what is known of B before: none, give or take the usual
            double spread = usual * string.frequency() * string.frequency();
            fit.holdIdeal(1 / (spread * spread));
            for (int i = 0; i < points.size(); i++) {
                Point p = points.get(i);
                fit.add(p.number(), p.frequency(), keep[i] / (p.spread() * p.spread()));
            }
            StiffString.Fitted fitted = fit.fitted();
            if (fitted == null) break;
            string = fitted.string();
            variance = fitted.variance();
            double[] off = new double[points.size()];
            for (int i = 0; i < off.length; i++) {
                Point p = points.get(i);
                off[i] = Math.abs(p.frequency() - string.partial(p.number())) / p.error();
            }
            scale = Math.max(1, spreadOf(off));
            for (int i = 0; i < off.length; i++) {
                double u = off[i] / (FAR * scale);
                keep[i] = u >= 1 ? 0 : (1 - u * u) * (1 - u * u);
            }
        }
        double all = 0;
        double held = 0;
        for (int i = 0; i < points.size(); i++) {
            double w = 1 / points.get(i).error();
            all += w;
            held += w * keep[i];
        }
        return new Line(string, Math.sqrt(variance) * scale / (2 * string.frequency()), all == 0 ? 0 : held / all);
    }

    /** The robust start: the middle of what each partial says. */
    private static double median(List<Point> points) {
        double[] values = points.stream().mapToDouble(Point::value).sorted().toArray();
        return values[values.length / 2];
    }

    private static double spreadOf(double[] off) {
        double[] sorted = off.clone();
        Arrays.sort(sorted);
        return 1.4826 * sorted[sorted.length / 2];
    }
}
