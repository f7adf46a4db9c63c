package barytone.core.buzz;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import org.jspecify.annotations.Nullable;

/**
 * What is known of the instrument without asking again.
 *
 * @param relief null while it is not known
 * @param action null while it is not known
 * @param nut by string, 1 is the highest
 * @param humidity relative, %; null while nobody read it
 * @param stringAgeDays null while nobody knows
 */
public record Findings(
        @Nullable Relief relief,
        @Nullable Level action,
        Map<Integer, Level> nut,
        @Nullable Double humidity,
        @Nullable Integer stringAgeDays,
        Set<Hint> hints) {
    /** How the relief stands to its band. */
    public enum Relief {
        BACK_BOW,
        LOW,
        OK,
        HIGH
    }

    /** How a height stands to its band. */
    public enum Level {
        LOW,
        OK,
        HIGH
    }

    /** Under this the wood is dry, % relative humidity. */
    private static final double DRY = 35;

    /** Nothing known. */
    public static final Findings NONE = new Findings(null, null, Map.of(), null, null, Set.of());

    public Findings {
        nut = Collections.unmodifiableMap(new TreeMap<>(nut));
        hints = Set.copyOf(hints);
    }

    /** How much likelier a relief as it was found is with a cause than without; 1 while it is not known. */
    public double relief(double backBow, double low, double ok, double high) {
        if (relief == null) return 1;
        return switch (relief) {
            case BACK_BOW -> backBow;
            case LOW -> low;
            case OK -> ok;
            case HIGH -> high;
        };
    }

    /** The same of the action. */
    public double action(double low, double ok, double high) {
        return of(action, low, ok, high);
    }

    /** The same of a string's nut slot. */
    public double nut(int string, double low, double ok, double high) {
        return of(nut.get(string), low, ok, high);
    }

    private static double of(@Nullable Level level, double low, double ok, double high) {
        if (level == null) return 1;
        return switch (level) {
            case LOW -> low;
            case OK -> ok;
            case HIGH -> high;
        };
    }

    /** How much likelier a hint that was given is with a cause than without. */
    public double hint(Hint hint, double given) {
        return hints.contains(hint) ? given : 1;
    }

    /** Whether the air is known to be dry; null while nobody read it. */
    public @Nullable Boolean dry() {
        return humidity == null ? null : humidity < DRY;
    }

    /** Each thing that is known, alone. */
    List<Findings> apart() {
        List<Findings> apart = new ArrayList<>();
        if (relief != null) apart.add(new Findings(relief, null, Map.of(), null, null, Set.of()));
        if (action != null) apart.add(new Findings(null, action, Map.of(), null, null, Set.of()));
        nut.forEach(
                (string, level) -> apart.add(new Findings(null, null, Map.of(string, level), null, null, Set.of())));
        if (humidity != null) apart.add(new Findings(null, null, Map.of(), humidity, null, Set.of()));
        if (stringAgeDays != null) apart.add(new Findings(null, null, Map.of(), null, stringAgeDays, Set.of()));
        hints.stream()
                .sorted()
                .forEach(hint -> apart.add(new Findings(null, null, Map.of(), null, null, Set.of(hint))));
        return apart;
    }

    /** Whether a test is answered by this already. */
    boolean answers(BuzzTest test, int string) {
        return switch (test) {
            case READ_RELIEF, TAP_RELIEF -> relief != null;
            case PRESS_AT_3 -> nut.containsKey(string);
            case READ_HUMIDITY -> humidity != null;
            default -> false;
        };
    }
}
