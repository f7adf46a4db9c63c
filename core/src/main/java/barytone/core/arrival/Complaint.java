package barytone.core.arrival;

import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * What hurts, and how the instrument is played.
 *
 * @param words the player's own
 * @param strings which ones hurt, 1 is the highest; empty for all, or nobody knows
 * @param capo the fret at which a capo is put as a rule; null without one
 * @param like which instrument it is to be like, or what the player liked last time; may be empty
 */
public record Complaint(
        String words,
        List<Sign> signs,
        List<Where> where,
        List<Integer> strings,
        List<Style> styles,
        @Nullable Integer capo,
        String like) {
    public Complaint {
        signs = signs.stream().distinct().sorted().toList();
        where = where.stream().distinct().sorted().toList();
        strings = strings.stream().distinct().sorted().toList();
        styles = styles.stream().distinct().sorted().toList();
    }

    /** Nothing but words. */
    public static Complaint of(String words) {
        return new Complaint(words, List.of(), List.of(), List.of(), List.of(), null, "");
    }
}
