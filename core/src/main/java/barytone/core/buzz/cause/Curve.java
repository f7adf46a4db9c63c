package barytone.core.buzz.cause;

/** A chance along the board: straight lines between points, level beyond the first and the last. */
final class Curve {
    private final double[] points;

    private Curve(double[] points) {
        this.points = points;
    }

    /**
     * Through points.
     *
     * @param points place and chance by turns, places rising
     */
    static Curve of(double... points) {
        return new Curve(points.clone());
    }

    double at(double place) {
        if (place <= points[0]) return points[1];
        for (int i = 2; i < points.length; i += 2)
            if (place <= points[i]) {
                double share = (place - points[i - 2]) / (points[i] - points[i - 2]);
                return points[i - 1] + share * (points[i + 1] - points[i - 1]);
            }
        return points[points.length - 1];
    }
}
