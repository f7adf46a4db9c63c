package barytone.core.instrument;

import barytone.core.bridge.Supports;
import barytone.core.estimate.Normal;
import barytone.core.estimate.Priors;
import barytone.core.estimate.SetupModel;
import barytone.core.neck.BoardRadius;
import barytone.core.neck.FretScale;
import barytone.core.neck.StringLine;
import barytone.core.quantity.Allowed;
import barytone.core.quantity.Length;
import barytone.core.quantity.LengthUnit;
import barytone.core.quantity.MeantException;
import barytone.core.strings.MusicString;
import barytone.core.strings.Pitch;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.stream.IntStream;

/**
 * The facts of an instrument that the setup depends on.
 *
 * @param tuning pitch of each string, string 1 (the highest) first; 4 to 12
 * @param scaleLength mm
 * @param frets number of frets
 * @param bodyJointFret fret at which the neck meets the body
 * @param boardRadius mm; 0 for a flat board
 * @param leftHanded bass side on the other side
 * @param fittings what stands at both ends of the strings
 */
public record InstrumentSpec(
        InstrumentKind kind,
        List<Pitch> tuning,
        double scaleLength,
        int frets,
        int bodyJointFret,
        double boardRadius,
        RodType rod,
        RodAccess access,
        boolean leftHanded,
        Fittings fittings) {
    /** Saddle compensation that heights are reckoned with, as a share of the scale length: a few mm more or less are not seen in a height. */
    private static final double USUAL_COMPENSATION = 0.003;

    private static final int OCTAVE = 12;

    /** The two strings of a course stand this far apart, mm. */
    private static final double COURSE = 2.2;

    /** How far files, hands and lumps of one material differ, as a share of the usual bite: bone 0.015 give or take 0.010. */
    private static final double BITE_SPREAD = 0.67;

    /** How well a stated thread pitch holds, as a share of it. */
    private static final double THREAD_SPREAD = 0.08;

    public InstrumentSpec {
        tuning = List.copyOf(tuning);
        Allowed.whole("strings", tuning.size(), 4, 12);
        new FretScale(scaleLength, frets);
        Allowed.whole("bodyJointFret", bodyJointFret, 8, frets);
        if (boardRadius != 0) Allowed.number("boardRadius", boardRadius, 100, 2000, "mm, or 0 for a flat board");
    }

    /** An instrument with the fittings that are usual for its kind. */
    public InstrumentSpec(
            InstrumentKind kind,
            List<Pitch> tuning,
            double scaleLength,
            int frets,
            int bodyJointFret,
            double boardRadius,
            RodType rod,
            RodAccess access,
            boolean leftHanded) {
        this(
                kind,
                tuning,
                scaleLength,
                frets,
                bodyJointFret,
                boardRadius,
                rod,
                access,
                leftHanded,
                kind.usualFittings());
    }

    /** The same instrument with other fittings. */
    public InstrumentSpec with(Fittings other) {
        return new InstrumentSpec(
                kind, tuning, scaleLength, frets, bodyJointFret, boardRadius, rod, access, leftHanded, other);
    }

    public int strings() {
        return tuning.size();
    }

    /** The lowest string's number. */
    public int bassString() {
        return tuning.size();
    }

    /** Every string's number, 1 first. */
    public List<Integer> everyString() {
        return IntStream.rangeClosed(1, strings()).boxed().toList();
    }

    /** The name of a string as it is spoken: the higher of two strings of the same note in lower case, as in E A D G B e. */
    public String stringName(int string) {
        String name = tuning.get(string - 1).name();
        boolean lowerOneToo = tuning.subList(string, tuning.size()).stream()
                .anyMatch(p -> p.name().equals(name));
        return lowerOneToo ? name.substring(0, 1).toLowerCase(java.util.Locale.ROOT) + name.substring(1) : name;
    }

    /** The fret over which action is read unless another is chosen: 12, or the last one of a shorter board. */
    public int actionFret() {
        return Math.min(OCTAVE, frets);
    }

    /** The line of frets under every string; one scale length for all. */
    public StringLine line() {
        // heights and pitches are reckoned at the octave, also on a board that ends before it
        FretScale scale = new FretScale(scaleLength, Math.max(OCTAVE, frets));
        return StringLine.of(scale, bodyJointFret, USUAL_COMPENSATION * scaleLength);
    }

    /** The board's arc, from nut to last fret and beyond. */
    public BoardRadius board() {
        double end = fittings.endRadius() == 0 ? boardRadius : fittings.endRadius();
        return boardRadius == 0
                ? BoardRadius.of(0)
                : new BoardRadius(boardRadius, end, line().scale().crown(frets));
    }

    /** The strings' places across the bridge in mm from the centre line, treble positive, string 1 first. */
    public List<Double> acrossBridge() {
        int places = kind.inCourses() && strings() % 2 == 0 ? strings() / 2 : strings();
        double half = fittings.bridgeSpread() / 2;
        List<Double> z = new ArrayList<>();
        for (int i = 0; i < strings(); i++) {
            if (places == strings()) {
                z.add(half - i * 2 * half / (strings() - 1));
            } else {
                double centre = half - COURSE / 2 - (i / 2) * (2 * half - COURSE) / (places - 1);
                z.add(centre + (i % 2 == 0 ? COURSE / 2 : -COURSE / 2));
            }
        }
        return List.copyOf(z);
    }

    /** What carries the strings at the bridge. */
    public Supports supports() {
        return fittings.bridge().mechanism().heights(acrossBridge());
    }

    /** What is moved to lengthen or shorten the strings. */
    public Supports lengthwise() {
        return fittings.bridge().mechanism().lengths(acrossBridge());
    }

    /** A string of the set; the nearest one when the set has fewer. */
    public MusicString string(int string) {
        List<MusicString> set = fittings.strings().strings();
        return set.get(Math.min(string, set.size()) - 1);
    }

    /** The gauge of a string in mm; of the nearest one when the set has fewer. */
    public double gauge(int string) {
        return string(string).diameter();
    }

    /** The unknowns of this instrument, its rod one that straightens clockwise. */
    public SetupModel model() {
        return model(false);
    }

    /**
     * The unknowns of this instrument.
     *
     * @param reversed whether its rod is known to straighten anticlockwise
     */
    public SetupModel model(boolean reversed) {
        List<StringLine> lines = new ArrayList<>();
        for (int i = 0; i < strings(); i++) lines.add(line());
        Priors usual = Priors.usual(
                rod == RodType.NONE ? Priors.NO_ROD : Priors.USUAL_ROD.times(reversed ? -1 : 1), kind.actionAt12());
        if (fittings.threadPitch() != 0)
            usual = usual.withScrewPitch(new Normal(fittings.threadPitch(), THREAD_SPREAD * fittings.threadPitch()));
        double bite = fittings.nut().usualBite();
        return new SetupModel(lines, usual.withFilingBite(new Normal(bite, BITE_SPREAD * bite)));
    }

    /** The board's radius as it can be typed: mm, or {@code flat}. */
    public String radiusText() {
        return boardRadius == 0 ? "flat" : Allowed.plain(boardRadius);
    }

    /**
     * The radius of a board as it is typed, mm: any length text, mm without a unit; {@code flat} or 0 for a flat board.
     *
     * @throws barytone.core.quantity.NotAllowedException when it is no length
     */
    public static double parseRadius(String text) {
        return parseRadius("boardRadius", text);
    }

    /**
     * The same of another radius.
     *
     * @throws MeantException for a bare number that can only be inches
     */
    public static double parseRadius(String field, String text) {
        String typed = text.strip();
        if (typed.equalsIgnoreCase("flat")) return 0;
        boolean bare = typed.matches("\\d+(?:[.,]\\d+)?");
        double mm = Length.parse(typed, LengthUnit.MM).mm();
        // 5 to 30 inches is what boards are made to; no board is bent round a few mm
        if (bare && mm >= 5 && mm <= 30)
            throw new MeantException(
                    field,
                    "“" + typed + "” would be " + Allowed.plain(mm) + " mm. Is it " + Allowed.plain(mm) + " inches?",
                    Allowed.plain(mm) + "in",
                    Allowed.plain(mm) + " inches");
        return mm;
    }

    /**
     * Reads a tuning as it is spoken, lowest string first: {@code E A D G B E} or {@code B1 E2 A2 D3 F#3 B3}.
     *
     * @param kind decides octaves that are not typed
     * @return the pitches, string 1 first
     */
    public static List<Pitch> parseTuning(String text, InstrumentKind kind) {
        List<String> notes = Arrays.stream(text.strip().split("[\\s,]+"))
                .filter(n -> !n.isEmpty())
                .toList();
        Allowed.whole("tuning", notes.size(), 4, 12);
        List<Pitch> usual = kind.pitches().reversed();
        List<Pitch> read = new ArrayList<>();
        for (int i = 0; i < notes.size(); i++) {
            // a string more than usual is a lower one, so names are matched from the top
            int like = Math.max(0, usual.size() - notes.size() + i);
            read.add(Pitch.parse(notes.get(i), usual.get(Math.min(like, usual.size() - 1))));
        }
        return List.copyOf(read.reversed());
    }

    /** The tuning as it is spoken, lowest string first, with octaves. */
    public String tuningText() {
        return tuningText(tuning);
    }

    /** A tuning as it is spoken of, lowest string first. */
    public static String tuningText(List<Pitch> tuning) {
        return String.join(" ", tuning.reversed().stream().map(Pitch::toString).toList());
    }
}
