package barytone.core.buzz;

import java.util.List;
import java.util.Set;

/** The state of a room in which something was seen that answers a test of the hunt, or says something of a noise: nobody is asked for it again. */
public interface SeenElsewhere {
    /** Tests that are answered. */
    default List<TestResult> answered() {
        return List.of();
    }

    /** What is known of the noise or the instrument. */
    default Set<Hint> known() {
        return Set.of();
    }
}
