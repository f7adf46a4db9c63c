package barytone.core.joblog;

import barytone.core.instrument.InstrumentSpec;
import barytone.core.neck.GapMethod;

/**
 * Whether what was noted or wished fits an instrument, which may have been corrected since, or be another one: what is for strings or frets that it does not have
 * says nothing about it.
 */
public record Fit(InstrumentSpec spec) {
    /** Whether an entry can count on this instrument. */
    public boolean of(JobEvent event) {
        return switch (event) {
            case JobEvent.ReadingTaken e -> e.string() <= spec.strings() && onTheBoard(e.method());
            case JobEvent.SlotsFiled e -> e.slots().stream().allMatch(f -> f.string() <= spec.strings());
            case JobEvent.TargetSet e -> onTheBoard(e.target().method());
            case JobEvent.HabitSet e -> onTheBoard(e.habit().method());
            case JobEvent.HeightHabitSet e -> onTheBoard(e.habit().method());
            case JobEvent.NutTargetSet e ->
                e.target().bands().size() == spec.strings()
                        && onTheBoard(e.target().method());
            case JobEvent.ActionTargetSet e ->
                e.target().bands().size() == spec.strings()
                        && onTheBoard(e.target().method());
            case JobEvent.GaugePatternRead e -> e.ringing().stream().allMatch(string -> string <= spec.strings());
            case JobEvent.IntonationSet e -> e.ways().fits(spec.strings(), spec.frets());
            default -> true;
        };
    }

    private boolean onTheBoard(GapMethod method) {
        return method.gaugeFret() <= spec.frets()
                && !(method instanceof GapMethod.Relief relief && relief.heldHigh() > spec.frets());
    }
}
