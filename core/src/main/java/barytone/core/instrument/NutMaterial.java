package barytone.core.instrument;

/** What the nut is made of: how it files, and what its dust does. */
public enum NutMaterial {
    BONE("bone", 0.015),
    PLASTIC("plastic", 0.018),
    BRASS("brass", 0.006),
    GRAPHITE("graphite-like", 0.014),
    COMPOSITE("composite", 0.012);

    private final String label;
    private final double bite;

    NutMaterial(String label, double bite) {
        this.label = label;
        this.bite = bite;
    }

    public String label() {
        return label;
    }

    /** What a stroke of a nut file takes off as a rule, mm; learned on each nut. */
    public double usualBite() {
        return bite;
    }
}
