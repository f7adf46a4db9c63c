package barytone.core.neck;

import barytone.core.quantity.Allowed;
import barytone.core.quantity.OutOfRangeException;
import java.util.Map;

/**
 * One string over its own line of frets.
 *
 * <p>Frame: x along the string from the nut's front edge, y up from the straight line of the crowns beyond the body joint
 * (the body's frame: a rod turn moves the neck, not the saddle); lengths in mm. Between nut and body joint the crowns lie on
 * the parabola of uniform bending {@code y_c(x) = k/2 (x_J - x)^2}, beyond it on the line y = 0. Every gap is linear in
 * (k, h, y_s); {@link #form} gives its coefficients.
 *
 * @param scale crowns along this string
 * @param bodyJointFret the fret J at which the neck meets the body; only the part before it bends
 * @param compensation c in mm: the saddle stands at {@code L = S + c}
 * @param fretErrors known errors e_n of single crowns in mm, high positive; empty when none are known
 */
public record StringLine(FretScale scale, int bodyJointFret, double compensation, Map<Integer, Double> fretErrors) {
    public StringLine {
        Allowed.whole("bodyJointFret", bodyJointFret, 3, scale.frets());
        Allowed.number("compensation", compensation, -0.05 * scale.scaleLength(), 0.1 * scale.scaleLength(), "mm");
        fretErrors = Map.copyOf(fretErrors);
    }

    /** A string over level frets. */
    public static StringLine of(FretScale scale, int bodyJointFret, double compensation) {
        return new StringLine(scale, bodyJointFret, compensation, Map.of());
    }

    /** Distance of the saddle from the nut, {@code L = S + c}, in mm. */
    public double saddle() {
        return scale.scaleLength() + compensation;
    }

    /** Height of the bent neck's crown line at a place x (mm from the nut), without errors of single frets. */
    public double neckHeight(double curvature, double x) {
        double beforeJoint = scale.crown(bodyJointFret) - x;
        return beforeJoint > 0 ? curvature / 2 * beforeJoint * beforeJoint : 0;
    }

    /** Height of the crown of a fret, {@code y_c(x_n) + e_n}, in mm. */
    public double crownHeight(double curvature, int fret) {
        return neckHeight(curvature, scale.crown(fret))
                + (fretErrors.isEmpty() ? 0 : fretErrors.getOrDefault(fret, 0.0));
    }

    /** Height of the slot floor, {@code y_nut = y_c(0) + h}, in mm. */
    public double nutHeight(StringState state) {
        return neckHeight(state.curvature(), 0) + state.slotHeight();
    }

    /** Height of the open string's underside at x (mm from the nut). */
    public double openString(StringState state, double x) {
        return through(0, nutHeight(state), saddle(), state.saddleHeight(), x);
    }

    /**
     * The gap that a method would find, in mm.
     *
     * @throws OutOfRangeException when the method names a fret that this neck does not have
     */
    public double gap(GapMethod method, StringState state) {
        check(method);
        double k = state.curvature();
        return switch (method) {
            case GapMethod.Relief m ->
                through(
                                scale.crown(m.heldLow()),
                                crownHeight(k, m.heldLow()),
                                scale.crown(m.heldHigh()),
                                crownHeight(k, m.heldHigh()),
                                scale.crown(m.gaugeFret()))
                        - crownHeight(k, m.gaugeFret());
            case GapMethod.NutOpen ignored -> openString(state, scale.crown(1)) - crownHeight(k, 1);
            case GapMethod.NutPressed m -> PressedGap.of(this, state, m.heldFret());
            case GapMethod.Action m -> openString(state, scale.crown(m.gaugeFret())) - crownHeight(k, m.gaugeFret());
            case GapMethod.ActionCapo m ->
                through(scale.crown(1), crownHeight(k, 1), saddle(), state.saddleHeight(), scale.crown(m.gaugeFret()))
                        - crownHeight(k, m.gaugeFret());
        };
    }

    /** The gap of a method as a linear function of the state; the geometry is evaluated on unit states. */
    public LinearForm form(GapMethod method) {
        double offset = gap(method, new StringState(0, 0, 0));
        return new LinearForm(
                offset,
                gap(method, new StringState(1, 0, 0)) - offset,
                gap(method, new StringState(0, 1, 0)) - offset,
                gap(method, new StringState(0, 0, 1)) - offset);
    }

    /**
     * The curvature at which a relief method reads a given value.
     *
     * @param value the reading in mm
     * @throws OutOfRangeException when the method lies wholly beyond the body joint, where nothing bends
     */
    public double curvatureFor(GapMethod.Relief method, double value) {
        LinearForm form = form(method);
        if (Math.abs(form.curvature()) < 1e-6)
            throw Allowed.broken(
                    "held",
                    "[" + method.heldLow() + "," + method.heldHigh() + "]",
                    "a span that reaches before the body joint at fret " + bodyJointFret
                            + ", since only that part bends");
        return (value - form.offset()) / form.curvature();
    }

    /** Moves a relief reading from one habit to another on the same neck, in mm. */
    public double convert(double value, GapMethod.Relief from, GapMethod.Relief to) {
        return gap(to, new StringState(curvatureFor(from, value), 0, 0));
    }

    /**
     * The saddle height that gives an action.
     *
     * @param value wanted action at the fret, string open, in mm
     */
    public double saddleHeightFor(int fret, double value, double curvature, double slotHeight) {
        LinearForm form = form(new GapMethod.Action(fret));
        return (value - form.at(new StringState(curvature, slotHeight, 0))) / form.saddleHeight();
    }

    /**
     * The change of saddle height that changes the action at a fret by so much: {@code d L / x_n}; twice at 12 without
     * compensation.
     */
    public double saddleChange(int fret, double change) {
        return change * saddle() / scale.crown(fret);
    }

    private void check(GapMethod method) {
        int highest = method instanceof GapMethod.Relief relief ? relief.heldHigh() : method.gaugeFret();
        if (highest > scale.frets()) {
            String field = method instanceof GapMethod.Relief ? "held[1]" : "fret";
            throw Allowed.broken(field, highest, "at most " + scale.frets() + ", the last fret");
        }
    }

    static double through(double x0, double y0, double x1, double y1, double x) {
        return y0 + (y1 - y0) * (x - x0) / (x1 - x0);
    }
}
