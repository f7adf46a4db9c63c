package barytone.core.instrument;

/** How the neck is held; it decides what can be done about its angle. */
public enum NeckJoint {
    BOLTED("bolt-on"),
    SET("set"),
    THROUGH("through");

    private final String label;

    NeckJoint(String label) {
        this.label = label;
    }

    public String label() {
        return label;
    }
}
