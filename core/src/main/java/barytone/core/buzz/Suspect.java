package barytone.core.buzz;

import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A cause that may be at work.
 *
 * @param place where it most likely sits
 * @param probability that it is present, wherever it sits
 * @param because what speaks for it and against it, the weightiest first
 */
public record Suspect(Cause cause, Place place, double probability, List<Reason> because) {
    /** The string where it sits; null where it is no one string. */
    public @Nullable Integer string() {
        return place.string() == 0 ? null : place.string();
    }

    /** The fret where it sits; null where it is no one fret. */
    public @Nullable Integer fret() {
        return place.fret() == 0 ? null : place.fret();
    }

    /** Whether a test or a reading of the instrument speaks for it, and not only what is heard or said. */
    public boolean confirmed() {
        return because.stream().anyMatch(reason -> switch (reason) {
            case Reason.Tested t -> t.speaksFor();
            case Reason.Found f -> f.speaksFor() && f.known().hints().stream().allMatch(Hint::measured);
            default -> false;
        });
    }
}
