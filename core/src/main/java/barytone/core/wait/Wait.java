package barytone.core.wait;

import java.time.Duration;
import java.time.Instant;
import org.jspecify.annotations.Nullable;

/**
 * Something that an instrument waits for.
 *
 * @param begun the place of the entry that began it
 * @param since when it began
 * @param until when it is over, or is thought to be; null where nobody knows
 * @param air in which it is over before; null for none
 * @param note in the technician's words; may be empty
 */
public record Wait(
        long begun,
        WaitReason reason,
        Instant since,
        @Nullable Instant until,
        @Nullable AirWanted air,
        String note) {
    /** Nobody waits longer for one thing. */
    public static final Duration LONGEST = Duration.ofDays(366);

    /** Whether time alone ends it. */
    public boolean byClock() {
        return reason.ends() == WaitReason.Ends.BY_CLOCK && until != null;
    }

    /**
     * When it is over, as a clock that says {@code now} will show it. A clock that was set back since the last entry has said nothing of the time since: then all that
     * was left of the wait is left.
     *
     * @param latest when the last entry was made; null where there is none
     */
    public @Nullable Instant endsAt(Instant now, @Nullable Instant latest) {
        if (until == null || latest == null || !byClock() || !now.isBefore(latest) || !latest.isBefore(until))
            return until;
        return now.plus(Duration.between(latest, until));
    }

    /** Whether it goes on at a moment. */
    public boolean lasts(Instant now, @Nullable Instant latest) {
        Instant end = endsAt(now, latest);
        return !byClock() || end == null || now.isBefore(end);
    }

    /** Whether the day that was expected has passed, and nobody has said that it is over. */
    public boolean overdue(Instant now) {
        return !byClock() && until != null && !now.isBefore(until);
    }
}
