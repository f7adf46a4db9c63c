package barytone.core.estimate;

import barytone.core.neck.GapMethod;
import java.util.ArrayList;
import java.util.List;

/**
 * What a move does to one quantity, before it is made.
 *
 * @param now as estimated, mm
 * @param expected after the move and before anything is read, mm
 */
public record Ripple(int string, GapMethod method, Normal now, Normal expected) {
    /** Expected change in mm. */
    public double change() {
        return expected.mean() - now.mean();
    }

    /** The expected values of the quantities of all strings after a move. */
    public static List<Ripple> of(SetupEstimate estimate, Move move, List<GapMethod> methods) {
        SetupEstimate after = estimate.after(move);
        List<Ripple> ripple = new ArrayList<>();
        for (int s = 1; s <= estimate.model().strings(); s++)
            for (GapMethod method : methods)
                ripple.add(new Ripple(s, method, estimate.now(s, method), after.now(s, method)));
        return List.copyOf(ripple);
    }
}
