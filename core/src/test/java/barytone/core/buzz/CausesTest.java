package barytone.core.buzz;

import static org.assertj.core.api.Assertions.assertThat;

import barytone.core.buzz.cause.Causes;
import barytone.core.instrument.InstrumentKind;
import barytone.core.playoff.NoteMark;
import barytone.core.playoff.PlayedNote;
import barytone.core.playoff.Pluck;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;

class CausesTest {
    static Stream<Cause> all() {
        return Causes.ALL.stream();
    }

    @Test
    void eachHasACodeOfItsOwn() {
        Set<String> codes = new HashSet<>();
        assertThat(Causes.ALL).allMatch(cause -> codes.add(cause.code())).hasSize(43);
    }

    /** A cause that its own test cannot show would be asked about for ever and never cured. */
    @ParameterizedTest
    @MethodSource("all")
    void isShownByTheTestThatSettlesIt(Cause cause) {
        BuzzTest test = cause.confirming();
        assertThat(test.outcomes().stream()
                        .skip(1)
                        .mapToDouble(o -> cause.chanceOf(test, o))
                        .sum())
                .as(cause.code())
                .isGreaterThan(0.5);
    }

    @ParameterizedTest
    @EnumSource(InstrumentKind.class)
    void chancesAreChancesOnEveryBoard(InstrumentKind kind) {
        Board board = Board.of(kind.usual(), null);
        for (Cause cause : Causes.ALL) {
            assertThat(cause.odds(board)).as(cause.code()).isBetween(0.0, 0.2);
            for (Place place : cause.places(board))
                for (int string = 1; string <= board.strings(); string++)
                    for (int fret = 0; fret <= board.frets(); fret++) {
                        Note note = new Note(board, string, fret, false);
                        assertThat(cause.spoils(place, note)).as(cause.code()).isBetween(0.0, 1.0);
                        assertThat(cause.chokes(place, note)).as(cause.code()).isBetween(0.0, 1.0);
                    }
        }
    }

    /** The notes of a board on which one thing is wrong. */
    @ParameterizedTest
    @MethodSource("all")
    void isMoreLikelyOnceItsTestShowsIt(Cause cause) {
        Board board = Stream.of(InstrumentKind.values())
                .map(kind -> Board.of(kind.usual(), null))
                .filter(b -> cause.odds(b) > 0)
                .findFirst()
                .orElse(null);
        if (board == null) return;
        BuzzMap map = BuzzMap.of(List.of(new PlayedNote(1, 3, NoteMark.BUZZ, Pluck.NORMAL, false)));
        BuzzTest test = cause.confirming();
        Outcome sign = test.outcomes().stream()
                .skip(1)
                .max(Comparator.comparingDouble(o -> cause.chanceOf(test, o)))
                .orElseThrow();
        double before = probability(Diagnosis.of(board, map, Findings.NONE, List.of()), cause);
        List<TestResult> shown = List.of(new TestResult(test, sign, null, null));
        assertThat(probability(Diagnosis.of(board, map, Findings.NONE, shown), cause))
                .as(cause.code())
                .isGreaterThan(before);
    }

    private static double probability(Diagnosis diagnosis, Cause cause) {
        return diagnosis.suspects().stream()
                .filter(s -> s.cause() == cause)
                .mapToDouble(Suspect::probability)
                .sum();
    }

    @Test
    void aReadingThatSaysNoOutweighsAPatternThatSaysYes() {
        Board board = Board.of(InstrumentKind.ELECTRIC.usual(), null);
        List<PlayedNote> low = Stream.of(1, 2, 3, 4, 5, 6)
                .flatMap(s -> Stream.of(0, 1, 2).map(f -> new PlayedNote(s, f, NoteMark.BUZZ, Pluck.NORMAL, false)))
                .toList();
        Findings straight = new Findings(Findings.Relief.OK, null, Map.of(), null, null, Set.of());
        Suspect first = Diagnosis.of(board, BuzzMap.of(low), Findings.NONE, List.of())
                .suspects()
                .getFirst();
        assertThat(first.cause().code()).isEqualTo("back-bow");
        assertThat(Diagnosis.of(board, BuzzMap.of(low), straight, List.of())
                        .suspects()
                        .getFirst()
                        .cause()
                        .code())
                .isNotEqualTo("back-bow");
    }

    @Test
    void aNoiseWithoutANoteIsHuntedToo() {
        Board board = Board.of(InstrumentKind.FLAT_TOP.usual(), null);
        BuzzMap body = new BuzzMap(List.of(), Set.of(Zone.BODY), List.of());
        Diagnosis diagnosis = Diagnosis.of(board, body, Findings.NONE, List.of());
        assertThat(diagnosis.next().orElseThrow().test()).isIn(BuzzTest.SHAKE, BuzzTest.TAP_TOP, BuzzTest.TAP_BODY);
        Diagnosis shaken = Diagnosis.of(
                board, body, Findings.NONE, List.of(new TestResult(BuzzTest.SHAKE, Outcome.RATTLES, null, null)));
        assertThat(shaken.suspects().getFirst().cause().code()).isEqualTo("cable-inside");
    }
}
