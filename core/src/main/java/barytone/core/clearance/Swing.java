package barytone.core.clearance;

import barytone.core.neck.StringLine;

/**
 * How far down a plucked string swings along its speaking length: a triangle with its peak as far from the fretted end as it was plucked from the saddle.
 *
 * @see ClearanceMap
 */
final class Swing {
    private final double length;
    private final double p;
    private final double peak;

    /**
     * Of one note.
     *
     * @param length speaking length, mm
     * @param pluck plucking place as a share of the scale from the saddle
     */
    Swing(StringLine line, double length, double tension, double force, double pluck) {
        this.length = length;
        p = Math.min(pluck * line.scale().scaleLength(), length / 2);
        peak = force * p * (length - p) / (tension * length);
    }

    /** So far ahead of the fretted end, mm. */
    double at(double ahead) {
        return ahead <= p ? peak * ahead / p : peak * (length - ahead) / (length - p);
    }
}
