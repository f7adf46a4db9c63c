package barytone.core.arrival;

/** What hurts, as quick marks beside the player's own words. */
public enum Sign {
    BUZZES("buzzes"),
    STIFF("stiff"),
    HIGH("strings high"),
    SHARP_LOW_DOWN("chords sharp low down"),
    OUT_UP_THE_NECK("out of tune up the neck"),
    GOES_OUT("goes out of tune"),
    DEAD_NOTES("dead notes"),
    SINCE_STRINGS("since other strings"),
    SINCE_SEASON("since the season turned"),
    SINCE_FALL("since a fall");

    private final String label;

    Sign(String label) {
        this.label = label;
    }

    /** As a player would say it. */
    public String label() {
        return label;
    }
}
