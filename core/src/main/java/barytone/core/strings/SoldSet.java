package barytone.core.strings;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/** The sets that are sold under their thinnest and thickest string, as they are spoken of: {@code 9-42}, {@code 012-053}. */
final class SoldSet {
    private static final Pattern SPOKEN =
            Pattern.compile("(?:0?\\.)?0*(\\d{1,3})[wsbnf]?\\s*(?:[-–—−/]|to)\\s*(?:0?\\.)?0*(\\d{2,3})[wsbnf]?");

    /** In the order in which one is preferred where the number of strings does not decide. */
    private static final List<String> USUAL = List.of(
            "8 10 15 21w 30w 38w",
            "9 11 16 24w 32w 42w",
            "9 11 16 26w 36w 46w",
            "10 13 17 26w 36w 46w",
            "10 13 17 30w 42w 52w",
            "10 14 23b 30b 39b 47b",
            "11 14 18 28w 38w 48w",
            "11 14 18 28w 38w 49w",
            "11 15 22b 32b 42b 52b",
            "11 14 18 30w 42w 54w",
            "12 16 24w 32w 42w 52w",
            "12 16 24b 32b 42b 53b",
            "12 16 25b 32b 42b 54b",
            "12 16 20 34w 46w 56w",
            "13 17 26b 35b 45b 56b",
            "13 17 26w 36w 46w 62w",
            "14 18 26w 44w 56w 68w",
            "9 11 16 24w 32w 42w 54w",
            "10 13 17 26w 36w 46w 56w",
            "10 13 17 26w 36w 46w 59w",
            "10 13 17 30w 42w 52w 62w",
            "9 11 16 24w 32w 42w 54w 65w",
            "10 13 17 30w 42w 54w 64w 74w",
            "40s 55s 75s 95s",
            "40s 60s 80s 100s",
            "45s 65s 80s 100s",
            "45s 65s 85s 105s",
            "50s 70s 85s 105s",
            "50s 70s 90s 110s",
            "45s 65s 80s 100s 125s",
            "45s 65s 85s 105s 130s",
            "30s 45s 65s 85s 105s 130s",
            "32s 45s 65s 85s 105s 130s",
            "10 10 14 14 22b 22b 34b 34b",
            "11 11 15 15 26b 26b 40b 40b",
            "9 9 11 11 16 8 24w 11 32w 16 42w 24w",
            "10 10 14 14 23b 8 30b 12 39b 18b 47b 27b",
            "12 12 16 16 24b 9 32b 12 42b 20b 53b 30b");

    private SoldSet() {}

    /** Whether a text speaks of a set by its two ends. */
    static boolean spoken(String text) {
        return SPOKEN.matcher(text.strip()).matches();
    }

    /**
     * The gauges of such a set, string 1 first; empty where none is known under this name with this many strings.
     *
     * @param strings how many it has; 0 when it is not known, which takes the first that is known
     */
    static Optional<String> gauges(String text, int strings) {
        Matcher spoken = SPOKEN.matcher(text.strip());
        if (!spoken.matches()) return Optional.empty();
        return USUAL.stream()
                .filter(set -> strings == 0 || count(set) == strings)
                .filter(set -> thin(set).equals(spoken.group(1)) && thick(set).equals(spoken.group(2)))
                .findFirst();
    }

    /** What sets of this many strings are known, for a message. */
    static String known(int strings) {
        return USUAL.stream()
                .filter(set -> strings == 0 || count(set) == strings)
                .map(set -> thin(set) + "-" + thick(set))
                .distinct()
                .collect(Collectors.joining(", "));
    }

    private static int count(String set) {
        return set.split(" ").length;
    }

    private static String thin(String set) {
        return bare(set.split(" ")[0]);
    }

    /** The thickest: on a twelve-string not the last. */
    private static String thick(String set) {
        return String.valueOf(Arrays.stream(set.split(" "))
                .mapToInt(gauge -> Integer.parseInt(bare(gauge)))
                .max()
                .orElseThrow());
    }

    private static String bare(String gauge) {
        return gauge.replaceAll("[^0-9]", "");
    }
}
