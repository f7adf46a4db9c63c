package barytone.core.clearance;

import static org.assertj.core.api.Assertions.assertThat;

import barytone.core.instrument.InstrumentKind;
import barytone.core.instrument.InstrumentSpec;
import barytone.core.instrument.Touch;
import barytone.core.neck.StringState;
import barytone.core.playoff.NoteMark;
import barytone.core.playoff.PlayedNote;
import barytone.core.playoff.Pluck;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.SplittableRandom;
import java.util.TreeMap;
import org.junit.jupiter.api.Test;

class BoardSenseTest {
    private static final InstrumentSpec SPEC = InstrumentKind.ELECTRIC.usual();
    private static final double[] SD = filled(0.04);

    private static double[] filled(double sd) {
        double[] all = new double[SPEC.strings()];
        Arrays.fill(all, sd);
        return all;
    }

    private static List<StringState> setup(double action) {
        return new SetupGaps(
                        0.18,
                        0.18,
                        Collections.nCopies(SPEC.strings(), 0.14),
                        Collections.nCopies(SPEC.strings(), action))
                .states(SPEC);
    }

    /** What a board of such crowns, played by such a hand, would sound like. */
    private static List<PlayedNote> heard(
            List<StringState> setup, Map<Integer, Double> crowns, double hand, int from, int to) {
        List<PlayedNote> notes = new ArrayList<>();
        for (int s = 1; s <= SPEC.strings(); s++)
            for (ClearanceMap.Note note :
                    WhatIf.notes(SPEC, s, setup.get(s - 1), new Crowns(crowns), Touch.MEDIUM, hand, 440))
                if (note.fret() >= from && note.fret() <= to)
                    notes.add(new PlayedNote(
                            s, note.fret(), note.margin() < 0 ? NoteMark.BUZZ : NoteMark.CLEAN, Pluck.NORMAL, false));
        return notes;
    }

    @Test
    void aHighCrownIsToldFromTheNotesBelowItWithAboutHowHighItIs() {
        List<StringState> setup = setup(1.7);
        for (int fret : new int[] {5, 9, 13}) {
            List<PlayedNote> notes = heard(setup, Map.of(fret, 0.15), 1, fret - 4, fret + 3);
            BoardSense sense = BoardSense.of(SPEC, setup, SD, notes, List.of(), Set.of(), BoardSense.Shape.LEVEL, 440);
            assertThat(sense.crowns()).singleElement().satisfies(crown -> {
                assertThat(crown.fret()).isEqualTo(fret);
                assertThat(crown.height()).isBetween(0.15 - 2.5 * crown.sd(), 0.15 + 2.5 * crown.sd());
                assertThat(crown.spoils()).allMatch(n -> n.fret() < fret).isNotEmpty();
            });
        }
    }

    @Test
    void aLowActionOverEvenCrownsAccusesNoCrown() {
        for (double action : new double[] {1.0, 1.2, 1.5, 2.0}) {
            List<StringState> setup = setup(action);
            BoardSense sense = BoardSense.of(
                    SPEC,
                    setup,
                    SD,
                    heard(setup, Map.of(), 1, 1, 15),
                    List.of(),
                    Set.of(),
                    BoardSense.Shape.LEVEL,
                    440);
            assertThat(sense.crowns()).as("action %s", action).isEmpty();
            assertThat(sense.hand()).isBetween(0.8, 1.25);
        }
    }

    @Test
    void evenCrownsAreSeldomAccusedThoughHeightsAndMarksAreOff() {
        int accused = 0;
        SplittableRandom random = new SplittableRandom(7);
        int boards = 60;
        for (int i = 0; i < boards; i++) {
            List<StringState> truth = setup(1.35 + 0.5 * random.nextDouble());
            Map<Integer, Double> crowns = new TreeMap<>();
            for (int fret = 1; fret <= SPEC.frets(); fret++) crowns.put(fret, 0.008 * random.nextGaussian());
            List<PlayedNote> notes = heard(truth, crowns, Math.exp(0.2 * random.nextGaussian()), 1, 14).stream()
                    .map(n -> random.nextDouble() > 0.03
                            ? n
                            : new PlayedNote(
                                    n.string(),
                                    n.fret(),
                                    n.mark() == NoteMark.CLEAN ? NoteMark.BUZZ : NoteMark.CLEAN,
                                    n.pluck(),
                                    false))
                    .toList();
            List<StringState> read = truth.stream()
                    .map(s -> new StringState(
                            s.curvature(), s.slotHeight(), s.saddleHeight() + 0.05 * random.nextGaussian()))
                    .toList();
            accused += BoardSense.of(SPEC, read, SD, notes, List.of(), Set.of(), BoardSense.Shape.LEVEL, 440)
                            .crowns()
                            .isEmpty()
                    ? 0
                    : 1;
        }
        assertThat(accused).isLessThan(boards / 10);
    }

    @Test
    void aBoardOnWhichNothingRingsAccusesNoCrown() {
        List<PlayedNote> all = new ArrayList<>();
        for (int string = 1; string <= SPEC.strings(); string++)
            for (int fret = 1; fret <= 12; fret++)
                all.add(new PlayedNote(string, fret, NoteMark.BUZZ, Pluck.NORMAL, false));
        assertThat(BoardSense.of(SPEC, setup(1.7), SD, all, List.of(), Set.of(), BoardSense.Shape.LEVEL, 440))
                .isEqualTo(BoardSense.NONE);
    }

    @Test
    void aRockerSettlesWhichOfTwoItIs() {
        List<StringState> setup = setup(1.7);
        BoardSense rocks = BoardSense.of(
                SPEC,
                setup,
                SD,
                List.of(),
                List.of(new BoardSense.Rocked(7, true)),
                Set.of(),
                BoardSense.Shape.LEVEL,
                440);
        assertThat(rocks.crowns()).singleElement().satisfies(crown -> {
            assertThat(crown.fret()).isEqualTo(7);
            assertThat(crown.height()).isPositive();
            assertThat(crown.sd()).isGreaterThan(0.02);
        });
        List<PlayedNote> one = List.of(new PlayedNote(3, 8, NoteMark.BUZZ, Pluck.NORMAL, false));
        BoardSense marks = BoardSense.of(SPEC, setup, SD, one, List.of(), Set.of(), BoardSense.Shape.LEVEL, 440);
        BoardSense steady = BoardSense.of(
                SPEC, setup, SD, one, List.of(new BoardSense.Rocked(9, false)), Set.of(), BoardSense.Shape.LEVEL, 440);
        assertThat(marks.asCrowns().height(9))
                .isGreaterThanOrEqualTo(steady.asCrowns().height(9));
        assertThat(steady.crowns()).noneMatch(c -> c.fret() == 9);
    }

    @Test
    void aHeavyHandIsToldFromALightOne() {
        List<StringState> setup = setup(1.1);
        BoardSense heavy = BoardSense.of(
                SPEC, setup, SD, heard(setup, Map.of(), 1.5, 1, 15), List.of(), Set.of(), BoardSense.Shape.LEVEL, 440);
        BoardSense light = BoardSense.of(
                SPEC, setup, SD, heard(setup, Map.of(), 0.7, 1, 15), List.of(), Set.of(), BoardSense.Shape.LEVEL, 440);
        assertThat(heavy.hand()).isGreaterThan(light.hand() * 1.4);
        assertThat(heavy.handTold()).isTrue();
    }

    @Test
    void anEndThatRisesStandsHighFromTheJointOnAsLongAsNoNoteSpeaksAgainstIt() {
        List<StringState> setup = setup(1.7);
        BoardSense rises = BoardSense.of(SPEC, setup, SD, List.of(), List.of(), Set.of(), BoardSense.Shape.RISES, 440);
        assertThat(rises.crowns()).isNotEmpty().allMatch(c -> c.fret() > SPEC.bodyJointFret() && c.height() > 0);
        assertThat(rises.crowns().getLast().fret()).isEqualTo(SPEC.frets());
        BoardSense falls =
                BoardSense.of(SPEC, setup, SD, List.of(), List.of(), Set.of(), BoardSense.Shape.FALLS_AWAY, 440);
        assertThat(falls.crowns()).isNotEmpty().allMatch(c -> c.height() < 0);
        List<PlayedNote> clean = heard(setup, Map.of(), 1, SPEC.bodyJointFret() - 2, SPEC.frets() - 1);
        assertThat(clean).allMatch(n -> n.mark() == NoteMark.CLEAN);
        BoardSense heard = BoardSense.of(SPEC, setup, SD, clean, List.of(), Set.of(), BoardSense.Shape.RISES, 440);
        assertThat(heard.asCrowns().height(SPEC.frets()))
                .isLessThan(rises.asCrowns().height(SPEC.frets()));
    }

    @Test
    void anSStandsHighBeforeTheJointAndLowNearTheNut() {
        BoardSense s =
                BoardSense.of(SPEC, setup(1.7), SD, List.of(), List.of(), Set.of(), BoardSense.Shape.S_SHAPED, 440);
        int middle = SPEC.bodyJointFret() / 2;
        assertThat(s.crowns()).isNotEmpty().allMatch(c -> c.fret() < middle == c.height() < 0);
    }

    @Test
    void aDivotThatIsSeenStandsLow() {
        BoardSense sense =
                BoardSense.of(SPEC, setup(1.7), SD, List.of(), List.of(), Set.of(4), BoardSense.Shape.LEVEL, 440);
        assertThat(sense.crowns()).singleElement().satisfies(crown -> {
            assertThat(crown.fret()).isEqualTo(4);
            assertThat(crown.height()).isBetween(-0.09, -0.03);
        });
    }

    @Test
    void whatNobodyHeardTellsNothing() {
        assertThat(BoardSense.of(SPEC, setup(1.7), SD, List.of(), List.of(), Set.of(), BoardSense.Shape.LEVEL, 440))
                .isEqualTo(BoardSense.NONE);
    }
}
