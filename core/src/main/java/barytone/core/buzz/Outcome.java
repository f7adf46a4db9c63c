package barytone.core.buzz;

/** What a test can show. */
public enum Outcome {
    BOUNCES("it bounces"),
    NOTHING("nothing moves"),
    WIDE("wide"),
    BACK_BOW("back-bow"),
    LOW("low"),
    OK("as it should be"),
    HIGH("high"),
    TOUCHES("it touches"),
    SLIVER("a sliver of light"),
    GAP("a clear gap"),
    STOPS("the noise stops"),
    LESS("it is less"),
    STAYS("the noise stays"),
    CHIPPED("the leading edge is chipped or round"),
    TIGHT("tight"),
    FINE("fine"),
    ROCKS("it rocks"),
    STEADY("it lies steady"),
    MOVES("it moves"),
    FIRM("it is firm"),
    RISES("the end rises"),
    S_SHAPED("shaped like an S"),
    LEVEL("level"),
    FALLS_AWAY("the end falls away"),
    MEETS("it meets the bridge"),
    DIVOT("a divot"),
    FLAT_CROWN("a flat or scratched crown"),
    HEARD("it is heard"),
    NOT_HEARD("it is not heard"),
    RATTLES("it rattles"),
    QUIET("quiet"),
    MIDDLE_LOW("the middle is low"),
    FITS("it fits"),
    MIDDLE_HIGH("the middle is high"),
    AGREE("they agree"),
    DISAGREE("they disagree"),
    DRY("dry"),
    WET("wet");

    private final String label;

    Outcome(String label) {
        this.label = label;
    }

    /** In words. */
    public String label() {
        return label;
    }
}
