package barytone.core.pitch;

import java.util.SplittableRandom;

/**
 * The sound of a plucked, slightly inharmonic string, made for tests and for the stand-in that plays when no instrument is at hand:
 * partials at {@code f_j = j f sqrt(1 + B j^2)}, strong as the place of the pluck wants, each dying away, with an attack and whatever disturbs
 * it. Same seed, same sound.
 *
 * @param frequency f in Hz
 * @param inharmonicity B
 * @param pluck where it is plucked, as a share of the length, 0 to 0.5
 * @param ring time in which the first partial falls to a third, in s
 * @param signalToNoise in dB, over the whole sound; infinite for none
 * @param hum level of mains hum with its harmonics against the string, in dB; minus infinity for none
 * @param humFrequency 50 or 60 Hz
 * @param neighbour frequency of another string that rings along, in Hz; 0 for none
 * @param neighbourLevel its level against the string, in dB
 */
public record PluckedSound(
        double frequency,
        double inharmonicity,
        double pluck,
        double ring,
        double signalToNoise,
        double hum,
        double humFrequency,
        double neighbour,
        double neighbourLevel) {
    private static final double PEAK = 0.5;
    private static final double HIGHEST = 7000;
    private static final int MOST_PARTIALS = 60;

    /** A clean string. */
    public static PluckedSound of(double frequency, double inharmonicity) {
        return new PluckedSound(
                frequency, inharmonicity, 0.13, 1.2, Double.POSITIVE_INFINITY, Double.NEGATIVE_INFINITY, 50, 0, -20);
    }

    /** The same with noise. */
    public PluckedSound noise(double db) {
        return new PluckedSound(
                frequency, inharmonicity, pluck, ring, db, hum, humFrequency, neighbour, neighbourLevel);
    }

    /** The same with mains hum. */
    public PluckedSound hum(double mains, double db) {
        return new PluckedSound(
                frequency, inharmonicity, pluck, ring, signalToNoise, db, mains, neighbour, neighbourLevel);
    }

    /** The same with another string ringing along. */
    public PluckedSound beside(double other, double db) {
        return new PluckedSound(frequency, inharmonicity, pluck, ring, signalToNoise, hum, humFrequency, other, db);
    }

    /** The same plucked elsewhere. */
    public PluckedSound pluckedAt(double share) {
        return new PluckedSound(
                frequency, inharmonicity, share, ring, signalToNoise, hum, humFrequency, neighbour, neighbourLevel);
    }

    /** Makes it. */
    public Sound sound(double seconds, double rate, long seed) {
        SplittableRandom random = new SplittableRandom(seed);
        int n = (int) Math.round(seconds * rate);
        double[] string = string(frequency, n, rate, random);
        double level = rms(string);
        double[] sum = string.clone();
        if (neighbour > 0) {
            double[] other = string(neighbour, n, rate, random);
            add(sum, other, level / rms(other) * ratio(neighbourLevel));
        }
        if (Double.isFinite(hum)) {
            double[] mains = new double[n];
            for (int h = 1; h <= 8; h++) {
                double phase = 2 * Math.PI * random.nextDouble();
                double w = 2 * Math.PI * humFrequency * h / rate;
                for (int i = 0; i < n; i++) mains[i] += Math.sin(w * i + phase) / h;
            }
            add(sum, mains, level / rms(mains) * ratio(hum));
        }
        if (Double.isFinite(signalToNoise)) {
            double sd = level / ratio(signalToNoise);
            for (int i = 0; i < n; i++) sum[i] += sd * random.nextGaussian();
        }
        double peak = 1e-12;
        for (double s : sum) peak = Math.max(peak, Math.abs(s));
        for (int i = 0; i < n; i++) sum[i] *= PEAK / peak;
        return new Sound(sum, rate);
    }

    private double[] string(double f, int n, double rate, SplittableRandom random) {
        double[] out = new double[n];
        StiffString sounding = new StiffString(f, inharmonicity);
        Swing before = null;
        for (int j = 1; j <= MOST_PARTIALS; j++) {
            double fj = sounding.partial(j);
            if (fj > Math.min(HIGHEST, 0.45 * rate)) break;
            // a triangle at rest, heard through a pickup or a body that favours the velocity
            double strength = Math.abs(Math.sin(j * Math.PI * pluck)) / j;
            double fall = ring / (1 + fj / 900);
            double phase = 2 * Math.PI * random.nextDouble();
            Swing swing = Swing.of(strength, phase, 2 * Math.PI * fj / rate, Math.exp(-1 / (rate * fall)));
            if (before != null) add(out, before, swing);
            before = before == null ? swing : null;
        }
        if (before != null) add(out, before, Swing.SILENT);
        // the finger leaving: a short burst
        double burst = 0.3 * rms(out);
        for (int i = 0; i < Math.min(n, 0.02 * rate); i++)
            out[i] += burst * random.nextGaussian() * (1 - i / (0.02 * rate));
        return out;
    }

    /** A damped rotation, one multiplication a sample: where it begins, and by what it goes on. */
    private record Swing(double c, double d, double dc, double ds) {
        static final Swing SILENT = new Swing(0, 0, 0, 0);

        static Swing of(double strength, double phase, double speed, double keep) {
            return new Swing(
                    strength * Math.cos(phase),
                    strength * Math.sin(phase),
                    keep * Math.cos(speed),
                    keep * Math.sin(speed));
        }
    }

    /** Each sample of a swing waits for the one before: two at once take no longer than one. */
    private static void add(double[] sum, Swing one, Swing other) {
        double c = one.c;
        double d = one.d;
        double c2 = other.c;
        double d2 = other.d;
        for (int i = 0; i < sum.length; i++) {
            sum[i] = sum[i] + d + d2;
            double next = c * one.dc - d * one.ds;
            d = c * one.ds + d * one.dc;
            c = next;
            double next2 = c2 * other.dc - d2 * other.ds;
            d2 = c2 * other.ds + d2 * other.dc;
            c2 = next2;
        }
    }

    private static void add(double[] sum, double[] other, double by) {
        for (int i = 0; i < sum.length; i++) sum[i] += by * other[i];
    }

    private static double ratio(double db) {
        return Math.pow(10, db / 20);
    }

    static double rms(double[] x) {
        double sum = 0;
        for (double v : x) sum += v * v;
        return Math.sqrt(sum / Math.max(1, x.length));
    }
}
