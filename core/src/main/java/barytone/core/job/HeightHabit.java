package barytone.core.job;

import barytone.core.neck.GapMethod;
import barytone.core.reading.Position;
import barytone.core.reading.Tool;

/** How this technician reads nut heights, or action, just now: by which method, with which tool, in which position. */
public record HeightHabit(GapMethod method, Tool tool, Position position) implements Habit {}
