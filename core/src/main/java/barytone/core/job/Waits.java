package barytone.core.job;

import barytone.core.wait.Wait;
import java.util.List;

/** The state of a room in which something settles or dries by itself. */
public interface Waits {
    /** What it waits for, over or not, the oldest first. */
    List<Wait> waits();
}
