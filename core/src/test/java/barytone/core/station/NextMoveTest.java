package barytone.core.station;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import barytone.core.advice.Advice;
import barytone.core.advice.Effort;
import barytone.core.estimate.Band;
import barytone.core.height.ActionTarget;
import barytone.core.height.HeightVerdict;
import barytone.core.instrument.InstrumentKind;
import barytone.core.instrument.InstrumentSpec;
import barytone.core.instrument.Touch;
import barytone.core.job.JobEvent;
import barytone.core.job.JobState;
import barytone.core.job.Station;
import barytone.core.job.Topic;
import barytone.core.job.WorkOrder;
import barytone.core.neck.GapMethod;
import barytone.core.quantity.Turns;
import barytone.core.reading.Gap;
import barytone.core.reading.OwnedTool;
import barytone.core.reading.Tool;
import barytone.core.reading.Toolkit;
import barytone.core.station.action.ActionAdvice;
import barytone.core.station.action.ActionEvent;
import barytone.core.station.action.ActionSchool;
import barytone.core.station.nut.NutAdvice;
import barytone.core.station.relief.ReliefAdvice;
import barytone.core.station.relief.ReliefEvent;
import barytone.core.station.relief.ReliefState;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The order of work over all stations, what is asked for again, and what the technician may choose otherwise. */
class NextMoveTest extends PaperJob {
    @Test
    void asFoundComesFirstStationByStation() {
        assertThat(((Advice.Measure) advice()).strings()).containsExactly(6, 1);
        relief(0.45, 0.40);
        Advice.Measure nut = (Advice.Measure) advice();
        assertThat(nut.station()).isEqualTo(Station.NUT);
        assertThat(nut.strings()).containsExactly(6, 5, 4, 3, 2, 1);
        nut(GOOD_NUT);
        assertThat(((Advice.Measure) advice()).station()).isEqualTo(Station.ACTION);
        action(GOOD_ACTION);
        assertThat(advice()).isInstanceOf(ReliefAdvice.TurnRod.class);
    }

    @Test
    void whatIsAllInBandIsLeftAlone() {
        Advice.Finished finished = (Advice.Finished) good().advice();
        assertThat(finished.results())
                .extracting(Advice.Done::reason)
                .containsOnly(Advice.Done.Reason.LEAVE_IT)
                .hasSize(3);
    }

    @Test
    void onlyWhatWasAgreedIsWorkedOn() {
        add(new JobEvent.ScopeSet(List.of(Station.ACTION))).action(raised(new double[] {0.5}, GOOD_ACTION));
        assertThat(advice()).isInstanceOf(ActionAdvice.TurnScrews.class);
    }

    @Test
    void reliefBeforeNutBeforeAction() {
        relief(0.40, 0.36).nut(raised(new double[] {0.09}, GOOD_NUT)).action(raised(new double[] {0.5}, GOOD_ACTION));
        assertThat(advice()).isInstanceOf(ReliefAdvice.TurnRod.class);
        // left by choice: the nut is next, and the relief is not spoken of again
        add(new JobEvent.Answered(Topic.read("relief"), false));
        assertThat(advice()).isInstanceOf(NutAdvice.FileSlots.class);
        add(new JobEvent.Answered(Topic.read("file"), false));
        assertThat(advice()).isInstanceOf(ActionAdvice.TurnScrews.class);
        add(new JobEvent.Answered(Topic.read("action"), false));
        Advice.Finished finished = (Advice.Finished) advice();
        assertThat(finished.declined()).containsExactly(Topic.of("action"), Topic.of("file"), Topic.of("relief"));
    }

    @ParameterizedTest
    @CsvSource({
        "RELIEF_NUT_ACTION,  0.40, TurnRod",
        "BALLPARK_FIRST,     0.40, TurnScrews",
        "RELIEF_NUT_ACTION,  0.23, TurnScrews",
        "SADDLE_ROUGH_FIRST, 0.23, TurnScrews",
        "SADDLE_ROUGH_FIRST, 0.40, TurnRod"
    })
    void schoolsDifferInWhatComesRoughlyFirst(WorkOrder order, double relief, String expected) {
        add(new JobEvent.OrderSet(order))
                .relief(relief, relief - 0.03)
                .nut(raised(new double[] {0.05}, GOOD_NUT))
                .action(raised(new double[] {1.5}, GOOD_ACTION));
        assertThat(advice().getClass().getSimpleName()).isEqualTo(expected);
        if (advice() instanceof ActionAdvice.TurnScrews turn)
            assertThat(turn.rough()).isTrue();
    }

    @Test
    void everyMoveIsFollowedByARetuneAndOnlyThenByReadingsThatAreNeeded() {
        relief(0.23, 0.20).nut(GOOD_NUT).action(2.3, 1.7, 1.6, 1.5, 1.4, 1.3);
        ActionAdvice.TurnScrews turn = (ActionAdvice.TurnScrews) advice();
        assertThat(turn.screws().getFirst().sixteenths()).isNegative();
        assertThat(turn.screws().subList(1, 6)).allMatch(Turns::isZero);
        assertThat(turn.raising()).isFalse();
        add(new ActionEvent.BridgeScrewed(turn.screws()));
        assertThat(advice()).isEqualTo(new Advice.Retune(Station.ACTION));
        add(new JobEvent.Retuned());
        // the last look is asked for the one string that was moved, and for no other
        Advice.Measure look = (Advice.Measure) advice();
        assertThat(look.strings()).containsExactly(6);
        assertThat(look.station()).isEqualTo(Station.ACTION);
        reading(6, Station.ACTION, Tool.CALIPER, new Gap.Of(1.8));
        assertThat(advice()).isInstanceOf(Advice.Finished.class);
    }

    @Test
    void aTurnedRodMovesTheActionAlongAndItIsLookedAtOnceMoreAtTheEnd() {
        relief(0.33, 0.30).nut(GOOD_NUT).action(raised(new double[] {0.17}, GOOD_ACTION));
        ReliefAdvice.TurnRod turn = (ReliefAdvice.TurnRod) advice();
        add(new ReliefEvent.RodTurned(turn.net(), false, false)).add(new JobEvent.Retuned());
        JobState after = state();
        assertThat(NextMove.recheck(after, Effort.USUAL, Station.ACTION)).isNotEmpty();
        assertThat(NextMove.recheck(after, Effort.USUAL, Station.NUT)).isEmpty();
    }

    @Test
    void nearTheEdgeTheFinestOwnedToolIsAskedForAndNoOther() {
        relief(0.23, 0.20).nut(GOOD_NUT);
        for (int s = 6; s >= 1; s--)
            reading(
                    s,
                    Station.ACTION,
                    Tool.CARD,
                    new Gap.Of(defaults.the(ActionTarget.class).band(s).high() + 0.02));
        Advice.Measure finer = (Advice.Measure) advice();
        assertThat(finer.reason()).isEqualTo(Advice.Measure.Reason.FINER_TOOL);
        assertThat(finer.tool()).isEqualTo(Tool.CALIPER);
        tools = new Toolkit(tools.tools().stream()
                .filter(t -> t.kind() != OwnedTool.Kind.CALIPER)
                .toList());
        // nothing that is owned could tell: what cannot be told is left
        assertThat(advice()).isInstanceOf(Advice.Finished.class);
    }

    @Test
    void whatIsTakenAsItIsIsNeitherAskedForAgainNorWorkedAt() {
        relief(0.23, 0.20).nut(GOOD_NUT);
        for (int s = 6; s >= 1; s--)
            reading(
                    s,
                    Station.ACTION,
                    Tool.CARD,
                    new Gap.Of(defaults.the(ActionTarget.class).band(s).high() + 0.02));
        add(new JobEvent.Answered(advice().topic(), false));
        assertThat(advice()).isInstanceOf(Advice.Finished.class);
    }

    @Test
    void filingGoesNoFurtherOnWhatNobodyWantsToReadAgain() {
        relief(0.23, 0.20).nut(raised(new double[] {0.16}, GOOD_NUT)).action(GOOD_ACTION);
        add(new JobEvent.Answered(Topic.read("nut-underside"), false));
        Advice.Adjusting first = (Advice.Adjusting) advice();
        assertThat(first.station()).isEqualTo(Station.NUT);
        add(first.event(spec)).add(new JobEvent.Retuned());
        Advice.Measure again = (Advice.Measure) advice();
        assertThat(again.reason()).isEqualTo(Advice.Measure.Reason.STALE);
        add(new JobEvent.Answered(again.topic(), false));
        assertThat(advice()).isInstanceOf(Advice.Measure.class);
        assertThat(advice().topic()).isNotEqualTo(again.topic());
    }

    @Test
    void unreadStationsAreNotWorkedAtWhenTheirReadingsWereDeclined() {
        relief(0.23, 0.20)
                .add(new JobEvent.Answered(Topic.read("measure-NUT"), false))
                .action(GOOD_ACTION);
        Advice.Finished finished = (Advice.Finished) advice();
        assertThat(finished.results()).extracting(Advice.Done::station).containsExactly(Station.RELIEF, Station.ACTION);
        assertThat(finished.declined()).containsExactly(Topic.of("measure", Station.NUT));
    }

    @Test
    void forALittleMoreCertaintyTheRodIsNotTurnedPastItsLimit() {
        // the upper edge of the band, the limit used up: in band it stays, and nothing is turned
        add(new JobEvent.ScopeSet(List.of(Station.RELIEF)));
        relief(0.60, 0.57);
        for (int step = 0; step < 6; step++)
            add(new ReliefEvent.RodTurned(Turns.EIGHTH, false, false)).add(new JobEvent.Retuned());
        Band bass = HeightVerdict.band(state(), Station.RELIEF, 6);
        Band treble = HeightVerdict.band(state(), Station.RELIEF, 1);
        now = now.plusSeconds(1200);
        for (int look = 0; look < 3; look++)
            reading(6, Station.RELIEF, Tool.LEAF, new Gap.Of(bass.high() - 0.012 + 0.001 * look))
                    .reading(1, Station.RELIEF, Tool.LEAF, new Gap.Of(treble.high() - 0.012 + 0.001 * look));
        assertThat(ReliefState.of(state()).tighterThanFound()).isEqualTo(new Turns(12));
        assertThat(advice()).isInstanceOf(Advice.Done.class);
    }

    @Test
    void whatIsExpectedOfAnAdviceIsWhatItsEntryWillGive() {
        relief(0.23, 0.20).nut(GOOD_NUT).action(raised(new double[] {0.5}, GOOD_ACTION));
        ActionAdvice.TurnScrews turn = (ActionAdvice.TurnScrews) advice();
        double expected = turn.expected(state())
                .orElseThrow()
                .now(3, new GapMethod.Action(12))
                .mean();
        add(turn.event(spec));
        assertThat(state().estimate().now(3, new GapMethod.Action(12)).mean()).isCloseTo(expected, within(1e-9));
        assertThat(advice().expected(state())).isEmpty();
    }

    @Test
    void targetsFollowSchoolTouchStyleAndFloppyStrings() {
        InstrumentSpec bass = InstrumentKind.BASS_5.usual();
        ActionSchool school = ActionSchool.usualFor(ActionSchool.USUAL, bass.kind());
        ActionTarget medium = school.target(bass, Touch.MEDIUM, ActionSchool.Style.ANY);
        // even steps from 1.9 to 2.5, and 0.3 more for the low B
        assertThat(medium.band(1).middle()).isCloseTo(1.9, within(1e-9));
        assertThat(medium.band(5).middle()).isCloseTo(2.8, within(1e-9));
        assertThat(school.target(bass, Touch.HEAVY, ActionSchool.Style.ANY)
                        .band(1)
                        .middle())
                .isGreaterThan(medium.band(1).middle());
        assertThat(school.target(bass, Touch.MEDIUM, ActionSchool.Style.SLIDE)
                        .band(1)
                        .middle())
                .isCloseTo(2.7, within(1e-9));
        ActionSchool groups = new ActionSchool(
                "G", "Groups", ActionSchool.Family.ELECTRIC, 1.8, 1.3, 0.12, ActionSchool.Steps.GROUPS, 0, "");
        InstrumentSpec electric = InstrumentKind.ELECTRIC.usual();
        ActionTarget two = groups.target(electric, Touch.MEDIUM, ActionSchool.Style.ANY);
        assertThat(two.band(3).middle()).isEqualTo(1.3);
        assertThat(two.band(4).middle()).isEqualTo(1.8);
    }
}
