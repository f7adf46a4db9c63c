package barytone.core.instrument;

import barytone.core.strings.Pitch;
import java.util.Arrays;
import java.util.List;

/** Kinds of instrument, each with what is usual for it, so that intake takes under a minute. */
public enum InstrumentKind {
    ELECTRIC("Solid electric", "E2 A2 D3 G3 B3 E4", 648, 22, 16, 254, RodType.SINGLE, RodAccess.HEADSTOCK, 1.6),
    SEMI_HOLLOW("Semi-hollow", "E2 A2 D3 G3 B3 E4", 628, 22, 16, 305, RodType.SINGLE, RodAccess.HEADSTOCK, 1.6),
    FLAT_TOP("Flat-top acoustic", "E2 A2 D3 G3 B3 E4", 645, 20, 14, 406, RodType.SINGLE, RodAccess.SOUND_HOLE, 2.0),
    ARCHTOP("Archtop", "E2 A2 D3 G3 B3 E4", 635, 20, 14, 305, RodType.SINGLE, RodAccess.HEADSTOCK, 1.9),
    NYLON("Nylon-string", "E2 A2 D3 G3 B3 E4", 650, 19, 12, 0, RodType.NONE, RodAccess.SOUND_HOLE, 3.2),
    BARITONE("Baritone", "B1 E2 A2 D3 F#3 B3", 705, 22, 16, 305, RodType.DOUBLE, RodAccess.HEADSTOCK, 1.9),
    TWELVE_STRING(
            "Twelve-string",
            "E3 E2 A3 A2 D4 D3 G4 G3 B3 B3 E4 E4",
            645,
            20,
            14,
            406,
            RodType.DOUBLE,
            RodAccess.SOUND_HOLE,
            2.0),
    BASS_4("Bass, four strings", "E1 A1 D2 G2", 864, 21, 16, 254, RodType.SINGLE, RodAccess.HEADSTOCK, 2.2),
    BASS_5("Bass, five strings", "B0 E1 A1 D2 G2", 864, 22, 16, 305, RodType.DOUBLE, RodAccess.HEADSTOCK, 2.2),
    BASS_6("Bass, six strings", "B0 E1 A1 D2 G2 C3", 864, 24, 17, 406, RodType.DOUBLE, RodAccess.HEADSTOCK, 2.2),
    MANDOLIN("Mandolin", "G3 G3 D4 D4 A4 A4 E5 E5", 352, 20, 12, 0, RodType.SINGLE, RodAccess.HEADSTOCK, 1.3);

    private final String label;
    private final String tuning;
    private final double scaleLength;
    private final int frets;
    private final int bodyJointFret;
    private final double boardRadius;
    private final RodType rod;
    private final RodAccess access;
    private final double actionAt12;

    InstrumentKind(
            String label,
            String tuning,
            double scaleLength,
            int frets,
            int bodyJointFret,
            double boardRadius,
            RodType rod,
            RodAccess access,
            double actionAt12) {
        this.label = label;
        this.tuning = tuning;
        this.scaleLength = scaleLength;
        this.frets = frets;
        this.bodyJointFret = bodyJointFret;
        this.boardRadius = boardRadius;
        this.rod = rod;
        this.access = access;
        this.actionAt12 = actionAt12;
    }

    /** The name at the bench. */
    public String label() {
        return label;
    }

    /** Usual action at 12, the middle of all strings, in mm; what is expected before it is measured. */
    public double actionAt12() {
        return actionAt12;
    }

    /** The usual instrument of this kind. */
    public InstrumentSpec usual() {
        return new InstrumentSpec(this, pitches(), scaleLength, frets, bodyJointFret, boardRadius, rod, access, false);
    }

    /** The usual tuning, string 1 (the highest) first. */
    List<Pitch> pitches() {
        return Arrays.stream(tuning.split(" ")).map(Pitch::of).toList().reversed();
    }
}
