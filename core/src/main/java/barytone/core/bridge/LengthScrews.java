package barytone.core.bridge;

import barytone.core.quantity.Allowed;

/**
 * How the saddles of a bridge are moved along the strings.
 *
 * @param pitch of the length screws, mm per turn; 0 when it is not known yet and shall be learned
 * @param head the end at which the screw's head is
 * @param thickness of a fixed saddle along the string, mm: the crown can be filed anywhere on it
 * @param plateRise how far the plate rises under a saddle that goes back, mm per mm; negative when it falls away
 */
public record LengthScrews(double pitch, Head head, double thickness, double plateRise) {
    /** What is usual. */
    public static final LengthScrews USUAL = new LengthScrews(0, Head.TAIL, 3, 0);

    /** Assumed while the pitch is not known, mm per turn. */
    public static final double USUAL_PITCH = 0.6;

    public LengthScrews {
        if (pitch != 0) Allowed.number("lengthPitch", pitch, 0.2, 1.6, "mm per turn, or 0 when unknown");
        Allowed.number("saddleThickness", thickness, 1, 12, "mm");
        Allowed.number("plateRise", plateRise, -0.3, 0.3, "mm per mm");
    }

    /** The end at which the head of a length screw is. */
    public enum Head {
        /** Behind the saddle: clockwise draws the saddle back. */
        TAIL("at the tail end", true),
        /** Before the saddle: clockwise draws the saddle towards the nut. */
        NUT("at the nut end", false);

        private final String label;
        private final boolean clockwiseBack;

        Head(String label, boolean clockwiseBack) {
            this.label = label;
            this.clockwiseBack = clockwiseBack;
        }

        public String label() {
            return label;
        }

        /** Whether a clockwise turn, as the screwdriver sees it, moves the saddle away from the nut. */
        public boolean clockwiseBack() {
            return clockwiseBack;
        }
    }

    /** The pitch as far as it is known, mm per turn. */
    public double pitchOrUsual() {
        return pitch == 0 ? USUAL_PITCH : pitch;
    }
}
