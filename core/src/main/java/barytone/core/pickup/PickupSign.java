package barytone.core.pickup;

/** What a pickup shows when something is wrong with it or it stands too near. */
public enum PickupSign {
    WEAK_SPRING("does not follow its screw", "Tired spring or foam: renew it, then set the height.", false),
    PULLED_PITCH("pulls the pitch", "Its magnets pull the string: lower it.", true),
    FALSE_TONES("false overtones", "Two tones from one string high up the neck: lower it.", true),
    CHOKED("chokes the sustain", "It damps the string: lower it.", true),
    STRING_HITS("a string hits it", "It stands in the string's way: lower it.", true);

    private final String label;
    private final String remedy;
    private final boolean tooNear;

    PickupSign(String label, String remedy, boolean tooNear) {
        this.label = label;
        this.remedy = remedy;
        this.tooNear = tooNear;
    }

    public String label() {
        return label;
    }

    /** What to do about it. */
    public String remedy() {
        return remedy;
    }

    /** Whether it says that the pickup stands too near, whatever the gap. */
    public boolean tooNear() {
        return tooNear;
    }
}
