package barytone.server.web;

import java.util.Locale;
import java.util.Map;

/** What a field is called on screen, by its name in a request. */
final class FieldNames {
    /** Where the words of the name are not those of the screen. */
    private static final Map<String, String> ON_SCREEN = Map.ofEntries(
            Map.entry("name", "Name on the ticket"),
            Map.entry("player", "Name of the player or lender"),
            Map.entry("bodyJointFret", "Body joint at fret"),
            Map.entry("endRadius", "Board radius at the last fret"),
            Map.entry("access", "Rod is turned at"),
            Map.entry("bridgeSpread", "Strings across the bridge"),
            Map.entry("threadPitch", "Thread of the height screws"),
            Map.entry("lengthPitch", "Thread of the length screws"),
            Map.entry("plateRise", "Rise of the base plate"));

    private FieldNames() {}

    /** The name as the screen has it; a name that is words already, and a place in a list, stay as they are. */
    static String onScreen(String field) {
        String own = field.startsWith("instrument.") ? field.substring("instrument.".length()) : field;
        String known = ON_SCREEN.get(own);
        if (known != null) return known;
        if (!own.matches("[a-z]+([A-Z][a-z]*)+")) return own;
        String words = own.replaceAll("([A-Z])", " $1").toLowerCase(Locale.ROOT);
        return Character.toUpperCase(words.charAt(0)) + words.substring(1);
    }
}
