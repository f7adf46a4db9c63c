package barytone.core.pitch;

import java.util.Arrays;

/**
 * The frequency of one sinusoid from the advance of its phase through overlapping windows. A decay scales the windows and leaves their phases
 * alone, so that it does not bias the frequency.
 *
 * @param frequency Hz
 * @param error standard error in Hz
 * @param fall by how much it fell from the first half to the second, in dB per s
 */
record PhaseTrack(double frequency, double error, double fall) {
    private static final int OVERLAP = 4;

    /** A stretch of sound in which partials are followed one after the other. */
    static final class Stretch {
        private final double[] x;
        private final double rate;
        private final double[] hann;
        /** The sound turned back by a partial, its two sides. */
        private final double[] inPhase;

        private final double[] across;

        /**
         * @param window samples, a multiple of 4, not more than there are
         */
        Stretch(double[] x, double rate, int window) {
            this.x = x;
            this.rate = rate;
            this.hann = window(window);
            this.inPhase = new double[x.length];
            this.across = new double[x.length];
        }

        /** Turns each sample once: the windows overlap. */
        private void turnBack(double speed) {
            // the oscillator runs on from the start of the stretch, so that a sinusoid at the guess keeps its phase
            double c = 1;
            double s = 0;
            double dc = Math.cos(speed);
            double ds = -Math.sin(speed);
            for (int i = 0; i < x.length; i++) {
                inPhase[i] = x[i] * c;
                across[i] = x[i] * s;
                double next = c * dc - s * ds;
                s = c * ds + s * dc;
                c = next;
            }
        }

        /**
         * Follows one.
         *
         * @param guess Hz, nearer than the width of a window's main lobe
         * @param noise amplitude of the noise in the whole stretch, as a sinusoid
         */
        PhaseTrack follow(double guess, double noise) {
            int window = hann.length;
            int hop = window / OVERLAP;
            int count = Math.max(2, (x.length - window) / hop + 1);
            double[] phase = new double[count];
            double[] power = new double[count];
            double[] time = new double[count];
            turnBack(2 * Math.PI * guess / rate);
            for (int m = 0; m < count; m++) {
                int start = Math.min(m * hop, x.length - window);
                double re = 0;
                double im = 0;
                for (int i = 0; i < window; i++) {
                    re += inPhase[start + i] * hann[i];
                    im += across[start + i] * hann[i];
                }
                phase[m] = Math.atan2(im, re);
                power[m] = (re * re + im * im) * 16 / ((double) window * window);
                time[m] = start / rate;
            }
            for (int m = 1; m < count; m++) {
                double step = phase[m] - phase[m - 1];
                phase[m] -= 2 * Math.PI * Math.round(step / (2 * Math.PI));
            }
            double total = Arrays.stream(power).sum();
            if (!(total > 0)) return new PhaseTrack(guess, Double.POSITIVE_INFINITY, 0);
            double t0 = 0;
            double p0 = 0;
            for (int m = 0; m < count; m++) {
                t0 += power[m] * time[m] / total;
                p0 += power[m] * phase[m] / total;
            }
            double tt = 0;
            double tp = 0;
            for (int m = 0; m < count; m++) {
                tt += power[m] * (time[m] - t0) * (time[m] - t0);
                tp += power[m] * (time[m] - t0) * (phase[m] - p0);
            }
            double slope = tp / tt;
            double rest = 0;
            for (int m = 0; m < count; m++) {
                double off = phase[m] - p0 - slope * (time[m] - t0);
                rest += power[m] * off * off;
            }
            // overlapped windows repeat themselves: about half as many tell something new
            double free = Math.max(1, count / 2.0 - 1);
            double seen = rest / free;
            // the noise of a window is larger than that of the whole stretch
            double perWindow = noise * noise * x.length / window * 2;
            double variance = (seen + perWindow) / tt;
            double first = 0;
            double last = 0;
            for (int m = 0; m < count / 2; m++) {
                first += power[m];
                last += power[count - 1 - m];
            }
            double apart = (count - count / 2) * (double) hop / rate;
            double fall = 10 * Math.log10(Math.max(first, 1e-300) / Math.max(last, 1e-300)) / apart;
            return new PhaseTrack(guess + slope / (2 * Math.PI), Math.sqrt(variance) / (2 * Math.PI), fall);
        }

        private static double[] window(int n) {
            double[] w = new double[n];
            for (int i = 0; i < n; i++) w[i] = 0.5 - 0.5 * Math.cos(2 * Math.PI * (i + 0.5) / n);
            return w;
        }
    }
}
