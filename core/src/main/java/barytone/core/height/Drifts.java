package barytone.core.height;

/** The state of a room in which something was moved that goes on moving by itself for a while. */
public interface Drifts {
    /** Whether it was: what was read some time ago is not surely what is there. */
    boolean drifts();
}
