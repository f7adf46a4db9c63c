package barytone.core.station.intonation;

/** How a pitch was heard. */
public enum Ear {
    MICROPHONE("heard", 0.5),
    FILE("from a file", 0.5),
    STAND_IN("stand-in", 0.4),
    TUNER("typed", 1.2);

    private final String label;
    private final double spread;

    Ear(String label, double spread) {
        this.label = label;
        this.spread = spread;
    }

    public String label() {
        return label;
    }

    /** How well a fretted note repeats, grip and all: standard deviation in cents. */
    public double spread() {
        return spread;
    }
}
