package barytone.core.arrival;

/** Where on the neck it hurts. */
public enum Where {
    OPEN("open strings"),
    LOW("low, frets 1 to 4"),
    MIDDLE("middle"),
    HIGH("high, past the joint"),
    EVERYWHERE("everywhere");

    private final String label;

    Where(String label) {
        this.label = label;
    }

    /** In words. */
    public String label() {
        return label;
    }
}
