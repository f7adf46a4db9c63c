package barytone.core.pitch;

import barytone.core.quantity.Allowed;
import barytone.core.quantity.Cents;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;

/**
 * Hears the pitch of one plucked string: peaks of the spectrum, the series of partials that explains them, then the frequency of each partial from
 * the advance of its phase, and a line through them, {@code (f_j / j)^2 = f^2 (1 + B j^2)}, that lets go of what does not belong.
 *
 * <p>Source: partials of stiff strings, Fletcher 1964. The attack is left out; a decay does not bias the phases.
 */
public final class PitchEstimator {
    /** Lowest pitch told, Hz. */
    public static final double LOWEST = 27.5;

    /** Highest pitch told, Hz. */
    public static final double HIGHEST = 1420;

    /** Below this it is not even told. */
    private static final double HOPELESS = 0.1;

    private static final double SHORTEST = 0.18;
    private static final double LONGEST = 2.0;
    /** The power of a string that is plucked again rises by this. */
    private static final double NEXT_PLUCK = 6;

    private static final double ATTACK = 0.05;
    private static final double SILENT = 0.0006;
    private static final double FULL = 0.985;
    private static final double MOST_CLIPPED = 0.004;
    private static final double WORKING_RATE = 16_000;
    /** No more partials than this are followed. */
    private static final int FOLLOWED = 16;
    /** No partial is believed to better than this, in cents: strings are not ideal. */
    private static final double LEAST_ERROR = 0.01;
    /** Spread of B around 0 before anything is heard: keeps a few partials from inventing one. */
    private static final double USUAL_INHARMONICITY = 6e-4;

    private static final double CENT = 1 / Cents.PER_LOG;

    private PitchEstimator() {}

    /** Hears without expecting anything. */
    public static Heard hear(Sound sound) {
        return hear(sound, 0);
    }

    /**
     * Hears.
     *
     * @param near the frequency that is expected, which decides between otherwise equal answers, in Hz; 0 for none
     */
    public static Heard hear(Sound sound, double near) {
        if (near != 0) Allowed.number("near", near, 20, 2000, "Hz");
        if (sound.seconds() < SHORTEST) return new Heard.Nothing(Heard.Reason.TOO_SHORT);
        double[] x = level(sound.samples());
        Envelope envelope = new Envelope(x, sound.rate());
        if (envelope.loudest() < SILENT) return new Heard.Nothing(Heard.Reason.SILENT);
        int[] stretch = stretch(x, sound.rate(), envelope);
        double[] part = Arrays.copyOfRange(x, stretch[0], stretch[1]);
        if (clipped(sound.samples(), stretch)) return new Heard.Nothing(Heard.Reason.OVERDRIVEN);
        double loudness = 20 * Math.log10(PluckedSound.rms(part));
        int factor = Math.max(1, (int) (sound.rate() / WORKING_RATE));
        if (factor > 1) part = Decimation.by(part, factor);
        return heard(part, sound.rate() / factor, near, loudness);
    }

    private static Heard heard(double[] x, double rate, double near, double loudness) {
        double seconds = x.length / rate;
        double width = 2 / seconds;
        Spectrum spectrum = Spectrum.of(x, rate);
        // looked for beyond the range, so that what lies outside is not taken for a multiple or a part of it
        Comb comb = Comb.best(spectrum, near, width, LOWEST / 1.3, HIGHEST * 3);
        if (comb == null || comb.partials().isEmpty()) return new Heard.Nothing(Heard.Reason.UNSTEADY);
        if (comb.string().frequency() < LOWEST || comb.string().frequency() > HIGHEST)
            return new Heard.Nothing(Heard.Reason.OUT_OF_RANGE);
        int window = (int) (Math.max(0.4 * seconds, 4.2 / comb.string().frequency()) * rate) / 4 * 4;
        if (window > 0.8 * x.length) return new Heard.Nothing(Heard.Reason.TOO_SHORT);
        PhaseTrack.Stretch stretch = new PhaseTrack.Stretch(x, rate, window);
        List<Line.Point> points = new ArrayList<>();
        double fall = 0;
        double weight = 0;
        for (Comb.Partial partial : followed(comb)) {
            double noise = spectrum.noise(partial.peak().frequency());
            PhaseTrack track = stretch.follow(partial.peak().frequency(), noise);
            // a track that ran away from its peak followed something else
            if (Math.abs(track.frequency() - partial.peak().frequency()) > 1.5 * width) continue;
            double least = LEAST_ERROR * CENT * track.frequency();
            points.add(new Line.Point(partial.number(), track.frequency(), Math.hypot(track.error(), least)));
            double power = partial.peak().amplitude() * partial.peak().amplitude();
            fall += power * track.fall();
            weight += power;
        }
        if (points.isEmpty()) return new Heard.Nothing(Heard.Reason.UNSTEADY);
        Line line = Line.through(points, USUAL_INHARMONICITY);
        double error = line.error() / line.string().frequency() / CENT;
        if (hum(line.string().frequency(), fall / weight)) return new Heard.Nothing(Heard.Reason.HUM);
        double confidence = rising(tonal(comb, x), 0.08, 0.45)
                * rising(alone(comb, spectrum), 0.35, 0.75)
                * rising(line.kept(), 0.2, 0.6)
                / (1 + error * error / 2);
        if (confidence < HOPELESS) return new Heard.Nothing(Heard.Reason.UNSTEADY);
        return new Heard.Pitch(line.string().frequency(), line.string().inharmonicity(), error, confidence, loudness);
    }

    /** Mains hum does not die away. */
    private static boolean hum(double frequency, double fall) {
        for (double mains : new double[] {50, 60, 100, 120})
            if (Math.abs(Math.log(frequency / mains)) < 15 * CENT && Math.abs(fall) < 0.5) return true;
        return false;
    }

    /** The strongest for what they tell: a higher partial tells the frequency better. */
    private static List<Comb.Partial> followed(Comb comb) {
        return comb.partials().stream()
                .sorted(Comparator.comparingDouble(
                                (Comb.Partial p) -> p.number() * p.peak().amplitude())
                        .reversed())
                .limit(FOLLOWED)
                .sorted(Comparator.comparingInt(Comb.Partial::number))
                .toList();
    }

    /** Share of the sound's power that lies on the series. */
    private static double tonal(Comb comb, double[] x) {
        double power = 0;
        for (Comb.Partial p : comb.partials())
            power += p.peak().amplitude() * p.peak().amplitude() / 2;
        double rms = PluckedSound.rms(x);
        return Math.min(1, power / (rms * rms));
    }

    /** Share of the power of everything that sounds that is this string's. */
    private static double alone(Comb comb, Spectrum spectrum) {
        double own = 0;
        for (Comb.Partial p : comb.partials())
            own += p.peak().amplitude() * p.peak().amplitude();
        double all = 0;
        for (Spectrum.Peak p : spectrum.peaks()) all += p.amplitude() * p.amplitude();
        return Math.min(1, own / all);
    }

    private static double rising(double value, double none, double full) {
        return Math.clamp((value - none) / (full - none), 0, 1);
    }

    static double[] level(double[] samples) {
        double mean = 0;
        for (double s : samples) mean += s / samples.length;
        double[] x = samples.clone();
        for (int i = 0; i < x.length; i++) x[i] -= mean;
        return x;
    }

    /** From just after the loudest pluck to where the next one begins, or two seconds on. */
    private static int[] stretch(double[] x, double rate, Envelope envelope) {
        int pluck = envelope.loudestAt();
        int from = envelope.ringsFromTheStart() && x.length < 0.4 * rate
                ? 0
                : Math.min(pluck + (int) (ATTACK * rate), x.length);
        int next = envelope.rise(from, NEXT_PLUCK);
        int to = (int) Math.min(next < 0 ? x.length : next, from + LONGEST * rate);
        if (to - from >= SHORTEST * rate) return new int[] {from, to};
        // the pluck came at the very end: what rang before it, or all there is
        return pluck > 0.5 * rate ? new int[] {Math.max(0, pluck - (int) rate), pluck} : new int[] {0, x.length};
    }

    private static boolean clipped(double[] samples, int[] stretch) {
        int full = 0;
        for (int i = stretch[0]; i < stretch[1]; i++) if (Math.abs(samples[i]) >= FULL) full++;
        return full > MOST_CLIPPED * (stretch[1] - stretch[0]);
    }
}
