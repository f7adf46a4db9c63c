package barytone.core.bridge;

import barytone.core.quantity.Allowed;

/**
 * A wedge in the pocket of a bolt-on neck. With a thickness t at the heel end the crown line at the saddle rises by
 * {@code t (x_s - x_B) / P}; at the body edge instead it falls by {@code t (x_s - x_H) / P}, P being the pocket's length.
 *
 * @param end the thick end
 * @param thickness at the thick end in mm, nothing at the other
 */
public record NeckShim(End end, double thickness) {
    /** Which end of the pocket is raised. */
    public enum End {
        HEEL("heel"),
        BODY_EDGE("body-edge");

        private final String code;

        End(String code) {
            this.code = code;
        }

        public String code() {
            return code;
        }
    }

    /**
     * The wedge that lets the saddles sit higher or lower at the same action.
     *
     * @param bodyEdge x_B, where the neck enters the body, mm from the nut
     * @param heelEnd x_H, the end of the pocket, mm from the nut
     * @param saddle x_s, mm from the nut
     * @param saddleChange how much higher the saddles must sit, in mm; negative for lower
     */
    public static NeckShim of(double bodyEdge, double heelEnd, double saddle, double saddleChange) {
        Allowed.number("bodyEdge", bodyEdge, 50, 1200, "mm from the nut");
        Allowed.number("heelEnd", heelEnd, bodyEdge + 10, 1300, "mm from the nut, at least 10 beyond the body edge");
        Allowed.number("saddle", saddle, heelEnd + 10, 1500, "mm from the nut, at least 10 beyond the heel end");
        Allowed.number("saddleChange", saddleChange, -20, 20, "mm");
        double pocket = heelEnd - bodyEdge;
        return saddleChange >= 0
                ? new NeckShim(End.HEEL, saddleChange * pocket / (saddle - bodyEdge))
                : new NeckShim(End.BODY_EDGE, -saddleChange * pocket / (saddle - heelEnd));
    }

    /**
     * How far the crown line rises at the saddle with this wedge in the pocket, mm; negative when it falls.
     *
     * @param bodyEdge x_B, mm from the nut
     * @param heelEnd x_H, mm from the nut
     * @param saddle x_s, mm from the nut
     */
    public double lift(double bodyEdge, double heelEnd, double saddle) {
        double pocket = heelEnd - bodyEdge;
        return switch (end) {
            case HEEL -> thickness * (saddle - bodyEdge) / pocket;
            case BODY_EDGE -> -thickness * (saddle - heelEnd) / pocket;
        };
    }
}
