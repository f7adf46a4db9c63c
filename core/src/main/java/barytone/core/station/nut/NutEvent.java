package barytone.core.station.nut;

import barytone.core.estimate.Move;
import barytone.core.height.NutTarget;
import barytone.core.instrument.InstrumentSpec;
import barytone.core.instrument.NutMaterial;
import barytone.core.job.Adjustment;
import barytone.core.job.JobDefaults;
import barytone.core.job.JobEvent;
import barytone.core.job.Station;
import barytone.core.wait.WaitReason;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** What happened at the nut. */
public sealed interface NutEvent extends JobEvent {
    /** Nut slots were filed in one pass, before tuning again. */
    record SlotsFiled(List<Filing> slots) implements NutEvent, Adjustment {
        public SlotsFiled {
            slots = List.copyOf(slots);
        }

        @Override
        public Station station() {
            return Station.NUT;
        }

        @Override
        public List<Move> moves(InstrumentSpec spec) {
            return slots.stream()
                    .<Move>map(f -> new Move.SlotFiled(f.string(), f.ordinaryStrokes()))
                    .toList();
        }

        @Override
        public List<Integer> touches(InstrumentSpec spec) {
            return slots.stream().map(Filing::string).toList();
        }
    }

    /**
     * Strokes in one slot.
     *
     * @param light with hardly any pressure
     */
    record Filing(int string, int strokes, boolean light) {
        /** What a light stroke takes, as a share of an ordinary one. */
        public static final double LIGHT = 0.5;

        /** The depth in ordinary strokes. */
        public double ordinaryStrokes() {
            return strokes * (light ? LIGHT : 1);
        }
    }

    /**
     * The nut was reworked otherwise than with a file.
     *
     * @param strings the slots it changed
     * @param change what was meant, in mm, positive raises; 0 when nobody said
     * @param material of a new nut; null for the same as before
     */
    record NutReworked(
            Way way,
            List<Integer> strings,
            double change,
            @Nullable NutMaterial material) implements NutEvent, Adjustment {
        /** Reworked without a change of material. */
        public NutReworked(Way way, List<Integer> strings, double change) {
            this(way, strings, change, null);
        }

        /** How. */
        public enum Way {
            UNDERSIDE_SANDED,
            SHIMMED,
            /** Glue and powder: temporary. */
            FILLED,
            RENEWED;

            /** Whether it will fail one day and wants a follow-up. */
            public boolean temporary() {
                return this == SHIMMED || this == FILLED;
            }
        }

        public NutReworked {
            strings = List.copyOf(strings);
        }

        @Override
        public Optional<WaitReason> cures() {
            return way == Way.FILLED ? Optional.of(WaitReason.FILL) : Optional.empty();
        }

        @Override
        public Station station() {
            return Station.NUT;
        }

        @Override
        public List<Move> moves(InstrumentSpec spec) {
            List<Double> shares = spec.everyString().stream()
                    .map(s -> strings.contains(s) ? 1.0 : 0.0)
                    .toList();
            double spread = switch (way) {
                case UNDERSIDE_SANDED, SHIMMED -> Adjustment.REWORK_SPREAD;
                case FILLED, RENEWED -> Adjustment.FILL_SPREAD;
            };
            return List.of(new Move.SlotsLifted(shares, change, spread));
        }

        @Override
        public List<Integer> touches(InstrumentSpec spec) {
            return strings;
        }

        @Override
        public Optional<Move> unknown(InstrumentSpec spec) {
            return way == Way.UNDERSIDE_SANDED ? Optional.empty() : Optional.of(new Move.SlotsUnknown(strings));
        }
    }

    /** What was found on looking at a slot; an empty list is a good slot. */
    record SlotChecked(int string, List<SlotFlaw> flaws) implements NutEvent {
        public SlotChecked {
            flaws = List.copyOf(flaws);
        }
    }

    /** The wanted nut heights were chosen. */
    record NutTargetSet(NutTarget target) implements NutEvent, Choosing {
        @Override
        public JobDefaults chosen(JobDefaults before) {
            return before.choosing(target);
        }
    }
}
