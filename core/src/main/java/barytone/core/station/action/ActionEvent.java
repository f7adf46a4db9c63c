package barytone.core.station.action;

import barytone.core.bridge.BridgeKind;
import barytone.core.bridge.NeckShim;
import barytone.core.estimate.Move;
import barytone.core.height.ActionTarget;
import barytone.core.instrument.InstrumentSpec;
import barytone.core.job.Adjustment;
import barytone.core.job.JobDefaults;
import barytone.core.job.JobEvent;
import barytone.core.job.Station;
import barytone.core.quantity.Turns;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;

/** What happened at the bridge. */
public sealed interface ActionEvent extends JobEvent {
    /**
     * Height screws were turned, positive raises.
     *
     * @param screws turns of each support from bass to treble, as {@link barytone.core.bridge.Supports} names them
     */
    record BridgeScrewed(List<Turns> screws) implements ActionEvent, Adjustment {
        public BridgeScrewed {
            screws = List.copyOf(screws);
        }

        @Override
        public Station station() {
            return Station.ACTION;
        }

        @Override
        public List<Move> moves(InstrumentSpec spec) {
            List<List<Double>> shares = spec.supports().shares();
            List<Move> moves = new ArrayList<>();
            for (int j = 0; j < Math.min(screws.size(), shares.size()); j++)
                if (!screws.get(j).isZero())
                    moves.add(new Move.ScrewTurned(shares.get(j), screws.get(j).value()));
            return moves;
        }

        @Override
        public List<Integer> touches(InstrumentSpec spec) {
            return spec.everyString().stream()
                    .filter(s -> moves(spec).stream()
                            .anyMatch(m -> m instanceof Move.ScrewTurned t
                                    && t.shares().get(s - 1) != 0))
                    .toList();
        }
    }

    /**
     * The saddle was reworked.
     *
     * @param bass change under the lowest string in mm, positive raises
     * @param treble change under string 1
     */
    record SaddleReworked(Way way, double bass, double treble) implements ActionEvent, Adjustment {
        /** How. */
        public enum Way {
            SANDED,
            SHIMMED,
            RENEWED
        }

        @Override
        public Station station() {
            return Station.ACTION;
        }

        @Override
        public List<Move> moves(InstrumentSpec spec) {
            // a blank lies on two ends, whatever else carries the strings
            List<List<Double>> ends =
                    BridgeKind.FIXED.mechanism().heights(spec.acrossBridge()).shares();
            List<Move> moves = new ArrayList<>();
            if (bass != 0) moves.add(new Move.SaddleLifted(ends.getFirst(), bass, Adjustment.REWORK_SPREAD));
            if (treble != 0) moves.add(new Move.SaddleLifted(ends.getLast(), treble, Adjustment.REWORK_SPREAD));
            return moves;
        }

        @Override
        public List<Integer> touches(InstrumentSpec spec) {
            return spec.everyString();
        }

        @Override
        public Optional<Move> unknown(InstrumentSpec spec) {
            return way == Way.SANDED ? Optional.empty() : Optional.of(new Move.SaddlesUnknown(spec.everyString()));
        }
    }

    /**
     * A wedge was laid into the neck pocket; places in mm from the nut.
     *
     * @param thickness at the thick end, mm
     */
    record NeckShimmed(NeckShim.End end, double thickness, double bodyEdge, double heelEnd)
            implements ActionEvent, Adjustment {
        @Override
        public Station station() {
            return Station.ACTION;
        }

        @Override
        public List<Move> moves(InstrumentSpec spec) {
            // the crown line rises towards the saddle, so the strings stand lower over it
            double lower = new NeckShim(end, thickness)
                    .lift(bodyEdge, heelEnd, spec.line().saddle());
            return List.of(
                    new Move.SaddleLifted(Collections.nCopies(spec.strings(), 1.0), -lower, Adjustment.REWORK_SPREAD));
        }

        @Override
        public List<Integer> touches(InstrumentSpec spec) {
            return spec.everyString();
        }

        @Override
        public Optional<Move> unknown(InstrumentSpec spec) {
            return Optional.of(new Move.SaddlesUnknown(spec.everyString()));
        }
    }

    /**
     * An under-string gauge was held at the saddles, just touching the outer strings.
     *
     * @param radius of the gauge, mm
     * @param ringing the strings between that ring clear; the others buzz on it
     */
    record GaugePatternRead(double radius, List<Integer> ringing) implements ActionEvent {
        public GaugePatternRead {
            ringing = List.copyOf(ringing);
        }
    }

    /** How far a fixed saddle stands proud of its bridge where it is lowest, mm. */
    record SaddleProudRead(double proud) implements ActionEvent {}

    /** How far the saddles can still go, mm down and up. */
    record TravelRead(double down, double up) implements ActionEvent {}

    /**
     * A straightedge laid along the frets was looked at over the bridge.
     *
     * @param above its underside above the top of the bridge, mm; negative when it runs into the bridge
     */
    record NeckAngleRead(double above) implements ActionEvent {}

    /** The wanted action was chosen. */
    record ActionTargetSet(ActionTarget target) implements ActionEvent, Choosing {
        @Override
        public JobDefaults chosen(JobDefaults before) {
            return before.choosing(target);
        }
    }
}
