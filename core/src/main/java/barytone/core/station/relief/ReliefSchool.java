package barytone.core.station.relief;

import barytone.core.estimate.Band;
import barytone.core.estimate.SetupModel;
import barytone.core.height.ReliefTarget;
import barytone.core.instrument.InstrumentSpec;
import barytone.core.instrument.Touch;
import barytone.core.quantity.Allowed;
import java.util.List;

/**
 * A school of relief: a band, held at 1 and the body joint, and the reason for it.
 *
 * @param code the name that is stored
 * @param low lower end of the band on a middling radius for a medium touch, mm
 * @param high upper end, mm
 * @param reason why a shop would choose it
 */
public record ReliefSchool(String code, String label, double low, double high, String reason) {
    public static final ReliefSchool NEARLY_FLAT = new ReliefSchool(
            "NEARLY_FLAT",
            "Nearly flat",
            0.03,
            0.10,
            "Only enough to be sure that there is no back-bow. Wants a fret-level nut and even frets.");
    public static final ReliefSchool LIGHT_BOW =
            new ReliefSchool("LIGHT_BOW", "Light bow", 0.10, 0.20, "For a light touch and a flat board.");
    public static final ReliefSchool MIDDLE =
            new ReliefSchool("MIDDLE", "Middle", 0.15, 0.28, "The common default: room for a medium touch.");
    public static final ReliefSchool HEAVY_HANDS = new ReliefSchool(
            "HEAVY_HANDS", "Bass and heavy hands", 0.20, 0.33, "For strings that swing wide and hands that dig in.");

    /** The schools that a shop starts with. */
    public static final List<ReliefSchool> USUAL = List.of(NEARLY_FLAT, LIGHT_BOW, MIDDLE, HEAVY_HANDS);

    private static final double ROUND_RADIUS = 184;
    private static final double MIDDLE_RADIUS = 245;
    private static final double FLAT_RADIUS = 305;
    private static final double RADIUS_SHIFT = 0.05;
    private static final double TOUCH_SHIFT = 0.03;
    /** Half of what the bass side gets more than the treble side. */
    private static final double SIDE_SHIFT = 0.015;

    private static final double LEAST = 0.02;

    private static final double NARROWEST = 0.07;

    public ReliefSchool {
        Allowed.number("lower end of the band", low, -0.05, 1, "mm");
        Allowed.number("upper end of the band", high, low + 0.02, 1.5, "mm, at least 0.02 above the lower end");
    }

    /** The school with this code among those of the shop. */
    public static ReliefSchool ofCode(List<ReliefSchool> schools, String code) {
        return schools.stream()
                .filter(s -> s.code().equals(code))
                .findFirst()
                .orElseThrow(() -> Allowed.broken(
                        "relief school",
                        code,
                        schools.stream().map(ReliefSchool::code).toList().toString()));
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
                code,
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
        // a band must be wide enough for a sixteenth of a turn to land in it
        return new Band(lowest, Math.max(lowest + Math.min(NARROWEST, high - low), high + shift));
    }
}
