package barytone.core.neck;

/**
 * What sets every gap under one string.
 *
 * @param curvature k in 1/mm of the neck under this string; positive is up-bow (relief), negative back-bow
 * @param slotHeight h in mm: slot floor above the crown line at the nut; 0 is a fret-level nut
 * @param saddleHeight y_s in mm: string underside at the saddle above the straight line of the crowns beyond the body joint
 */
public record StringState(double curvature, double slotHeight, double saddleHeight) {}
