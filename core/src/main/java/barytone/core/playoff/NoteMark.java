package barytone.core.playoff;

/** How a note sounds. */
public enum NoteMark {
    CLEAN("rings clean"),
    BUZZ("buzzes"),
    CHOKE("is cut short"),
    DEAD("is dead"),
    BEND_CHOKE("is cut short when it is bent");

    private final String label;

    NoteMark(String label) {
        this.label = label;
    }

    /** In words, as what a note does. */
    public String label() {
        return label;
    }
}
