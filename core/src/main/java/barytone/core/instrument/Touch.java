package barytone.core.instrument;

/** How hard the player plays. */
public enum Touch {
    LIGHT,
    MEDIUM,
    HEAVY
}
