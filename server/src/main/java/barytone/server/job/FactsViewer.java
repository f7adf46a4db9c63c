package barytone.server.job;

import barytone.core.bridge.LengthScrews;
import barytone.core.instrument.InstrumentSpec;
import barytone.core.pickup.Pickup;
import barytone.core.quantity.Allowed;

/** Shows the facts of an instrument as they are typed. */
final class FactsViewer {
    private FactsViewer() {}

    static JobView.InstrumentView of(JobLog.Job job) {
        InstrumentSpec spec = job.spec();
        LengthScrews length = spec.fittings().length();
        return new JobView.InstrumentView(
                job.instrumentVersion(),
                job.instrument(),
                spec.kind(),
                spec.kind().label(),
                spec.tuningText(),
                Allowed.plain(spec.scaleLength()),
                spec.frets(),
                spec.bodyJointFret(),
                spec.boardRadius() == 0 ? "flat" : Allowed.plain(spec.boardRadius()),
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
