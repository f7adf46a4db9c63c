package barytone.core.bridge;

import java.util.List;

/** A blank in a slot: sanded underneath, or shimmed; its crown is filed where each string wants it. */
public final class Blank implements Mechanism {
    @Override
    public Supports heights(List<Double> z) {
        return Supports.ends(z);
    }

    @Override
    public Supports lengths(List<Double> z) {
        return Supports.crowns(z);
    }

    @Override
    public boolean screwed() {
        return false;
    }

    @Override
    public boolean rigid() {
        return true;
    }

    @Override
    public Along along() {
        return Along.FILED;
    }

    @Override
    public String heightNoun() {
        return "sides";
    }

    @Override
    public String lengthNoun() {
        return "crowns";
    }
}
