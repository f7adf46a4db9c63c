package barytone.core.job;

import barytone.core.neck.GapMethod;
import barytone.core.reading.Position;
import barytone.core.reading.Tool;

/**
 * How this technician reads relief just now: where held and gauged, with which tool, in which position.
 *
 * @param board whether a notched straightedge rests on the board itself rather than on the crowns; on level frets it reads the same
 */
public record ReliefHabit(GapMethod.Relief method, Tool tool, Position position, boolean board) implements Habit {}
