package barytone.core.strings;

import barytone.core.quantity.Allowed;
import barytone.core.quantity.Length;
import barytone.core.quantity.LengthUnit;
import barytone.core.quantity.NotAllowedException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;

/**
 * A set of strings, string 1 first, 4 to 12 of them; the two strings of a course stand one after the other.
 */
public record StringSet(List<MusicString> strings) {
    private static final double THOU = 0.0254;

    public StringSet {
        strings = List.copyOf(strings);
        Allowed.whole("strings of a set", strings.size(), 4, 12);
    }

    /** As {@link #parse(String, int)} where the number of strings is not known. */
    public static StringSet parse(String text) {
        return parse(text, 0);
    }

    /**
     * Reads a list of gauges from string 1 on, as people type them: in thou ({@code 10 13 17 26w 36w 46w}), inches ({@code .010 .013}) or mm ({@code 0.25 0.33}), told apart
     * by their size; or a set as it is sold, by its thinnest and thickest string ({@code 9-42}). A letter says what is wound on it: w nickel, s steel, b bronze; n is plain
     * nylon, f wound on nylon floss.
     *
     * @param strings how many strings a set that is named by its ends has; 0 when it is not known
     * @throws NotAllowedException naming the gauge that cannot be read, or the sets that are known by name
     */
    public static StringSet parse(String text, int strings) {
        if (SoldSet.spoken(text)) {
            String gauges = SoldSet.gauges(text, strings)
                    .orElseThrow(() -> Allowed.broken(
                            "strings",
                            "“" + text.strip() + "”",
                            "each gauge from string 1 on, like 10 13 17 26w 36w 46w, or a set known by its ends: "
                                    + SoldSet.known(strings)));
            return parse(gauges);
        }
        List<MusicString> read = new ArrayList<>();
        for (String item : items(text)) read.add(string(item));
        return new StringSet(read);
    }

    /** A comma between digits that stand for one number is a decimal one; else it separates. */
    private static List<String> items(String text) {
        boolean decimal = text.matches(".*\\b0,\\d.*");
        return Arrays.stream(text.strip().split(decimal ? "[\\s;]+|,\\s+" : "[\\s,;/|-]+"))
                .filter(item -> !item.isEmpty())
                .toList();
    }

    private static MusicString string(String item) {
        String lower = item.toLowerCase(Locale.ROOT);
        StringWrap wrap = switch (lower.charAt(lower.length() - 1)) {
            case 'w' -> StringWrap.NICKEL;
            case 's' -> StringWrap.STEEL;
            case 'b' -> StringWrap.BRONZE;
            case 'f' -> StringWrap.FLOSS;
            case 'n' -> lower.endsWith("in") ? StringWrap.PLAIN : StringWrap.NYLON;
            case 'p' -> StringWrap.PLAIN;
            default -> StringWrap.PLAIN;
        };
        boolean lettered = wrap != StringWrap.PLAIN || lower.endsWith("p");
        String gauge = lettered ? lower.substring(0, lower.length() - 1) : lower;
        double mm = mm(gauge);
        if (!(mm >= 0.1 && mm <= 5))
            throw Allowed.broken(
                    "strings",
                    "“" + item + "”",
                    "gauges of 4 to 196 thou, like 10 13 17 26w 36w 46w; .010 is inches, 0.25 is mm, 9-42 a whole set");
        return MusicString.of(mm, wrap);
    }

    /** A bare number under 0.2 can only be inches, one under 4 only mm: no string is as thin, or as thick. */
    private static double mm(String gauge) {
        boolean bare = gauge.matches("\\d*[.,]?\\d+");
        if (!bare) return Length.parse(gauge, LengthUnit.THOU).mm();
        double number = Double.parseDouble(gauge.replace(',', '.'));
        // sets are printed with leading zeros too: 012, 053
        boolean printed = gauge.matches("0\\d\\d");
        if (printed || number >= 4) return number * THOU;
        return number < 0.2 ? number * 25.4 : number;
    }

    /** The list of gauges as {@link #parse} reads it. */
    public String text() {
        return strings.stream().map(StringSet::text).collect(Collectors.joining(" "));
    }

    /** The same in the unit that strings are spoken of in: whole and half thou, or mm to the micrometre. */
    public String text(LengthUnit unit) {
        if (unit != LengthUnit.MM) return text();
        return strings.stream()
                .map(s -> Allowed.plain(Math.rint(s.diameter() * 1000) / 1000) + letter(s))
                .collect(Collectors.joining(" "));
    }

    private static String text(MusicString string) {
        double thou = Math.rint(string.diameter() / THOU * 10) / 10;
        return Allowed.plain(thou) + letter(string);
    }

    private static String letter(MusicString string) {
        return switch (string.wrap()) {
            case PLAIN -> "";
            case NICKEL -> "w";
            case STEEL -> "s";
            case BRONZE -> "b";
            case NYLON -> "n";
            case FLOSS -> "f";
        };
    }

    /**
     * Tension of each string in N.
     *
     * @param tuning pitch of each string, string 1 first, as many as there are strings
     * @param scaleLength mm
     * @param reference pitch of A4 in Hz
     */
    public List<Double> tensions(List<Pitch> tuning, double scaleLength, double reference) {
        if (tuning.size() != strings.size())
            throw Allowed.broken(
                    "tuning", tuning.size() + " notes", strings.size() + " notes, one for each string of the set");
        Allowed.number("reference", reference, 380, 500, "Hz");
        List<Double> tensions = new ArrayList<>();
        for (int i = 0; i < strings.size(); i++)
            tensions.add(strings.get(i).tension(scaleLength, tuning.get(i).frequency(reference)));
        return List.copyOf(tensions);
    }

    /** Sum of the tensions in N. */
    public double totalTension(List<Pitch> tuning, double scaleLength, double reference) {
        return tensions(tuning, scaleLength, reference).stream()
                .mapToDouble(Double::doubleValue)
                .sum();
    }
}
