package barytone.core.arrival;

import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.function.Consumer;
import org.jspecify.annotations.Nullable;

/**
 * An instrument as it came.
 *
 * @param complaint null while nothing was said since it was taken in
 * @param marks what was seen, by the place of the entry that said so first
 * @param looks how each spot was found that was looked at
 * @param agreed the marks of which it is agreed what happens
 * @param strings null while nothing was said of them
 */
public record Arrival(
        @Nullable Complaint complaint,
        Map<Long, ConditionMark> marks,
        Map<Spot, SpotLook> looks,
        Set<Long> agreed,
        @Nullable StringsPlan strings) {
    /** Nothing was said or seen yet. */
    public static final Arrival UNSEEN = new Arrival(null, Map.of(), Map.of(), Set.of(), null);

    /** With another complaint. */
    public Arrival with(Complaint said) {
        return new Arrival(said, marks, looks, agreed, strings);
    }

    /**
     * With something seen. What takes the place of an earlier mark keeps its place: what belongs to the mark goes on belonging to it.
     *
     * @param place of the entry that says so
     * @param instead the place of the mark that it takes the place of; null for none
     */
    public Arrival with(long place, ConditionMark mark, @Nullable Long instead) {
        long stands = instead == null ? place : instead;
        ConditionMark before = marks.get(stands);
        Set<Long> held = new HashSet<>(agreed);
        // what was agreed on holds for the same damage told in other words, not for another
        if (before != null && before.kind() != mark.kind()) held.remove(stands);
        return new Arrival(complaint, changed(marks, m -> m.put(stands, mark)), looks, Set.copyOf(held), strings);
    }

    /** Without something that was seen. */
    public Arrival without(long mark) {
        return new Arrival(complaint, changed(marks, m -> m.remove(mark)), looks, agreed, strings);
    }

    /** With a spot looked at. */
    public Arrival with(SpotLook look) {
        return new Arrival(complaint, marks, changed(looks, m -> m.put(look.spot(), look)), agreed, strings);
    }

    /** With damage agreed on. */
    public Arrival agreed(List<Long> places) {
        Set<Long> all = new HashSet<>(agreed);
        all.addAll(places);
        return new Arrival(complaint, marks, looks, Set.copyOf(all), strings);
    }

    /** With other strings planned. */
    public Arrival with(StringsPlan plan) {
        return new Arrival(complaint, marks, looks, agreed, plan);
    }

    /** The damage of which it is not agreed yet what happens: rod, saddles and string tension wait for it. */
    public Map<Long, ConditionMark> stopping() {
        Map<Long, ConditionMark> stopping = new TreeMap<>();
        marks.forEach((place, mark) -> {
            if (mark.kind().stops() && !agreed.contains(place)) stopping.put(place, mark);
        });
        return stopping;
    }

    /** Whether what is read is read on strings that are not a whole set. */
    public boolean provisional() {
        return strings != null && strings.provisional();
    }

    private static <K, V> Map<K, V> changed(Map<K, V> before, Consumer<Map<K, V>> change) {
        Map<K, V> all = new HashMap<>(before);
        change.accept(all);
        return Map.copyOf(all);
    }
}
