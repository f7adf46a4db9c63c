package barytone.core.reading;

import barytone.core.quantity.Allowed;
import java.util.ArrayList;
import java.util.List;

/**
 * Leaves laid on each other to make a height.
 *
 * @param leaves sizes in mm, thickest first
 * @param total their sum in mm
 * @param error total less the wanted height, in mm
 */
public record LeafStack(List<Double> leaves, double total, double error) {
    private static final double SAME = 1e-9;

    /**
     * The stack nearest to a height; of equally near ones the one with the fewest leaves, then with the thickest.
     *
     * @param owned sizes in mm, each leaf once; 1 to 60
     * @param target wanted height in mm
     * @param most leaves in the stack at most, 1 to 4
     */
    public static LeafStack nearest(List<Double> owned, double target, int most) {
        Allowed.whole("owned", owned.size(), 1, 60);
        for (int i = 0; i < owned.size(); i++) Allowed.number("owned[" + i + "]", owned.get(i), 0.005, 10, "mm");
        Allowed.number("target", target, 0.005, 40, "mm");
        Allowed.whole("most", most, 1, 4);
        Search search = new Search(
                owned.stream().mapToDouble(Double::doubleValue).sorted().toArray(), target, most);
        search.from(search.sizes.length - 1, 0, 0);
        double total = search.best.stream().mapToDouble(Double::doubleValue).sum();
        return new LeafStack(search.best, total, total - target);
    }

    /** Tries every choice of up to so many leaves, thickest first. */
    private static final class Search {
        private final double[] sizes;
        private final double target;
        private final int most;
        private final double[] picked;
        private List<Double> best = List.of();
        private double bestError = Double.POSITIVE_INFINITY;

        Search(double[] sizes, double target, int most) {
            this.sizes = sizes;
            this.target = target;
            this.most = most;
            this.picked = new double[most];
        }

        void from(int index, int count, double sum) {
            if (count > 0) {
                double error = Math.abs(sum - target);
                boolean nearer = error < bestError - SAME;
                boolean fewer = Math.abs(error - bestError) <= SAME && count < best.size();
                if (nearer || fewer) {
                    bestError = error;
                    best = new ArrayList<>();
                    for (int i = 0; i < count; i++) best.add(picked[i]);
                    best = List.copyOf(best);
                }
            }
            // more leaves only lead further away once the target is passed
            if (count == most || sum > target + bestError) return;
            for (int i = index; i >= 0; i--) {
                picked[count] = sizes[i];
                from(i - 1, count + 1, sum + sizes[i]);
            }
        }
    }
}
