package barytone.core.clearance;

import barytone.core.estimate.SetupModel;
import barytone.core.instrument.InstrumentSpec;
import barytone.core.instrument.Touch;
import barytone.core.intonation.ToneForecast;
import barytone.core.neck.GapMethod;
import barytone.core.neck.StringLine;
import barytone.core.neck.StringState;
import barytone.core.quantity.Allowed;
import java.util.ArrayList;
import java.util.List;

/**
 * The lowest action, and the relief with it, at which no fretted note touches under a touch. The room of a note grows in a straight line with the height of its saddle, so
 * the least height is the greatest of what each crown ahead of each note asks for. Each string gets what it needs, never less than the next higher one; one relief serves
 * all. The open string is the nut's affair: no action frees a slot that is too low.
 *
 * @param relief held at 1 and at the body joint, gauge at 8, mm
 * @param actions over the fret at which action is read, string 1 first, never falling from one string to the next lower one, mm
 * @param limits what stops each string from going lower; string 1 first
 */
public record TargetFinder(double relief, List<Double> actions, List<Limit> limits) {
    private static final double RELIEF_STEP = 0.01;

    /** No note stops it. */
    private static final Limit HELD_UP = new Limit(0, 0, 0);

    /** Within what is searched. */
    public record Bounds(double leastRelief, double mostRelief, double leastAction) {
        /** For any hand and any school. */
        public static final Bounds WIDE = new Bounds(0, 0.4, 0.3);

        public Bounds {
            Allowed.number("leastRelief", leastRelief, -0.5, 1, "mm");
            Allowed.number("mostRelief", mostRelief, leastRelief, 1.5, "mm");
            Allowed.number("leastAction", leastAction, 0, 10, "mm");
        }
    }

    /**
     * What stops a string from going lower.
     *
     * @param string whose note it is: the string's own, or that of a higher one which it may not stand under; 0 where it is the least that is wanted
     * @param fret fretted here
     * @param on the crown that it would touch
     */
    public record Limit(int string, int fret, int on) {}

    /**
     * The same board, held up where the lowest that rings is lower than is wanted.
     *
     * @param least for each string, string 1 first, mm
     */
    public TargetFinder notUnder(List<Double> least) {
        List<Double> raised = new ArrayList<>();
        List<Limit> stops = new ArrayList<>();
        Lowest floor = new Lowest(Double.NEGATIVE_INFINITY, HELD_UP);
        for (int i = 0; i < actions.size(); i++) {
            if (actions.get(i) > floor.action()) floor = new Lowest(actions.get(i), limits.get(i));
            if (least.get(i) > floor.action()) floor = new Lowest(least.get(i), HELD_UP);
            raised.add(floor.action());
            stops.add(floor.limit());
        }
        return new TargetFinder(relief, List.copyOf(raised), List.copyOf(stops));
    }

    private record Lowest(double action, Limit limit) {}

    /**
     * Searches the relief for which the sum of the actions is least; of two that are as good, the straighter neck.
     *
     * @param slots height of each slot above the line of crowns, string 1 first, mm
     * @param safety room that is left over every crown, mm
     * @param a4 reference pitch, Hz
     */
    public static TargetFinder of(
            InstrumentSpec spec,
            List<Double> slots,
            Crowns crowns,
            Touch touch,
            double safety,
            Bounds bounds,
            double a4) {
        return of(spec, slots, crowns, touch, 1, safety, bounds, a4);
    }

    /**
     * The same for a hand that plucks harder or softer than that touch usually is.
     *
     * @param hand its force as a share of the usual one
     */
    public static TargetFinder of(
            InstrumentSpec spec,
            List<Double> slots,
            Crowns crowns,
            Touch touch,
            double hand,
            double safety,
            Bounds bounds,
            double a4) {
        Allowed.number("safety", safety, 0, 1, "mm");
        TargetFinder best = null;
        double least = Double.POSITIVE_INFINITY;
        int steps = (int) Math.floor((bounds.mostRelief() - bounds.leastRelief()) / RELIEF_STEP + 1e-9);
        for (int i = 0; i <= steps; i++) {
            double relief = bounds.leastRelief() + i * RELIEF_STEP;
            List<Double> actions = new ArrayList<>();
            List<Limit> limits = new ArrayList<>();
            Lowest floor = new Lowest(bounds.leastAction(), HELD_UP);
            double sum = 0;
            for (int s = 1; s <= spec.strings(); s++) {
                Lowest own = lowest(spec, s, slots.get(s - 1), relief, crowns, touch, hand, safety, a4);
                if (own.action() > floor.action()) floor = own;
                actions.add(floor.action());
                limits.add(floor.limit());
                sum += floor.action();
            }
            if (best == null || sum < least - 1e-6) {
                least = sum;
                best = new TargetFinder(relief, List.copyOf(actions), List.copyOf(limits));
            }
        }
        if (best == null) throw new IllegalStateException("the search tried no relief");
        return best;
    }

    private static Lowest lowest(
            InstrumentSpec spec,
            int string,
            double slot,
            double relief,
            Crowns crowns,
            Touch touch,
            double hand,
            double safety,
            double a4) {
        StringLine line = spec.line();
        double k = line.curvatureFor(SetupModel.standardRelief(spec.bodyJointFret()), relief);
        double tension = ToneForecast.tension(spec, a4, string);
        double force = hand * PluckForce.of(spec.kind(), string, spec.strings(), touch);
        double most = Double.NEGATIVE_INFINITY;
        Limit limit = new Limit(string, 1, 2);
        double[] crown = new double[spec.frets() + 1];
        for (int n = 1; n <= spec.frets(); n++) crown[n] = line.crownHeight(k, n) + crowns.height(n);
        for (int n = 1; n < spec.frets(); n++) {
            double length = line.saddle() - line.scale().crown(n);
            Swing swing = new Swing(line, length, tension, force, WhatIf.PLUCK);
            for (int m = n + 1; m <= spec.frets(); m++) {
                double ahead = line.scale().crown(m) - line.scale().crown(n);
                double needed = crown[n] + (crown[m] + swing.at(ahead) + safety - crown[n]) * length / ahead;
                if (needed > most) {
                    most = needed;
                    limit = new Limit(string, n, m);
                }
            }
        }
        double action = line.gap(new GapMethod.Action(spec.actionFret()), new StringState(k, slot, most));
        return new Lowest(action, limit);
    }
}
