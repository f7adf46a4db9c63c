package barytone.core.workshop;

import barytone.core.intonation.Sounded;
import barytone.core.intonation.ToneForecast;
import barytone.core.job.JobState;
import barytone.core.neck.FretScale;
import barytone.core.pitch.PluckedSound;
import barytone.core.pitch.Sound;
import barytone.core.quantity.Cents;
import barytone.core.station.intonation.Tones;

/**
 * A small built-in instrument for whoever has none at hand. On a job it plays the estimated string: its saddles stand somewhat wrong,
 * always by the same amounts on the same job, and follow what is recorded as done.
 */
public final class StandIn {
    /** A usual wound string. */
    public static final double USUAL_INHARMONICITY = 8e-5;

    private static final double SECONDS = 2.5;
    private static final double NOISE = 45;
    private static final double RATE = 44_100;
    private static final double LOWEST = 28;
    private static final double HIGHEST = 1390;
    private static final double STIFFEST = 2e-3;

    private StandIn() {}

    /**
     * A plucked string whose first partial, which is what a tuner shows, stands at a frequency.
     *
     * @param frequency Hz; what lies outside of 28 to 1390 is brought there
     */
    public static Sound plucked(double frequency, double inharmonicity) {
        double played = Math.clamp(frequency / Math.sqrt(1 + inharmonicity), LOWEST, HIGHEST);
        return PluckedSound.of(played, inharmonicity).noise(NOISE).sound(SECONDS, RATE, Math.round(played * 100));
    }

    /**
     * A note of a job's instrument.
     *
     * @param seed which instrument it is
     * @param stretched how far the open string has dropped, in cents
     */
    public static Sound note(JobState job, long seed, int string, Sounded sounded, double stretched) {
        double error = sounded.how() == Sounded.How.FRETTED ? error(job, seed, string, sounded.fret()) : 0;
        double open =
                ToneForecast.inharmonicity(job.spec(), Tones.of(job).ways().a4(), string);
        // it grows with the square of the shortening
        double stiff = Math.min(STIFFEST, open * Math.pow(2, sounded.cents() / 600));
        return plucked(Tones.of(job).pitch(job.spec(), string, sounded) * Cents.ratio(error - stretched), stiff);
    }

    private static double error(JobState job, long seed, int string, int fret) {
        double[] usual = forecast(job, string, 0);
        double[] now = forecast(job, string, wrong(seed, string) + Tones.of(job).shift(string));
        FretScale scale = job.spec().line().scale();
        double share = scale.crown(fret) / scale.scaleLength();
        // a well set string is in tune at 12: what the forecast lacks there is the saddle's, and grows up the neck
        return now[fret] - usual[12] * share / (1 - share);
    }

    private static double[] forecast(JobState job, int string, double shift) {
        return ToneForecast.cents(
                job.spec(),
                Tones.of(job).ways().a4(),
                string,
                shift,
                job.estimate().likely(string));
    }

    /** How far too far back a saddle stands as found, mm. */
    private static double wrong(long seed, int string) {
        return ((seed * 5 + string * 7) % 9 - 4) * 0.35;
    }
}
