package barytone.core.estimate;

import java.time.Duration;
import java.util.List;

/** What was, or might be, done to a setup. The estimate predicts the result of each with its own uncertainty. */
public sealed interface Move {
    /**
     * The rod turned: {@code k += r u}.
     *
     * @param turns u, clockwise as seen from the access end
     * @param mayRunFree the rod may have a dead zone or slack at this point, so no response would not be surprising
     */
    record RodTurned(double turns, boolean mayRunFree) implements Move {}

    /**
     * A height screw turned: {@code y_s,i += share_i pitch turns} for every string that rests on it; positive raises.
     *
     * @param shares what each string gets of the screw's movement, string 1 first
     */
    record ScrewTurned(List<Double> shares, double turns) implements Move {
        public ScrewTurned {
            shares = List.copyOf(shares);
        }
    }

    /**
     * The saddle raised or lowered by an intended amount: sanding, a shim.
     *
     * @param shares what each string gets of it, string 1 first
     * @param change mm, positive raises
     * @param relativeSd how well the amount is hit; 0.10 for sanding
     */
    record SaddleLifted(List<Double> shares, double change, double relativeSd) implements Move {
        public SaddleLifted {
            shares = List.copyOf(shares);
        }
    }

    /** Height screws of a saddle under one string alone turned; positive raises. */
    record SaddleScrewed(int string, double turns) implements Move {}

    /** The saddle of one string alone raised or lowered by an intended amount, mm. */
    record SaddleMoved(int string, double change, double relativeSd) implements Move {}

    /** One slot raised or lowered by an intended amount, mm. */
    record SlotMoved(int string, double change, double relativeSd) implements Move {}

    /** A slot filed: {@code h -= bite * strokes}. */
    record SlotFiled(int string, double strokes) implements Move {}

    /** Slots raised or lowered by an intended amount: underside sanded, shimmed, filled. */
    record SlotsLifted(List<Double> shares, double change, double relativeSd) implements Move {
        public SlotsLifted {
            shares = List.copyOf(shares);
        }
    }

    /** Slots that nobody knows the height of any more: a new nut, a fill, a shim, a file that was not counted. */
    record SlotsUnknown(List<Integer> strings) implements Move {
        public SlotsUnknown {
            strings = List.copyOf(strings);
        }
    }

    /** Saddles that nobody knows the height of any more. */
    record SaddlesUnknown(List<Integer> strings) implements Move {
        public SaddlesUnknown {
            strings = List.copyOf(strings);
        }
    }

    /** The bow of the neck under some strings is no longer known. */
    record ReliefUnknown(List<Integer> strings) implements Move {
        public ReliefUnknown {
            strings = List.copyOf(strings);
        }
    }

    /** Total string tension changed, by a change of set or of tuning: {@code k += compliance * dT}. */
    record TensionChanged(double newtons) implements Move {}

    /** Tuned to pitch again: the neck may creep a little. */
    record Retuned() implements Move {}

    /** Time passed: everything drifts a little. */
    record Rested(Duration time) implements Move {}

    /** Relative humidity changed by so many points of percent. */
    record HumidityChanged(double points) implements Move {}
}
