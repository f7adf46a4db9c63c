package barytone.core.bridge;

/** How the saddles of an instrument are raised and lowered. */
public enum BridgeKind {
    INDIVIDUAL("individual saddles", new SaddleEach(), false),
    BASS("bass bridge, individual saddles", new SaddleEach(), false),
    TWO_POST("bridge on two posts", new Posts(), false),
    BARRELS("barrel saddles, two strings each", new Barrels(), false),
    FIXED("fixed saddle in a slot", new Blank(), false),
    FLOATING("floating bridge on two wheels", new Wheels(), false),
    VIBRATO_SADDLES("spring-balanced vibrato, individual saddles", new SaddleEach(), true),
    VIBRATO_POSTS("spring-balanced vibrato on two posts", new Posts(), true);

    private final String label;
    private final Mechanism mechanism;
    private final boolean balanced;

    BridgeKind(String label, Mechanism mechanism, boolean balanced) {
        this.label = label;
        this.mechanism = mechanism;
        this.balanced = balanced;
    }

    /** The name at the bench. */
    public String label() {
        return label;
    }

    /** How it carries the strings, and what of it can be moved. */
    public Mechanism mechanism() {
        return mechanism;
    }

    /** Whether length is set with screws, and so counted in turns: not where a crown is filed or a foot is moved. */
    public boolean lengthScrewed() {
        return mechanism.along() == Mechanism.Along.SCREWS;
    }

    /** Whether springs hold it against the strings, so that it must be level and blocked while it is measured. */
    public boolean balanced() {
        return balanced;
    }

    /** Whether heights are set with screws, and so counted in turns. */
    public boolean screwed() {
        return mechanism.screwed();
    }
}
