package barytone.server.instruments;

import barytone.core.bridge.BridgeKind;
import barytone.core.bridge.LengthScrews;
import barytone.core.instrument.InstrumentKind;
import barytone.core.instrument.InstrumentSpec;
import barytone.core.instrument.NeckJoint;
import barytone.core.instrument.NutMaterial;
import barytone.core.instrument.RodAccess;
import barytone.core.instrument.RodType;
import barytone.core.pickup.Pickup;
import barytone.core.quantity.Allowed;

/**
 * The instrument's facts, as typed and as shown.
 *
 * @param version counts corrections; sent back with the next one
 */
public record InstrumentView(
        long version,
        String name,
        InstrumentKind kind,
        String kindLabel,
        String tuning,
        String scaleLength,
        int frets,
        int bodyJointFret,
        String boardRadius,
        RodType rod,
        RodAccess access,
        boolean leftHanded,
        BridgeKind bridge,
        String threadPitch,
        NeckJoint joint,
        String endRadius,
        String bridgeSpread,
        NutMaterial nut,
        String nutWidth,
        String strings,
        String lengthPitch,
        LengthScrews.Head lengthHead,
        String saddleThickness,
        String plateRise,
        String pickups) {
    /** The facts of an instrument as they are typed. */
    public static InstrumentView of(long version, String name, InstrumentSpec spec) {
        LengthScrews length = spec.fittings().length();
        return new InstrumentView(
                version,
                name,
                spec.kind(),
                spec.kind().label(),
                spec.tuningText(),
                Allowed.plain(spec.scaleLength()),
                spec.frets(),
                spec.bodyJointFret(),
                spec.radiusText(),
                spec.rod(),
                spec.access(),
                spec.leftHanded(),
                spec.fittings().bridge(),
                spec.fittings().threadPitch() == 0
                        ? "unknown"
                        : Allowed.plain(spec.fittings().threadPitch()),
                spec.fittings().joint(),
                spec.fittings().endRadius() == 0
                        ? "same"
                        : Allowed.plain(spec.fittings().endRadius()),
                Allowed.plain(spec.fittings().bridgeSpread()),
                spec.fittings().nut(),
                Allowed.plain(spec.fittings().nutWidth()),
                spec.fittings().strings().text(),
                length.pitch() == 0 ? "unknown" : Allowed.plain(length.pitch()),
                length.head(),
                Allowed.plain(length.thickness()),
                Allowed.plain(length.plateRise()),
                spec.fittings().pickups().isEmpty()
                        ? "none"
                        : Pickup.text(spec.fittings().pickups()));
    }
}
