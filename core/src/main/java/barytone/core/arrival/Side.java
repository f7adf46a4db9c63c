package barytone.core.arrival;

/** From where the drawing of an instrument is seen. */
public enum Side {
    FRONT("front"),
    BACK("back"),
    EDGE("side");

    private final String label;

    Side(String label) {
        this.label = label;
    }

    /** In words. */
    public String label() {
        return label;
    }
}
