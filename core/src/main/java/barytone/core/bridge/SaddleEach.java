package barytone.core.bridge;

import java.util.List;

/** One saddle for each string, two grub screws each. */
public final class SaddleEach implements Mechanism {
    @Override
    public Supports heights(List<Double> z) {
        return Supports.saddles(z);
    }

    @Override
    public Supports lengths(List<Double> z) {
        return Supports.saddles(z);
    }

    @Override
    public boolean alone() {
        return true;
    }

    @Override
    public String heightNoun() {
        return "saddles";
    }
}
