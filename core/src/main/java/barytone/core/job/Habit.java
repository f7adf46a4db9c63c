package barytone.core.job;

import barytone.core.neck.GapMethod;
import barytone.core.reading.Position;
import barytone.core.reading.Tool;

/** How a technician reads the gaps of a station just now. */
public sealed interface Habit permits ReliefHabit, HeightHabit {
    /** By which method. */
    GapMethod method();

    /** With which tool. */
    Tool tool();

    /** In which position. */
    Position position();

    /** The station whose gaps it reads. */
    default Station station() {
        return Station.of(method());
    }
}
