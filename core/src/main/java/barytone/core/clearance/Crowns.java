package barytone.core.clearance;

import barytone.core.quantity.Allowed;
import java.util.Collections;
import java.util.Map;
import java.util.TreeMap;

/**
 * Crowns that stand higher or lower than the line of the others.
 *
 * @param heights by fret, mm above where the crown should be; negative is worn. Those not named are as they should be.
 */
public record Crowns(Map<Integer, Double> heights) {
    /** All as they should be. */
    public static final Crowns EVEN = new Crowns(Map.of());

    private static final double MOST = 1.5;

    public Crowns {
        heights.forEach((fret, height) -> {
            Allowed.whole("fret", fret, 1, 36);
            Allowed.number("height", height, -MOST, MOST, "mm");
        });
        heights = Collections.unmodifiableMap(new TreeMap<>(heights));
    }

    /** How much higher a crown stands, mm. */
    public double height(int fret) {
        return heights.getOrDefault(fret, 0.0);
    }
}
