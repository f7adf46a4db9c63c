package barytone.core.promise;

import barytone.core.worktime.Minutes;
import java.util.List;
import java.util.random.RandomGenerator;

/**
 * Waits that nobody foresees when an instrument comes: an answer, a part, a neck that wants a night. How often and how long is learned from what was closed.
 *
 * @param chance that a job has to wait for something of that kind, 0 to 1
 * @param length of such a wait, by the clock
 */
public record Surprises(double chance, Minutes length) {
    /** What is thought before anything was closed is worth so many jobs. */
    private static final double WORTH = 8;

    /** And so many waits. */
    private static final double WORTH_WAITS = 3;

    /** One job in four, for about a day. */
    public static final Surprises USUAL = new Surprises(0.25, Minutes.usually(20 * 60, 0.8));

    /** Nothing comes in between. */
    public static final Surprises NONE = new Surprises(0, USUAL.length);

    /** Shorter waits are within the work of a day, minutes. */
    public static final double LEAST = 60;

    /**
     * Learned from closed jobs.
     *
     * @param waits of each, minutes; 0 where it had none
     */
    public static Surprises learned(List<Double> waits) {
        List<Double> logs =
                waits.stream().filter(w -> w >= LEAST).map(Math::log).toList();
        double mean = (WORTH_WAITS * USUAL.length.log()
                        + logs.stream().mapToDouble(Double::doubleValue).sum())
                / (WORTH_WAITS + logs.size());
        double squares =
                logs.stream().mapToDouble(log -> Math.pow(log - mean, 2)).sum();
        double prior = USUAL.length.spread() * USUAL.length.spread() + Math.pow(USUAL.length.log() - mean, 2);
        return new Surprises(
                (WORTH * USUAL.chance + logs.size()) / (WORTH + waits.size()),
                new Minutes(mean, Math.sqrt((WORTH_WAITS * prior + squares) / (WORTH_WAITS + logs.size()))));
    }

    /** One job: how long it waits for what nobody foresees, minutes; 0 mostly. */
    double draw(RandomGenerator random) {
        return random.nextDouble() < chance ? length.draw(random) : 0;
    }
}
