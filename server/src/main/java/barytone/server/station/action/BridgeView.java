package barytone.server.station.action;

import barytone.core.bridge.BridgeKind;
import barytone.server.job.Stands;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * The bridge and the strings across it.
 *
 * @param screwed heights are set with screws
 * @param screws the supports from bass to treble; the two sides of a fixed saddle
 * @param pitch thread pitch in words
 * @param angle what the neck angle means, line by line
 * @param radii of the under-string gauges at hand, as typed
 * @param arc what the heights amount to across, in words
 */
public record BridgeView(
        String suffix,
        BridgeKind kind,
        String label,
        boolean screwed,
        List<ScrewView> screws,
        String pitch,
        @Nullable String travel,
        List<String> angle,
        List<String> radii,
        @Nullable String pattern,
        List<CrossView> across,
        String arc) {
    /**
     * A support of the bridge.
     *
     * @param net turns since as found
     * @param turned whether there are any
     * @param z its place across the bridge, mm, treble positive
     * @param move what the next move asks of it; null when nothing
     */
    public record ScrewView(
            String name,
            String net,
            boolean turned,
            double z,
            @Nullable String move) {}

    /**
     * A string across the bridge, in mm; y from the board's centre line at the saddle.
     *
     * @param after expected after the next move; null when no move is proposed
     */
    public record CrossView(
            int string,
            String name,
            double z,
            double board,
            double now,
            double low,
            double high,
            @Nullable Double after,
            Stands verdict) {}
}
