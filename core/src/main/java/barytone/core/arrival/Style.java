package barytone.core.arrival;

/** How an instrument is played, beside the touch. */
public enum Style {
    RHYTHM("rhythm"),
    LEAD("lead, with bends"),
    FINGERS("fingerstyle"),
    SLIDE("slide"),
    JAZZ("jazz chords"),
    STRUM("heavy strumming"),
    PERCUSSIVE("percussive");

    private final String label;

    Style(String label) {
        this.label = label;
    }

    /** In words. */
    public String label() {
        return label;
    }
}
