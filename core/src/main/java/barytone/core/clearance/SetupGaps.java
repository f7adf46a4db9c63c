package barytone.core.clearance;

import barytone.core.estimate.SetupModel;
import barytone.core.instrument.InstrumentSpec;
import barytone.core.neck.GapMethod;
import barytone.core.neck.SetupSum;
import barytone.core.neck.StringLine;
import barytone.core.neck.StringState;
import barytone.core.quantity.Allowed;
import java.util.ArrayList;
import java.util.List;

/**
 * A setup in the gaps that a technician thinks in.
 *
 * @param reliefBass held at 1 and at the body joint, gauge at 8, under the lowest string, mm
 * @param reliefTreble the same under string 1
 * @param nut pressed at 3, over 1, string 1 first, mm
 * @param action over the fret at which action is read, string 1 first, mm
 */
public record SetupGaps(double reliefBass, double reliefTreble, List<Double> nut, List<Double> action) {
    /** The fret behind which a string is pressed when its slot is read. */
    public static final int PRESSED_AT = 3;

    public SetupGaps {
        nut = List.copyOf(nut);
        action = List.copyOf(action);
    }

    /** Of an instrument as it is estimated. */
    public static SetupGaps of(InstrumentSpec spec, List<StringState> states) {
        StringLine line = spec.line();
        GapMethod.Relief relief = SetupModel.standardRelief(spec.bodyJointFret());
        List<Double> nut = new ArrayList<>();
        List<Double> action = new ArrayList<>();
        for (StringState state : states) {
            nut.add(line.gap(new GapMethod.NutPressed(PRESSED_AT), state));
            action.add(line.gap(new GapMethod.Action(spec.actionFret()), state));
        }
        return new SetupGaps(line.gap(relief, states.getLast()), line.gap(relief, states.getFirst()), nut, action);
    }

    /** How each string stands, string 1 first. */
    public List<StringState> states(InstrumentSpec spec) {
        int strings = spec.strings();
        if (nut.size() != strings) throw Allowed.broken("nut", nut.size() + " gaps", strings + ", one for each string");
        if (action.size() != strings)
            throw Allowed.broken("action", action.size() + " gaps", strings + ", one for each string");
        StringLine line = spec.line();
        GapMethod.Relief method = SetupModel.standardRelief(spec.bodyJointFret());
        List<StringState> states = new ArrayList<>();
        for (int s = 1; s <= strings; s++) {
            double share = (s - 1.0) / (strings - 1);
            double relief = reliefTreble + (reliefBass - reliefTreble) * share;
            states.add(SetupSum.solve(
                    line,
                    method,
                    relief,
                    new GapMethod.NutPressed(PRESSED_AT),
                    nut.get(s - 1),
                    new GapMethod.Action(spec.actionFret()),
                    action.get(s - 1)));
        }
        return List.copyOf(states);
    }
}
