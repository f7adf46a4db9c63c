package barytone.core.station.nut;

/** What can be wrong with a nut slot besides its height, each with what it does. */
public enum SlotFlaw {
    OPEN_BUZZES(
            "open string buzzes on fret 1", "The slot is too low for this hand: filled for now, a new nut for good."),
    LEAVES_BEHIND_EDGE(
            "string leaves behind the front edge",
            "It rings or buzzes, and the speaking length is wrong: file so that the front edge is the highest point."),
    FLAT_FLOOR("floor flat or high at the back", "A sitar-like ring: let the floor fall gently towards the tuner."),
    TOO_WIDE("too wide for the string", "The string rattles sideways: it needs a fill or a new nut."),
    TOO_TIGHT("too tight", "It pings and drags when tuning: open it with the next file up."),
    TOO_DEEP("string sunk below the top", "Half the string should stand above: dress the top of the nut down."),
    CHIPPED("front edge chipped", "The string buzzes on the chip: refile past it if height allows, else a new nut.");

    private final String label;
    private final String consequence;

    SlotFlaw(String label, String consequence) {
        this.label = label;
        this.consequence = consequence;
    }

    public String label() {
        return label;
    }

    /** What it does and what to do. */
    public String consequence() {
        return consequence;
    }
}
