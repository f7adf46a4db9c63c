package barytone.server.instruments;

import barytone.core.bridge.BridgeKind;
import barytone.core.bridge.LengthScrews;
import barytone.core.instrument.Fittings;
import barytone.core.instrument.InstrumentKind;
import barytone.core.instrument.InstrumentSpec;
import barytone.core.instrument.NeckJoint;
import barytone.core.instrument.NutMaterial;
import barytone.core.instrument.RodAccess;
import barytone.core.instrument.RodType;
import barytone.core.pickup.Pickup;
import barytone.core.quantity.Allowed;
import barytone.core.quantity.Length;
import barytone.core.quantity.LengthUnit;
import barytone.core.quantity.PlainNumber;
import barytone.core.strings.Pitch;
import barytone.core.strings.StringSet;
import java.util.List;
import java.util.Locale;
import org.jspecify.annotations.Nullable;

/**
 * The facts of an instrument as they are typed.
 *
 * @param tuning as spoken, lowest string first
 * @param scaleLength any length text; a bare number is mm
 * @param boardRadius any length text; {@code flat} or 0 for a flat board
 * @param bridge how the saddles are raised; what is usual for the kind when null, and so for all that follow
 * @param threadPitch of the height screws, any length text; {@code unknown} to learn it
 * @param endRadius board radius at the last fret; {@code same} when it is not compound
 * @param strings the set, string 1 first, in thou
 * @param lengthPitch of the length screws, any length text; {@code unknown} to learn it
 * @param lengthHead the end at which their heads are
 * @param saddleThickness of a fixed saddle along the string, any length text
 * @param plateRise how far the plate rises per mm towards the tail; a plain number
 * @param pickups from the neck, as in {@code neck usual springs, bridge strong wood}; {@code none} for none
 */
public record Facts(
        String name,
        InstrumentKind kind,
        String tuning,
        String scaleLength,
        int frets,
        int bodyJointFret,
        String boardRadius,
        RodType rod,
        RodAccess access,
        boolean leftHanded,
        @Nullable BridgeKind bridge,
        @Nullable String threadPitch,
        @Nullable NeckJoint joint,
        @Nullable String endRadius,
        @Nullable String bridgeSpread,
        @Nullable NutMaterial nut,
        @Nullable String nutWidth,
        @Nullable String strings,
        @Nullable String lengthPitch,
        LengthScrews.@Nullable Head lengthHead,
        @Nullable String saddleThickness,
        @Nullable String plateRise,
        @Nullable String pickups) {
    /** The facts of an instrument that is as usual at both ends. */
    public Facts(InstrumentSpec usual, String name, RodType rod, RodAccess access, BridgeKind bridge) {
        this(
                name,
                usual.kind(),
                usual.tuningText(),
                Allowed.plain(usual.scaleLength()),
                usual.frets(),
                usual.bodyJointFret(),
                Allowed.plain(usual.boardRadius()),
                rod,
                access,
                usual.leftHanded(),
                bridge,
                null,
                null,
                null,
                null,
                null,
                null,
                null,
                null,
                null,
                null,
                null,
                null);
    }

    /** The facts of one that is known, as they would be typed. */
    public static Facts of(Instruments.Named named) {
        InstrumentView shown = InstrumentView.of(0, named.name(), named.spec());
        return new Facts(
                shown.name(),
                shown.kind(),
                shown.tuning(),
                shown.scaleLength(),
                shown.frets(),
                shown.bodyJointFret(),
                shown.boardRadius(),
                shown.rod(),
                shown.access(),
                shown.leftHanded(),
                shown.bridge(),
                shown.threadPitch(),
                shown.joint(),
                shown.endRadius(),
                shown.bridgeSpread(),
                shown.nut(),
                shown.nutWidth(),
                shown.strings(),
                shown.lengthPitch(),
                shown.lengthHead(),
                shown.saddleThickness(),
                shown.plateRise(),
                shown.pickups());
    }

    /** The same instrument for the other hand. */
    public Facts mirrored() {
        return new Facts(
                name,
                kind,
                tuning,
                scaleLength,
                frets,
                bodyJointFret,
                boardRadius,
                rod,
                access,
                !leftHanded,
                bridge,
                threadPitch,
                joint,
                endRadius,
                bridgeSpread,
                nut,
                nutWidth,
                strings,
                lengthPitch,
                lengthHead,
                saddleThickness,
                plateRise,
                pickups);
    }

    private Fittings fittings(int count) {
        Fittings usual = kind.usualFittings();
        return new Fittings(
                bridge == null ? usual.bridge() : bridge,
                mm(threadPitch, "unknown", usual.threadPitch()),
                joint == null ? usual.joint() : joint,
                endRadius == null ? usual.endRadius() : endRadius(endRadius),
                mm(bridgeSpread, "", usual.bridgeSpread()),
                nut == null ? usual.nut() : nut,
                mm(nutWidth, "", usual.nutWidth()),
                strings == null || strings.isBlank() ? usual.strings() : StringSet.parse(strings, count),
                length(usual.length()),
                pickups == null
                        ? usual.pickups()
                        : Pickup.parse(pickups.strip().equalsIgnoreCase("none") ? "" : pickups));
    }

    private double endRadius(String typed) {
        String clean = typed.strip();
        return clean.equalsIgnoreCase("same") || clean.equals("0") ? 0 : InstrumentSpec.parseRadius("endRadius", clean);
    }

    private LengthScrews length(LengthScrews usual) {
        return new LengthScrews(
                mm(lengthPitch, "unknown", usual.pitch()),
                lengthHead == null ? usual.head() : lengthHead,
                saddleThickness == null || saddleThickness.isBlank()
                        ? usual.thickness()
                        : Length.parse(saddleThickness, LengthUnit.MM).mm(),
                plateRise == null || plateRise.isBlank()
                        ? usual.plateRise()
                        : PlainNumber.parse("plateRise", plateRise, "mm per mm, such as 0 or 0.05"));
    }

    private static double mm(@Nullable String text, String nothing, double usual) {
        if (text == null) return usual;
        String clean = text.strip().toLowerCase(Locale.ROOT);
        return clean.equals(nothing) || clean.equals("0")
                ? 0
                : Length.parse(clean, LengthUnit.MM).mm();
    }

    /** What it is called, and what these facts come to. */
    public Instruments.Named named() {
        return new Instruments.Named(name.strip(), spec());
    }

    /**
     * What these facts come to.
     *
     * @throws barytone.core.quantity.NotAllowedException when no instrument can be like that
     */
    public InstrumentSpec spec() {
        List<Pitch> notes = InstrumentSpec.parseTuning(tuning, kind);
        return new InstrumentSpec(
                kind,
                notes,
                Length.parse(scaleLength, LengthUnit.MM).mm(),
                frets,
                bodyJointFret,
                InstrumentSpec.parseRadius(boardRadius),
                rod,
                access,
                leftHanded,
                fittings(notes.size()));
    }
}
