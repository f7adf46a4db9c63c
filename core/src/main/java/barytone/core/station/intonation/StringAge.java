package barytone.core.station.intonation;

/** What is known of the strings on the instrument. */
public enum StringAge {
    NEW("new set"),
    PLAYED_IN("played in, trusted"),
    OLD("old set, the player keeps it");

    private final String label;

    StringAge(String label) {
        this.label = label;
    }

    public String label() {
        return label;
    }

    /** Whether intonation on them is only provisional, and never against the harmonic. */
    public boolean provisional() {
        return this == OLD;
    }
}
