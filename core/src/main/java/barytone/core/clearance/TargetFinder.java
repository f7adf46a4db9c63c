package barytone.core.clearance;

import barytone.core.neck.GapMethod;
import barytone.core.neck.StringLine;
import barytone.core.neck.StringState;
import barytone.core.quantity.Allowed;
import java.util.ArrayList;
import java.util.List;

/**
 * The lowest action, and the relief with it, at which no note touches for a touch. Each string gets what it needs, never less than
 * the next higher string; one relief serves all.
 *
 * @param relief mm, in the method asked for
 * @param actions at 12 in mm, string 1 first, never falling from one string to the next lower one
 */
public record TargetFinder(double relief, List<Double> actions) {
    private static final double MOST_RELIEF = 0.5;
    private static final double RELIEF_STEP = 0.02;
    private static final double HIGHEST_ACTION = 8;

    /**
     * A string and how it is played.
     *
     * @param tension N
     * @param force N towards the board
     * @param slotHeight mm above the crown line
     */
    public record Played(StringLine line, double tension, double force, double slotHeight) {}

    /**
     * Searches the relief for which the sum of the actions is least.
     *
     * @param strings string 1 first
     * @param method how the relief is stated
     * @param pluck plucking place as a share of the scale
     */
    public static TargetFinder of(List<Played> strings, GapMethod.Relief method, double pluck) {
        Allowed.whole("strings", strings.size(), 1, 12);
        TargetFinder best = null;
        double least = Double.POSITIVE_INFINITY;
        for (double relief = 0; relief <= MOST_RELIEF + 1e-9; relief += RELIEF_STEP) {
            List<Double> actions = new ArrayList<>();
            double floor = 0;
            for (Played string : strings) {
                floor = Math.max(floor, lowest(string, method, relief, pluck));
                actions.add(floor);
            }
            double sum = actions.stream().mapToDouble(Double::doubleValue).sum();
            if (best == null || sum < least - 1e-9) {
                least = sum;
                best = new TargetFinder(relief, List.copyOf(actions));
            }
        }
        if (best == null) throw new IllegalStateException("the search tried no relief");
        return best;
    }

    private static double lowest(Played string, GapMethod.Relief method, double relief, double pluck) {
        double k = string.line().curvatureFor(method, relief);
        double low = 0;
        double high = HIGHEST_ACTION;
        for (int i = 0; i < 30; i++) {
            double action = (low + high) / 2;
            StringState state = new StringState(
                    k, string.slotHeight(), string.line().saddleHeightFor(12, action, k, string.slotHeight()));
            // the open string is the nut's affair: no action frees a slot that is too low
            boolean clear = ClearanceMap.of(string.line(), state, string.tension(), string.force(), pluck).stream()
                    .skip(1)
                    .allMatch(n -> n.margin() >= 0);
            if (clear) high = action;
            else low = action;
        }
        return high;
    }
}
