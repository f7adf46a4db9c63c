package barytone.server.records;

import barytone.server.instruments.InstrumentView;
import java.lang.reflect.RecordComponent;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.Set;

/** What one version of an instrument's facts says otherwise than the one before. */
final class FactsChanged {
    /** Said otherwise, or not a fact. */
    private static final Set<String> OTHER = Set.of("version", "kind");

    private FactsChanged() {}

    /** A line for each fact that differs. */
    static List<String> between(InstrumentView before, InstrumentView now) {
        List<String> changed = new ArrayList<>();
        for (RecordComponent fact : InstrumentView.class.getRecordComponents()) {
            if (OTHER.contains(fact.getName())) continue;
            Object was = value(fact, before);
            Object is = value(fact, now);
            if (!Objects.equals(was, is)) changed.add(label(fact.getName()) + ": " + spoken(was) + " → " + spoken(is));
        }
        return changed;
    }

    private static Object value(RecordComponent fact, InstrumentView of) {
        try {
            return fact.getAccessor().invoke(of);
        } catch (ReflectiveOperationException e) {
            throw new IllegalStateException(e);
        }
    }

    private static String label(String name) {
        String words = name.replaceAll("([A-Z])", " $1").toLowerCase(Locale.ROOT);
        return words.substring(0, 1).toUpperCase(Locale.ROOT) + words.substring(1);
    }

    private static String spoken(Object value) {
        return switch (value) {
            case Enum<?> named -> named.name().toLowerCase(Locale.ROOT).replace('_', '-');
            case Boolean yes -> yes ? "yes" : "no";
            default -> String.valueOf(value);
        };
    }
}
