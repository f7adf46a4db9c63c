package barytone.core.strings;

import barytone.core.quantity.Allowed;
import barytone.core.quantity.Length;
import barytone.core.quantity.LengthUnit;
import java.util.ArrayList;
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

    /**
     * Reads a list of gauges from string 1 on, in thou unless a unit is typed: {@code 10 13 17 26w 36w 46w}. A letter says
     * what is wound on it: w nickel, s steel, b bronze; n is plain nylon, f wound on nylon floss.
     *
     * @throws IllegalArgumentException naming the gauge that cannot be read
     */
    public static StringSet parse(String text) {
        List<MusicString> strings = new ArrayList<>();
        for (String item : text.strip().split("[\\s,]+")) {
            if (item.isEmpty()) continue;
            String lower = item.toLowerCase(Locale.ROOT);
            StringWrap wrap = switch (lower.charAt(lower.length() - 1)) {
                case 'w' -> StringWrap.NICKEL;
                case 's' -> StringWrap.STEEL;
                case 'b' -> StringWrap.BRONZE;
                case 'f' -> StringWrap.FLOSS;
                case 'n' -> lower.endsWith("in") ? StringWrap.PLAIN : StringWrap.NYLON;
                default -> StringWrap.PLAIN;
            };
            boolean lettered = wrap != StringWrap.PLAIN;
            String gauge = lettered ? lower.substring(0, lower.length() - 1) : lower;
            double mm = Length.parse(gauge, LengthUnit.THOU).mm();
            if (!(mm >= 0.1 && mm <= 5))
                throw Allowed.broken("gauge", "“" + item + "”", "4 to 196 thou; a bare number is in thou");
            strings.add(MusicString.of(mm, wrap));
        }
        return new StringSet(strings);
    }

    /** The list of gauges as {@link #parse} reads it. */
    public String text() {
        return strings.stream().map(StringSet::text).collect(Collectors.joining(" "));
    }

    private static String text(MusicString string) {
        double thou = Math.rint(string.diameter() / THOU * 10) / 10;
        String letter = switch (string.wrap()) {
            case PLAIN -> "";
            case NICKEL -> "w";
            case STEEL -> "s";
            case BRONZE -> "b";
            case NYLON -> "n";
            case FLOSS -> "f";
        };
        return Allowed.plain(thou) + letter;
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
