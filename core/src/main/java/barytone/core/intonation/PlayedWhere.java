package barytone.core.intonation;

/** Where on the neck a player plays: which frets shall be right when not all can be. */
public enum PlayedWhere {
    TWELFTH("the twelfth rules", "The usual way: what fret 12 says decides.", 0.02, 1, 0.02),
    EVERYWHERE("all over the neck", "Every fret read counts alike.", 1, 1, 1),
    LOW("mostly low", "Chords near the nut: the first seven frets count most.", 3, 1, 0.3),
    HIGH("mostly high", "Leads up the neck: what lies beyond 12 counts most.", 0.3, 1.5, 3);

    /** The frets up to this one are low. */
    private static final int LOW_UP_TO = 7;

    private static final int MIDDLE_UP_TO = 12;

    private final String label;
    private final String reason;
    private final double low;
    private final double middle;
    private final double high;

    PlayedWhere(String label, String reason, double low, double middle, double high) {
        this.label = label;
        this.reason = reason;
        this.low = low;
        this.middle = middle;
        this.high = high;
    }

    public String label() {
        return label;
    }

    public String reason() {
        return reason;
    }

    /** How much a fret counts. */
    public double weight(int fret) {
        return fret <= LOW_UP_TO ? low : fret <= MIDDLE_UP_TO ? middle : high;
    }
}
