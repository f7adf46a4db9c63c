package barytone.core.workshop;

import barytone.core.neck.GapMethod;
import barytone.core.reading.Gap;
import barytone.core.reading.OwnedTool;
import barytone.core.reading.Tool;
import barytone.core.reading.Toolkit;
import java.util.ArrayList;
import java.util.List;
import java.util.random.RandomGenerator;

/**
 * Tools in a hand that is not perfectly steady. A hand repeats itself within 0.008 mm; leaves tell which goes and which does not;
 * a card or caliper is off by its own spread; a ruler is read to half a mark. One reading in four hundred is wrong by a
 * quarter to half a millimetre. Two shops in three own a caliper.
 */
final class VirtualTools implements Reader {
    private static final int BLUNDER = 400;

    private final RandomGenerator random;
    private final Toolkit owned;
    private final List<Double> leaves;
    private final List<Double> stacks;

    VirtualTools(RandomGenerator random) {
        this.random = random;
        boolean caliper = random.nextInt(3) > 0;
        List<OwnedTool> tools = new ArrayList<>(Toolkit.USUAL.tools());
        if (!caliper) tools.removeIf(t -> t.kind() == OwnedTool.Kind.CALIPER);
        this.owned = new Toolkit(tools);
        this.leaves = owned.leaves().sizes();
        this.stacks = owned.leaves().stacked();
    }

    @Override
    public Toolkit owned() {
        return owned;
    }

    @Override
    public Gap read(Workpiece instrument, int string, GapMethod method, Tool tool, boolean closely) {
        double truth = instrument.gap(string, method);
        double felt = truth + Tool.REPEATABILITY * random.nextGaussian();
        if (random.nextInt(BLUNDER) == 0) felt += (random.nextBoolean() ? 1 : -1) * random.nextDouble(0.25, 0.5);
        // a string that lies on the crown shows no gap
        if (method instanceof GapMethod.Relief || tool == Tool.LEAF) felt = Math.max(0, felt);
        return switch (tool) {
            case LEAF -> byLeaf(felt, closely ? stacks : leaves);
            case RULER_HALF -> read(felt, 0.25);
            case RULER_64 -> read(felt, 0.396875 / 2);
            case RULER_32 -> read(felt, 0.79375 / 2);
            case RULER_MM -> read(felt, 0.5);
            case CALIPER, CARD, EYE -> new Gap.Of(Math.max(0, felt + tool.sd() * random.nextGaussian()));
        };
    }

    private static Gap read(double felt, double step) {
        return new Gap.Of(Math.max(0, Math.rint(felt / step) * step));
    }

    private static Gap byLeaf(double felt, List<Double> leaves) {
        double goes = 0;
        for (double leaf : leaves) {
            if (leaf > felt) return goes == 0 ? new Gap.AtMost(leaf) : new Gap.Between(goes, leaf);
            goes = leaf;
        }
        return new Gap.AtLeast(goes);
    }
}
