package barytone.core.intonation;

import barytone.core.neck.StringLine;
import barytone.core.neck.StringState;
import barytone.core.strings.MusicString;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * Tells a nut that is too high from a saddle that is wrong: sharp in the first frets but right at 12 is the nut; sharper and
 * sharper up the neck is the saddle. Weighted least squares for a saddle move d and a nut change dh together; the effect of the nut
 * is the numeric derivative of {@link IntonationForecast} by the slot height.
 *
 * @param saddleBack d in mm, positive away from the nut; null when the frets read cannot separate the two
 * @param saddleError its standard error in mm
 * @param nutLower how much lower the slot should be, in mm; null when the frets read cannot separate the two
 * @param nutError its standard error in mm
 */
public record NutOrSaddle(
        @Nullable Double saddleBack,
        double saddleError,
        @Nullable Double nutLower,
        double nutError) {
    /** Standard deviation of a reading of weight 1, in cents. */
    public static final double READING_SD = 1;

    /** The two are told apart only when their estimates are less correlated than this. */
    private static final double TOO_ALIKE = 0.95;

    private static final double STEP = 0.01;

    /** The same where a slot stands no higher than this above the frets, mm: it cannot go lower than that. */
    public NutOrSaddle noLowerThan(double slotHeight) {
        if (nutLower == null || nutLower <= Math.max(0, slotHeight)) return this;
        return new NutOrSaddle(saddleBack, saddleError, Math.max(0, slotHeight), nutError);
    }

    /** Whether the readings could tell nut from saddle. */
    public boolean separated() {
        return saddleBack != null;
    }

    /**
     * Fits both.
     *
     * @param state the setup at which the nut's effect is computed
     * @param tension N
     */
    public static NutOrSaddle of(
            StringLine line, StringState state, MusicString string, double tension, List<SaddleFit.Reading> readings) {
        double[] low = IntonationForecast.cents(line, state, string, tension);
        double[] high = IntonationForecast.cents(
                line,
                new StringState(state.curvature(), state.slotHeight() + STEP, state.saddleHeight()),
                string,
                tension);
        double ss = 0;
        double sn = 0;
        double nn = 0;
        double sy = 0;
        double ny = 0;
        for (SaddleFit.Reading r : readings) {
            double w = r.weight() / (READING_SD * READING_SD);
            double saddle = SaddleFit.centsPerMm(line.scale(), line.compensation(), r.fret());
            // lowering the nut by h
            double nut = -(high[r.fret()] - low[r.fret()]) / STEP;
            ss += w * saddle * saddle;
            sn += w * saddle * nut;
            nn += w * nut * nut;
            sy -= w * saddle * r.cents();
            ny -= w * nut * r.cents();
        }
        double determinant = ss * nn - sn * sn;
        double alike = ss * nn == 0 ? 1 : Math.abs(sn) / Math.sqrt(ss * nn);
        if (readings.size() < 2 || alike > TOO_ALIKE || !(determinant > 0))
            return new NutOrSaddle(null, Double.POSITIVE_INFINITY, null, Double.POSITIVE_INFINITY);
        return new NutOrSaddle(
                (nn * sy - sn * ny) / determinant,
                Math.sqrt(nn / determinant),
                (ss * ny - sn * sy) / determinant,
                Math.sqrt(ss / determinant));
    }
}
