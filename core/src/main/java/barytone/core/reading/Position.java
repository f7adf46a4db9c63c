package barytone.core.reading;

/** How the instrument lay while it was read: gravity on a flat bench changes relief. */
public enum Position {
    /** As it is played; the position that readings are meant for. */
    PLAYING(0),
    /** On its back on the bench: a wider sd. */
    FLAT(0.04);

    private final double extraSd;

    Position(double extraSd) {
        this.extraSd = extraSd;
    }

    /** What the position adds to the standard deviation of a reading, in mm (root of squares). */
    public double extraSd() {
        return extraSd;
    }
}
