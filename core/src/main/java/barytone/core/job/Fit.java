package barytone.core.job;

import barytone.core.instrument.InstrumentSpec;
import barytone.core.neck.GapMethod;
import barytone.core.playoff.PlayedNote;

/**
 * Whether what was noted or wished fits an instrument, which may have been corrected since, or be another one: what is for strings or frets that it does not have
 * says nothing about it.
 */
public record Fit(InstrumentSpec spec) {
    /** Whether an entry can count on this instrument, as far as it belongs to no station alone. */
    public boolean of(JobEvent event) {
        return switch (event) {
            case JobEvent.ReadingTaken e -> e.string() <= spec.strings() && onTheBoard(e.method());
            case JobEvent.HabitSet e -> onTheBoard(e.habit().method());
            case JobEvent.HeightHabitSet e -> onTheBoard(e.habit().method());
            case JobEvent.NoteHeard e -> there(e.note());
            case JobEvent.NotesHeard e -> e.notes().stream().allMatch(this::there);
            default -> true;
        };
    }

    private boolean there(PlayedNote note) {
        return note.string() <= spec.strings() && note.fret() <= spec.frets();
    }

    /** Whether the frets of a way of reading are on the board. */
    public boolean onTheBoard(GapMethod method) {
        return method.gaugeFret() <= spec.frets()
                && !(method instanceof GapMethod.Relief relief && relief.heldHigh() > spec.frets());
    }
}
