package barytone.core.buzz;

import barytone.core.bridge.BridgeKind;
import barytone.core.instrument.InstrumentKind;
import barytone.core.playoff.NoteMark;
import barytone.core.playoff.PlayedNote;
import barytone.core.playoff.Pluck;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * A hunt on paper: what is heard, known and tested, and what it was.
 *
 * @param truth codes of the causes
 * @param at the string and fret of each; 0 where it is none
 */
record PaperCase(
        String name,
        Board board,
        BuzzMap map,
        Findings findings,
        List<TestResult> tests,
        List<String> truth,
        List<int[]> at) {
    /**
     * Reads a case.
     *
     * @param text words divided by blanks: {@code b4:0} buzzes on string 4 open, {@code c1-6:9-12} clean, {@code k} choke, {@code d} dead, {@code n} chokes when bent,
     *     with {@code s} or {@code h} after it for soft and hard; {@code relief=high}, {@code action=low}, {@code nut4=low}, {@code rh=28}, {@code age=200};
     *     {@code @body} a zone; {@code +since-strings} a hint; {@code rocker=rocks:4:9} a test with string and fret, 0 for none
     */
    static PaperCase of(String kind, String truth, String text) {
        Board board = board(kind);
        List<PlayedNote> notes = new ArrayList<>();
        Set<Zone> zones = EnumSet.noneOf(Zone.class);
        Set<Hint> hints = EnumSet.noneOf(Hint.class);
        Map<Integer, Findings.Level> nut = new HashMap<>();
        List<TestResult> tests = new ArrayList<>();
        Findings.Relief relief = null;
        Findings.Level action = null;
        Double humidity = null;
        Integer age = null;
        for (String word : text.split("\\s+")) {
            if (word.startsWith("@")) zones.add(Zone.valueOf(name(word.substring(1))));
            else if (word.startsWith("+")) hints.add(Hint.valueOf(name(word.substring(1))));
            else if (word.startsWith("relief=")) relief = Findings.Relief.valueOf(name(word.substring(7)));
            else if (word.startsWith("action=")) action = Findings.Level.valueOf(name(word.substring(7)));
            else if (word.startsWith("rh=")) humidity = Double.valueOf(word.substring(3));
            else if (word.startsWith("age=")) age = Integer.valueOf(word.substring(4));
            else if (word.matches("nut\\d=.*"))
                nut.put(word.charAt(3) - '0', Findings.Level.valueOf(name(word.substring(5))));
            else if (word.contains("=")) tests.add(test(word));
            else notes.addAll(notes(word));
        }
        return new PaperCase(
                truth + ": " + text,
                board,
                new BuzzMap(notes, zones, List.of()),
                new Findings(relief, action, nut, humidity, age, hints),
                tests,
                Arrays.stream(truth.split(" ")).map(t -> t.split("@")[0]).toList(),
                Arrays.stream(truth.split(" ")).map(PaperCase::at).toList());
    }

    private static int[] at(String truth) {
        String[] parts = truth.split("@");
        if (parts.length == 1) return new int[] {0, 0};
        String[] place = parts[1].split(":");
        return new int[] {Integer.parseInt(place[0]), Integer.parseInt(place[1])};
    }

    private static Board board(String kind) {
        return switch (kind) {
            case "electric" -> Board.of(InstrumentKind.ELECTRIC.usual(), null);
            case "round" -> withRadius(184);
            case "vibrato" -> {
                Board b = board("electric");
                yield new Board(
                        b.kind(),
                        b.strings(),
                        b.frets(),
                        b.bodyJointFret(),
                        b.boardRadius(),
                        b.tuning(),
                        b.rod(),
                        b.bolted(),
                        BridgeKind.VIBRATO_SADDLES,
                        b.pickups(),
                        null);
            }
            case "semi" -> Board.of(InstrumentKind.SEMI_HOLLOW.usual(), null);
            case "flat-top" -> Board.of(InstrumentKind.FLAT_TOP.usual(), null);
            case "nylon" -> Board.of(InstrumentKind.NYLON.usual(), null);
            case "bass" -> Board.of(InstrumentKind.BASS_4.usual(), null);
            default -> throw new IllegalArgumentException(kind);
        };
    }

    private static Board withRadius(double radius) {
        Board b = board("electric");
        return new Board(
                b.kind(),
                b.strings(),
                b.frets(),
                b.bodyJointFret(),
                radius,
                b.tuning(),
                b.rod(),
                b.bolted(),
                b.bridge(),
                b.pickups(),
                null);
    }

    private static String name(String code) {
        return code.toUpperCase(Locale.ROOT).replace('-', '_');
    }

    private static TestResult test(String word) {
        String[] parts = word.split("[=:]");
        return new TestResult(
                BuzzTest.valueOf(name(parts[0])), Outcome.valueOf(name(parts[1])), place(parts, 2), place(parts, 3));
    }

    private static @Nullable Integer place(String[] parts, int i) {
        return parts.length <= i || parts[i].equals("0") ? null : Integer.valueOf(parts[i]);
    }

    private static List<PlayedNote> notes(String word) {
        NoteMark mark = switch (word.charAt(0)) {
            case 'b' -> NoteMark.BUZZ;
            case 'c' -> NoteMark.CLEAN;
            case 'k' -> NoteMark.CHOKE;
            case 'd' -> NoteMark.DEAD;
            case 'n' -> NoteMark.BEND_CHOKE;
            default -> throw new IllegalArgumentException(word);
        };
        Pluck pluck = word.charAt(1) == 's' ? Pluck.SOFT : word.charAt(1) == 'h' ? Pluck.HARD : Pluck.NORMAL;
        String[] place = word.replaceFirst("[a-z]+", "").split(":");
        int[] strings = range(place[0]);
        int[] frets = range(place[1]);
        List<PlayedNote> notes = new ArrayList<>();
        for (int s = strings[0]; s <= strings[1]; s++)
            for (int f = frets[0]; f <= frets[1]; f++) notes.add(new PlayedNote(s, f, mark, pluck, false));
        return notes;
    }

    private static int[] range(String text) {
        String[] ends = text.split("-");
        int from = Integer.parseInt(ends[0]);
        return new int[] {from, ends.length == 1 ? from : Integer.parseInt(ends[1])};
    }

    /** Where a true cause sits. */
    Place place(Cause cause) {
        int[] is = at.get(truth.indexOf(cause.code()));
        return new Place(is[0], is[1], is[0] > 0 ? Span.NARROW : Span.ALL, 0, 1);
    }

    /** The truth by itself. */
    String truths() {
        return String.join(" and ", truth);
    }

    @Override
    public String toString() {
        return name;
    }
}
