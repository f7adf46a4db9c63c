package barytone.core.bridge;

import barytone.core.neck.BoardRadius;
import barytone.core.quantity.Allowed;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;

/**
 * The strings' undersides across the bridge: each stands on the board's arc, extrapolated to the saddle, plus its own height above
 * the crowns.
 *
 * @param heights of the undersides in mm above the board's centre line at the saddle, string 1 first
 * @param overLine each height less the straight line through the outer strings, mm
 * @param radius of the circle nearest to the heights in mm (least squares); empty when they lie on a line or sag
 */
public record SaddleArc(List<Double> heights, List<Double> overLine, OptionalDouble radius) {
    private static final double FLAT = 5000;

    /**
     * The arc of strings.
     *
     * @param saddle distance of the saddle from the nut, mm
     * @param z places across the bridge in mm, treble positive, string 1 first
     * @param saddleHeights y_s in mm above the crown line under each string
     */
    public static SaddleArc of(BoardRadius board, double saddle, List<Double> z, List<Double> saddleHeights) {
        int n = Allowed.whole("strings", z.size(), 2, 12);
        Allowed.whole("saddle heights", saddleHeights.size(), n, n);
        List<Double> heights = new ArrayList<>();
        for (int i = 0; i < n; i++) heights.add(saddleHeights.get(i) - board.fall(saddle, z.get(i)));
        List<Double> overLine = new ArrayList<>();
        for (int i = 0; i < n; i++)
            overLine.add(
                    heights.get(i) - chord(z.getFirst(), heights.getFirst(), z.getLast(), heights.getLast(), z.get(i)));
        return new SaddleArc(List.copyOf(heights), List.copyOf(overLine), radius(z, heights));
    }

    /**
     * How far the arc of an under-string gauge that touches the outer strings stands above the straight line between them.
     *
     * @param gauge its radius in mm
     */
    public static double rise(double gauge, List<Double> z, int string) {
        BoardRadius arc = BoardRadius.of(Allowed.number("gauge radius", gauge, 50, 5000, "mm"));
        double first = -arc.fall(0, z.getFirst());
        double last = -arc.fall(0, z.getLast());
        return -arc.fall(0, z.get(string - 1)) - chord(z.getFirst(), first, z.getLast(), last, z.get(string - 1));
    }

    private static double chord(double z0, double y0, double z1, double y1, double z) {
        return y0 + (y1 - y0) * (z - z0) / (z1 - z0);
    }

    /** The least-squares parabola {@code a + b z - z^2 / (2 R)} through three heights or more. */
    private static OptionalDouble radius(List<Double> z, List<Double> heights) {
        int n = z.size();
        if (n < 3) return OptionalDouble.empty();
        double meanZ = z.stream().mapToDouble(d -> d).average().orElseThrow();
        // centred z and a parabola made orthogonal to line and constant leave one unknown
        double s2 = 0;
        double s3 = 0;
        for (double at : z) {
            s2 += Math.pow(at - meanZ, 2);
            s3 += Math.pow(at - meanZ, 3);
        }
        double above = 0;
        double below = 0;
        for (int i = 0; i < n; i++) {
            double c = z.get(i) - meanZ;
            double q = c * c - s2 / n - s3 / s2 * c;
            above += q * heights.get(i);
            below += q * q;
        }
        double curve = -2 * above / below;
        return curve > 1 / FLAT ? OptionalDouble.of(1 / curve) : OptionalDouble.empty();
    }
}
