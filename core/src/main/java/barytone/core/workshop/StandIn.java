package barytone.core.workshop;

import barytone.core.clearance.ClearanceMap;
import barytone.core.clearance.Crowns;
import barytone.core.clearance.WhatIf;
import barytone.core.instrument.Touch;
import barytone.core.intonation.Sounded;
import barytone.core.intonation.ToneForecast;
import barytone.core.job.JobState;
import barytone.core.neck.FretScale;
import barytone.core.pitch.PluckedSound;
import barytone.core.pitch.Sound;
import barytone.core.pitch.StrikingString;
import barytone.core.quantity.Cents;
import barytone.core.station.intonation.Tones;
import java.util.Map;

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

    /** The stand-in's high fret lies between these, and stands so high, mm. */
    private static final int HIGH_FROM = 5;

    private static final int HIGH_TO = 11;
    private static final double HIGH = 0.15;

    /** Pressed harder onto the crown than this it would only sound as the crown's own note. */
    private static final double LEAST_GAP = 0.1;

    private static final double BOUNCE = 0.9;
    private static final double BOARD_SECONDS = 1.6;
    private static final double SILENCE = 0.2;

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

    /**
     * A note of the board of a job's instrument, whose setup is the estimated one and which has one high fret, always the same on the same job.
     *
     * @param seed which instrument it is
     * @param fret 0 is the open string
     */
    public static Sound onBoard(JobState job, long seed, int string, int fret) {
        int high = HIGH_FROM + (int) Math.floorMod(seed, HIGH_TO - HIGH_FROM + 1L);
        ClearanceMap.Note note = WhatIf.notes(
                        job.spec(),
                        string,
                        job.estimate().likely(string),
                        new Crowns(Map.of(high, HIGH)),
                        Touch.MEDIUM,
                        job.a4())
                .get(Math.min(fret, job.spec().frets() - 1));
        double gap = fret == job.spec().frets() ? 1 : Math.clamp(1 + note.margin() / note.swing(), LEAST_GAP, 1);
        double stiff = Math.min(STIFFEST, USUAL_INHARMONICITY * Math.pow(2, fret / 6.0));
        double pitch = job.spec().tuning().get(string - 1).frequency(job.a4()) * Cents.ratio(100.0 * fret);
        return afterSilence(StrikingString.of(Math.clamp(pitch, LOWEST, HIGHEST), stiff, gap)
                .over(Math.max(1, note.hits() - fret), BOUNCE)
                .noise(NOISE)
                .sound(BOARD_SECONDS, RATE, seed * 1000 + string * 40L + fret));
    }

    /** A pluck is told by what it rises out of. */
    private static Sound afterSilence(Sound sound) {
        int quiet = (int) (SILENCE * RATE);
        double[] x = new double[quiet + sound.samples().length];
        System.arraycopy(sound.samples(), 0, x, quiet, sound.samples().length);
        return new Sound(x, RATE);
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
