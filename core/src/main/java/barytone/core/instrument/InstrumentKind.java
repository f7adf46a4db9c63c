package barytone.core.instrument;

import barytone.core.bridge.BridgeKind;
import barytone.core.bridge.LengthScrews;
import barytone.core.pickup.Pickup;
import barytone.core.strings.Pitch;
import barytone.core.strings.StringSet;
import java.util.Arrays;
import java.util.List;

/** Kinds of instrument, each with what is usual for it, so that intake takes under a minute. */
public enum InstrumentKind {
    ELECTRIC(
            "Solid electric",
            "E2 A2 D3 G3 B3 E4",
            new Neck(648, 22, 16, 254, RodType.SINGLE, RodAccess.HEADSTOCK, NeckJoint.BOLTED),
            new Ends(BridgeKind.INDIVIDUAL, 52, NutMaterial.BONE, 42.5, "10 13 17 26w 36w 46w"),
            1.6),
    SEMI_HOLLOW(
            "Semi-hollow",
            "E2 A2 D3 G3 B3 E4",
            new Neck(628, 22, 16, 305, RodType.SINGLE, RodAccess.HEADSTOCK, NeckJoint.SET),
            new Ends(BridgeKind.TWO_POST, 52, NutMaterial.BONE, 43, "10 13 17 26w 36w 46w"),
            1.6),
    FLAT_TOP(
            "Flat-top acoustic",
            "E2 A2 D3 G3 B3 E4",
            new Neck(645, 20, 14, 406, RodType.SINGLE, RodAccess.SOUND_HOLE, NeckJoint.SET),
            new Ends(BridgeKind.FIXED, 55, NutMaterial.BONE, 44, "12 16 24b 32b 42b 53b"),
            2.0),
    ARCHTOP(
            "Archtop",
            "E2 A2 D3 G3 B3 E4",
            new Neck(635, 20, 14, 305, RodType.SINGLE, RodAccess.HEADSTOCK, NeckJoint.SET),
            new Ends(BridgeKind.FLOATING, 52, NutMaterial.BONE, 43, "12 16 24w 32w 42w 52w"),
            1.9),
    NYLON(
            "Nylon-string",
            "E2 A2 D3 G3 B3 E4",
            new Neck(650, 19, 12, 0, RodType.NONE, RodAccess.SOUND_HOLE, NeckJoint.SET),
            new Ends(BridgeKind.FIXED, 58, NutMaterial.BONE, 52, "28n 32n 40n 30f 35f 43f"),
            3.2),
    BARITONE(
            "Baritone",
            "B1 E2 A2 D3 F#3 B3",
            new Neck(705, 22, 16, 305, RodType.DOUBLE, RodAccess.HEADSTOCK, NeckJoint.BOLTED),
            new Ends(BridgeKind.INDIVIDUAL, 52, NutMaterial.COMPOSITE, 43, "14 18 26w 44w 56w 68w"),
            1.9),
    TWELVE_STRING(
            "Twelve-string",
            "E3 E2 A3 A2 D4 D3 G4 G3 B3 B3 E4 E4",
            new Neck(645, 20, 14, 406, RodType.DOUBLE, RodAccess.SOUND_HOLE, NeckJoint.SET),
            new Ends(BridgeKind.FIXED, 57, NutMaterial.BONE, 48, "10 10 14 14 23b 8 30b 12 39b 18b 47b 27b"),
            2.0),
    BASS_4(
            "Bass, four strings",
            "E1 A1 D2 G2",
            new Neck(864, 21, 16, 254, RodType.SINGLE, RodAccess.HEADSTOCK, NeckJoint.BOLTED),
            new Ends(BridgeKind.BASS, 57, NutMaterial.PLASTIC, 42, "45s 65s 85s 105s"),
            2.2),
    BASS_5(
            "Bass, five strings",
            "B0 E1 A1 D2 G2",
            new Neck(864, 22, 16, 305, RodType.DOUBLE, RodAccess.HEADSTOCK, NeckJoint.BOLTED),
            new Ends(BridgeKind.BASS, 70, NutMaterial.GRAPHITE, 46, "45s 65s 85s 105s 130s"),
            2.2),
    BASS_6(
            "Bass, six strings",
            "B0 E1 A1 D2 G2 C3",
            new Neck(864, 24, 17, 406, RodType.DOUBLE, RodAccess.HEADSTOCK, NeckJoint.THROUGH),
            new Ends(BridgeKind.BASS, 82, NutMaterial.GRAPHITE, 54, "32s 45s 65s 85s 105s 130s"),
            2.2),
    MANDOLIN(
            "Mandolin",
            "G3 G3 D4 D4 A4 A4 E5 E5",
            new Neck(352, 20, 12, 0, RodType.SINGLE, RodAccess.HEADSTOCK, NeckJoint.SET),
            new Ends(BridgeKind.FLOATING, 41, NutMaterial.BONE, 30, "11 11 15 15 26b 26b 40b 40b"),
            1.3);

    /** The usual neck of a kind. */
    private record Neck(
            double scaleLength,
            int frets,
            int bodyJointFret,
            double boardRadius,
            RodType rod,
            RodAccess access,
            NeckJoint joint) {}

    /** What usually stands at both ends of the strings. */
    private record Ends(BridgeKind bridge, double bridgeSpread, NutMaterial nut, double nutWidth, String strings) {}

    private final String label;
    private final String tuning;
    private final Neck neck;
    private final Ends ends;
    private final double actionAt12;

    InstrumentKind(String label, String tuning, Neck neck, Ends ends, double actionAt12) {
        this.label = label;
        this.tuning = tuning;
        this.neck = neck;
        this.ends = ends;
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
        return new InstrumentSpec(
                this,
                pitches(),
                neck.scaleLength,
                neck.frets,
                neck.bodyJointFret,
                neck.boardRadius,
                neck.rod,
                neck.access,
                false,
                usualFittings());
    }

    /** What usually stands at both ends of the strings; the thread pitch is to be learned. */
    public Fittings usualFittings() {
        return new Fittings(
                ends.bridge,
                0,
                neck.joint,
                0,
                ends.bridgeSpread,
                ends.nut,
                ends.nutWidth,
                StringSet.parse(ends.strings),
                LengthScrews.USUAL,
                Pickup.parse(pickups()));
    }

    private String pickups() {
        return switch (this) {
            case ELECTRIC, BARITONE, SEMI_HOLLOW -> "neck usual springs, bridge usual springs";
            case BASS_4, BASS_5, BASS_6 -> "bridge usual wood";
            case FLAT_TOP, ARCHTOP, NYLON, TWELVE_STRING, MANDOLIN -> "";
        };
    }

    /** Whether its strings stand in pairs, two to a course. */
    public boolean inCourses() {
        return this == TWELVE_STRING || this == MANDOLIN;
    }

    /** Whether its strings pull at a thin top of wood, which follows the air; a solid body hardly does. */
    public boolean thinTop() {
        return switch (this) {
            case ELECTRIC, SEMI_HOLLOW, BARITONE, BASS_4, BASS_5, BASS_6 -> false;
            case FLAT_TOP, ARCHTOP, NYLON, TWELVE_STRING, MANDOLIN -> true;
        };
    }

    /** The usual tuning, string 1 (the highest) first. */
    List<Pitch> pitches() {
        return Arrays.stream(tuning.split(" ")).map(Pitch::of).toList().reversed();
    }
}
