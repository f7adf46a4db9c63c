package barytone.core.job;

/** Schools of the order of work. All agree on relief before nut before action; they differ in what comes roughly first. */
public enum WorkOrder {
    RELIEF_NUT_ACTION(
            "Relief, nut, action",
            "Each setting rests on the one before: the neck changes every height, and the nut is one end of the straight line."),
    SADDLE_ROUGH_FIRST(
            "Saddle roughly first, then relief, nut, action",
            "A saddle that is far off makes the open reading at the first fret look wrong too, so it comes near its target first."),
    BALLPARK_FIRST(
            "Ballpark first",
            "For an instrument whose bridge was apart: relief and heights roughly, then the real pass.");

    private final String label;
    private final String reason;

    WorkOrder(String label, String reason) {
        this.label = label;
        this.reason = reason;
    }

    public String label() {
        return label;
    }

    /** Why a shop would choose it. */
    public String reason() {
        return reason;
    }
}
