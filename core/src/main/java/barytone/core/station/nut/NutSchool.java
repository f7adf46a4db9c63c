package barytone.core.station.nut;

import barytone.core.estimate.Band;
import barytone.core.height.NutTarget;
import barytone.core.instrument.InstrumentKind;
import barytone.core.instrument.InstrumentSpec;
import barytone.core.job.Station;
import barytone.core.neck.GapMethod;
import barytone.core.quantity.Allowed;
import java.util.ArrayList;
import java.util.List;

/**
 * A school of nut heights: bands for the highest and the lowest string, graded evenly between them.
 *
 * @param code the name that is stored
 * @param method how the bands are stated: open, or pressed at 2 or 3
 * @param reason why a shop would choose it
 */
public record NutSchool(String code, String label, GapMethod method, Band bass, Band treble, String reason) {
    /** A pressed gap that is wanted under this, mm: the nut acts as a fret. */
    private static final double ONE_MORE_FRET = 0.09;

    public NutSchool {
        if (Station.of(method) != Station.NUT)
            throw Allowed.broken("nut school", method, "a nut reading, open or pressed");
        // the slot floor at the level of the frets leaves no gap at all: below it the open string lies on the first
        // fret
        Allowed.number(
                "lower end of the band", Math.min(bass.low(), treble.low()), 0.01, 2, "mm: never below the frets");
        Allowed.number("upper end of the band", Math.max(bass.high(), treble.high()), 0.02, 2, "mm");
    }

    /** The schools that a shop starts with. */
    public static final List<NutSchool> USUAL = List.of(
            new NutSchool(
                    "PRESSED",
                    "Pressed gap",
                    new GapMethod.NutPressed(3),
                    new Band(0.10, 0.20),
                    new Band(0.08, 0.17),
                    "Slot height alone, whatever the saddle does. Wound strings swing wider and get more."),
            new NutSchool(
                    "OPEN",
                    "Open at fret 1",
                    new GapMethod.NutOpen(),
                    new Band(0.43, 0.55),
                    new Band(0.38, 0.50),
                    "What the leaf finds under the open string; it includes the slope to the saddle, so it is judged for the saddle at its target."),
            new NutSchool(
                    "FRET_LEVEL",
                    "Fret-level",
                    new GapMethod.NutPressed(3),
                    new Band(0.03, 0.08),
                    new Band(0.025, 0.075),
                    "The nut acts as one more fret, the gap just visible. Wants level frets and good slots."),
            new NutSchool(
                    "SLIDE",
                    "Slide",
                    new GapMethod.NutOpen(),
                    new Band(0.70, 0.80),
                    new Band(0.60, 0.70),
                    "High enough that the slide does not knock on the frets."));

    /** The school with this code among those of the shop. */
    public static NutSchool ofCode(List<NutSchool> schools, String code) {
        return schools.stream()
                .filter(s -> s.code().equals(code))
                .findFirst()
                .orElseThrow(() -> Allowed.broken(
                        "nut school",
                        code,
                        schools.stream().map(NutSchool::code).toList().toString()));
    }

    /** The bands of this school for an instrument: strings that swing wider get more, a short and tight mandolin less. */
    public NutTarget target(InstrumentSpec spec) {
        int strings = spec.strings();
        double wider = fretLevel() ? 1 : share(spec.kind());
        List<Band> bands = new ArrayList<>();
        for (int s = 1; s <= strings; s++) {
            double share = strings == 1 ? 0 : (s - 1) / (strings - 1.0);
            bands.add(new Band(
                    wider * mix(treble.low(), bass.low(), share), wider * mix(treble.high(), bass.high(), share)));
        }
        return new NutTarget(code, method, bands);
    }

    /** A nut that acts as one more fret does so under any string. */
    private boolean fretLevel() {
        return method instanceof GapMethod.NutPressed && bass.high() < ONE_MORE_FRET;
    }

    private static double share(InstrumentKind kind) {
        return switch (kind) {
            case ELECTRIC, SEMI_HOLLOW, BARITONE, ARCHTOP, FLAT_TOP, TWELVE_STRING -> 1;
            case MANDOLIN -> 0.8;
            case NYLON -> 1.25;
            case BASS_4, BASS_5, BASS_6 -> 1.4;
        };
    }

    private static double mix(double treble, double bass, double share) {
        return treble + (bass - treble) * share;
    }
}
