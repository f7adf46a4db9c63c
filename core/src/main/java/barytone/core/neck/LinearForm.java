package barytone.core.neck;

/**
 * A gap as a linear function of what sets it: {@code offset + curvature k + slotHeight h + saddleHeight y_s}.
 *
 * @param offset mm, from known fret errors
 * @param curvature mm per (1/mm) of k
 * @param slotHeight mm per mm of h
 * @param saddleHeight mm per mm of y_s
 */
public record LinearForm(double offset, double curvature, double slotHeight, double saddleHeight) {
    /** The gap in mm for one string's state. */
    public double at(StringState state) {
        return offset
                + curvature * state.curvature()
                + slotHeight * state.slotHeight()
                + saddleHeight * state.saddleHeight();
    }
}
