package barytone.server.records;

import java.text.Normalizer;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.regex.Pattern;
import org.apache.commons.text.similarity.LevenshteinDistance;

/**
 * How well what is typed fits a name: parts of words, a slip of the fingers, with accents or without.
 *
 * @param words what was typed, folded; empty fits everything
 */
record Likeness(List<String> words) {
    private static final Pattern MARKS = Pattern.compile("\\p{M}+");
    private static final Pattern NOT_A_WORD = Pattern.compile("[^\\p{L}\\p{N}#]+");

    private static final int WHOLE = 100;
    private static final int BEGINS = 80;
    private static final int WITHIN = 50;
    private static final int SLIPPED = 30;

    /** Words shorter than this are typed without slips, or mean something else. */
    private static final int LONG_ENOUGH = 4;

    /** From this length on two slips are forgiven. */
    private static final int LONG = 8;

    /** What was typed. */
    static Likeness to(String typed) {
        return new Likeness(split(typed));
    }

    /** How well a text fits, 0 when any of the words does not; the more the better. */
    int of(String text) {
        if (words.isEmpty()) return 1;
        List<String> there = split(text);
        int sum = 0;
        for (String word : words) {
            int best = there.stream().mapToInt(t -> fit(word, t)).max().orElse(0);
            if (best == 0) return 0;
            sum += best;
        }
        return sum / words.size();
    }

    private static int fit(String typed, String word) {
        if (word.equals(typed)) return WHOLE;
        if (word.startsWith(typed)) return BEGINS;
        if (word.contains(typed)) return WITHIN;
        if (typed.length() < LONG_ENOUGH) return 0;
        int slips = typed.length() >= LONG ? 2 : 1;
        // who types the beginning of a word may slip in it as well
        String beginning = word.substring(0, Math.min(word.length(), typed.length()));
        LevenshteinDistance distance = new LevenshteinDistance(slips);
        int whole = distance.apply(typed, word);
        int early = distance.apply(typed, beginning);
        // the distance says -1 for more than it was asked to look for
        int least = Math.min(whole < 0 ? Integer.MAX_VALUE : whole, early < 0 ? Integer.MAX_VALUE : early);
        return least > slips ? 0 : SLIPPED - least;
    }

    private static List<String> split(String text) {
        return Arrays.stream(NOT_A_WORD.split(folded(text)))
                .filter(w -> !w.isEmpty())
                .toList();
    }

    /** Small letters without their accents. */
    private static String folded(String text) {
        return MARKS.matcher(Normalizer.normalize(text, Normalizer.Form.NFKD))
                .replaceAll("")
                .toLowerCase(Locale.ROOT)
                .replace("ø", "o")
                .replace("æ", "ae")
                .replace("ß", "ss")
                .replace("ł", "l");
    }
}
