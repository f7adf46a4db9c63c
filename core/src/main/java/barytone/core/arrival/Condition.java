package barytone.core.arrival;

import org.jspecify.annotations.Nullable;

/** What is seen on an instrument as it comes, before anything is touched. */
public enum Condition {
    CRACK("crack", "Tension opens a crack further"),
    DENT("dent", null),
    LIFTED_BRIDGE("lifted bridge", "Tension pulls a lifting bridge off, and the top with it"),
    HEADSTOCK("broken head", "Tension breaks a cracked head off"),
    LOOSE_BRACE("loose brace", "Without its brace the top gives way under tension"),
    FINISH("finish", null),
    TOP_BELLIED("top bellied", null),
    TOP_SUNK("top sunk", null),
    WORN_FRETS("worn frets", null),
    SHARP_ENDS("sharp fret ends", null),
    PART_MISSING("loose or missing part", null),
    EARLIER_REPAIR("earlier repair", null);

    private final String label;
    private final @Nullable String danger;

    Condition(String label, @Nullable String danger) {
        this.label = label;
        this.danger = danger;
    }

    /** In words. */
    public String label() {
        return label;
    }

    /** Whether rod, saddles and string tension wait until it is agreed what happens. */
    public boolean stops() {
        return danger != null;
    }

    /** What tension does to it, without a full stop; null when nothing. */
    public @Nullable String danger() {
        return danger;
    }
}
