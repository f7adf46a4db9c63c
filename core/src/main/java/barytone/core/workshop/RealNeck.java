package barytone.core.workshop;

import barytone.core.instrument.InstrumentSpec;
import barytone.core.neck.FretScale;
import barytone.core.neck.StringLine;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.random.RandomGenerator;

/**
 * The crowns of a neck as wood and hammer made them: scale off by 1 %, the body joint where it really stiffens by 1.3 frets, crowns uneven by 0.018 mm, one neck
 * in five with a fret high by 0.05 to 0.12, a ramp at the last fret of 0.04 give or take 0.12, an S of 0.02, bending that is up to 60 % stronger at one end, saddles
 * 1 to 6 mm behind the scale. Or, without {@link Adversity#NECK}, as it is declared.
 */
final class RealNeck {
    private final FretScale scale;
    private final int joint;
    private final double[] uneven;
    private final double lopsided;
    private final List<Double> compensation = new ArrayList<>();

    RealNeck(InstrumentSpec spec, boolean drawn, RandomGenerator random) {
        StringLine declared = spec.line();
        int frets = declared.scale().frets();
        this.uneven = new double[frets + 1];
        if (!drawn) {
            this.scale = declared.scale();
            this.joint = spec.bodyJointFret();
            this.lopsided = 0;
            for (int s = 1; s <= spec.strings(); s++) compensation.add(declared.compensation());
            return;
        }
        this.scale = new FretScale(spec.scaleLength() * (1 + 0.01 * random.nextGaussian()), frets);
        this.joint =
                Math.clamp(Math.round(spec.bodyJointFret() + 1.3 * random.nextGaussian()), 8, Math.max(8, frets - 1));
        this.lopsided = random.nextDouble(-0.6, 0.6);
        for (int s = 1; s <= spec.strings(); s++) compensation.add(random.nextDouble(1, 6));
        uneven(random);
    }

    private void uneven(RandomGenerator random) {
        int frets = uneven.length - 1;
        double high = random.nextInt(5) == 0 ? random.nextDouble(0.05, 0.12) : 0;
        int where = 1 + random.nextInt(frets);
        double ramp = 0.04 + 0.12 * random.nextGaussian();
        double bent = 0.02 * random.nextGaussian();
        double end = scale.crown(frets);
        double from = scale.crown(joint);
        for (int n = 1; n <= frets; n++) {
            double x = scale.crown(n);
            double beyond = Math.max(0, (x - from) / Math.max(1, end - from));
            double along = Math.min(1, x / from);
            uneven[n] = 0.018 * random.nextGaussian()
                    + (n == where ? high : 0)
                    + ramp * beyond
                    + bent * Math.sin(2 * Math.PI * along);
        }
    }

    /** The crowns under a string at a curvature, its saddle so far behind where it was drawn, mm. */
    StringLine at(int string, double curvature, double back) {
        Map<Integer, Double> errors = new HashMap<>();
        double joined = scale.crown(joint);
        for (int n = 1; n < uneven.length; n++) {
            double error = uneven[n] + more(curvature, Math.max(0, joined - scale.crown(n)));
            if (error != 0) errors.put(n, error);
        }
        return new StringLine(scale, joint, compensation.get(string - 1) + back, errors);
    }

    /** How much the nut end is bent up more than by even bending, mm. */
    double nutRise(double curvature) {
        return more(curvature, scale.crown(joint));
    }

    /** k (1 + b (1 - 2 u / x_J)) bends it, twice integrated from the joint: what that is more than k u^2 / 2, u before the joint. */
    private double more(double curvature, double u) {
        return curvature * lopsided * (u * u / 2 - u * u * u / (3 * scale.crown(joint)));
    }
}
