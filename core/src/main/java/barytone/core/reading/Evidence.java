package barytone.core.reading;

import barytone.core.neck.GapMethod;

/**
 * What a reading says about the gap as its tool shows it in that position, with the scatter of tool and hand in it; what tool and position are off by is no scatter,
 * and is known of all their readings together ({@link Means}). Lengths in mm.
 */
public sealed interface Evidence {
    /** The uncertainty, one standard deviation in mm; always above zero. */
    double sd();

    /** The gap is this, give or take. */
    record Point(double value, double sd) implements Evidence {}

    /** The gap is above this limit; the limit itself is known give or take. */
    record Above(double limit, double sd) implements Evidence {}

    /** The gap is below this limit. */
    record Below(double limit, double sd) implements Evidence {}

    /** A string or edge that lies on the crowns shows no gap, however far the neck is bent back or the slot is too low. */
    double NO_GAP = 0.01;

    /** How far a leaf is from the size that stands on it: ground to 0.004, now and then bent; mm (1 sd). */
    double LEAF = 0.005;

    /**
     * Whether a gauge found nothing: a string or straightedge rests on the crowns, so that what lies beyond is not to be seen. An open string that is
     * gauged at its crown never does.
     */
    static boolean noGap(Gap gap, GapMethod method) {
        boolean rests = method instanceof GapMethod.Relief || method instanceof GapMethod.NutPressed;
        return rests
                && switch (gap) {
                    case Gap.Of of -> Math.abs(of.mm()) < NO_GAP;
                    case Gap.AtMost ignored -> true;
                    case Gap.Between ignored -> false;
                    case Gap.AtLeast ignored -> false;
                };
    }

    /**
     * Weighs a reading.
     *
     * @param hand repeatability of the hand, mm (1 sd); {@link Tool#REPEATABILITY} until it is known
     * @param method nothing between a string and the crown that it is pressed to only says that there is no gap
     */
    static Evidence of(Gap gap, GapMethod method, Tool tool, double hand) {
        double scatter = gap instanceof Gap.Of ? tool.scatter() : LEAF;
        double sd = Math.hypot(hand, scatter);
        return switch (gap) {
            case Gap.Of of -> noGap(gap, method) ? new Below(NO_GAP, sd) : new Point(of.mm(), sd);
            case Gap.Between b -> {
                double width = b.stops() - b.goes();
                yield new Point((b.goes() + b.stops()) / 2, Math.sqrt(sd * sd + width * width / 12));
            }
            case Gap.AtLeast least -> new Above(least.mm(), sd);
            case Gap.AtMost most -> new Below(most.mm(), sd);
        };
    }
}
