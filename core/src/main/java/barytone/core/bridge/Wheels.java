package barytone.core.bridge;

import java.util.List;

/** Two wheels under all strings; the whole bridge stands loose on its feet. */
public final class Wheels implements Mechanism {
    @Override
    public Supports heights(List<Double> z) {
        return Supports.onPosts(z, "wheel");
    }

    @Override
    public Supports lengths(List<Double> z) {
        return Supports.onPosts(z, "foot");
    }

    @Override
    public Along along() {
        return Along.FEET;
    }

    @Override
    public String heightNoun() {
        return "posts";
    }

    @Override
    public String lengthNoun() {
        return "feet";
    }
}
