package barytone.core.reading;

/**
 * What the ear and finger say when the string is tapped over the gauge fret: a weak reading.
 */
public enum TapReport {
    /** No travel, no sound. */
    NOTHING(new Gap.AtMost(0.03)),
    /** It just bounces. */
    JUST_BOUNCES(new Gap.Between(0.02, 0.12)),
    /** It clearly travels. */
    CLEARLY(new Gap.AtLeast(0.10));

    private final Gap gap;

    TapReport(Gap gap) {
        this.gap = gap;
    }

    /** The gap that such a tap stands for, in mm. */
    public Gap gap() {
        return gap;
    }
}
