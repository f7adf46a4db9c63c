package barytone.core.buzz;

/** Where a noise seems to come from when it is not a note on the board. */
public enum Zone {
    BEHIND_NUT("behind the nut"),
    INSIDE_NECK("inside the neck"),
    NEAR_PICKUPS("near the pickups"),
    AT_BRIDGE("at the bridge"),
    BODY("on or in the body");

    private final String label;

    Zone(String label) {
        this.label = label;
    }

    /** In words. */
    public String label() {
        return label;
    }
}
