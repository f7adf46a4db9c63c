package barytone.core.intonation;

import barytone.core.estimate.Normal;
import barytone.core.neck.StringLine;
import barytone.core.neck.StringState;
import barytone.core.strings.MusicString;
import java.util.List;

/**
 * How deep a player's finger presses a string behind the crown: one unknown of the player, the same on all strings. It sharpens the first frets as a nut that is too
 * high does, which must not be blamed for it.
 */
public final class Finger {
    /** What is usual, mm below the level of the crown. */
    public static final Normal USUAL = new Normal(0.20, 0.15);

    private static final double DEEPEST = 0.7;
    private static final double STEP = 0.05;

    private Finger() {}

    /**
     * A string whose frets were read.
     *
     * @param setup as it is known
     * @param slotSd how well its slot is known, mm (1 sd)
     * @param readings cents at the frets read
     */
    public record Read(
            StringLine line,
            StringState setup,
            MusicString wire,
            double tension,
            double slotSd,
            List<SaddleFit.Reading> readings) {
        private double[] cents(StringState setup, double finger) {
            return IntonationForecast.cents(line, setup, wire, tension, finger);
        }
    }

    /** What the notes of all strings together say of it, mm. */
    public static Normal of(List<Read> strings) {
        double weights = 0;
        double mean = 0;
        double square = 0;
        double least = Double.POSITIVE_INFINITY;
        int steps = (int) Math.round(DEEPEST / STEP);
        double[] misfit = new double[steps + 1];
        for (int i = 0; i <= steps; i++) {
            double finger = i * STEP;
            double prior = (finger - USUAL.mean()) / USUAL.sd();
            misfit[i] = prior * prior;
            for (Read string : strings) if (string.readings().size() > 1) misfit[i] += misfit(string, finger);
            least = Math.min(least, misfit[i]);
        }
        for (int i = 0; i <= steps; i++) {
            double weight = Math.exp((least - misfit[i]) / 2);
            weights += weight;
            mean += weight * i * STEP;
            square += weight * i * STEP * i * STEP;
        }
        mean /= weights;
        return new Normal(mean, Math.sqrt(Math.max(STEP * STEP / 12, square / weights - mean * mean)));
    }

    /** What the finger adds at every fret of a string, cents; index 0 is the open string. */
    public static double[] adds(Read string, double finger) {
        double[] with = string.cents(string.setup(), finger);
        double[] without = string.cents(string.setup(), 0);
        for (int n = 0; n < with.length; n++) with[n] -= without[n];
        return with;
    }

    /**
     * How badly a string's notes fit a finger, whatever its saddle and within what is known of its slot: the least sum of squares over saddle and slot.
     */
    private static double misfit(Read string, double finger) {
        StringState setup = string.setup();
        double[] at = string.cents(setup, finger);
        double[] higher = string.cents(
                new StringState(setup.curvature(), setup.slotHeight() + STEP, setup.saddleHeight()), finger);
        double ss = 0;
        double sn = 0;
        double nn = 1 / (string.slotSd() * string.slotSd());
        double sr = 0;
        double nr = 0;
        double rr = 0;
        for (SaddleFit.Reading r : string.readings()) {
            double saddle =
                    SaddleFit.centsPerMm(string.line().scale(), string.line().compensation(), r.fret());
            double slot = (higher[r.fret()] - at[r.fret()]) / STEP;
            double rest = r.cents() - at[r.fret()];
            double w = 1 / (NutOrSaddle.READING_SD * NutOrSaddle.READING_SD);
            ss += w * saddle * saddle;
            sn += w * saddle * slot;
            nn += w * slot * slot;
            sr += w * saddle * rest;
            nr += w * slot * rest;
            rr += w * rest * rest;
        }
        double det = ss * nn - sn * sn;
        return det > 0 ? Math.max(0, rr - (sr * sr * nn - 2 * sr * nr * sn + nr * nr * ss) / det) : rr;
    }
}
