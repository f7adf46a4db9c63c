package barytone.core.arrival;

import java.util.List;

/**
 * Which strings it is to have, and what is on it now.
 *
 * @param change whether other ones go on
 * @param set which ones, as it is typed, string 1 first; empty when they stay
 * @param tuning another one, lowest string first, as it is typed; empty when it stays
 * @param age of what is on it, in words; may be empty
 * @param by who brings the new ones; in words, may be empty
 * @param missing the strings that are not on it, 1 is the highest
 * @param trial whether what is on it is for trying only: odd ones, or the outer two
 */
public record StringsPlan(
        boolean change, String set, String tuning, String age, String by, List<Integer> missing, boolean trial) {
    public StringsPlan {
        missing = missing.stream().distinct().sorted().toList();
    }

    /** The same once every string is on. */
    public StringsPlan whole() {
        return new StringsPlan(change, set, tuning, age, by, List.of(), trial);
    }

    /** Whether readings made on them are of a set that is not whole. */
    public boolean provisional() {
        return trial || !missing.isEmpty();
    }
}
