package barytone.core.plan;

import barytone.core.estimate.Band;
import barytone.core.estimate.SetupModel;
import barytone.core.instrument.InstrumentSpec;
import barytone.core.instrument.Touch;

/** Schools of relief: a band, held at 1 and the body joint, and the reason for it. */
public enum ReliefSchool {
    NEARLY_FLAT(
            "Nearly flat",
            0.03,
            0.10,
            "Only enough to be sure that there is no back-bow. Wants a fret-level nut and even frets."),
    LIGHT_BOW("Light bow", 0.10, 0.20, "For a light touch and a flat board."),
    MIDDLE("Middle", 0.15, 0.28, "The common default: room for a medium touch."),
    HEAVY_HANDS("Bass and heavy hands", 0.25, 0.40, "For strings that swing wide and hands that dig in.");

    private static final double ROUND_RADIUS = 184;
    private static final double MIDDLE_RADIUS = 245;
    private static final double FLAT_RADIUS = 305;
    private static final double RADIUS_SHIFT = 0.05;
    private static final double TOUCH_SHIFT = 0.03;
    /** Half of what the bass side gets more than the treble side. */
    private static final double SIDE_SHIFT = 0.015;

    private static final double LEAST = 0.02;

    private final String label;
    private final double low;
    private final double high;
    private final String reason;

    ReliefSchool(String label, double low, double high, String reason) {
        this.label = label;
        this.low = low;
        this.high = high;
        this.reason = reason;
    }

    public String label() {
        return label;
    }

    /** Why a shop would choose it. */
    public String reason() {
        return reason;
    }

    /** The usual school for an instrument. */
    public static ReliefSchool usualFor(InstrumentSpec spec) {
        return switch (spec.kind()) {
            case BASS_4, BASS_5, BASS_6 -> HEAVY_HANDS;
            case MANDOLIN -> LIGHT_BOW;
            default -> MIDDLE;
        };
    }

    /**
     * The bands of this school for an instrument and a touch: rounder boards and heavier hands need more, the bass side a
     * little more than the treble side.
     */
    public ReliefTarget target(InstrumentSpec spec, Touch touch) {
        double shift = radiusShift(spec.boardRadius())
                + switch (touch) {
                    case LIGHT -> -TOUCH_SHIFT;
                    case MEDIUM -> 0;
                    case HEAVY -> TOUCH_SHIFT;
                };
        return new ReliefTarget(
                this,
                SetupModel.standardRelief(spec.bodyJointFret()),
                band(shift + SIDE_SHIFT),
                band(shift - SIDE_SHIFT));
    }

    /** From +0.05 on a round board through 0 to -0.05 on a flat one, in mm. */
    static double radiusShift(double radius) {
        if (radius == 0 || radius >= FLAT_RADIUS) return -RADIUS_SHIFT;
        if (radius <= ROUND_RADIUS) return RADIUS_SHIFT;
        return radius < MIDDLE_RADIUS
                ? RADIUS_SHIFT * (MIDDLE_RADIUS - radius) / (MIDDLE_RADIUS - ROUND_RADIUS)
                : -RADIUS_SHIFT * (radius - MIDDLE_RADIUS) / (FLAT_RADIUS - MIDDLE_RADIUS);
    }

    private Band band(double shift) {
        double lowest = Math.max(LEAST, low + shift);
        return new Band(lowest, Math.max(lowest + (high - low) / 2, high + shift));
    }
}
