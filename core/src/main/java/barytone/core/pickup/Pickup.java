package barytone.core.pickup;

import barytone.core.quantity.Allowed;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;

/** A pickup under the strings. */
public record Pickup(Place place, Kind kind, Mounting mounting) {
    /** Where it is. */
    public enum Place {
        NECK("neck pickup", 0.79),
        MIDDLE("middle pickup", 0.86),
        BRIDGE("bridge pickup", 0.94);

        private final String label;
        private final double along;

        Place(String label, double along) {
            this.label = label;
            this.along = along;
        }

        public String label() {
            return label;
        }

        /** Its distance from the nut, as a share of the scale length. */
        public double along() {
            return along;
        }
    }

    /** How strongly it pulls. */
    public enum Kind {
        USUAL("usual magnets"),
        STRONG("strong magnets");

        private final String label;

        Kind(String label) {
            this.label = label;
        }

        public String label() {
            return label;
        }
    }

    /** How it is held. */
    public enum Mounting {
        /** Hangs on screws over springs or foam: clockwise raises. */
        SPRINGS("hangs on screws with springs", true),
        /** Screwed into the wood over foam: clockwise lowers. */
        WOOD("screwed into the wood", false);

        private final String label;
        private final boolean clockwiseRaises;

        Mounting(String label, boolean clockwiseRaises) {
            this.label = label;
            this.clockwiseRaises = clockwiseRaises;
        }

        public String label() {
            return label;
        }

        /** Whether a clockwise turn brings it nearer to the strings. */
        public boolean clockwiseRaises() {
            return clockwiseRaises;
        }
    }

    /** The end of a pickup, under the lowest or the highest string. */
    public enum Side {
        BASS,
        TREBLE
    }

    /**
     * Reads pickups as {@link #text} writes them: {@code neck usual springs, bridge strong wood}.
     *
     * @throws IllegalArgumentException when a word is not known
     */
    public static List<Pickup> parse(String text) {
        List<Pickup> pickups = new ArrayList<>();
        for (String one : text.strip().split("\\s*,\\s*")) {
            if (one.isEmpty()) continue;
            String[] words = one.split("\\s+");
            if (words.length != 3)
                throw Allowed.broken("pickups", "“" + one + "”", "place, kind and mounting, as in neck usual springs");
            pickups.add(new Pickup(
                    word(Place.class, words[0]), word(Kind.class, words[1]), word(Mounting.class, words[2])));
        }
        return List.copyOf(pickups);
    }

    private static <E extends Enum<E>> E word(Class<E> type, String word) {
        for (E value : type.getEnumConstants()) if (value.name().equalsIgnoreCase(word)) return value;
        throw Allowed.broken(
                "pickups",
                "“" + word + "”",
                Arrays.stream(type.getEnumConstants())
                        .map(v -> v.name().toLowerCase(Locale.ROOT))
                        .collect(Collectors.joining(", ")));
    }

    /** Pickups as text. */
    public static String text(List<Pickup> pickups) {
        return pickups.stream()
                .map(p -> (p.place + " " + p.kind + " " + p.mounting).toLowerCase(Locale.ROOT))
                .collect(Collectors.joining(", "));
    }
}
