package barytone.core.wait;

import barytone.core.instrument.Conditioning;
import java.time.Duration;
import org.jspecify.annotations.Nullable;

/** Why an instrument waits. */
public enum WaitReason {
    /** A turned neck creeps on. */
    SETTLING("Neck settling", Holds.STATION, Ends.BY_CLOCK, Duration.ofMinutes(10)),
    /** A neck that was turned far is looked at once more when it had a night. */
    NEXT_DAY("Neck: look again the next day", Holds.HAND_OVER, Ends.BY_CLOCK, Duration.ofHours(16)),
    GLUE("Glue curing", Holds.WORK, Ends.BY_CLOCK, Duration.ofHours(12)),
    /** Powder and glue in a slot. */
    FILL("Fill curing", Holds.WORK, Ends.BY_CLOCK, Duration.ofMinutes(20)),
    FINISH("Finish drying", Holds.WORK, Ends.BY_CLOCK, Duration.ofHours(24)),
    /** Wood that comes from dry or wet air. */
    CONDITIONING("Conditioning", Holds.CHANGING, Ends.BY_CLOCK, Conditioning.TAKES),
    STRETCHING("Strings stretching", Holds.HAND_OVER, Ends.BY_CLOCK, Duration.ofHours(14)),
    PART("A part is ordered", Holds.CHANGING, Ends.BY_HAND, null),
    ANSWER("An answer is awaited", Holds.CHANGING, Ends.BY_HAND, null),
    PLAYER("The player is to play it", Holds.CHANGING, Ends.BY_HAND, null),
    OTHER("Something else", Holds.CHANGING, Ends.BY_HAND, null);

    /** What cannot go on while it waits. */
    public enum Holds {
        /** One station; the others go on. */
        STATION,
        /** It may not even be read. */
        WORK,
        /** Nothing is changed; it may be read as it was found. */
        CHANGING,
        /** Work goes on, and it is not handed over yet. */
        HAND_OVER
    }

    /** How it comes to an end. */
    public enum Ends {
        /** Time is all that it takes. */
        BY_CLOCK,
        /** Somebody must say so: a day that is expected may pass. */
        BY_HAND
    }

    private final String label;
    private final Holds holds;
    private final Ends ends;
    private final @Nullable Duration usual;

    WaitReason(String label, Holds holds, Ends ends, @Nullable Duration usual) {
        this.label = label;
        this.holds = holds;
        this.ends = ends;
        this.usual = usual;
    }

    /** What it is called. */
    public String label() {
        return label;
    }

    /** What cannot go on meanwhile. */
    public Holds holds() {
        return holds;
    }

    /** How it ends. */
    public Ends ends() {
        return ends;
    }

    /** How long it takes when nobody says otherwise; null where nobody can know. */
    public @Nullable Duration usual() {
        return usual;
    }
}
