package barytone.core.nut;

import barytone.core.quantity.Allowed;
import java.util.ArrayList;
import java.util.List;

/** Where the slots of a nut belong. */
public final class NutSlots {
    /** Two schools of spacing. */
    public enum Spacing {
        /** Equal distances between the centres. */
        CENTRES("centres"),
        /** Equal room between the strings' edges; the bass side feels roomier. */
        GAPS("gaps");

        private final String code;

        Spacing(String code) {
            this.code = code;
        }

        public String code() {
            return code;
        }

        /** The spacing with this name. */
        public static Spacing ofCode(String code) {
            for (Spacing spacing : values()) if (spacing.code.equals(code)) return spacing;
            throw Allowed.broken("rule", "“" + code + "”", "centres or gaps");
        }
    }

    private NutSlots() {}

    /**
     * Slot centres in mm from the bass end of the nut, string 1 first.
     *
     * @param gauges string diameters in mm from string 1 on; 2 to 12
     * @param bassEdge from the bass end to the outer side of the lowest string, mm
     * @param trebleEdge from the treble end to the outer side of string 1, mm
     * @param width of the nut, mm
     */
    public static List<Double> centres(
            List<Double> gauges, double bassEdge, double trebleEdge, double width, Spacing spacing) {
        int n = Allowed.whole("gauges", gauges.size(), 2, 12);
        for (int i = 0; i < n; i++) Allowed.number("gauges[" + i + "]", gauges.get(i), 0.1, 5, "mm");
        Allowed.number("width", width, 15, 120, "mm");
        Allowed.number("bassEdge", bassEdge, 0, width / 2, "mm");
        Allowed.number("trebleEdge", trebleEdge, 0, width / 2, "mm");
        double thickness = gauges.stream().mapToDouble(Double::doubleValue).sum();
        double gap = (width - bassEdge - trebleEdge - thickness) / (n - 1);
        if (gap <= 0)
            throw Allowed.broken(
                    "width",
                    Allowed.plain(width),
                    "wide enough for edges and strings, more than "
                            + Allowed.plain(Math.rint((bassEdge + trebleEdge + thickness) * 100) / 100) + " mm");
        double first = width - trebleEdge - gauges.getFirst() / 2;
        double last = bassEdge + gauges.getLast() / 2;
        List<Double> centres = new ArrayList<>();
        centres.add(first);
        for (int i = 1; i < n; i++) {
            double step = switch (spacing) {
                case CENTRES -> (first - last) / (n - 1);
                case GAPS -> gauges.get(i - 1) / 2 + gap + gauges.get(i) / 2;
            };
            centres.add(centres.getLast() - step);
        }
        return List.copyOf(centres);
    }
}
