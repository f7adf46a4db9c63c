package barytone.core.station;

import barytone.core.advice.Advice;
import barytone.core.advice.Outfit;
import barytone.core.instrument.InstrumentSpec;
import barytone.core.instrument.Touch;
import barytone.core.job.Figure;
import barytone.core.job.Habit;
import barytone.core.job.JobDefaults;
import barytone.core.job.JobEvent;
import barytone.core.job.JobState;
import barytone.core.job.LoggedEvent;
import barytone.core.job.RoomReplay;
import barytone.core.job.Station;
import java.time.Instant;
import java.util.List;
import java.util.Optional;

/**
 * A station as the rest of the house sees it: which events are its own and what it makes of them, what is still to be read, and what it advises. No room knows another;
 * what one needs of another goes through what is read and estimated, or is asked of all of them.
 */
public interface Room {
    /** Which station it is. */
    Station station();

    /** The sealed family of the events that are its own. */
    Class<? extends JobEvent> events();

    /** What it makes of a log, nothing heard yet. */
    RoomReplay open(InstrumentSpec spec, JobDefaults defaults, List<LoggedEvent> counted);

    /** How its gaps are read until something else is said. */
    default List<Habit> habits(InstrumentSpec spec, Touch touch) {
        return List.of();
    }

    /** What is wanted here, and how it is worked on, until something else is said. */
    default List<?> choices(InstrumentSpec spec, Touch touch) {
        return List.of();
    }

    /** What must be right before any height is read, though nobody has read anything yet. */
    default Optional<Advice> beforeReading(JobState job) {
        return Optional.empty();
    }

    /** Brings what is far off near its target, so that the stations before this one can be judged. */
    default Optional<Advice> roughly(JobState job) {
        return Optional.empty();
    }

    /** Whether it must be put right before anything but heights can be read anywhere. */
    default boolean comesFirst(JobState job) {
        return false;
    }

    /** Whether there is nothing here to be worked on, nor to be said of it: nobody has heard, read or asked for anything. */
    default boolean idle(JobState job) {
        return false;
    }

    /** Strings, or pickups, that are still to be read, for none of their readings stands for them. */
    List<Integer> unread(JobState job);

    /** The few figures that are kept of it from visit to visit: what was found and what was left. */
    default List<Figure> figures(JobState job) {
        return List.of();
    }

    /** What to do here next, as if it were its turn. */
    Advice advise(JobState job, Outfit outfit, Instant now);
}
