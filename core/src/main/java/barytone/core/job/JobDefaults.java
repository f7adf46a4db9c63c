package barytone.core.job;

import java.util.Collection;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * What holds on a job until its log says otherwise: the shop's, the player's and the instrument's choices.
 *
 * @param scope the stations that were agreed on
 * @param order in which they are worked on
 * @param habits how the gaps of each station are read
 * @param choices what else was chosen, a target or a way of working, by its kind
 */
public record JobDefaults(
        Set<Station> scope, WorkOrder order, Map<Station, Habit> habits, Map<Class<?>, Object> choices) {
    public JobDefaults {
        scope = Set.copyOf(scope);
        habits = Map.copyOf(habits);
        choices = Map.copyOf(choices);
    }

    /** What is given. */
    public static JobDefaults of(
            Set<Station> scope, WorkOrder order, Collection<? extends Habit> habits, Collection<?> choices) {
        JobDefaults defaults = new JobDefaults(scope, order, Map.of(), Map.of());
        for (Habit habit : habits) defaults = defaults.with(habit);
        for (Object choice : choices) defaults = defaults.choosing(choice);
        return defaults;
    }

    /** What was chosen of a kind. */
    public <T> T the(Class<T> kind) {
        return find(kind)
                .orElseThrow(() -> new IllegalStateException("no " + kind.getSimpleName() + " was chosen for the job"));
    }

    /** What was chosen of a kind; empty where it is left to what is usual for the instrument. */
    public <T> Optional<T> find(Class<T> kind) {
        return Optional.ofNullable(choices.get(kind)).map(kind::cast);
    }

    /** How the gaps of a station are read. */
    public Habit habit(Station station) {
        Habit habit = habits.get(station);
        if (habit == null)
            throw new IllegalArgumentException("No gap under the strings is read at " + station.label() + ".");
        return habit;
    }

    /** The same with the gaps of a station read otherwise. */
    public JobDefaults with(Habit habit) {
        Map<Station, Habit> others = new EnumMap<>(Station.class);
        others.putAll(habits);
        others.put(habit.station(), habit);
        return new JobDefaults(scope, order, others, choices);
    }

    /** The same in another order of work. */
    public JobDefaults with(WorkOrder other) {
        return new JobDefaults(scope, other, habits, choices);
    }

    /** The same with other stations agreed on. */
    public JobDefaults scope(Set<Station> stations) {
        return new JobDefaults(stations, order, habits, choices);
    }

    /** The same with another target or way of working; it takes the place of the one of its kind. */
    public JobDefaults choosing(Object choice) {
        Map<Class<?>, Object> others = new HashMap<>(choices);
        others.put(choice.getClass(), choice);
        return new JobDefaults(scope, order, habits, others);
    }
}
