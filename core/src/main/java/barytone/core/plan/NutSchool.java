package barytone.core.plan;

import barytone.core.estimate.Band;
import barytone.core.neck.Allowed;
import barytone.core.neck.GapMethod;
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
                    new Band(0.08, 0.15),
                    new Band(0.05, 0.11),
                    "Slot height alone, whatever the saddle does. Wound strings swing wider and get more."),
            new NutSchool(
                    "OPEN",
                    "Open at fret 1",
                    new GapMethod.NutOpen(),
                    new Band(0.47, 0.55),
                    new Band(0.40, 0.48),
                    "What the leaf finds under the open string; it includes the slope to the saddle, so it is judged for the saddle at its target."),
            new NutSchool(
                    "FRET_LEVEL",
                    "Fret-level",
                    new GapMethod.NutPressed(3),
                    new Band(0.025, 0.055),
                    new Band(0.02, 0.05),
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

    /** The bands of this school for so many strings. */
    public NutTarget target(int strings) {
        List<Band> bands = new ArrayList<>();
        for (int s = 1; s <= strings; s++) {
            double share = strings == 1 ? 0 : (s - 1) / (strings - 1.0);
            bands.add(new Band(mix(treble.low(), bass.low(), share), mix(treble.high(), bass.high(), share)));
        }
        return new NutTarget(code, method, bands);
    }

    private static double mix(double treble, double bass, double share) {
        return treble + (bass - treble) * share;
    }
}
