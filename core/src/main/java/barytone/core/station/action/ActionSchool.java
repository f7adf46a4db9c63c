package barytone.core.station.action;

import barytone.core.estimate.Band;
import barytone.core.height.ActionTarget;
import barytone.core.instrument.InstrumentKind;
import barytone.core.instrument.InstrumentSpec;
import barytone.core.instrument.Touch;
import barytone.core.neck.FretScale;
import barytone.core.neck.GapMethod;
import barytone.core.quantity.Allowed;
import barytone.core.strings.StringWrap;
import java.util.ArrayList;
import java.util.List;

/**
 * A school of action at fret 12: what the lowest and the highest string get, and how the strings between follow.
 *
 * @param code the name that is stored
 * @param family the instruments it is for
 * @param bass middle of the band of the lowest string at 12, mm
 * @param treble middle of the band of string 1 at 12, mm
 * @param tolerance to either side, mm
 * @param steps how the strings between follow
 * @param lowExtra more for strings below a low E, mm
 * @param reason why a shop would choose it
 */
public record ActionSchool(
        String code,
        String label,
        Family family,
        double bass,
        double treble,
        double tolerance,
        Steps steps,
        double lowExtra,
        String reason) {
    /** Where action is stated until a job chooses otherwise. */
    public static GapMethod.Action at(InstrumentSpec spec) {
        return new GapMethod.Action(spec.actionFret());
    }

    /** Below this pitch, a low E on a bass, a string is floppy; Hz. */
    private static final double LOW_E = 41;

    /** Instruments whose heights compare. */
    public enum Family {
        ELECTRIC("electric"),
        ACOUSTIC("acoustic"),
        NYLON("nylon-string"),
        BASS("bass"),
        MANDOLIN("mandolin");

        private final String label;

        Family(String label) {
            this.label = label;
        }

        public String label() {
            return label;
        }

        /** The family of a kind of instrument. */
        public static Family of(InstrumentKind kind) {
            return switch (kind) {
                case ELECTRIC, SEMI_HOLLOW, BARITONE, ARCHTOP -> ELECTRIC;
                case FLAT_TOP, TWELVE_STRING -> ACOUSTIC;
                case NYLON -> NYLON;
                case BASS_4, BASS_5, BASS_6 -> BASS;
                case MANDOLIN -> MANDOLIN;
            };
        }
    }

    /** How heights fall from the lowest string to the highest. */
    public enum Steps {
        EVEN("even steps"),
        GROUPS("two groups: wound strings and plain ones"),
        RADIUS("by the radius: evenly across the board");

        private final String label;

        Steps(String label) {
            this.label = label;
        }

        public String label() {
            return label;
        }
    }

    /** How the player plays; it shifts the whole band. */
    public enum Style {
        ANY("no particular style", 0),
        LEAD("lead, with bends", 0.1),
        FINGERSTYLE("fingerstyle", -0.1),
        STRUM("heavy strumming", 0.2),
        JAZZ("light jazz chords", -0.1),
        SLIDE("slide", 0.8),
        PERCUSSIVE("percussive", -0.1);

        private final String label;
        private final double shift;

        Style(String label, double shift) {
            this.label = label;
            this.shift = shift;
        }

        public String label() {
            return label;
        }

        /** What it adds to every string at 12, mm. */
        public double shift() {
            return shift;
        }
    }

    public ActionSchool {
        Allowed.number("bass action", bass, 0.3, 8, "mm at 12");
        Allowed.number("treble action", treble, 0.3, 8, "mm at 12");
        Allowed.number("tolerance", tolerance, 0.03, 1, "mm to either side");
        Allowed.number("lowExtra", lowExtra, 0, 3, "mm");
    }

    /** The schools that a shop starts with. */
    public static final List<ActionSchool> USUAL = usual();

    private static List<ActionSchool> usual() {
        List<ActionSchool> schools = new ArrayList<>();
        double[][] heights = {
            {1.4, 1.0, 1.8, 1.3, 2.2, 1.7, 0.12},
            {1.8, 1.4, 2.2, 1.55, 2.7, 2.1, 0.15},
            {3.1, 2.5, 3.5, 2.8, 4.0, 3.2, 0.20},
            {2.0, 1.5, 2.5, 1.9, 3.2, 2.5, 0.18},
            {1.2, 0.9, 1.4, 1.1, 1.7, 1.4, 0.12}
        };
        String[] names = {"Low", "Middle", "High"};
        String[] reasons = {
            "For light hands, even frets and a flat board. It shows every flaw of the frets.",
            "The common default.",
            "For heavy hands, slide, hard strumming and instruments that travel."
        };
        for (Family family : Family.values()) {
            double[] row = heights[family.ordinal()];
            for (int i = 0; i < names.length; i++)
                schools.add(new ActionSchool(
                        family.name() + "_" + names[i].toUpperCase(java.util.Locale.ROOT),
                        names[i] + ", " + family.label(),
                        family,
                        row[2 * i],
                        row[2 * i + 1],
                        row[6],
                        family == Family.MANDOLIN ? Steps.RADIUS : Steps.EVEN,
                        family == Family.BASS ? 0.3 : 0,
                        reasons[i]));
        }
        return List.copyOf(schools);
    }

    /** The school with this code among those of the shop. */
    public static ActionSchool ofCode(List<ActionSchool> schools, String code) {
        return schools.stream()
                .filter(s -> s.code().equals(code))
                .findFirst()
                .orElseThrow(() -> Allowed.broken(
                        "action school",
                        code,
                        schools.stream().map(ActionSchool::code).toList().toString()));
    }

    /** The middle school for an instrument. */
    public static ActionSchool usualFor(List<ActionSchool> schools, InstrumentKind kind) {
        Family family = Family.of(kind);
        return ofCode(schools, family.name() + "_MIDDLE");
    }

    /** The bands of this school: heavier hands get more, floppy low strings get more. */
    public ActionTarget target(InstrumentSpec spec, Touch touch, Style style) {
        double shift = style.shift()
                + switch (touch) {
                    case LIGHT -> -0.1;
                    case MEDIUM -> 0;
                    case HEAVY -> 0.15;
                };
        List<Double> z = spec.acrossBridge();
        // the heights of a school are those at 12: a shorter board is read nearer to the nut, where they are less
        FretScale scale = spec.line().scale();
        double nearer = scale.crown(spec.actionFret()) / scale.crown(12);
        List<Band> bands = new ArrayList<>();
        for (int s = 1; s <= spec.strings(); s++) {
            double share = switch (steps) {
                case EVEN -> (s - 1) / (spec.strings() - 1.0);
                case GROUPS -> wound(spec, s) ? 1 : 0;
                case RADIUS -> (z.getFirst() - z.get(s - 1)) / (z.getFirst() - z.getLast());
            };
            double low = spec.tuning().get(s - 1).frequency(440) < LOW_E ? lowExtra : 0;
            double middle = Math.max(0.4 + tolerance, nearer * (treble + (bass - treble) * share + low + shift));
            bands.add(new Band(middle - tolerance, middle + tolerance));
        }
        return new ActionTarget(code, at(spec), bands);
    }

    private static boolean wound(InstrumentSpec spec, int string) {
        var set = spec.fittings().strings().strings();
        StringWrap wrap = set.get(Math.min(string, set.size()) - 1).wrap();
        return wrap != StringWrap.PLAIN && wrap != StringWrap.NYLON;
    }
}
