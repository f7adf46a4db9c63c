package barytone.core.promise;

import java.util.List;

/**
 * How sure a play of the queue must be before a day is offered, so that nine in ten are kept in this shop: whatever the plays do not know shows in what was kept, and after
 * each promise that was missed the next ones are more careful (adaptive conformal inference, Gibbs and Candès 2021).
 */
public final class Reliability {
    /** Promises are to be kept so often. */
    public static final double WANTED = 0.9;

    private static final double STEP = 0.04;
    private static final double LEAST = 0.7;
    private static final double MOST = 0.995;

    private Reliability() {}

    /**
     * The share of the plays that a day must be kept in.
     *
     * @param kept what became of the promises made so far, the oldest first
     */
    public static double share(List<Boolean> kept) {
        double share = WANTED;
        for (boolean one : kept) share = Math.clamp(share + STEP * (WANTED - (one ? 1 : 0)), LEAST, MOST);
        return share;
    }
}
