package barytone.core.buzz;

/** What else is known of the noise or the instrument, as the player or the technician says it. */
public enum Hint {
    SINCE_STRINGS("since other strings"),
    SINCE_SEASON("since the season turned"),
    SINCE_FALL("since a fall"),
    SOME_PITCHES("at some pitches on any string"),
    GOES_ON("goes on after the note is stopped"),
    GOES_OUT("goes out of tune"),
    OUT_UP_THE_NECK("out of tune up the neck"),
    SHARP_FRET_ENDS("fret ends stand out"),
    COMES_AND_GOES("comes and goes with the weather"),
    TUNED_DOWN("tuned lower than the strings want"),
    FEW_WRAPS("few wraps on the post"),
    COATED("coated or very bright strings"),
    FALLS_TOWARDS_END("action less at 17 than at 12", true),
    SADDLE_AT_LIMIT("saddle at the end of its travel", true),
    SIDES_DIFFER("relief differs from side to side", true),
    ROD_SLACK("rod slack", true),
    PICKUP_NEAR("pickup nearer than 1.5 mm", true),
    ONLY_UNPLUGGED("not heard through the amplifier");

    private final String label;
    private final boolean measured;

    Hint(String label) {
        this(label, false);
    }

    Hint(String label, boolean measured) {
        this.label = label;
        this.measured = measured;
    }

    /** Whether it is read off the instrument, and so confirms a cause as a test does, rather than said of the noise. */
    public boolean measured() {
        return measured;
    }

    /** In words. */
    public String label() {
        return label;
    }
}
