package barytone.core.neck;

import barytone.core.quantity.Allowed;

/**
 * The arc of a board across. A compound board is a cone, so its radius grows linearly along it:
 * {@code R(x) = R_nut + (R_end - R_nut) x / x_end}.
 *
 * @param atNut radius at the nut in mm; 0 for a flat board
 * @param atEnd radius at the end of the board in mm; the same as at the nut unless compound
 * @param end where the board ends, mm from the nut
 */
public record BoardRadius(double atNut, double atEnd, double end) {
    public BoardRadius {
        if (atNut != 0 || atEnd != 0) {
            Allowed.number("radius at the nut", atNut, 50, 5000, "mm, or 0 at both ends for a flat board");
            Allowed.number("radius at the end", atEnd, 50, 5000, "mm, or 0 at both ends for a flat board");
        }
        Allowed.number("end of the board", end, 50, 1500, "mm");
    }

    /** One radius all along; 0 for a flat board. */
    public static BoardRadius of(double radius) {
        return new BoardRadius(radius, radius, 500);
    }

    /** Radius at x in mm, extrapolated beyond the end; infinite for a flat board. */
    public double at(double x) {
        return atNut == 0 ? Double.POSITIVE_INFINITY : atNut + (atEnd - atNut) * x / end;
    }

    /** How far the surface at z lies below the centre line at x, {@code R - sqrt(R^2 - z^2)}, in mm. */
    public double fall(double x, double z) {
        double r = at(x);
        // the same without the loss of digits that the difference brings on flat boards
        return Double.isInfinite(r) ? 0 : z * z / (r + Math.sqrt(r * r - z * z));
    }
}
