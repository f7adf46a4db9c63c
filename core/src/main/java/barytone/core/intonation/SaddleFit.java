package barytone.core.intonation;

import barytone.core.neck.FretScale;
import barytone.core.quantity.Allowed;
import barytone.core.quantity.Cents;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;

/**
 * What readings of cents ask of the saddle. With the saddle moved back by d and the open string retuned, the error at fret n
 * changes by {@code -(1200 / ln 2) (1/l_n - 1/L) d}, {@code l_n = L - x_n}: at 12 that is -1731 d / L.
 *
 * @param saddleBack d in mm, positive away from the nut
 * @param residuals expected error at each fret read after the move, in cents
 */
public record SaddleFit(double saddleBack, List<FretCents> residuals) {
    /** An error in cents of the fretted note against the open string; positive is sharp. */
    public record FretCents(int fret, double cents) {}

    /**
     * A reading.
     *
     * @param fret 1 to 24
     * @param cents error, -200 to 200
     * @param weight how much this fret counts, above 0 to 100
     */
    public record Reading(int fret, double cents, double weight) {
        public Reading {
            Allowed.whole("fret", fret, 1, 24);
            Allowed.number("cents", cents, -200, 200, "cents");
            Allowed.number("weight", weight, 1e-6, 100, "");
        }
    }

    /**
     * Change of the error at a fret per mm of saddle moved back, in cents per mm; always negative.
     *
     * @param scale the frets
     * @param compensation c in mm, saddle at S + c
     */
    public static double centsPerMm(FretScale scale, double compensation, int fret) {
        double length = scale.scaleLength() + compensation;
        return -Cents.PER_LOG * (1 / (length - scale.crown(fret)) - 1 / length);
    }

    /** The saddle move that makes the weighted sum of squared errors least. */
    public static SaddleFit of(FretScale scale, double compensation, List<Reading> readings) {
        Allowed.whole("readings", readings.size(), 1, 24);
        Allowed.number("compensation", compensation, -0.05 * scale.scaleLength(), 0.1 * scale.scaleLength(), "mm");
        Set<Integer> frets = new HashSet<>();
        double towards = 0;
        double power = 0;
        for (Reading r : readings) {
            if (!frets.add(r.fret())) throw Allowed.broken("readings", "fret " + r.fret() + " twice", "each fret once");
            double slope = centsPerMm(scale, compensation, r.fret());
            towards -= r.weight() * slope * r.cents();
            power += r.weight() * slope * slope;
        }
        double back = towards / power;
        List<FretCents> residuals = new ArrayList<>();
        for (Reading r : readings)
            residuals.add(new FretCents(r.fret(), r.cents() + centsPerMm(scale, compensation, r.fret()) * back));
        return new SaddleFit(back, List.copyOf(residuals));
    }
}
