package barytone.core.station.relief;

import barytone.core.quantity.Turns;
import java.util.List;

/**
 * Finish tightening: a rod that is loosened goes past its place and comes back tightening, so that the nut bears on its washer and nothing can creep. A stiff one is first
 * eased the same way.
 */
final class FinishTightening {
    /** Loosened past its place by this much. */
    private static final Turns PAST = Turns.EIGHTH;

    private FinishTightening() {}

    /**
     * The movements that make up a turn, in order.
     *
     * @param net clockwise
     * @param reversed whether the rod is known to straighten anticlockwise
     * @param stiff it did not want to turn the last time
     */
    static List<Turns> path(Turns net, boolean reversed, boolean stiff, RodWays ways) {
        boolean loosening = (reversed ? net.negated() : net).sixteenths() < 0;
        Turns tighten = reversed ? PAST.negated() : PAST;
        if (net.isZero()) return List.of(net);
        if (loosening && ways.finishTightening()) return List.of(net.plus(tighten.negated()), tighten);
        return stiff ? List.of(tighten.negated(), net.plus(tighten)) : List.of(net);
    }
}
