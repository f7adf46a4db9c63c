package barytone.core.bridge;

import java.util.List;

/** Two posts under all strings. */
public final class Posts implements Mechanism {
    @Override
    public Supports heights(List<Double> z) {
        return Supports.onPosts(z, "post");
    }

    @Override
    public Supports lengths(List<Double> z) {
        return Supports.saddles(z);
    }

    @Override
    public String heightNoun() {
        return "posts";
    }
}
