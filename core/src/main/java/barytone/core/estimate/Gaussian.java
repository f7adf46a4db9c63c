package barytone.core.estimate;

import barytone.core.reading.Evidence;
import java.util.List;
import org.apache.commons.numbers.gamma.Erfcx;
import org.ejml.data.DMatrixRMaj;
import org.ejml.dense.row.CommonOps_DDRM;
import org.ejml.dense.row.mult.VectorVectorMult_DDRM;

/**
 * A joint normal distribution of the unknowns, immutable. Readings condition it (Kalman 1960, scalar measurement update);
 * one-sided findings condition it by the moments of the truncated normal; moves transform and widen it.
 */
final class Gaussian {
    private final DMatrixRMaj mean;
    private final DMatrixRMaj covariance;

    Gaussian(DMatrixRMaj mean, DMatrixRMaj covariance) {
        this.mean = mean;
        this.covariance = covariance;
    }

    int size() {
        return mean.numRows;
    }

    double mean(int i) {
        return mean.get(i);
    }

    double covariance(int i, int j) {
        return covariance.get(i, j);
    }

    /** The distribution of {@code offset + h . state}. */
    Normal project(DMatrixRMaj h, double offset) {
        double variance = VectorVectorMult_DDRM.innerProd(h, gain(h));
        return new Normal(offset + VectorVectorMult_DDRM.innerProd(h, mean), Math.sqrt(Math.max(0, variance)));
    }

    /** The mean of {@code offset + h . state}. */
    double mean(DMatrixRMaj h, double offset) {
        return offset + VectorVectorMult_DDRM.innerProd(h, mean);
    }

    /** Conditions on what a reading says about {@code offset + h . state}. */
    Gaussian given(DMatrixRMaj h, double offset, Evidence evidence) {
        DMatrixRMaj gain = gain(h);
        double variance = VectorVectorMult_DDRM.innerProd(h, gain);
        // a quantity that is known exactly, or not part of the state, learns nothing
        if (!(variance > 1e-30)) return this;
        double expected = offset + VectorVectorMult_DDRM.innerProd(h, mean);
        double noise = evidence.sd() * evidence.sd();
        return switch (evidence) {
            case Evidence.Point point ->
                moved(gain, (point.value() - expected) / (variance + noise), -1 / (variance + noise));
            case Evidence.Above above -> truncated(gain, variance, expected - above.limit(), noise, 1);
            case Evidence.Below below -> truncated(gain, variance, below.limit() - expected, noise, -1);
        };
    }

    /**
     * Moments of a normal cut at a limit that is itself uncertain: with {@code z = distance / sqrt(variance + noise)} and
     * {@code m = phi(z) / Phi(z)} the mean moves by {@code variance / sqrt(variance + noise) m}, the variance falls by
     * {@code variance^2 / (variance + noise) m (m + z)}.
     */
    private Gaussian truncated(DMatrixRMaj gain, double variance, double distance, double noise, int direction) {
        double total = variance + noise;
        double z = distance / Math.sqrt(total);
        double ratio = Math.sqrt(2 / Math.PI) / Erfcx.value(-z / Math.sqrt(2));
        double shrink = Math.clamp(ratio * (ratio + z), 0, 1);
        return moved(gain, direction * ratio / Math.sqrt(total), -shrink / total);
    }

    /**
     * Widens the distribution along the direction in which one quantity is correlated with all others, so that the sd of
     * {@code h . state} grows by {@code extraSd} (root of squares) and nothing shrinks.
     *
     * @param except unknowns that have not moved with it
     */
    Gaussian widenedAlong(DMatrixRMaj h, double extraSd, int... except) {
        DMatrixRMaj gain = gain(h);
        for (int i : except) gain.set(i, 0, 0);
        double variance = VectorVectorMult_DDRM.innerProd(h, gain);
        if (!(variance > 1e-30)) return this;
        return moved(gain, 0, extraSd * extraSd / (variance * variance));
    }

    /** A copy with one more independent contribution {@code direction * N(0, sd^2)} to the state. */
    Gaussian plusNoise(DMatrixRMaj direction, double sd) {
        return moved(direction, 0, sd * sd);
    }

    /** An independent contribution to a state: {@code direction * N(0, sd^2)}. */
    record Noise(DMatrixRMaj direction, double sd) {}

    /** A copy with several more independent contributions, in their order. */
    Gaussian plusNoise(List<Noise> noises) {
        DMatrixRMaj p = covariance.copy();
        for (Noise noise : noises) addSquare(p, noise.direction(), noise.sd() * noise.sd());
        return new Gaussian(mean, p);
    }

    /** The state after {@code x_target += factor * x_source}. */
    Gaussian plusMultiple(int target, int source, double factor) {
        return plusMultiples(source, new int[] {target}, factor);
    }

    /** The state after {@code x_target += factor * x_source} for several targets, the source itself among them or not, all by what the source was before. */
    Gaussian plusMultiples(int source, int[] targets, double... factors) {
        int n = size();
        DMatrixRMaj newMean = mean.copy();
        DMatrixRMaj p = covariance.copy();
        for (int t = 0; t < targets.length; t++) {
            newMean.add(targets[t], 0, factors[t] * mean.get(source));
            for (int j = 0; j < n; j++) p.add(targets[t], j, factors[t] * covariance.get(source, j));
        }
        double[] column = new double[n];
        for (int i = 0; i < n; i++) column[i] = p.get(i, source);
        for (int t = 0; t < targets.length; t++)
            for (int i = 0; i < n; i++) p.add(i, targets[t], factors[t] * column[i]);
        // among the targets both halves were summed in another order
        for (int one : targets) for (int other : targets) if (one < other) p.set(other, one, p.get(one, other));
        return new Gaussian(newMean, p);
    }

    /** The state after a known shift of some unknowns. */
    Gaussian shiftedAlong(DMatrixRMaj direction, double by) {
        DMatrixRMaj newMean = mean.copy();
        CommonOps_DDRM.addEquals(newMean, by, direction);
        return new Gaussian(newMean, covariance);
    }

    /**
     * A copy in which some unknowns are no longer known: each keeps its mean, stands alone and is spread by {@code sd}; nothing that is read of it later
     * says anything of the others.
     */
    Gaussian forgetting(int[] indices, double sd) {
        DMatrixRMaj p = covariance.copy();
        for (int i : indices) {
            for (int j = 0; j < size(); j++) {
                p.set(i, j, 0);
                p.set(j, i, 0);
            }
            p.set(i, i, sd * sd);
        }
        return new Gaussian(mean, p);
    }

    private DMatrixRMaj gain(DMatrixRMaj h) {
        // a gap depends on a handful of the unknowns: by columns, for the covariance is symmetric
        DMatrixRMaj gain = new DMatrixRMaj(size(), 1);
        for (int i = 0; i < size(); i++) {
            double weight = h.get(i);
            if (weight == 0) continue;
            for (int j = 0; j < size(); j++) gain.data[j] += weight * covariance.get(i, j);
        }
        return gain;
    }

    /** Mean plus a multiple of v, covariance plus a multiple of v v': symmetric to the last bit. */
    private Gaussian moved(DMatrixRMaj v, double meanFactor, double covarianceFactor) {
        DMatrixRMaj newMean = mean;
        if (meanFactor != 0) {
            newMean = mean.copy();
            CommonOps_DDRM.addEquals(newMean, meanFactor, v);
        }
        DMatrixRMaj p = covariance.copy();
        addSquare(p, v, covarianceFactor);
        return new Gaussian(newMean, p);
    }

    private static void addSquare(DMatrixRMaj p, DMatrixRMaj v, double factor) {
        int n = v.numRows;
        // most directions are those of a few unknowns
        for (int i = 0; i < n; i++) {
            double one = v.data[i];
            if (one == 0) continue;
            // entry by entry with v_i v_j first: that product commutes, so both halves round alike
            for (int j = 0; j < n; j++) p.data[i * n + j] += factor * (one * v.data[j]);
        }
    }
}
