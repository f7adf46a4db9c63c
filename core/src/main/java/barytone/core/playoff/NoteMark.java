package barytone.core.playoff;

/** How a note sounds. */
public enum NoteMark {
    CLEAN("rings clean", "ring clean"),
    BUZZ("buzzes", "buzz"),
    CHOKE("is cut short", "are cut short"),
    DEAD("is dead", "are dead"),
    BEND_CHOKE("is cut short when it is bent", "are cut short when they are bent");

    private final String label;
    private final String several;

    NoteMark(String label, String several) {
        this.label = label;
        this.several = several;
    }

    /** In words, as what several notes do. */
    public String several() {
        return several;
    }

    /** In words, as what a note does. */
    public String label() {
        return label;
    }
}
