package barytone.core.estimate;

/** What can be said of a quantity against its band. */
public enum Verdict {
    IN,
    HIGH,
    LOW,
    CANNOT_TELL
}
