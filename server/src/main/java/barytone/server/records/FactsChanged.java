package barytone.server.records;

import barytone.server.instruments.InstrumentView;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.function.Function;

/** What one version of an instrument's facts says otherwise than the one before. */
final class FactsChanged {
    /** Every fact by its name, in the order in which they are stated. */
    private static final Map<String, Function<InstrumentView, Object>> FACTS = new LinkedHashMap<>();

    static {
        FACTS.put("Name", InstrumentView::name);
        FACTS.put("Kind", InstrumentView::kindLabel);
        FACTS.put("Tuning", InstrumentView::tuning);
        FACTS.put("Scale length", InstrumentView::scaleLength);
        FACTS.put("Frets", InstrumentView::frets);
        FACTS.put("Body joint at fret", InstrumentView::bodyJointFret);
        FACTS.put("Board radius", InstrumentView::boardRadius);
        FACTS.put("Board radius at the end", InstrumentView::endRadius);
        FACTS.put("Rod", InstrumentView::rod);
        FACTS.put("Rod is turned at", InstrumentView::access);
        FACTS.put("Left-handed", InstrumentView::leftHanded);
        FACTS.put("Neck joint", InstrumentView::joint);
        FACTS.put("Bridge", InstrumentView::bridge);
        FACTS.put("Strings' spread at the bridge", InstrumentView::bridgeSpread);
        FACTS.put("Pitch of the height screws", InstrumentView::threadPitch);
        FACTS.put("Pitch of the length screws", InstrumentView::lengthPitch);
        FACTS.put("Heads of the length screws", InstrumentView::lengthHead);
        FACTS.put("Saddle thickness", InstrumentView::saddleThickness);
        FACTS.put("Plate's rise", InstrumentView::plateRise);
        FACTS.put("Nut", InstrumentView::nut);
        FACTS.put("Nut width", InstrumentView::nutWidth);
        FACTS.put("Strings", InstrumentView::strings);
        FACTS.put("Pickups", InstrumentView::pickups);
    }

    private FactsChanged() {}

    /** A line for each fact that differs. */
    static List<String> between(InstrumentView before, InstrumentView now) {
        return FACTS.entrySet().stream()
                .filter(fact ->
                        !fact.getValue().apply(before).equals(fact.getValue().apply(now)))
                .map(fact -> fact.getKey() + ": " + spoken(fact.getValue().apply(before)) + " → "
                        + spoken(fact.getValue().apply(now)))
                .toList();
    }

    private static String spoken(Object value) {
        return switch (value) {
            case Enum<?> named -> named.name().toLowerCase(Locale.ROOT).replace('_', '-');
            case Boolean yes -> yes ? "yes" : "no";
            default -> String.valueOf(value);
        };
    }
}
