package barytone.core.strings;

/** The tension of a string: {@code T = mu (2 L f)^2}, from the wave equation of an ideal string. */
final class StringTension {
    private StringTension() {}

    /**
     * In N.
     *
     * @param mass per length, kg/m
     * @param length that swings, m
     * @param frequency Hz
     */
    static double newtons(double mass, double length, double frequency) {
        double speed = 2 * length * frequency;
        return mass * speed * speed;
    }
}
