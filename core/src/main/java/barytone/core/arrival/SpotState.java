package barytone.core.arrival;

/** How a spot was found. */
public enum SpotState {
    FINE("fine"),
    /** Something is wrong with it; a note says what. */
    WRONG("not right"),
    /** An ordinary small fix, done for nothing, and said. */
    FIXED("put right for nothing");

    private final String label;

    SpotState(String label) {
        this.label = label;
    }

    /** In words. */
    public String label() {
        return label;
    }
}
