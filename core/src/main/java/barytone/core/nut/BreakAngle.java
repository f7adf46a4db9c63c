package barytone.core.nut;

import barytone.core.quantity.Allowed;

/**
 * How steeply a string leaves the nut towards its post: {@code atan((drop + wraps * gauge) / distance)}. Every wrap wound down the
 * post lowers the leaving point by a string's diameter.
 *
 * @param degrees behind the nut
 * @param lowered by the wraps, mm
 */
public record BreakAngle(double degrees, double lowered) {
    /** Under this the string may ring thinly in its slot, degrees. */
    public static final double SHALLOW = 5;

    /**
     * The angle.
     *
     * @param distance from slot to post, mm
     * @param drop how far the post's hole lies below the slot floor, mm; negative when it stands higher
     * @param wraps round the post, wound down
     * @param gauge of the string, mm
     */
    public static BreakAngle of(double distance, double drop, double wraps, double gauge) {
        Allowed.number("distance", distance, 10, 300, "mm");
        Allowed.number("drop", drop, -20, 40, "mm");
        Allowed.number("wraps", wraps, 0, 12, "");
        Allowed.number("gauge", gauge, 0.1, 5, "mm");
        double lowered = Math.max(0, wraps) * gauge;
        return new BreakAngle(Math.toDegrees(Math.atan2(drop + lowered, distance)), lowered);
    }

    /** Whether it is too shallow. */
    public boolean shallow() {
        return degrees < SHALLOW;
    }

    /** Wraps that would make it steep enough. */
    public static double wrapsNeeded(double distance, double drop, double gauge) {
        return Math.max(0, (Math.tan(Math.toRadians(SHALLOW)) * distance - drop) / gauge);
    }
}
