package barytone.core.pitch;

import barytone.core.quantity.Cents;
import org.jspecify.annotations.Nullable;

/** What was heard: a pitch, or why there is none. Never a made-up number. */
public sealed interface Heard {
    /** Below this confidence no pitch should be believed. */
    double BELIEVED = 0.5;

    /** The pitch when it can be believed, else null. */
    default @Nullable Pitch believed() {
        return this instanceof Pitch pitch && pitch.confidence >= BELIEVED ? pitch : null;
    }

    /**
     * The pitch of a string whose partials lie at {@code f_j = j f sqrt(1 + B j^2)}.
     *
     * @param frequency f in Hz, 28 to 1400
     * @param inharmonicity B, 0 for an ideal string
     * @param error standard error of the frequency, in cents
     * @param confidence 0 to 1: how sure it is that this is the string's pitch and not something else
     * @param loudness root mean square while it was heard, in dB against full scale
     */
    record Pitch(double frequency, double inharmonicity, double error, double confidence, double loudness)
            implements Heard {
        /** Frequency of the first partial, {@code f sqrt(1 + B)}, in Hz: what a tuner shows. */
        public double firstPartial() {
            return frequency * Math.sqrt(1 + inharmonicity);
        }

        /** How far it is above another frequency, in cents. */
        public double centsAbove(double other) {
            return Cents.above(other, frequency);
        }
    }

    /** No pitch. */
    record Nothing(Reason reason) implements Heard {}

    /** Why no pitch is told. */
    enum Reason {
        TOO_SHORT("The sound is too short: let the string ring for half a second or more."),
        SILENT("Nothing is heard: pluck the string, or check the input and its level."),
        OVERDRIVEN("The input is overdriven: turn its level down, or pluck more softly."),
        UNSTEADY("No steady note is heard: pluck one string alone and let it ring."),
        HUM("Only hum is heard: pluck the string nearer to the microphone, or plug in."),
        OUT_OF_RANGE("The note lies outside of 28 to 1400 Hz.");

        private final String text;

        Reason(String text) {
            this.text = text;
        }

        /** What to do about it. */
        public String text() {
            return text;
        }
    }
}
