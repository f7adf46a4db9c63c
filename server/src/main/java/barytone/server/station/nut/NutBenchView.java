package barytone.server.station.nut;

import barytone.core.station.nut.SlotFlaw;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * What belongs to the nut besides its heights.
 *
 * @param bite what a stroke takes off, in words
 * @param width of the nut, with its unit
 */
public record NutBenchView(
        String material, String bite, String width, boolean temporary, List<SlotView> slots, List<FlawView> flaws) {
    /**
     * A nut slot.
     *
     * @param file which file fits it, or what is missing
     * @param toFrets strokes until it is level with the frets
     * @param checked whether it was looked at
     */
    public record SlotView(
            int string,
            String name,
            String gauge,
            String file,
            @Nullable String toFrets,
            boolean checked,
            List<SlotFlaw> flaws) {}

    public record FlawView(SlotFlaw flaw, String label, String consequence) {}
}
