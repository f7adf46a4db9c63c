package barytone.core.buzz;

/** Which strings a fault is under. */
public enum Span {
    ALL("all strings"),
    BASS("the bass side"),
    TREBLE("the treble side"),
    /** The two outermost strings of a side. */
    BASS_EDGE("the bass edge"),
    TREBLE_EDGE("the treble edge"),
    /** One string, and half of it under its neighbours. */
    NARROW("one string");

    private final String label;

    Span(String label) {
        this.label = label;
    }

    /** In words. */
    public String label() {
        return label;
    }
}
