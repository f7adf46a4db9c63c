package barytone.core.station;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import barytone.core.advice.Advice;
import barytone.core.bridge.BridgeKind;
import barytone.core.height.HeightVerdict;
import barytone.core.instrument.NeckJoint;
import barytone.core.job.JobEvent;
import barytone.core.job.ReadingStatus;
import barytone.core.job.Station;
import barytone.core.job.TakenReading;
import barytone.core.neck.GapMethod;
import barytone.core.quantity.Turns;
import barytone.core.reading.Gap;
import barytone.core.reading.Position;
import barytone.core.reading.Tool;
import barytone.core.station.action.ActionAdvice;
import barytone.core.station.action.ActionEvent;
import barytone.core.station.action.ActionState;
import barytone.core.station.nut.NutEvent;
import barytone.core.station.relief.ReliefAdvice;
import barytone.core.station.relief.ReliefEvent;
import barytone.core.station.relief.ReliefState;
import java.util.Collections;
import java.util.List;
import org.junit.jupiter.api.Test;

/** What cannot be undone is not done on a guess, and no claim is surer than hands and tools are. */
class NoHarmTest extends PaperJob {

    private PaperJob highSaddle() {
        on(BridgeKind.FIXED, NeckJoint.SET).relief(0.23, 0.20).nut(GOOD_NUT);
        return reading(6, Station.ACTION, Tool.CARD, new Gap.Of(3.0))
                .reading(1, Station.ACTION, Tool.CARD, new Gap.Of(2.5));
    }

    private PaperJob rodTurned(int sixteenths) {
        now = now.plusSeconds(900);
        add(new ReliefEvent.RodTurned(new Turns(sixteenths), false, false)).add(new JobEvent.Retuned());
        now = now.plusSeconds(900);
        return this;
    }

    @Test
    void aSaddleKeepsItsBreakAngleWhateverTheActionWants() {
        assertThat(highSaddle().advice()).isInstanceOf(ActionAdvice.LookAtSaddle.class);
        ActionAdvice.BridgeLimit limit = (ActionAdvice.BridgeLimit)
                add(new ActionEvent.SaddleProudRead(3)).advice();
        assertThat(limit.lower()).isTrue();
        // as far as it goes is as far as leaves two millimetres
        add(new JobEvent.Answered(limit.topic(), false));
        ActionAdvice.ReworkSaddle sand = (ActionAdvice.ReworkSaddle) advice();
        assertThat(sand.bass()).isBetween(-1.0, -0.7);
        add(sand.whole()).add(new JobEvent.Retuned());
        assertThat(ActionState.of(state()).proud()).isCloseTo(3 + Math.min(sand.bass(), sand.treble()), within(1e-9));
    }

    @Test
    void whatWasNotedAsTheTravelOfASaddleHoldsToo() {
        highSaddle().add(new ActionEvent.TravelRead(0.4, 3));
        ActionAdvice.BridgeLimit limit = (ActionAdvice.BridgeLimit) advice();
        add(new JobEvent.Answered(limit.topic(), false));
        assertThat(((ActionAdvice.ReworkSaddle) advice()).bass()).isEqualTo(-0.4);
    }

    @Test
    void anotherSaddleIsLookedAtAnew() {
        highSaddle().add(new ActionEvent.SaddleProudRead(5));
        add(((ActionAdvice.ReworkSaddle) advice()).whole());
        assertThat(ActionState.of(state()).sanded()).isTrue();
        add(new ActionEvent.SaddleReworked(ActionEvent.SaddleReworked.Way.RENEWED, 1, 1));
        assertThat(ActionState.of(state()).sanded()).isFalse();
        assertThat(ActionState.of(state()).proud()).isNull();
    }

    @Test
    void nothingIsSandedToAReliefThatHasDriftedSinceItWasRead() {
        highSaddle().add(new ActionEvent.SaddleProudRead(6));
        assertThat(advice()).isInstanceOf(ActionAdvice.ReworkSaddle.class);
        now = now.plusSeconds(3 * 3600);
        reading(6, Station.NUT, Tool.LEAF, around(GOOD_NUT[0]));
        Advice.Measure first = (Advice.Measure) advice();
        assertThat(first.station()).isEqualTo(Station.RELIEF);
        assertThat(first.reason()).isEqualTo(Advice.Measure.Reason.BEFORE_WORK);
        relief(0.23, 0.20);
        assertThat(advice()).isInstanceOf(ActionAdvice.ReworkSaddle.class);
    }

    @Test
    void aNeckComesOffOnceAndForAVeneerThatExists() {
        on(BridgeKind.INDIVIDUAL, NeckJoint.BOLTED).relief(0.23, 0.20).nut(GOOD_NUT);
        double[] high = raised(new double[] {0.6}, GOOD_ACTION);
        action(high).add(new ActionEvent.TravelRead(0.3, 3.5));
        ActionAdvice.ShimNeck shim = (ActionAdvice.ShimNeck) advice();
        assertThat(shim.shim().thickness()).isIn(0.25, 0.5, 0.75, 1.0);
        add(shim.event(spec)).add(new JobEvent.Retuned());
        action(high).add(new ActionEvent.TravelRead(0.1, 3.7));
        assertThat(advice()).isInstanceOf(ActionAdvice.BridgeLimit.class);
    }

    @Test
    void forOneStringNoNeckComesOff() {
        on(BridgeKind.INDIVIDUAL, NeckJoint.BOLTED).relief(0.23, 0.20).nut(GOOD_NUT);
        action(raised(new double[] {0.6, 0, 0, 0, 0, 0}, GOOD_ACTION)).add(new ActionEvent.TravelRead(0.3, 3.5));
        assertThat(advice()).isInstanceOf(ActionAdvice.BridgeLimit.class);
    }

    @Test
    void noScrewIsTurnedPastItsEnd() {
        on(BridgeKind.INDIVIDUAL, NeckJoint.BOLTED).relief(0.23, 0.20).nut(GOOD_NUT);
        action(raised(new double[] {0.6}, GOOD_ACTION)).add(new ActionEvent.TravelRead(0.28, 3.5));
        add(new JobEvent.Answered(ActionAdvice.BridgeLimit.TOPIC, false));
        // half a turn is 0.25 mm, an eighth more is past the floor
        assertThat(((ActionAdvice.TurnScrews) advice()).screws()).containsOnly(new Turns(-8));
    }

    @Test
    void aTurnThatWasTickedAndNotMadeTeachesNoThread() {
        on(BridgeKind.INDIVIDUAL, NeckJoint.BOLTED).good();
        double known = state().estimate().screwPitch().mean();
        add(new ActionEvent.BridgeScrewed(Collections.nCopies(6, new Turns(-16))))
                .add(new JobEvent.Retuned());
        for (int s = 6; s >= 1; s--) {
            // a quarter of what was promised, twice the same: believed
            for (int i = 0; i < 2; i++) reading(s, Station.ACTION, Tool.CALIPER, new Gap.Of(GOOD_ACTION[6 - s] - 0.07));
        }
        assertThat(state().readings().getLast().status()).isEqualTo(ReadingStatus.BELIEVED);
        assertThat(state().estimate().screwPitch().mean()).isCloseTo(known, within(0.05));
    }

    @Test
    void aRodNeverTurnsRoundBecauseOfAReading() {
        relief(0.50, 0.46).nut(GOOD_NUT).action(GOOD_ACTION);
        // twice it read a little more after tightening, which is the hand
        rodTurned(2).relief(0.515, 0.475);
        assertThat(((ReliefAdvice.TurnRod) advice()).net().sixteenths()).isPositive();
        assertThat(ReliefState.of(state()).reversed()).isFalse();
    }

    @Test
    void turnsThatWereTakenToRunFreeCountTowardsTheLimit() {
        relief(0.60, 0.56).nut(GOOD_NUT).action(GOOD_ACTION);
        for (int i = 0; i < 6; i++) {
            add(new ReliefEvent.RodTurned(new Turns(2), false, true)).add(new JobEvent.Retuned());
            relief(0.60, 0.56);
        }
        assertThat(ReliefState.of(state()).netTurns()).isEqualTo(Turns.NONE);
        assertThat(((ReliefAdvice.Stop) advice()).reason()).isEqualTo(ReliefAdvice.Stop.Reason.LIMIT);
    }

    @Test
    void turnedBackAndForthItIsAsNearAsItGoes() {
        relief(0.36, 0.33).nut(GOOD_NUT).action(GOOD_ACTION);
        double[][] swings = {{0.12, 0.09}, {0.33, 0.30}, {0.13, 0.10}, {0.33, 0.30}, {0.13, 0.10}};
        int way = 2;
        for (double[] read : swings) {
            rodTurned(way).relief(read[0], read[1]);
            way = -way;
        }
        assertThat(ReliefState.of(state()).steps()).hasSize(5);
        assertThat(advice().station()).isNotEqualTo(Station.RELIEF);
    }

    @Test
    void aTurnAimsAtTheNeckThatHasSettled() {
        relief(0.40, 0.36).nut(GOOD_NUT).action(GOOD_ACTION);
        add(new ReliefEvent.RodTurned(new Turns(4), false, false)).add(new JobEvent.Retuned());
        // read at once: what still creeps in will take it down further
        relief(0.24, 0.21);
        double now = state().relief(6).mean();
        assertThat(state().estimate().settled().now(6, state().habit().method()).mean())
                .isLessThan(now - 0.01);
        assertThat(advice()).isInstanceOf(ReliefAdvice.Settle.class);
    }

    @Test
    void aNeckThatWasTurnedIsLookedAtOnceMoreAfterALongJobAndOneThatWasNotIsLeft() {
        good();
        now = now.plusSeconds(5 * 3600);
        reading(6, Station.NUT, Tool.LEAF, around(GOOD_NUT[0]));
        assertThat(advice()).isInstanceOf(Advice.Finished.class);
        log.clear();
        relief(0.36, 0.33).nut(GOOD_NUT).action(raised(new double[] {0.2}, GOOD_ACTION));
        rodTurned(2).relief(0.28, 0.25);
        now = now.plusSeconds(900);
        relief(0.28, 0.25).action(GOOD_ACTION);
        now = now.plusSeconds(5 * 3600);
        reading(6, Station.NUT, Tool.LEAF, around(GOOD_NUT[0]));
        Advice.Measure last = (Advice.Measure) advice();
        assertThat(last.reason()).isEqualTo(Advice.Measure.Reason.RECHECK);
        assertThat(last.station()).isEqualTo(Station.RELIEF);
    }

    @Test
    void whatIsSurelyInItsBandIsNotReadAgainForTheRecordButToldAsReckoned() {
        good().add(new NutEvent.SlotsFiled(List.of(new NutEvent.Filing(6, 1, true))))
                .add(new JobEvent.Retuned());
        assertThat(judged(6).stands()).isFalse();
        assertThat(advice()).isInstanceOf(Advice.Finished.class);
        assertThat(NextMove.reckoned(state(), Station.NUT)).containsExactly(6);
    }

    private HeightVerdict judged(int string) {
        return HeightVerdict.of(state(), Station.NUT, string);
    }

    @Test
    void flatOnTheBenchIsJudgedAsItIsPlayedAndStandsAsItWasRead() {
        GapMethod method = state().method(Station.RELIEF);
        for (int s : List.of(6, 1))
            add(new JobEvent.ReadingTaken(s, method, Tool.LEAF, around(0.135), Position.FLAT, ""));
        HeightVerdict bass = HeightVerdict.of(state(), Station.RELIEF, 6);
        // under its band as it lies, in it as it is played
        assertThat(bass.band().outside(0.135)).isNegative();
        assertThat(bass.asRead()).isFalse();
        assertThat(bass.value().mean()).isBetween(0.17, 0.21);
        assertThat(bass.outside()).isZero();
        assertThat(state().found(Station.RELIEF, 6).orElseThrow().mm()).isCloseTo(0.135, within(1e-9));
    }

    private double spreadAfter(double... mm) {
        log.clear();
        relief(0.23, 0.20);
        for (double gap : mm) reading(3, Station.NUT, Tool.LEAF, new Gap.Of(gap));
        TakenReading last = state().readings().getLast();
        return last.evidence().sd();
    }

    @Test
    void aHandIsKnownByItsRepeats() {
        double usual = spreadAfter(0.15);
        double steady = spreadAfter(0.15, 0.15, 0.15, 0.15, 0.15, 0.15, 0.15, 0.15, 0.15, 0.15);
        double shaky = spreadAfter(0.15, 0.19, 0.14, 0.20, 0.15, 0.19, 0.14, 0.20, 0.15, 0.19);
        assertThat(steady).isLessThan(usual - 0.002);
        assertThat(shaky).isGreaterThan(usual + 0.002);
        // a slip of a digit says nothing of the hand
        assertThat(spreadAfter(0.15, 0.25, 0.15)).isCloseTo(usual, within(0.002));
    }
}
