package barytone.core.instrument;

/** Kinds of neck rod. */
public enum RodType {
    /** Works against the strings only. */
    SINGLE,
    /** Also pushes the other way; does nothing for a while in the middle. */
    DOUBLE,
    /** None: relief cannot be adjusted. */
    NONE
}
