package barytone.core.worktime;

import java.util.random.RandomGenerator;

/**
 * A time that is not known yet: log-normal, as times of work are.
 *
 * @param log mean of the natural logarithm of the minutes
 * @param spread standard deviation of that logarithm
 */
public record Minutes(double log, double spread) {
    /** A time of which half of the cases take no longer than this, minutes. */
    public static Minutes usually(double median, double spread) {
        return new Minutes(Math.log(median), spread);
    }

    /** What half of the cases take no longer than, minutes. */
    public double median() {
        return Math.exp(log);
    }

    /** The mean of all cases, minutes. */
    public double mean() {
        return Math.exp(log + spread * spread / 2);
    }

    /** What a share of the cases takes no longer than, minutes: the 80 % point lies 0.84 spreads above the middle. */
    public double at(double spreads) {
        return Math.exp(log + spreads * spread);
    }

    /** One case, minutes. */
    public double draw(RandomGenerator random) {
        return Math.exp(log + spread * random.nextGaussian());
    }
}
