package barytone.core.playoff;

/** How hard a note is played. */
public enum Pluck {
    SOFT("softly"),
    NORMAL("as usual"),
    HARD("hard");

    private final String label;

    Pluck(String label) {
        this.label = label;
    }

    /** In words. */
    public String label() {
        return label;
    }
}
