package barytone.core.bridge;

import java.util.List;

/** Two screws under each pair of strings, one saddle for both. */
public final class Barrels implements Mechanism {
    @Override
    public Supports heights(List<Double> z) {
        return Supports.barrels(z);
    }

    @Override
    public Supports lengths(List<Double> z) {
        return Supports.pairs(z);
    }

    @Override
    public boolean paired() {
        return true;
    }

    @Override
    public String heightNoun() {
        return "barrel screws";
    }

    @Override
    public String lengthNoun() {
        return "barrels";
    }
}
