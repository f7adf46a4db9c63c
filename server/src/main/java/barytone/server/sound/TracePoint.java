package barytone.server.sound;

import barytone.core.pitch.Listening;
import barytone.core.quantity.Cents;
import java.util.List;
import java.util.Locale;

/**
 * A point of the trace of the last seconds.
 *
 * @param ago s before now
 * @param cents against the note that is meant, at most 50 either way
 */
public record TracePoint(double ago, double cents) {
    /** The trace shows this far to each side of the note, cents. */
    private static final double SHOWN = 50;

    /** The trace of what was heard against a frequency. */
    public static List<TracePoint> of(Listening heard, double frequency) {
        return heard.trace().stream()
                .map(m -> new TracePoint(m.ago(), Math.clamp(Cents.above(frequency, m.frequency()), -SHOWN, SHOWN)))
                .toList();
    }

    /** A frequency as it is shown. */
    public static String hertz(double frequency) {
        return String.format(Locale.ROOT, "%.2f Hz", frequency);
    }
}
