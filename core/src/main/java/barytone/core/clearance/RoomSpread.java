package barytone.core.clearance;

import barytone.core.estimate.SetupEstimate;
import barytone.core.estimate.SetupModel;
import barytone.core.instrument.InstrumentSpec;
import barytone.core.neck.GapMethod;

/** What is not known of the room of a string's notes, for its heights are not known better (1 sd): half of the action's spread over the middle of the neck, and all of the relief's. */
public final class RoomSpread {
    private RoomSpread() {}

    /** Of each string, string 1 first, mm. */
    public static double[] of(InstrumentSpec spec, SetupEstimate estimate) {
        return spec.everyString().stream()
                .mapToDouble(s -> Math.hypot(
                        estimate.now(s, new GapMethod.Action(spec.actionFret())).sd() / 2,
                        estimate.now(s, SetupModel.standardRelief(spec.bodyJointFret()))
                                .sd()))
                .toArray();
    }
}
