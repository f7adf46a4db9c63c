package barytone.core.reading;

/**
 * How the instrument lay while it was read: gravity on a flat bench takes relief away. That is one bias of the whole job, not noise: more readings in the same
 * position do not make it smaller, one reading as it is played does.
 */
public enum Position {
    /** As it is played; the position that readings are meant for. Not every instrument that is said to lie so does. */
    PLAYING(0, 0.024),
    /** On its back on the bench. */
    FLAT(-0.055, 0.025);

    private final double bow;
    private final double spread;

    Position(double bow, double spread) {
        this.bow = bow;
        this.spread = spread;
    }

    /** What the position does to relief as a rule, mm in the standard habit. */
    public double bow() {
        return bow;
    }

    /** How far that differs between shops, mm (1 sd). */
    public double spread() {
        return spread;
    }
}
