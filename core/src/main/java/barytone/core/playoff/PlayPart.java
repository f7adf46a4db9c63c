package barytone.core.playoff;

/** What is played through, in this order. */
public enum PlayPart {
    OPEN("open strings"),
    FIRST("first position"),
    EVERY("every fret of every string"),
    BENDS("bends"),
    CHORDS("chords, low and high");

    private final String label;

    PlayPart(String label) {
        this.label = label;
    }

    /** In words. */
    public String label() {
        return label;
    }
}
