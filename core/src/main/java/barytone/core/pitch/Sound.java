package barytone.core.pitch;

import barytone.core.quantity.Allowed;
import java.util.Arrays;

/**
 * Mono sound.
 *
 * @param samples full scale is 1
 * @param rate samples per second, 8000 to 192000
 */
public record Sound(double[] samples, double rate) {
    /** The longest sound that is listened to, in s. */
    public static final double LONGEST = 20;

    public Sound {
        Allowed.number("rate", rate, 8000, 192_000, "Hz");
        for (double s : samples)
            if (!Double.isFinite(s)) throw Allowed.broken("samples", s, "numbers between -1 and 1");
    }

    /** How long it is, in s. */
    public double seconds() {
        return samples.length / rate;
    }

    /** A part of it, from one moment to another in s. */
    public Sound part(double from, double to) {
        int a = Math.clamp(Math.round(from * rate), 0, samples.length);
        int b = Math.clamp(Math.round(to * rate), a, samples.length);
        return new Sound(Arrays.copyOfRange(samples, a, b), rate);
    }
}
