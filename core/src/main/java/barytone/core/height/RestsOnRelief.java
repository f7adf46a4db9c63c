package barytone.core.height;

/** The state of a room in which something was done that cannot be undone, and that is right only for the relief that the neck has. */
public interface RestsOnRelief {
    /** Whether it was. */
    boolean restsOnRelief();
}
