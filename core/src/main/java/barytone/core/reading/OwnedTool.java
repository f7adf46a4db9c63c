package barytone.core.reading;

import barytone.core.quantity.Allowed;

/**
 * One tool of the shop.
 *
 * @param kind what it is
 * @param name as it is called at the bench; may be empty
 * @param size leaf: its thickness; nut file: its width; ruler, card, caliper: the finest mark or step; radius gauge: its radius; key: across
 *     flats; straightedge: its length; all in mm. 0 where no size belongs to it
 * @param state whether it can be trusted
 */
public record OwnedTool(Kind kind, String name, double size, State state) {
    /** Kinds of tool. */
    public enum Kind {
        LEAF("feeler leaf", 0.01, 3),
        NUT_FILE("nut file", 0.1, 5),
        RULER("ruler", 0.1, 1),
        ACTION_CARD("action card", 0.02, 0.5),
        CALIPER("caliper", 0.005, 0.1),
        RADIUS_GAUGE("radius gauge", 100, 2000),
        STRAIGHTEDGE("straightedge", 100, 1000),
        NOTCHED_STRAIGHTEDGE("notched straightedge", 200, 1300),
        KEY("key or driver", 0.5, 15),
        CAPO("capo", 0, 0),
        FRET_ROCKER("fret rocker", 0, 0),
        TUNER("tuner", 0, 0),
        HYGROMETER("hygrometer", 0, 0),
        SOLDERING_IRON("soldering iron", 0, 0),
        OTHER("other", 0, 2000);

        private final String label;
        private final double least;
        private final double most;

        Kind(String label, double least, double most) {
            this.label = label;
            this.least = least;
            this.most = most;
        }

        public String label() {
            return label;
        }

        /** Whether a size belongs to it. */
        public boolean sized() {
            return most > 0;
        }
    }

    /** Whether a tool can be trusted. */
    public enum State {
        GOOD("good"),
        BENT("bent"),
        WORN("worn"),
        MISSING("missing");

        private final String label;

        State(String label) {
            this.label = label;
        }

        public String label() {
            return label;
        }
    }

    public OwnedTool {
        name = name.strip();
        if (name.length() > 60)
            throw Allowed.broken("tool name", name.length() + " characters", "at most 60 characters");
        if (kind.sized()) Allowed.number("size of the " + kind.label(), size, kind.least, kind.most, "mm");
    }

    /** A good tool without a name. */
    public static OwnedTool of(Kind kind, double size) {
        return new OwnedTool(kind, "", size, State.GOOD);
    }

    public boolean good() {
        return state == State.GOOD;
    }
}
