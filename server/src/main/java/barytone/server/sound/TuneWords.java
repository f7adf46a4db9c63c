package barytone.server.sound;

/** What is said of a string that is being tuned. */
public final class TuneWords {
    private TuneWords() {}

    public static String flat(String name) {
        return name + " is flat: tighten";
    }

    public static String sharp(String name) {
        return name + " is sharp: loosen below pitch, then come up";
    }

    public static String cameDown(String name) {
        return name + " came down to pitch: drop below it and come up";
    }

    /** Said while the string that was taken last can still be heard. */
    public static final String RINGS_ON = "The one before still rings.";

    /** Added while a pitch is heard that has not settled. */
    public static final String LET_RING = ". Not steady yet: let it ring.";
}
