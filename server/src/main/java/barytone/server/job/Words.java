package barytone.server.job;

import barytone.core.estimate.Band;
import barytone.core.estimate.Verdict;
import barytone.core.instrument.InstrumentSpec;
import barytone.core.joblog.JobState;
import barytone.core.joblog.ReliefHabit;
import barytone.core.neck.GapMethod;
import barytone.core.plan.Advice;
import barytone.core.plan.RodAdvisor;
import barytone.core.quantity.LengthUnit;
import barytone.core.quantity.Turns;
import barytone.core.reading.Position;
import java.util.List;
import java.util.Locale;

/** Says things as a colleague would: short, exact, calm. */
final class Words {
    private final JobState state;
    private final InstrumentSpec spec;
    private final LengthUnit unit;

    Words(JobState state, LengthUnit unit) {
        this.state = state;
        this.spec = state.spec();
        this.unit = unit;
    }

    static String lower(Enum<?> value) {
        return value.name().toLowerCase(Locale.ROOT);
    }

    static String code(Verdict verdict) {
        return lower(verdict).replace('_', '-');
    }

    String string(int string) {
        return "string " + string + " " + spec.stringName(string);
    }

    String strings(List<Integer> strings) {
        if (strings.size() == 1) return string(strings.get(0));
        return "strings "
                + String.join(
                        " and ",
                        strings.stream().map(s -> s + " " + spec.stringName(s)).toList());
    }

    String band(Band band) {
        return unit.show(band.low()) + " – " + unit.show(band.high());
    }

    String method(ReliefHabit habit) {
        GapMethod.Relief m = habit.method();
        String held = habit.board()
                ? "notched straightedge to " + m.heldHigh() + ", gauge at " + m.gaugeFret()
                : "held at " + m.heldLow() + " and " + m.heldHigh() + ", gauge at " + m.gaugeFret();
        return held + (habit.position() == Position.FLAT ? ", flat on the bench" : ", playing position");
    }

    /** Where the rod stands against as found. */
    String netTurns() {
        Turns tighter = state.tighterThanFound();
        if (tighter.isZero()) return "as found";
        return tighter.amount() + " turn" + (tighter.sixteenths() > 0 ? " tighter" : " looser") + " than found";
    }

    /** The line under the station's name. */
    String reliefNote(Advice advice) {
        if (state.closed()) return "closed";
        return switch (advice) {
            case Advice.Done ignored -> "in its band";
            case Advice.Settle ignored -> "neck settling";
            case Advice.Retune ignored -> "retune first";
            case Advice.Stop ignored -> "stop and decide";
            case Advice.MeasureAgain ignored -> "a reading in doubt";
            case Advice.Measure m -> m.reason() == Advice.Measure.Reason.FIRST ? "not read yet" : "to be read again";
            default -> outside();
        };
    }

    private String outside() {
        for (int s : state.reliefStrings()) {
            double out = RodAdvisor.band(state, s).outside(state.relief(s).mean());
            if (out != 0) return unit.show(Math.abs(out)) + (out > 0 ? " too much" : " too little");
        }
        return "at the edge";
    }

    String verdict(int string, String verdict) {
        double out = RodAdvisor.band(state, string).outside(state.relief(string).mean());
        return switch (verdict) {
            case "in" -> "in band";
            case "high" -> unit.show(out) + " too much";
            case "low" -> unit.show(-out) + " too little";
            case "stale" -> "read again";
            case "unread" -> "not read";
            default -> "cannot tell";
        };
    }
}
