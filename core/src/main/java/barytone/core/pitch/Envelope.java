package barytone.core.pitch;

/** How loud a sound is from moment to moment, in frames long enough for the lowest string. */
final class Envelope {
    private static final double FRAME = 0.04;

    private final double[] power;
    private final int frame;
    private final int loudest;

    /** Of samples around zero. */
    Envelope(double[] x, double rate) {
        frame = (int) (FRAME * rate);
        power = new double[Math.max(1, x.length / frame)];
        int most = 0;
        for (int k = 0; k < power.length; k++) {
            for (int i = k * frame; i < Math.min(x.length, (k + 1) * frame); i++) power[k] += x[i] * x[i] / frame;
            if (power[k] > power[most]) most = k;
        }
        loudest = most;
    }

    /** Root mean square of the loudest frame. */
    double loudest() {
        return Math.sqrt(power[loudest]);
    }

    /** First sample of the loudest frame. */
    int loudestAt() {
        return loudest * frame;
    }

    /** Whether it begins at about its loudest, as a stretch out of a ringing string does. */
    boolean ringsFromTheStart() {
        return loudest == 0 && power.length > 1 && power[1] > 0.7 * power[0];
    }

    /**
     * Where it next becomes louder for good: the string, or another, was plucked again.
     *
     * @param from sample
     * @param factor by which the power rises
     * @return the sample before it, or -1
     */
    int rise(int from, double factor) {
        double lowest = Double.POSITIVE_INFINITY;
        for (int k = (from + frame - 1) / frame; k + 1 < power.length; k++) {
            lowest = Math.min(lowest, power[k]);
            boolean louder = power[k] > factor * lowest && power[k + 1] > factor * lowest;
            if (louder && power[k] > 0.02 * power[loudest]) return (k - 1) * frame;
        }
        return -1;
    }
}
