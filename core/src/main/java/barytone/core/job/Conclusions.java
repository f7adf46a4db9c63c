package barytone.core.job;

import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Supplier;

/**
 * What was concluded from a state that never changes, each kind once: windows ask for the same state again and again. States are equal whatever was concluded from them so
 * far.
 */
public final class Conclusions {
    private final Map<Class<?>, Object> drawn = new ConcurrentHashMap<>();

    /** The conclusion of a kind: as it was drawn before, or drawn now. */
    <T> T of(Class<T> kind, Supplier<T> draw) {
        Object known = drawn.get(kind);
        // drawn outside the map: one conclusion may need another
        if (known == null) {
            known = draw.get();
            drawn.put(kind, known);
        }
        return kind.cast(known);
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof Conclusions;
    }

    @Override
    public int hashCode() {
        return 0;
    }
}
