package barytone.core.bridge;

import barytone.core.quantity.Allowed;
import java.util.ArrayList;
import java.util.List;
import org.ejml.data.DMatrixRMaj;
import org.ejml.dense.row.CommonOps_DDRM;

/**
 * Movements of the supports that bring the strings nearest to what they need: weighted least squares. Two posts with two strings
 * that matter, a barrel and an individual saddle are solved exactly by it.
 */
public final class SupportSolver {
    /** Keeps a support that no weighted string rests on where it is. */
    private static final double STILL = 1e-9;

    private SupportSolver() {}

    /**
     * Solves for the supports.
     *
     * @param needs change at the saddle each string needs in mm, positive raises, string 1 first
     * @param weights how much each string's residual matters; 0 for one that may be anything
     * @return change of each support in mm, in the order of the supports
     */
    public static List<Double> solve(Supports supports, List<Double> needs, List<Double> weights) {
        int strings = supports.strings();
        int n = supports.size();
        Allowed.whole("needs", needs.size(), strings, strings);
        Allowed.whole("weights", weights.size(), strings, strings);
        DMatrixRMaj normal = new DMatrixRMaj(n, n);
        DMatrixRMaj right = new DMatrixRMaj(n, 1);
        for (int i = 0; i < n; i++) {
            for (int s = 0; s < strings; s++) {
                double share = supports.shares().get(i).get(s);
                double w = weights.get(s) * weights.get(s);
                right.add(i, 0, w * share * needs.get(s));
                for (int j = 0; j < n; j++)
                    normal.add(i, j, w * share * supports.shares().get(j).get(s));
            }
            normal.add(i, i, STILL);
        }
        DMatrixRMaj solution = new DMatrixRMaj(n, 1);
        if (!CommonOps_DDRM.solve(normal, right, solution))
            throw new IllegalStateException("the supports do not carry the strings");
        List<Double> changes = new ArrayList<>();
        for (int i = 0; i < n; i++) changes.add(solution.get(i));
        return List.copyOf(changes);
    }
}
