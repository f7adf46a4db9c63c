package barytone.bench;

import barytone.core.pitch.Heard;
import barytone.core.pitch.PitchEstimator;
import barytone.core.pitch.PluckedSound;
import barytone.core.pitch.Sound;
import java.util.Locale;
import java.util.function.UnaryOperator;

/** Errors of the pitch by note, noise, disturbance and inharmonicity, over one second of synthesised strings; prints a Markdown table. */
public final class PitchTable {
    private static final double[] NOTES = {
        28, 30.868, 41.203, 61.735, 82.407, 110, 146.83, 246.94, 329.63, 659.26, 1396.9
    };
    private static final double[] STIFFNESS = {0, 3e-5, 1e-4, 4e-4};
    private static final int SEEDS = 6;
    private static final double RATE = 44_100;

    private PitchTable() {}

    /** Takes no arguments. */
    public static void main(String[] args) {
        System.out.println(
                "| SNR | disturbed by | worst, cents | mean, cents | least confidence | worst note | ms per s |");
        System.out.println("|---|---|---|---|---|---|---|");
        for (double snr : new double[] {30, 15}) {
            row(snr, "nothing", s -> s);
            row(snr, "hum of 50 Hz at -20 dB", s -> s.hum(50, -20));
            row(snr, "hum of 60 Hz at -20 dB", s -> s.hum(60, -20));
            row(snr, "a string a fourth above at -20 dB", s -> s.beside(s.frequency() * 1.3348, -20));
            row(snr, "a pluck in the middle", s -> s.pluckedAt(0.5));
        }
        System.out.println();
        System.out.println("| B | " + notes());
        System.out.println("|---|" + "---|".repeat(NOTES.length));
        for (double b : STIFFNESS) {
            StringBuilder line = new StringBuilder("| " + b + " |");
            for (double f : NOTES) {
                double worst = 0;
                for (int seed = 0; seed < SEEDS; seed++)
                    worst = Math.max(
                            worst,
                            Math.abs(
                                    heard(PluckedSound.of(f, b).noise(15), seed).centsAbove(f)));
                line.append(String.format(Locale.ROOT, " %.3f |", worst));
            }
            System.out.println(line);
        }
    }

    private static String notes() {
        StringBuilder line = new StringBuilder();
        for (double f : NOTES) line.append(String.format(Locale.ROOT, "%.0f Hz | ", f));
        return line.toString().strip();
    }

    private static void row(double snr, String what, UnaryOperator<PluckedSound> disturbed) {
        double worst = 0;
        double sum = 0;
        double least = 1;
        double at = 0;
        long nanos = 0;
        int count = 0;
        for (double f : NOTES)
            for (double b : STIFFNESS)
                for (int seed = 0; seed < SEEDS; seed++) {
                    Sound sound =
                            disturbed.apply(PluckedSound.of(f, b).noise(snr)).sound(1, RATE, seed);
                    long start = System.nanoTime();
                    Heard.Pitch pitch = pitch(sound);
                    nanos += System.nanoTime() - start;
                    double off = Math.abs(pitch.centsAbove(f));
                    sum += off;
                    count++;
                    least = Math.min(least, pitch.confidence());
                    if (off > worst) {
                        worst = off;
                        at = f;
                    }
                }
        System.out.printf(
                Locale.ROOT,
                "| %.0f dB | %s | %.3f | %.4f | %.2f | %.0f Hz | %.0f |%n",
                snr,
                what,
                worst,
                sum / count,
                least,
                at,
                nanos / 1e6 / count);
    }

    private static Heard.Pitch heard(PluckedSound string, int seed) {
        return pitch(string.sound(1, RATE, seed));
    }

    private static Heard.Pitch pitch(Sound sound) {
        Heard heard = PitchEstimator.hear(sound);
        if (heard instanceof Heard.Pitch pitch) return pitch;
        throw new IllegalStateException("not heard: " + heard);
    }
}
