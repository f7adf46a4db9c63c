package barytone.core.reading;

import java.util.Comparator;
import java.util.List;
import java.util.TreeSet;

/**
 * The sizes of feeler leaves at hand, in mm, ascending.
 */
public record LeafSet(List<Double> sizes) {
    /** A usual set. */
    public static final LeafSet USUAL = new LeafSet(List.of(
            0.03, 0.04, 0.05, 0.08, 0.10, 0.13, 0.15, 0.18, 0.20, 0.23, 0.25, 0.28, 0.30, 0.33, 0.35, 0.38, 0.40, 0.45,
            0.50, 0.55, 0.60, 0.70, 0.80, 1.00));

    public LeafSet {
        sizes = sizes.stream().sorted().toList();
    }

    /** So many neighbouring leaves around an expected gap, the gap near the middle. */
    public List<Double> around(double expected, int count) {
        int nearest = sizes.indexOf(sizes.stream()
                .min(Comparator.comparingDouble(s -> Math.abs(s - expected)))
                .orElseThrow());
        int from = Math.clamp(nearest - count / 2, 0, Math.max(0, sizes.size() - count));
        return sizes.subList(from, Math.min(sizes.size(), from + count));
    }

    /** Every thickness that one leaf, or two laid together, can make; ascending. */
    public List<Double> stacked() {
        TreeSet<Double> all = new TreeSet<>(sizes);
        for (int i = 0; i < sizes.size(); i++)
            for (int j = i + 1; j < sizes.size(); j++) all.add(Math.rint((sizes.get(i) + sizes.get(j)) * 1000) / 1000);
        return List.copyOf(all);
    }
}
