package barytone.core.buzz;

import barytone.core.quantity.Allowed;
import java.util.Objects;
import org.jspecify.annotations.Nullable;

/**
 * A test that was made.
 *
 * @param string on which, 1 is the highest; null where it says nothing of one string
 * @param fret at which; null where it says nothing of one fret
 */
public record TestResult(
        BuzzTest test,
        Outcome outcome,
        @Nullable Integer string,
        @Nullable Integer fret) {
    public TestResult {
        if (!test.outcomes().contains(outcome))
            throw Allowed.broken(
                    "outcome of " + Allowed.spelt(test),
                    outcome,
                    String.join(
                            ", ", test.outcomes().stream().map(Allowed::spelt).toList()));
    }

    /** Whether it shows something else than it shows where nothing is wrong. */
    public boolean sign() {
        return outcome != test.usual();
    }

    /** Whether it is the same test at the same place, whatever it showed. */
    public boolean sameAs(TestResult other) {
        return test == other.test && Objects.equals(string, other.string) && Objects.equals(fret, other.fret);
    }
}
