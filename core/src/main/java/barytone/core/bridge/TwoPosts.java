package barytone.core.bridge;

import barytone.core.quantity.Allowed;
import java.util.ArrayList;
import java.util.List;

/**
 * A bridge or barrel that stands on two supports across the strings: heights are linear in z, so what two strings need
 * decides both supports, and the strings between get what the line gives them.
 *
 * <p>Frame: z in mm across the board from the centre line, treble positive; changes in mm, positive raises.
 *
 * @param first change at the first support
 * @param second change at the second support
 * @param residuals per string: what it gets less what it needs, in mm; positive ends too high
 */
public record TwoPosts(double first, double second, List<Double> residuals) {

    /** A string's place and how much its saddle must change, in mm. */
    public record Need(double z, double saddleChange) {
        public Need {
            Allowed.number("z", z, -200, 200, "mm");
            Allowed.number("saddleChange", saddleChange, -50, 50, "mm");
        }
    }

    /**
     * Solves for the supports from the first and the last string of a list.
     *
     * @param needs at least two strings, the outer ones first and last
     * @param firstZ place of the first support in mm
     * @param secondZ place of the second support in mm
     */
    public static TwoPosts through(List<Need> needs, double firstZ, double secondZ) {
        Allowed.whole("strings", needs.size(), 2, 12);
        Allowed.number("first support", firstZ, -300, 300, "mm");
        Allowed.number("second support", secondZ, -300, 300, "mm");
        if (Math.abs(firstZ - secondZ) < 1)
            throw Allowed.broken("supports", firstZ + " and " + secondZ, "two places at least 1 mm apart");
        Need a = needs.getFirst();
        Need b = needs.getLast();
        if (Math.abs(a.z() - b.z()) < 1)
            throw Allowed.broken("strings", "z " + a.z() + " and " + b.z(), "outer strings at least 1 mm apart");
        double slope = (b.saddleChange() - a.saddleChange()) / (b.z() - a.z());
        List<Double> residuals = new ArrayList<>();
        for (Need need : needs) residuals.add(a.saddleChange() + slope * (need.z() - a.z()) - need.saddleChange());
        // the outer strings get exactly what they need, whatever rounding says
        residuals.set(0, 0.0);
        residuals.set(residuals.size() - 1, 0.0);
        return new TwoPosts(
                a.saddleChange() + slope * (firstZ - a.z()),
                a.saddleChange() + slope * (secondZ - a.z()),
                List.copyOf(residuals));
    }
}
