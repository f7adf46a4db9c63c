package barytone.core.workshop;

import java.util.Arrays;
import java.util.EnumSet;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * The world that simulated instruments live in.
 *
 * @param drawn what reality does to the model in it
 */
public record World(Set<Adversity> drawn) {
    /** Nothing: an instrument, hand and tools much as the estimator assumes. */
    public static final World NOTHING = new World(Set.of());

    /** Everything together. */
    public static final World BENCH = new World(EnumSet.allOf(Adversity.class));

    public World {
        drawn = Set.copyOf(drawn);
    }

    /** Its name: nothing, bench, or what is drawn. */
    public String name() {
        if (equals(NOTHING)) return "nothing";
        return equals(BENCH)
                ? "bench"
                : drawn.stream().sorted().map(Adversity::code).collect(Collectors.joining("+"));
    }

    boolean has(Adversity adversity) {
        return drawn.contains(adversity);
    }

    /** The same without one adversity. */
    public World without(Adversity adversity) {
        EnumSet<Adversity> left = EnumSet.noneOf(Adversity.class);
        left.addAll(drawn);
        left.remove(adversity);
        return new World(left);
    }

    /** A world with these adversities only. */
    public static World of(Adversity... adversities) {
        return new World(Set.copyOf(Arrays.asList(adversities)));
    }
}
