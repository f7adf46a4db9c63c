package barytone.server.buzz;

import barytone.core.buzz.Board;
import barytone.core.buzz.BuzzMap;
import barytone.core.buzz.BuzzTest;
import barytone.core.buzz.Diagnosis;
import barytone.core.buzz.Findings;
import barytone.core.buzz.Hint;
import barytone.core.buzz.Outcome;
import barytone.core.buzz.Suspect;
import barytone.core.buzz.TestResult;
import barytone.core.buzz.Zone;
import barytone.core.instrument.InstrumentKind;
import barytone.core.instrument.InstrumentSpec;
import barytone.core.playoff.NoteMark;
import barytone.core.playoff.PlayedNote;
import barytone.core.playoff.Pluck;
import barytone.core.quantity.Allowed;
import barytone.core.strings.Pitch;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The hunt for a buzz without a job; a stable route among the sums. Nothing is stored. */
@RestController
@RequestMapping(path = "/api/scratch", produces = MediaType.APPLICATION_JSON_VALUE)
class BuzzController {
    private static final int MOST_MARKS = 2000;
    private static final int MOST_TESTS = 500;

    /** Causes less likely than this are not told. */
    private static final double TOLD = 0.005;

    /**
     * The board that is hunted on; what is not given is usual for the kind.
     *
     * @param scaleLength mm
     * @param boardRadius mm; 0 for a flat board
     */
    record HuntedBoard(
            InstrumentKind kind,
            int strings,
            int frets,
            @Nullable Double scaleLength,
            @Nullable Integer bodyJointFret,
            @Nullable Double boardRadius) {}

    /**
     * A note as it sounds.
     *
     * @param string 1 is the highest
     * @param fret 0 is the open string
     * @param touch normal where nothing is given
     */
    record MarkGiven(
            int string,
            int fret,
            NoteMark mark,
            @Nullable Pluck touch,
            @Nullable Boolean plugged) {}

    /** How a string's nut slot stands to its band. */
    record NutStateGiven(int string, Findings.Level state) {}

    /**
     * What is known of the instrument.
     *
     * @param humidity relative, %
     * @param notes codes of hints and of zones a noise comes from, such as since-strings, some-pitches, behind-nut, body
     */
    record FindingsGiven(
            Findings.@Nullable Relief relief,
            Findings.@Nullable Level action,
            @Nullable List<NutStateGiven> nut,
            @Nullable Double humidity,
            @Nullable Integer stringAgeDays,
            @Nullable List<String> notes) {}

    /** A test that was made. */
    record TestGiven(
            BuzzTest test,
            Outcome outcome,
            @Nullable Integer string,
            @Nullable Integer fret) {}

    record BuzzAsked(
            HuntedBoard instrument,
            @Nullable List<MarkGiven> marks,
            @Nullable FindingsGiven findings,
            @Nullable List<TestGiven> tests) {}

    /**
     * A cause that may be at work.
     *
     * @param cause stable code
     * @param because what speaks for it and against it
     * @param test the test that settles it
     * @param remedy what is done about it
     */
    record CauseTold(
            String cause, String title, double probability, List<String> because, BuzzTest test, String remedy) {}

    /**
     * The test that tells most for its time.
     *
     * @param bits how much it is expected to tell of what is to be done
     */
    record NextTestTold(
            BuzzTest test,
            String title,
            @Nullable Integer string,
            @Nullable Integer fret,
            double minutes,
            double bits,
            List<Outcome> outcomes) {}

    /**
     * What may be wrong, by falling probability.
     *
     * @param next left out when no test tells anything that matters
     */
    record BuzzTold(List<CauseTold> causes, @Nullable NextTestTold next) {}

    /** What makes a string buzz, and what to test next. */
    @PostMapping("/buzz")
    BuzzTold sumBuzz(@RequestBody BuzzAsked asked) {
        InstrumentSpec spec = spec(asked.instrument());
        Board board = Board.of(spec, null);
        Set<Zone> zones = EnumSet.noneOf(Zone.class);
        Findings findings = findings(board, asked.findings(), zones);
        BuzzMap map = new BuzzMap(marks(board, asked.marks()), zones, List.of());
        Diagnosis diagnosis = Diagnosis.of(board, map, findings, tests(board, asked.tests()));
        BuzzWords words = BuzzWords.of(spec);
        return new BuzzTold(
                diagnosis.suspects().stream()
                        .filter(s -> s.probability() >= TOLD)
                        .map(s -> cause(words, s))
                        .toList(),
                diagnosis
                        .next()
                        .map(n -> new NextTestTold(
                                n.test(),
                                words.next(n),
                                n.string(),
                                n.fret(),
                                n.test().minutes(),
                                n.bits(),
                                n.test().outcomes()))
                        .orElse(null));
    }

    private static CauseTold cause(BuzzWords words, Suspect suspect) {
        return new CauseTold(
                suspect.cause().code(),
                words.title(suspect),
                suspect.probability(),
                words.because(suspect),
                suspect.cause().confirming(),
                suspect.cause().remedy().label());
    }

    private static InstrumentSpec spec(HuntedBoard given) {
        InstrumentSpec usual = given.kind().usual();
        Allowed.whole("instrument.strings", given.strings(), 4, 12);
        Allowed.whole("instrument.frets", given.frets(), 12, 36);
        int joint = given.bodyJointFret() == null
                ? Math.min(usual.bodyJointFret(), given.frets())
                : Allowed.whole("instrument.bodyJointFret", given.bodyJointFret(), 8, given.frets());
        double scale = given.scaleLength() == null ? usual.scaleLength() : given.scaleLength();
        Allowed.number("instrument.scaleLength", scale, 200, 1200, "mm");
        double radius = given.boardRadius() == null ? usual.boardRadius() : given.boardRadius();
        if (radius != 0) Allowed.number("instrument.boardRadius", radius, 100, 2000, "mm, or 0 for a flat board");
        return new InstrumentSpec(
                usual.kind(),
                tuning(usual, given.strings()),
                scale,
                given.frets(),
                joint,
                radius,
                usual.rod(),
                usual.access(),
                false,
                usual.fittings());
    }

    /** The usual tuning, gone on in fourths where there are more strings. */
    private static List<Pitch> tuning(InstrumentSpec usual, int strings) {
        List<Pitch> tuning = new ArrayList<>(usual.tuning().subList(0, Math.min(strings, usual.strings())));
        while (tuning.size() < strings)
            tuning.add(new Pitch(Math.max(0, tuning.getLast().semitones() - 5)));
        return tuning;
    }

    private static List<PlayedNote> marks(Board board, @Nullable List<MarkGiven> given) {
        if (given == null) return List.of();
        Allowed.whole("marks", given.size(), 0, MOST_MARKS);
        List<PlayedNote> notes = new ArrayList<>();
        for (int i = 0; i < given.size(); i++) {
            MarkGiven mark = given.get(i);
            Allowed.whole("marks[" + i + "].string", mark.string(), 1, board.strings());
            Allowed.whole("marks[" + i + "].fret", mark.fret(), 0, board.frets());
            Pluck pluck = mark.touch() == null ? Pluck.NORMAL : mark.touch();
            notes.add(new PlayedNote(
                    mark.string(), mark.fret(), mark.mark(), pluck, Boolean.TRUE.equals(mark.plugged())));
        }
        return notes;
    }

    private static List<TestResult> tests(Board board, @Nullable List<TestGiven> given) {
        if (given == null) return List.of();
        Allowed.whole("tests", given.size(), 0, MOST_TESTS);
        List<TestResult> results = new ArrayList<>();
        for (int i = 0; i < given.size(); i++) {
            TestGiven test = given.get(i);
            if (test.string() != null) Allowed.whole("tests[" + i + "].string", test.string(), 1, board.strings());
            if (test.fret() != null) Allowed.whole("tests[" + i + "].fret", test.fret(), 0, board.frets());
            results.add(new TestResult(test.test(), test.outcome(), test.string(), test.fret()));
        }
        return results;
    }

    private static Findings findings(Board board, @Nullable FindingsGiven given, Set<Zone> zones) {
        if (given == null) return Findings.NONE;
        Map<Integer, Findings.Level> nut = new HashMap<>();
        if (given.nut() != null)
            for (NutStateGiven slot : given.nut())
                nut.put(Allowed.whole("findings.nut.string", slot.string(), 1, board.strings()), slot.state());
        if (given.humidity() != null) Allowed.number("findings.humidity", given.humidity(), 0, 100, "%");
        if (given.stringAgeDays() != null) Allowed.whole("findings.stringAgeDays", given.stringAgeDays(), 0, 100_000);
        Set<Hint> hints = EnumSet.noneOf(Hint.class);
        if (given.notes() != null)
            for (String code : given.notes()) {
                Optional<Hint> hint = byCode(Hint.values(), code);
                Optional<Zone> zone = byCode(Zone.values(), code);
                hint.ifPresent(hints::add);
                zone.ifPresent(zones::add);
                if (hint.isEmpty() && zone.isEmpty())
                    throw Allowed.broken(
                            "findings.notes",
                            "“" + code + "”",
                            Stream.concat(Arrays.stream(Hint.values()), Arrays.stream(Zone.values()))
                                    .map(Allowed::spelt)
                                    .collect(Collectors.joining(", ")));
            }
        return new Findings(given.relief(), given.action(), nut, given.humidity(), given.stringAgeDays(), hints);
    }

    private static <T extends Enum<T>> Optional<T> byCode(T[] values, String code) {
        return Arrays.stream(values).filter(v -> Allowed.spelt(v).equals(code)).findFirst();
    }
}
