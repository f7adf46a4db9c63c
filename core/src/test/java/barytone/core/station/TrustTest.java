package barytone.core.station;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import barytone.core.advice.Advice;
import barytone.core.advice.Effort;
import barytone.core.estimate.Band;
import barytone.core.estimate.Verdict;
import barytone.core.height.HeightVerdict;
import barytone.core.height.NutTarget;
import barytone.core.height.ReliefTarget;
import barytone.core.job.HeightHabit;
import barytone.core.job.JobEvent;
import barytone.core.job.Station;
import barytone.core.job.TakenReading;
import barytone.core.neck.GapMethod;
import barytone.core.quantity.Turns;
import barytone.core.reading.Gap;
import barytone.core.reading.Position;
import barytone.core.reading.Tool;
import barytone.core.station.action.ActionEvent;
import barytone.core.station.action.BridgeAdvisor;
import barytone.core.station.nut.NutEvent;
import barytone.core.station.relief.ReliefEvent;
import barytone.core.station.relief.ReliefState;
import java.util.Collections;
import java.util.List;
import java.util.Objects;
import org.junit.jupiter.api.Test;

/** What was read stays what was read, what is good is left, and nothing irreversible rests on a guess. */
class TrustTest extends PaperJob {

    private HeightVerdict judged(Station station, int string) {
        return HeightVerdict.of(state(), station, string);
    }

    private double found(Station station, int string) {
        return state().found(station, string).orElseThrow().mm();
    }

    private long last() {
        return log.getLast().seq();
    }

    // --- the record

    @Test
    void asFoundIsTheFirstReadingAndNeverChanges() {
        relief(0.23, 0.20).nut(GOOD_NUT).reading(6, Station.ACTION, Tool.CARD, new Gap.Of(2.3));
        reading(6, Station.ACTION, Tool.CARD, new Gap.Of(1.9)).add(new JobEvent.ReadingKept(last()));
        assertThat(found(Station.ACTION, 6)).isEqualTo(2.3);
        assertThat(judged(Station.ACTION, 6).value().mean()).isEqualTo(1.9);
        add(new ActionEvent.BridgeScrewed(Collections.nCopies(6, new Turns(-8))))
                .add(new JobEvent.Retuned());
        reading(6, Station.ACTION, Tool.CARD, new Gap.Of(1.65));
        assertThat(found(Station.ACTION, 6)).isEqualTo(2.3);
    }

    @Test
    void sixReadingsStandAsTheyWereRead() {
        double[] read = {108, 104, 100, 96, 92, 87.5};
        for (int i = 0; i < 6; i++) reading(6 - i, Station.ACTION, Tool.RULER_HALF, new Gap.Of(read[i] * 0.0254));
        for (int i = 0; i < 6; i++) {
            assertThat(found(Station.ACTION, 6 - i)).isEqualTo(read[i] * 0.0254);
            assertThat(judged(Station.ACTION, 6 - i).value().mean()).isEqualTo(read[i] * 0.0254);
        }
    }

    @Test
    void nothingIsSaidToHaveMovedThatOnlyWasLearnedMoreOf() {
        relief(0.23, 0.20).nut(GOOD_NUT);
        for (int s = 6; s >= 1; s--) reading(s, Station.ACTION, Tool.RULER_MM, new Gap.Of(2));
        // reading the action with a finer tool teaches where the saddles stand, and moves neither relief nor nut
        action(1.6, 1.6, 1.6, 1.6, 1.6, 1.6);
        for (Station station : Station.HEIGHTS)
            for (int s : state().strings(station))
                assertThat(judged(station, s).stands()).as(station + " " + s).isTrue();
        assertThat(NextMove.recheck(state(), Effort.USUAL, Station.NUT)).isEmpty();
    }

    @Test
    void whatWasMovedIsReckonedUntilItIsReadAgain() {
        good().add(new ReliefEvent.RodTurned(new Turns(4), false, false)).add(new JobEvent.Retuned());
        assertThat(judged(Station.RELIEF, 6).asRead()).isFalse();
        assertThat(judged(Station.ACTION, 3).asRead()).isFalse();
        reading(3, Station.ACTION, Tool.CARD, new Gap.Of(1.4));
        assertThat(judged(Station.ACTION, 3).value().mean()).isEqualTo(1.4);
        assertThat(judged(Station.ACTION, 4).asRead()).isFalse();
    }

    @Test
    void aDoubtConcernsItsOwnQuantityAlone() {
        relief(0.23, 0.20).nut(GOOD_NUT).action(GOOD_ACTION).reading(6, Station.ACTION, Tool.CALIPER, new Gap.Of(3.4));
        long doubted = last();
        // a good nut reading of the same string says nothing of it
        reading(6, Station.NUT, Tool.LEAF, around(0.115));
        assertThat(state().doubts()).extracting(TakenReading::seq).containsExactly(doubted);
        reading(5, Station.ACTION, Tool.CALIPER, new Gap.Of(3.2));
        assertThat(state().doubts()).hasSize(2);
        assertThat(((Advice.MeasureAgain) advice()).doubts()).hasSize(2);
        // one that fits answers its own alone
        reading(6, Station.ACTION, Tool.CALIPER, new Gap.Of(1.8));
        assertThat(state().doubts()).extracting(TakenReading::string).containsExactly(5);
    }

    @Test
    void whatWasMovedWithoutCountingIsBelievedAndMovesNothingElse() {
        relief(0.23, 0.20).nut(GOOD_NUT).action(raised(new double[] {0.5}, GOOD_ACTION));
        double fifth = state().estimate().saddleHeight(5).mean();
        double pitch = state().estimate().screwPitch().mean();
        // turned by feel until the gauge touched
        reading(6, Station.ACTION, Tool.CALIPER, new Gap.Of(1.8));
        assertThat(state().doubts()).hasSize(1);
        add(new JobEvent.ReadingMoved(last()));
        assertThat(state().doubts()).isEmpty();
        assertThat(judged(Station.ACTION, 6).value().mean()).isEqualTo(1.8);
        assertThat(judged(Station.ACTION, 6).reckoned().mean()).isCloseTo(1.8, within(0.01));
        assertThat(state().estimate().saddleHeight(5).mean()).isCloseTo(fifth, within(0.01));
        assertThat(state().estimate().screwPitch().mean()).isCloseTo(pitch, within(1e-6));
        assertThat(found(Station.ACTION, 6)).isEqualTo(2.3);
    }

    @Test
    void noGapIsABoundThatTypingAgainDoesNotMakeWorse() {
        reading(6, Station.RELIEF, Tool.LEAF, new Gap.Of(0)).reading(1, Station.RELIEF, Tool.LEAF, new Gap.Of(0));
        double reckoned = judged(Station.RELIEF, 6).reckoned().mean();
        for (int i = 0; i < 3; i++) reading(6, Station.RELIEF, Tool.LEAF, new Gap.Of(0));
        assertThat(judged(Station.RELIEF, 6).reckoned().mean()).isCloseTo(reckoned, within(1e-9));
        assertThat(judged(Station.RELIEF, 6).value().mean()).isZero();
        assertThat(judged(Station.RELIEF, 6).verdict()).isEqualTo(Verdict.LOW);
    }

    @Test
    void noGapFoundAgainAfterOtherMovesDisturbsNothingElse() {
        // a neck that may be straight: no gap on the treble side is as good as told
        GapMethod.Relief habit = (GapMethod.Relief) state().method(Station.RELIEF);
        add(new ReliefEvent.TargetSet(new ReliefTarget(null, habit, new Band(0, 0.12), new Band(0, 0.12))));
        reading(6, Station.RELIEF, Tool.LEAF, around(0.07)).reading(1, Station.RELIEF, Tool.LEAF, new Gap.AtMost(0.03));
        nut(GOOD_NUT).action(GOOD_ACTION);
        for (int i = 0; i < 5; i++) {
            add(new NutEvent.SlotsFiled(List.of(new NutEvent.Filing(6, 1, true))))
                    .add(new JobEvent.Retuned());
            reading(1, Station.RELIEF, Tool.LEAF, new Gap.AtMost(0.03));
        }
        assertThat(judged(Station.ACTION, 1).reckoned().mean()).isCloseTo(1.3, within(0.05));
        assertThat(judged(Station.RELIEF, 1).contradicted()).isZero();
        assertThat(BridgeAdvisor.far(state())).isFalse();
    }

    @Test
    void noGapIsNeverCalledInABandThatBeginsAboveIt() {
        add(new JobEvent.HeightHabitSet(new HeightHabit(new GapMethod.NutPressed(3), Tool.LEAF, Position.PLAYING)));
        add(new NutEvent.NutTargetSet(
                new NutTarget(null, new GapMethod.NutPressed(3), Collections.nCopies(6, new Band(0.033, 0.063)))));
        relief(0.23, 0.20).reading(4, Station.NUT, Tool.LEAF, new Gap.AtMost(0.03));
        assertThat(judged(Station.NUT, 4).verdict()).isEqualTo(Verdict.CANNOT_TELL);
    }

    @Test
    void aLowSlotThatIsLeftDoesNotKeepTheOthersFromBeingLookedAt() {
        relief(0.23, 0.20);
        double[] low = {0.15, 0.145, 0.06, 0.135};
        for (int i = 0; i < low.length; i++) reading(6 - i, Station.NUT, Tool.LEAF, around(low[i]));
        double edge = judged(Station.NUT, 2).band().high();
        // the edge of the band lies between the leaf that goes and the one that does not
        reading(2, Station.NUT, Tool.LEAF, new Gap.Between(edge - 0.01, edge + 0.04))
                .reading(1, Station.NUT, Tool.LEAF, around(0.125))
                .action(GOOD_ACTION);
        assertThat(judged(Station.NUT, 4).verdict()).isEqualTo(Verdict.LOW);
        assertThat(advice())
                .isEqualTo(new Advice.Measure(Station.NUT, List.of(2), Advice.Measure.Reason.ONCE_MORE, null));
    }

    @Test
    void afterNoGapTheFirstReliefIsSimplyBelievedAndTeachesNothingOfTheRod() {
        reading(6, Station.RELIEF, Tool.LEAF, new Gap.Of(0)).reading(1, Station.RELIEF, Tool.LEAF, new Gap.Of(0));
        GapMethod.Relief habit = (GapMethod.Relief) state().method(Station.RELIEF);
        double rod = state().estimate().rodResponse(6, habit).mean();
        add(new ReliefEvent.RodTurned(new Turns(-2), false, false)).add(new JobEvent.Retuned());
        reading(6, Station.RELIEF, Tool.LEAF, around(0.45)).reading(1, Station.RELIEF, Tool.LEAF, around(0.42));
        assertThat(state().doubts()).isEmpty();
        assertThat(judged(Station.RELIEF, 6).value().mean()).isCloseTo(0.45, within(1e-9));
        assertThat(judged(Station.RELIEF, 6).reckoned().mean()).isCloseTo(0.45, within(0.01));
        assertThat(state().estimate().rodResponse(6, habit).mean()).isCloseTo(rod, within(1e-6));
        assertThat(ReliefState.of(state()).steps().getFirst().change()).isNull();
        // from here on it is learned as ever
        add(new ReliefEvent.RodTurned(new Turns(2), false, false)).add(new JobEvent.Retuned());
        reading(6, Station.RELIEF, Tool.LEAF, around(0.33)).reading(1, Station.RELIEF, Tool.LEAF, around(0.30));
        assertThat(ReliefState.of(state()).steps()).hasSize(2);
        assertThat(Objects.requireNonNull(
                                ReliefState.of(state()).steps().getLast().change())
                        .mean())
                .isCloseTo(-0.12, within(0.03));
    }

    @Test
    void whatWasTurnedWithoutCountingIsTunedAndReadAndSuspectsNoTickBefore() {
        relief(0.23, 0.20).nut(GOOD_NUT).action(2.4, 2.3, 2.2, 2.1, 2.0, 1.9);
        add(new ActionEvent.BridgeScrewed(Collections.nCopies(6, new Turns(-16))))
                .add(new JobEvent.Retuned());
        add(new JobEvent.MovedUncounted(Station.ACTION, List.of(6)));
        // a reading off pitch would be void
        assertThat(advice()).isInstanceOf(Advice.Retune.class);
        add(new JobEvent.Retuned());
        // where it stood before the counted turn: it was turned back by feel, not left unturned
        reading(6, Station.ACTION, Tool.CARD, new Gap.Of(2.4));
        assertThat(state().doubts()).isEmpty();
        assertThat(judged(Station.ACTION, 6).value().mean()).isEqualTo(2.4);
    }

    @Test
    void aNewNutIsNotReadAndNotChangedByANumber() {
        good().add(new NutEvent.NutReworked(NutEvent.NutReworked.Way.RENEWED, spec.everyString(), 0))
                .add(new JobEvent.Retuned());
        assertThat(judged(Station.NUT, 3).read()).isFalse();
        Advice.Measure read = (Advice.Measure) advice();
        assertThat(read.station()).isEqualTo(Station.NUT);
        assertThat(read.reason()).isEqualTo(Advice.Measure.Reason.NOT_READ);
        assertThat(read.strings()).hasSize(6);
        assertThat(found(Station.NUT, 3)).isCloseTo(0.135, within(1e-9));
        // whatever is read then is believed, and the action over it is only reckoned until it is read
        reading(3, Station.NUT, Tool.LEAF, around(0.40));
        assertThat(state().doubts()).isEmpty();
        assertThat(judged(Station.ACTION, 3).asRead()).isFalse();
    }

    @Test
    void otherStringsMakeEveryReadingOld() {
        good().add(new JobEvent.StringsChanged("009 to 042", "011 to 049"));
        assertThat(advice()).isInstanceOf(Advice.Retune.class);
        add(new JobEvent.Retuned());
        for (Station station : Station.HEIGHTS)
            for (int s : state().strings(station))
                assertThat(judged(station, s).read()).isFalse();
        assertThat(found(Station.RELIEF, 6)).isCloseTo(0.23, within(1e-9));
    }
}
