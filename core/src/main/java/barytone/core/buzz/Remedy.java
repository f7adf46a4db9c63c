package barytone.core.buzz;

/** What is done about a cause: a move at a station of the job, an offer on the quote, a referral, or a word with the player. */
public enum Remedy {
    LOOSEN_ROD("Loosen the rod", Kind.MOVE, ""),
    TIGHTEN_ROD("Tighten the rod", Kind.MOVE, "Seat the key fully, small steps, stop when it is stiff."),
    NECK_TWIST("A compromise between the sides, or a referral: the neck is twisted", Kind.REFERRAL, ""),
    LEVEL_FALL_AWAY("Level the end of the board with fall-away", Kind.OFFER, ""),
    SHIM_OR_RESET("A shim in the neck joint, or a neck reset", Kind.OFFER, "Strings slack, neck supported."),
    SEAT_ROD("Seat or snug the rod; refer it when it goes on", Kind.MOVE, "Small steps, stop when it is stiff."),
    RAISE_SLOT("Fill or shim the slot, or a new nut", Kind.OFFER, "Glue and accelerator: air, gloves, eyes."),
    RECUT_EDGE("Recut the leading edge of the slot", Kind.OFFER, "Wet the dust or extract it; wear a mask."),
    FILL_AND_RECUT("Fill the slot and recut it to the string", Kind.OFFER, "Wet the dust or extract it; wear a mask."),
    WIDEN_SLOT("Widen the slot to the string and lubricate it", Kind.OFFER, "Wet the dust or extract it; wear a mask."),
    MORE_ANGLE_AT_NUT("More wraps, a lower post, or a string tree", Kind.MOVE, "Eyes: a string under tension."),
    DAMP_HEAD("A tree, or felt behind the nut", Kind.MOVE, ""),
    RECUT_SADDLE(
            "Recut the saddle's slot, or replace the saddle", Kind.OFFER, "Wet the dust or extract it; wear a mask."),
    SHAPE_SADDLE("Shape the crown of the saddle", Kind.OFFER, "Wet the dust or extract it; wear a mask."),
    MORE_ANGLE_AT_SADDLE(
            "Deeper ramps, strings through the body, or a neck reset", Kind.OFFER, "Strings slack before it is cut."),
    SNUG_SADDLE("Snug the saddle: longer screws, or its screw seated", Kind.MOVE, ""),
    SNUG_BRIDGE("Snug bridge, posts and tailpiece", Kind.MOVE, ""),
    FOLLOW_BOARD("Set the saddles to the arc of the board", Kind.MOVE, ""),
    RAISE_ACTION("Raise the action", Kind.MOVE, ""),
    CONDITION("Bring the air back first, for days, before anything is filed", Kind.MOVE, ""),
    LEVEL_SPOT("Level and crown that fret", Kind.OFFER, "Mask and extraction: metal dust."),
    SEAT_FRET("Seat the fret with thin glue and a clamp", Kind.OFFER, "Glue and accelerator: air, gloves, eyes."),
    DRESS_OR_REFRET(
            "Dress the frets, or new ones where too little is left", Kind.OFFER, "Mask and extraction: metal dust."),
    CROWN("Crown and polish the fret", Kind.OFFER, "Mask and extraction: metal dust."),
    LEVEL_ALL("Level and crown all frets, or more action", Kind.OFFER, "Mask and extraction: metal dust."),
    ACTION_OR_FLATTER_END("More action, or a flatter top end", Kind.OFFER, ""),
    REPLACE_STRING("Replace the string", Kind.MOVE, "Slacken before cutting; glasses."),
    SEAT_STRING(
            "Seat the string, and bend it to the shape of its saddle and slot", Kind.MOVE, "Slacken first; glasses."),
    HEAVIER_SET("A heavier string for this tuning, or more height", Kind.OFFER, ""),
    ACCEPT_OR_OTHER_SET("Accept it, or another set of strings", Kind.TALK, ""),
    SNUG_TUNER("Snug bushing, washer and screws of the tuner", Kind.MOVE, ""),
    SNUG_TREE("Snug the tree, with felt under it", Kind.MOVE, ""),
    SNUG_STRAP_BUTTON("Snug the strap button", Kind.MOVE, ""),
    SNUG_PLATE("Snug guard, plates and controls", Kind.MOVE, ""),
    LOWER_PICKUP("Lower the pickup", Kind.MOVE, ""),
    SPRING_OR_FOAM("A new spring, or foam under the pickup", Kind.MOVE, ""),
    RETAIN_CABLE("Tie down the cable inside", Kind.MOVE, ""),
    REFER_BRACE("Refer it: a brace is loose", Kind.REFERRAL, "String tension off until it is seen to."),
    DAMP_SPRINGS("Foam or tubing in the springs", Kind.MOVE, ""),
    SHOW_FRETTING("Show the player where to fret", Kind.TALK, ""),
    TALK_OR_HEIGHT("A word about the touch, or more height", Kind.TALK, ""),
    NOTHING("Nothing: it is the room", Kind.TALK, "");

    /** Who does it. */
    public enum Kind {
        MOVE("at the bench"),
        OFFER("an offer on the quote"),
        REFERRAL("a referral"),
        TALK("a word with the player");

        private final String label;

        Kind(String label) {
            this.label = label;
        }

        /** In words. */
        public String label() {
            return label;
        }
    }

    private final String label;
    private final Kind kind;
    private final String caution;

    Remedy(String label, Kind kind, String caution) {
        this.label = label;
        this.kind = kind;
        this.caution = caution;
    }

    /** In words. */
    public String label() {
        return label;
    }

    /** Who does it. */
    public Kind kind() {
        return kind;
    }

    /** What can hurt somebody; empty where nothing does. */
    public String caution() {
        return caution;
    }
}
