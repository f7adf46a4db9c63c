package barytone.core.intonation;

import barytone.core.neck.StringLine;
import barytone.core.neck.StringState;
import barytone.core.quantity.Allowed;
import barytone.core.quantity.Cents;
import barytone.core.strings.MusicString;

/**
 * Predicts how sharp each fretted note will be. Fretted at n the string runs nut, crown, saddle; it is stretched by
 * {@code e = (path - open) / open}, its speaking length is {@code l = L - x_n}, and its stiffness raises short lengths more:
 * {@code f_n / f_0 = (L/l) sqrt(1 + E A e / T) (1 + 2 phi sqrt(E I / T) (1/l - 1/L))}; the error is
 * {@code 1200 log2(f_n / f_0) - 100 n} cents.
 *
 * <p>Sources: stiff strings, Fletcher 1964; fretted compensation, Varieschi and Gower 2010. The prediction only starts the
 * work; readings rule.
 */
public final class IntonationForecast {
    /** End fixity phi: 0 pinned, 1 clamped. */
    public static final double END_FIXITY = 0.6;

    /** How far behind the crown a finger presses, mm. */
    public static final double BEHIND = 8;

    private IntonationForecast() {}

    /**
     * Errors in cents at frets 1 to the last; index 0 stands for the open string and is 0.
     *
     * @param tension open tension T in N, above 0
     */
    public static double[] cents(StringLine line, StringState state, MusicString string, double tension) {
        return cents(line, state, string, tension, 0);
    }

    /**
     * The same with a finger that presses the string down behind the crown, which stretches it further; most where the nut is near.
     *
     * @param finger how far below the level of the crown, {@value #BEHIND} mm behind it, in mm, 0 or more
     */
    public static double[] cents(
            StringLine line, StringState state, MusicString string, double tension, double finger) {
        Allowed.number("tension", tension, 1, 1000, "N");
        int frets = line.scale().frets();
        double[] cents = new double[frets + 1];
        double length = line.saddle();
        double nut = line.nutHeight(state);
        double open = along(length, state.saddleHeight() - nut);
        double stretch = string.stiffness() / tension;
        // mm, since lengths are in mm
        double bending = 2 * END_FIXITY * Math.sqrt(string.bendingStiffness() / tension) * 1000;
        for (int n = 1; n <= frets; n++) {
            double x = line.scale().crown(n);
            double y = line.crownHeight(state.curvature(), n);
            double path = fretted(x, y, nut, finger) + along(length - x, state.saddleHeight() - y);
            double strain = Math.max(0, (path - open) / open);
            double speaking = length - x;
            double ratio =
                    length / speaking * Math.sqrt(1 + stretch * strain) * (1 + bending * (1 / speaking - 1 / length));
            cents[n] = Cents.PER_LOG * Math.log(ratio) - 100 * n;
        }
        return cents;
    }

    /** The way from the nut to a crown, under the finger. */
    private static double fretted(double x, double y, double nut, double finger) {
        if (finger == 0) return along(x, y - nut);
        double at = Math.max(x / 2, x - BEHIND);
        return along(at, y - finger - nut) + along(x - at, finger);
    }

    /** The length of a way of so much along and across, mm: neither is ever so large or small that {@link Math#hypot} were needed, which costs more than all the rest. */
    private static double along(double along, double across) {
        return Math.sqrt(along * along + across * across);
    }
}
