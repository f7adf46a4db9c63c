package barytone.core.buzz;

import barytone.core.bridge.BridgeKind;
import barytone.core.instrument.InstrumentKind;
import barytone.core.instrument.InstrumentSpec;
import barytone.core.instrument.NeckJoint;
import barytone.core.instrument.RodType;
import barytone.core.quantity.Allowed;
import barytone.core.strings.Pitch;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * The board on which is hunted, as far as the causes depend on it.
 *
 * @param boardRadius mm; 0 for a flat board
 * @param tuning string 1 first
 * @param forecast how much room the setup leaves its notes; null while that is not known
 */
public record Board(
        InstrumentKind kind,
        int strings,
        int frets,
        int bodyJointFret,
        double boardRadius,
        List<Pitch> tuning,
        boolean rod,
        boolean bolted,
        BridgeKind bridge,
        boolean pickups,
        @Nullable Forecast forecast) {
    /** Room over the crowns as the readings forecast it. */
    public interface Forecast {
        /** Least room ahead of a note for the player's touch, mm; negative touches. */
        double margin(int string, int fret);

        /** How far the forecast may be off, mm (1 sd). */
        double sd(int string, int fret);
    }

    public Board {
        tuning = List.copyOf(tuning);
        Allowed.whole("strings", strings, 4, 12);
        Allowed.whole("frets", frets, 5, 36);
    }

    /** Of an instrument. */
    public static Board of(InstrumentSpec spec, @Nullable Forecast forecast) {
        return new Board(
                spec.kind(),
                spec.strings(),
                spec.frets(),
                spec.bodyJointFret(),
                spec.boardRadius(),
                spec.tuning(),
                spec.rod() != RodType.NONE,
                spec.fittings().joint() == NeckJoint.BOLTED,
                spec.fittings().bridge(),
                !spec.fittings().pickups().isEmpty(),
                forecast);
    }

    /** Whether it has a body that sounds, with braces inside. */
    public boolean acoustic() {
        return switch (kind) {
            case FLAT_TOP, TWELVE_STRING, NYLON, MANDOLIN, ARCHTOP -> true;
            default -> false;
        };
    }

    /** Whether it is a bass. */
    public boolean bass() {
        return switch (kind) {
            case BASS_4, BASS_5, BASS_6 -> true;
            default -> false;
        };
    }

    /** Whether a string is one of the lower half. */
    public boolean bassSide(int string) {
        return string > strings / 2;
    }

    /** Whether a string is next to the middle of the board. */
    public boolean nearMiddle(int string) {
        return Math.abs(string - (strings + 1) / 2.0) < 1;
    }

    /** The semitones of a note above C0. */
    public int semitones(int string, int fret) {
        return tuning.get(string - 1).semitones() + fret;
    }
}
