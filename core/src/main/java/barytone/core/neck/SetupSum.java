package barytone.core.neck;

import barytone.core.quantity.Allowed;

/**
 * A whole string's setup from three readings: relief, nut and action. The three equations are linear in the state; relief gives
 * the curvature, then nut and action are solved together, since an open nut reading depends on the saddle too.
 */
public final class SetupSum {
    private SetupSum() {}

    /**
     * Solves for the state.
     *
     * @param relief how relief was read, and its value in mm, -2 to 5
     * @param nut how the nut was read ({@link GapMethod.NutOpen} or {@link GapMethod.NutPressed}), and its value in mm, -0.5 to 5
     * @param action how the action was read, and its value in mm, -1 to 20
     */
    public static StringState solve(
            StringLine line,
            GapMethod.Relief relief,
            double reliefValue,
            GapMethod nut,
            double nutValue,
            GapMethod.Action action,
            double actionValue) {
        Allowed.number("nut.value", nutValue, -0.5, 5, "mm");
        double k = curvature(line, relief, reliefValue);
        Allowed.number("action.value", actionValue, -1, 20, "mm");
        LinearForm n = line.form(nut);
        LinearForm a = line.form(action);
        // n.slot h + n.saddle y = rn, a.slot h + a.saddle y = ra
        double rn = nutValue - n.offset() - n.curvature() * k;
        double ra = actionValue - a.offset() - a.curvature() * k;
        double determinant = n.slotHeight() * a.saddleHeight() - n.saddleHeight() * a.slotHeight();
        if (Math.abs(determinant) < 1e-6)
            throw Allowed.broken(
                    "action.fret", action.gaugeFret(), "another fret than the one at which the nut is read");
        return new StringState(
                k,
                (rn * a.saddleHeight() - n.saddleHeight() * ra) / determinant,
                (n.slotHeight() * ra - a.slotHeight() * rn) / determinant);
    }

    /** The state with a slot height that is known already, in mm, -0.5 to 3. */
    public static StringState withSlot(
            StringLine line,
            GapMethod.Relief relief,
            double reliefValue,
            double slotHeight,
            GapMethod.Action action,
            double actionValue) {
        Allowed.number("nutSlotHeight", slotHeight, -0.5, 3, "mm");
        double k = curvature(line, relief, reliefValue);
        Allowed.number("action.value", actionValue, -1, 20, "mm");
        return new StringState(k, slotHeight, line.saddleHeightFor(action.gaugeFret(), actionValue, k, slotHeight));
    }

    private static double curvature(StringLine line, GapMethod.Relief relief, double value) {
        Allowed.number("relief.value", value, -2, 5, "mm");
        return line.curvatureFor(relief, value);
    }
}
