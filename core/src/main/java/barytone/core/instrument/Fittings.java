package barytone.core.instrument;

import barytone.core.bridge.BridgeKind;
import barytone.core.bridge.LengthScrews;
import barytone.core.pickup.Pickup;
import barytone.core.quantity.Allowed;
import barytone.core.strings.StringSet;
import java.util.List;

/**
 * What stands at both ends of the strings, and the strings themselves.
 *
 * @param threadPitch of the height screws, mm per turn; 0 when it is not known yet and shall be learned
 * @param endRadius board radius at its last fret in mm; 0 for the same as at the nut
 * @param bridgeSpread between the centres of the outer strings at the bridge, mm
 * @param nutWidth mm
 * @param strings the set, string 1 first
 * @param length how the saddles are moved along the strings
 * @param pickups from the neck to the bridge; empty for none
 */
public record Fittings(
        BridgeKind bridge,
        double threadPitch,
        NeckJoint joint,
        double endRadius,
        double bridgeSpread,
        NutMaterial nut,
        double nutWidth,
        StringSet strings,
        LengthScrews length,
        List<Pickup> pickups) {
    public Fittings {
        if (threadPitch != 0) Allowed.number("threadPitch", threadPitch, 0.2, 1.6, "mm per turn, or 0 when unknown");
        if (endRadius != 0) Allowed.number("endRadius", endRadius, 100, 2000, "mm, or 0 for the same as at the nut");
        Allowed.number("bridgeSpread", bridgeSpread, 15, 160, "mm");
        Allowed.number("nutWidth", nutWidth, 20, 110, "mm");
        pickups = List.copyOf(pickups);
        Allowed.whole("pickups", pickups.size(), 0, 4);
    }

    /** The same with other strings. */
    public Fittings with(StringSet other) {
        return new Fittings(bridge, threadPitch, joint, endRadius, bridgeSpread, nut, nutWidth, other, length, pickups);
    }

    /** The same with another thread of the height screws, mm per turn. */
    public Fittings withThreadPitch(double other) {
        return new Fittings(bridge, other, joint, endRadius, bridgeSpread, nut, nutWidth, strings, length, pickups);
    }

    /** The same with other pickups, from the neck to the bridge. */
    public Fittings withPickups(List<Pickup> other) {
        return new Fittings(bridge, threadPitch, joint, endRadius, bridgeSpread, nut, nutWidth, strings, length, other);
    }

    /** The same without pickups, with the usual length screws. */
    public Fittings(
            BridgeKind bridge,
            double threadPitch,
            NeckJoint joint,
            double endRadius,
            double bridgeSpread,
            NutMaterial nut,
            double nutWidth,
            StringSet strings) {
        this(
                bridge,
                threadPitch,
                joint,
                endRadius,
                bridgeSpread,
                nut,
                nutWidth,
                strings,
                LengthScrews.USUAL,
                List.of());
    }
}
