package barytone.core.pitch;

import barytone.core.quantity.Cents;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * What was heard over the last moments, and whether the pitch holds steady, so that a reading can be taken with both hands on the
 * instrument.
 *
 * @param trace the pitches heard, oldest first; moments without one are left out
 * @param last what the last moment gave
 * @param steady the pitch over the last moments together when it held still, else null
 * @param plucked a string was plucked while it listened, rather than ringing on from before
 */
public record Listening(List<Moment> trace, Heard last, Heard.@Nullable Pitch steady, boolean plucked) {
    /**
     * A pitch in passing.
     *
     * @param ago s before the end of the sound
     * @param frequency of the first partial, Hz
     */
    public record Moment(double ago, double frequency) {}

    /** The longest stretch that is looked at, in s. */
    public static final double SPAN = 2.2;

    private static final double WINDOW = 0.5;
    private static final double HOP = 0.25;
    /** As many moments must agree. */
    private static final int AGREEING = 3;
    /** Steady moments lie within this many cents of each other, besides their own uncertainty. */
    private static final double STEADY = 1.2;
    /** The power of a pluck rises by this over what rang before. */
    private static final double PLUCKED = 3;

    public Listening {
        trace = List.copyOf(trace);
    }

    /** What was heard and did not hold still. */
    public static Listening unsteady(List<Moment> trace, Heard last, boolean plucked) {
        return new Listening(trace, last, null, plucked);
    }

    /** Listens to the last two seconds of a sound. */
    public static Listening to(Sound sound, double near) {
        double end = sound.seconds();
        int moments = (int) Math.max(0, Math.floor((Math.min(SPAN, end) - WINDOW) / HOP + 1e-9)) + 1;
        List<Moment> trace = new ArrayList<>();
        Heard last = new Heard.Nothing(Heard.Reason.TOO_SHORT);
        double low = Double.POSITIVE_INFINITY;
        double high = 0;
        double loose = STEADY;
        boolean agreeing = end >= WINDOW + (AGREEING - 1) * HOP;
        for (int m = moments - 1; m >= 0; m--) {
            double ago = m * HOP;
            Heard heard = PitchEstimator.hear(sound.part(end - ago - WINDOW, end - ago), near);
            Heard.Pitch pitch = heard.believed();
            if (pitch != null) trace.add(new Moment(ago + WINDOW / 2, pitch.firstPartial()));
            if (m < AGREEING && pitch == null) agreeing = false;
            if (m < AGREEING && pitch != null) {
                low = Math.min(low, pitch.firstPartial());
                high = Math.max(high, pitch.firstPartial());
                loose = Math.max(loose, STEADY + 2 * pitch.error());
            }
            last = heard;
        }
        boolean plucked = new Envelope(PitchEstimator.level(sound.samples()), sound.rate()).rise(0, PLUCKED) >= 0;
        if (!agreeing || Cents.above(low, high) > loose) return unsteady(trace, last, plucked);
        double together = WINDOW + (AGREEING - 1) * HOP;
        Heard.Pitch steady =
                PitchEstimator.hear(sound.part(end - together, end), near).believed();
        return new Listening(trace, last, steady, plucked);
    }

    /** The pitch now: steady if it is, else in passing; null when there is none to believe. */
    public Heard.@Nullable Pitch now() {
        return steady != null ? steady : last.believed();
    }

    /** Why there is no pitch, and what to do about it. */
    public String why() {
        return last instanceof Heard.Nothing nothing ? nothing.reason().text() : Heard.Reason.UNSTEADY.text();
    }

    /** How far the pitches of the last moments lie apart, in cents; 0 when fewer than two were heard. */
    public double spread() {
        double least = trace.stream().mapToDouble(Moment::frequency).min().orElse(1);
        double most = trace.stream().mapToDouble(Moment::frequency).max().orElse(1);
        return Cents.above(least, most);
    }

    /** Listens to a recording, which has no last moments: its loudest pluck is what is meant. */
    public static Listening toWhole(Sound recording, double near) {
        Heard heard = PitchEstimator.hear(recording, near);
        return new Listening(List.of(), heard, heard.believed(), true);
    }
}
