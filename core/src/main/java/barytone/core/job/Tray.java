package barytone.core.job;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * What came off an instrument and is not back on, and whether its strings are on.
 *
 * @param parts in the order in which they came off
 * @param stringsOff since when the strings are off; null while they are on
 */
public record Tray(List<Part> parts, @Nullable Instant stringsOff) {
    /** A part, by the place of the entry by which it came off. */
    public record Part(long taken, String text) {}

    public Tray {
        parts = List.copyOf(parts);
    }

    /** What the entries that count leave in the tray. */
    public static Tray of(List<LoggedEvent> counted) {
        List<Part> parts = new ArrayList<>();
        Instant off = null;
        for (LoggedEvent logged : counted) {
            switch (logged.event()) {
                case JobEvent.PartTaken e -> parts.add(new Part(logged.seq(), e.part()));
                case JobEvent.PartBack e -> parts.removeIf(p -> p.taken() == e.taken());
                case JobEvent.Tended e when e.what() == Tending.STRINGS_OFF -> off = logged.at();
                case JobEvent.Tended e when e.what() == Tending.STRINGS_ON -> off = null;
                default -> {}
            }
        }
        return new Tray(parts, off);
    }
}
