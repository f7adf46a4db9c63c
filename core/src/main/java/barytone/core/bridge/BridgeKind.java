package barytone.core.bridge;

/** How the saddles of an instrument are raised and lowered. */
public enum BridgeKind {
    INDIVIDUAL("individual saddles", Mechanism.SADDLES, false),
    BASS("bass bridge, individual saddles", Mechanism.SADDLES, false),
    TWO_POST("bridge on two posts", Mechanism.POSTS, false),
    BARRELS("barrel saddles, two strings each", Mechanism.BARRELS, false),
    FIXED("fixed saddle in a slot", Mechanism.BLANK, false),
    FLOATING("floating bridge on two wheels", Mechanism.POSTS, false),
    VIBRATO_SADDLES("spring-balanced vibrato, individual saddles", Mechanism.SADDLES, true),
    VIBRATO_POSTS("spring-balanced vibrato on two posts", Mechanism.POSTS, true);

    /** What carries the strings. */
    public enum Mechanism {
        /** One saddle for each string, two grub screws each. */
        SADDLES,
        /** Two supports under all strings. */
        POSTS,
        /** Two screws under each pair of strings. */
        BARRELS,
        /** A blank in a slot: sanded underneath, or shimmed. */
        BLANK
    }

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

    public Mechanism mechanism() {
        return mechanism;
    }

    /** Whether length is set with screws, and so counted in turns: not where a crown is filed or a foot is moved. */
    public boolean lengthScrewed() {
        return this != FIXED && this != FLOATING;
    }

    /** Whether springs hold it against the strings, so that it must be level and blocked while it is measured. */
    public boolean balanced() {
        return balanced;
    }

    /** Whether heights are set with screws, and so counted in turns. */
    public boolean screwed() {
        return mechanism != Mechanism.BLANK;
    }
}
