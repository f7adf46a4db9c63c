package barytone.core.station;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import barytone.core.advice.Advice;
import barytone.core.bridge.BridgeKind;
import barytone.core.instrument.NeckJoint;
import barytone.core.intonation.BarrelSplit;
import barytone.core.intonation.IntonationWays;
import barytone.core.intonation.PlayedWhere;
import barytone.core.intonation.Sounded;
import barytone.core.intonation.ToneForecast;
import barytone.core.job.JobEvent;
import barytone.core.job.Station;
import barytone.core.job.Topic;
import barytone.core.neck.StringState;
import barytone.core.quantity.Turns;
import barytone.core.station.action.ActionEvent;
import barytone.core.station.intonation.Ear;
import barytone.core.station.intonation.Intonation;
import barytone.core.station.intonation.Intoned;
import barytone.core.station.intonation.StringAge;
import barytone.core.station.intonation.ToneAdvice;
import barytone.core.station.intonation.ToneEvent;
import barytone.core.station.intonation.Tones;
import barytone.core.station.relief.ReliefAdvice;
import java.util.ArrayList;
import java.util.Collections;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** What is advised at the intonation station, on an instrument whose saddles truly stand somewhere. */
class IntonationMovesTest extends PaperJob {
    /** How far each saddle stands too far forward, mm, string 1 first; and the heights that are really there. */
    private double[] wrong = {0.5, 1.1, -0.9, 0.3, 1.4, 2.2};

    private double pitch = 0.5;
    private boolean clockwiseBack = true;

    @BeforeEach
    void intonationAlone() {
        agreed(Station.INTONATION);
    }

    private double error(int string, int fret) {
        StringState setup = state().estimate().likely(string);
        double zero = -ToneForecast.cents(spec, 440, string, 0, setup)[12];
        double perMm = -1731 / spec.scaleLength();
        double shape = ToneForecast.cents(spec, 440, string, 0, setup)[fret] + zero;
        double lever = (1 / (spec.scaleLength() - spec.line().scale().crown(fret)) - 1 / spec.scaleLength())
                * spec.scaleLength();
        return shape - wrong[string - 1] * perMm * lever;
    }

    private void sound(int string, Sounded sounded, double cents) {
        add(new ToneEvent.PitchRead(string, sounded, cents, Ear.MICROPHONE, null, false, false, ""));
    }

    private void readWhatIsWanted() {
        for (int i = 0; i < 100; i++) {
            var wanted = Intonation.of(state()).next();
            if (wanted.isEmpty()) return;
            int string = wanted.get().string();
            Sounded sounded = wanted.get().sounded();
            sound(string, sounded, sounded.how() == Sounded.How.FRETTED ? error(string, sounded.fret()) : 0);
        }
        throw new AssertionError("It never had enough.");
    }

    private void move(ToneAdvice.MoveSaddles advice) {
        ToneEvent.SaddlesMoved event = (ToneEvent.SaddlesMoved) advice.event(spec);
        List<Double> moved = new ArrayList<>();
        for (int j = 0; j < event.clockwise().size(); j++) {
            Turns turns = event.clockwise().get(j);
            moved.add(turns.isZero() ? event.back().get(j) : turns.value() * pitch * (clockwiseBack ? 1 : -1));
        }
        List<Double> got = spec.lengthwise().atStrings(moved);
        for (int s = 0; s < wrong.length; s++) wrong[s] -= got.get(s);
        add(event);
    }

    @ParameterizedTest
    @EnumSource(
            value = BridgeKind.class,
            names = {"INDIVIDUAL", "TWO_POST", "BASS"})
    void saddlesOfTheirOwnComeWithinToleranceAndTheThreadIsLearned(BridgeKind bridge) {
        on(bridge, NeckJoint.BOLTED).agreed(Station.INTONATION);
        assertThat(advice()).isInstanceOf(Advice.Measure.class);
        readWhatIsWanted();
        assertThat(Intoned.of(state(), 6).offset()).isCloseTo(2.2 * 1731 / spec.scaleLength(), within(0.1));
        int moves = 0;
        while (advice() instanceof ToneAdvice.MoveSaddles advice) {
            assertThat(++moves).as("moves").isLessThan(4);
            move(advice);
            assertThat(advice()).isInstanceOf(Advice.Retune.class);
            readWhatIsWanted();
        }
        assertThat(advice()).isEqualTo(new Advice.Done(Station.INTONATION, Advice.Done.Reason.IN_BAND));
        for (int s = 1; s <= 6; s++) assertThat(Math.abs(error(s, 12))).isLessThan(s == 6 ? 3 : 1.6);
        assertThat(Tones.of(state()).screwPitch().mean()).isCloseTo(pitch, within(0.04));
        assertThat(Tones.of(state()).found(6, 12).orElseThrow()).isGreaterThan(5);
    }

    @Test
    void aSaddleMovedBackIsTurnedClockwiseFromTheTailAndMovesTheExpectedCents() {
        readWhatIsWanted();
        ToneAdvice.MoveSaddles advice = (ToneAdvice.MoveSaddles) advice();
        ToneAdvice.MoveSaddles.Step low = advice.steps().getFirst();
        assertThat(low.support()).isZero();
        assertThat(low.back()).isCloseTo(2.2, within(0.05));
        assertThat(low.clockwise().sixteenths()).isPositive().isEven();
        assertThat(low.after().get(6)).isCloseTo(0, within(0.2));
        // the third string is flat: its saddle comes forward
        assertThat(advice.steps().stream().filter(s -> s.before().containsKey(3)))
                .singleElement()
                .satisfies(s -> assertThat(s.clockwise().sixteenths()).isNegative());
    }

    @Test
    void aWrongDirectionIsUnderstoodAndLearned() {
        clockwiseBack = false;
        readWhatIsWanted();
        move((ToneAdvice.MoveSaddles) advice());
        readWhatIsWanted();
        assertThat(advice()).isInstanceOf(ToneAdvice.SaddleWrongWay.class);
        add(new ToneEvent.LengthDirectionLearned(false));
        assertThat(advice()).isInstanceOf(ToneAdvice.MoveSaddles.class);
        move((ToneAdvice.MoveSaddles) advice());
        readWhatIsWanted();
        while (advice() instanceof ToneAdvice.MoveSaddles again) {
            move(again);
            readWhatIsWanted();
        }
        assertThat(advice()).isInstanceOf(Advice.Done.class);
    }

    @Test
    void aSaddleThatStayedIsPushedHomeBeforeItIsTurnedOn() {
        readWhatIsWanted();
        add(((ToneAdvice.MoveSaddles) advice()).event(spec));
        readWhatIsWanted();
        ToneAdvice.SaddleStayed stayed = (ToneAdvice.SaddleStayed) advice();
        assertThat(stayed.support()).isZero();
        assertThat(stayed.back()).isCloseTo(2.2, within(0.1));
        assertThat(Tones.of(state()).answers()).containsEntry(0, Tones.Answer.STAYED);
        assertThat(Tones.of(state()).shift(6)).isCloseTo(0, within(0.05));
        add(stayed.event(spec));
        assertThat(Tones.of(state()).shift(6)).isCloseTo(2.2, within(0.1));
        assertThat(Intoned.of(state(), 6).stale()).isTrue();
    }

    @Test
    void aBarrelSplitsTheErrorOrFavoursOneOfItsStrings() {
        on(BridgeKind.BARRELS, NeckJoint.BOLTED).agreed(Station.INTONATION);
        wrong = new double[] {0.5, 1.1, -0.9, 0.3, 1.4, 2.2};
        readWhatIsWanted();
        ToneAdvice.MoveSaddles split = (ToneAdvice.MoveSaddles) advice();
        ToneAdvice.MoveSaddles.Step low = split.steps().getFirst();
        assertThat(low.after().values().stream().mapToDouble(c -> c).sum()).isCloseTo(0, within(0.4));
        assertThat(Intonation.of(state()).apart(List.of(6, 5))).isCloseTo(0.8, within(0.05));
        IntonationWays ways = Tones.of(state()).ways();
        add(new ToneEvent.IntonationSet(new IntonationWays(
                ways.frets(),
                ways.where(),
                ways.reference(),
                ways.tolerances(),
                Collections.nCopies(3, BarrelSplit.Rule.FAVOUR_SECOND),
                440,
                ways.offsets(),
                true)));
        ToneAdvice.MoveSaddles favour = (ToneAdvice.MoveSaddles) advice();
        assertThat(favour.steps().getFirst().after().get(5)).isCloseTo(0, within(0.2));
        // the third comes right even though the fourth, sharp already, gets worse
        assertThat(favour.steps().stream().filter(s -> s.after().containsKey(3)))
                .singleElement()
                .satisfies(s -> assertThat(s.after().get(3)).isCloseTo(0, within(0.2)));
        move(favour);
        readWhatIsWanted();
        while (advice() instanceof ToneAdvice.MoveSaddles again) {
            move(again);
            readWhatIsWanted();
        }
        assertThat(((Advice.Done) advice()).reason()).isEqualTo(Advice.Done.Reason.AS_NEAR_AS_IT_GOES);
    }

    @Test
    void aFixedSaddlesCrownGoesWhereItFitsAndNoFarther() {
        on(BridgeKind.FIXED, NeckJoint.SET).agreed(Station.INTONATION);
        wrong = new double[] {0.4, 0.6, -0.5, 0.2, 0.8, 2.4};
        readWhatIsWanted();
        ToneAdvice.SaddleLimit limit = (ToneAdvice.SaddleLimit) advice();
        // a saddle of three has a millimetre and a tenth either side of its middle
        assertThat(limit.step().shortBy()).isCloseTo(1.3, within(0.05));
        add(new JobEvent.Answered(limit.topic(), false));
        ToneAdvice.MoveSaddles file = (ToneAdvice.MoveSaddles) advice();
        assertThat(file.steps().getFirst().back()).isCloseTo(1.1, within(1e-9));
        assertThat(file.steps())
                .allSatisfy(s -> assertThat(s.clockwise().isZero()).isTrue());
        move(file);
        readWhatIsWanted();
        assertThat(((Advice.Done) advice()).reason()).isEqualTo(Advice.Done.Reason.AS_NEAR_AS_IT_GOES);
    }

    @Test
    void aFloatingBridgeIsSetByItsTwoOuterStrings() {
        on(BridgeKind.FLOATING, NeckJoint.SET).agreed(Station.INTONATION);
        wrong = new double[] {1.0, 1.2, 1.6, 1.4, 1.8, 2.0};
        readWhatIsWanted();
        ToneAdvice.MoveSaddles feet = (ToneAdvice.MoveSaddles) advice();
        assertThat(feet.steps())
                .hasSize(2)
                .allSatisfy(step ->
                        assertThat(step.back()).as("sharp strings want length").isPositive());
        assertThat(feet.steps().getFirst().after().get(6)).isCloseTo(0, within(0.01));
        assertThat(feet.steps().getFirst().after().get(1)).isCloseTo(0, within(0.01));
        assertThat(feet.steps().getFirst().after().get(3)).isGreaterThan(0.3);
        move(feet);
        readWhatIsWanted();
        // the answer of these strings is that of an uncompensated length: the reckoned one is 2 % less
        assertThat(error(6, 12)).isCloseTo(0, within(0.12));
    }

    @Test
    void aFootAtItsEndLeavesTheOtherToMakeTheBestOfItAndIsNotPushedForEver() {
        on(BridgeKind.FLOATING, NeckJoint.SET).agreed(Station.INTONATION);
        wrong = new double[] {-3.0, 0, 0, 0, 0, 2.0};
        readWhatIsWanted();
        add(new ToneEvent.LengthTravelRead(1, 0, 4));
        ToneAdvice.SaddleLimit limit = (ToneAdvice.SaddleLimit) advice();
        assertThat(limit.step().support()).isOne();
        add(new JobEvent.Answered(limit.topic(), false));
        ToneAdvice.MoveSaddles best = (ToneAdvice.MoveSaddles) advice();
        assertThat(best.steps().getLast().back()).isCloseTo(0, within(1e-9));
        // the sixth string comes right, the first stays about where its foot keeps it
        Map<Integer, Double> after = best.steps().getFirst().after();
        assertThat(after.getOrDefault(6, 99.0)).isBetween(-3.0, 3.0);
        assertThat(after.getOrDefault(1, 0.0)).isBetween(-10.0, -7.0);
        int moves = 0;
        while (advice() instanceof ToneAdvice.MoveSaddles advice) {
            assertThat(++moves).as("moves").isLessThan(4);
            move(advice);
            add(new JobEvent.Retuned());
            readWhatIsWanted();
        }
        assertThat(advice()).isEqualTo(new Advice.Done(Station.INTONATION, Advice.Done.Reason.AS_NEAR_AS_IT_GOES));
    }

    private void typed(int string, double cents) {
        add(new JobEvent.Retuned());
        for (Sounded sounded : List.of(Sounded.OPEN, Sounded.at(12))) {
            double shown = sounded.equals(Sounded.OPEN) ? 0 : cents;
            add(new ToneEvent.PitchRead(string, sounded, shown, Ear.TUNER, null, false, false, "" + shown));
        }
    }

    @Test
    void whatATunerShowsOtherwiseEachTimeIsNotChasedForEver() {
        on(BridgeKind.INDIVIDUAL, NeckJoint.BOLTED).agreed(Station.INTONATION);
        wrong = new double[] {0, 0, 0, 0, 2.25, 0};
        readWhatIsWanted();
        for (double shown : new double[] {6, 2}) {
            typed(5, shown);
            add(((ToneAdvice.MoveSaddles) advice()).event(spec));
        }
        // all three together say that it stands right
        typed(5, -2.2);
        assertThat(Intoned.of(state(), 5).outside()).isNegative();
        assertThat(advice()).isInstanceOf(Advice.Done.class);
        // what stays out is moved all the same
        typed(5, -6);
        typed(5, -6);
        assertThat(advice()).isInstanceOf(ToneAdvice.MoveSaddles.class);
    }

    @Test
    void whereASaddleWentIsNotClaimedToBeKnownAsWellAsWhatWasHeard() {
        on(BridgeKind.INDIVIDUAL, NeckJoint.BOLTED).agreed(Station.INTONATION);
        readWhatIsWanted();
        assertThat(Intoned.of(state(), 6).spread(state())).isLessThan(0.7);
        move((ToneAdvice.MoveSaddles) advice());
        // one in ten stays where it was: of six cents that is two
        assertThat(Intoned.of(state(), 6).spread(state())).isBetween(1.5, 3.5);
    }

    @Test
    void heightsThatMoveMakeIntonationStaleWithThePredictedShift() {
        agreed(Station.RELIEF, Station.NUT, Station.ACTION, Station.INTONATION).good();
        wrong = new double[6];
        readWhatIsWanted();
        double before = Intoned.of(state(), 6).offset();
        add(new ActionEvent.BridgeScrewed(Collections.nCopies(6, new Turns(40))));
        add(new JobEvent.Retuned());
        Intoned after = Intoned.of(state(), 6);
        // higher strings fret sharper
        assertThat(after.offset()).isGreaterThan(before + 0.5);
        assertThat(after.errors().getFirst().byHeights()).isCloseTo(after.offset() - before, within(0.05));
        assertThat(Intoned.of(state(), 1).stale()).isTrue();
    }

    @Test
    void aSaddleThatGoesBackLowersItsStringByHundredths() {
        good();
        double before = state().estimate().saddleHeight(6).mean();
        ToneEvent.SaddlesMoved back =
                new ToneEvent.SaddlesMoved(Collections.nCopies(6, Turns.NONE), List.of(2.0, 0.0, 0.0, 0.0, 0.0, 0.0));
        add(back);
        assertThat(state().estimate().saddleHeight(6).mean() - before).isBetween(-0.03, -0.003);
        assertThat(back.slackens(spec)).containsExactly(6);
        assertThat(Tones.of(state()).slack()).containsExactly(6);
    }

    @Test
    void whereThePlayerPlaysDecidesTheCompromise() {
        wrong = new double[6];
        IntonationWays usual = Tones.of(state()).ways();
        Map<PlayedWhere, Double> atNineteen = new EnumMap<>(PlayedWhere.class);
        for (PlayedWhere where : PlayedWhere.values()) {
            log.clear();
            add(new ToneEvent.IntonationSet(new IntonationWays(
                    List.of(5, 12, 19),
                    where,
                    usual.reference(),
                    usual.tolerances(),
                    List.of(),
                    440,
                    usual.offsets(),
                    true)));
            sound(6, Sounded.OPEN, 0);
            sound(6, Sounded.at(5), 0);
            sound(6, Sounded.at(12), 0);
            sound(6, Sounded.at(19), 8);
            double offset = Intoned.of(state(), 6).offset();
            if (where == PlayedWhere.HIGH) assertThat(offset).isGreaterThan(2.5);
            if (where == PlayedWhere.TWELFTH) assertThat(offset).isLessThan(1);
            List<Double> curve = Intoned.curve(state(), Intoned.of(state(), 6), 0);
            assertThat(curve)
                    .hasSize(spec.frets())
                    .allSatisfy(cents -> assertThat(cents).isBetween(-30.0, 30.0));
            atNineteen.put(where, curve.get(18));
        }
        // whoever plays high up is shown how sharp it is there
        assertThat(atNineteen.get(PlayedWhere.HIGH))
                .isGreaterThan(Objects.requireNonNull(atNineteen.get(PlayedWhere.TWELFTH)) + 1);
    }

    @Test
    void sharpInTheFirstFretsIsTheNut() {
        IntonationWays usual = Tones.of(state()).ways();
        add(new ToneEvent.IntonationSet(new IntonationWays(
                List.of(1, 3, 12, 15),
                PlayedWhere.EVERYWHERE,
                usual.reference(),
                usual.tolerances(),
                List.of(),
                440,
                usual.offsets(),
                true)));
        wrong = new double[6];
        readWhatIsWanted();
        assertThat(Intoned.of(state(), 6)
                        .nutToBlame(state(), Intonation.of(state()).finger()))
                .isFalse();
        for (int s = 6; s >= 1; s--) {
            sound(s, Sounded.at(1), 16);
            sound(s, Sounded.at(3), 9);
        }
        // notes alone condemn no nut: a heavy finger sounds the same
        Advice.Measure ask = (Advice.Measure) advice();
        assertThat(ask.station()).isEqualTo(Station.NUT);
        assertThat(ask.reason()).isEqualTo(Advice.Measure.Reason.ACCUSED);
        int before = log.size();
        nut(raised(new double[] {0.13}, GOOD_NUT));
        assertThat(advice()).isInstanceOf(ToneAdvice.NutFirst.class);
        // a slot that reads in its band is not blamed, whatever the notes say
        while (log.size() > before) log.removeLast();
        nut(GOOD_NUT);
        assertThat(advice()).isNotInstanceOf(ToneAdvice.NutFirst.class);
    }

    @Test
    void aFalseStringIsReplacedBeforeItIsChasedAndWhatItSaidIsForgotten() {
        readWhatIsWanted();
        sound(5, Sounded.OPEN, 0);
        sound(5, Sounded.HARMONIC, 5);
        ToneAdvice.ReplaceString replace = (ToneAdvice.ReplaceString) advice();
        assertThat(replace.string()).isEqualTo(5);
        assertThat(replace.disagreement().orElseThrow()).isBetween(3.0, 5.0);
        add(new ToneEvent.StringRenewed(5));
        assertThat(advice()).isInstanceOf(Advice.Retune.class);
        sound(5, Sounded.OPEN, 0.4);
        assertThat(advice()).isEqualTo(new Advice.Measure(Station.INTONATION, List.of(5), Advice.Measure.Reason.FIRST));
        assertThat(Tones.of(state()).found(5, 12)).isPresent();
    }

    @Test
    void aNoteOnASlackStringSaysNothingUnlessItWasBroughtBack() {
        readWhatIsWanted();
        move((ToneAdvice.MoveSaddles) advice());
        sound(6, Sounded.at(12), 2);
        assertThat(Tones.of(state()).notes().getLast().offPitch()).isTrue();
        assertThat(Intoned.of(state(), 6).stale()).isTrue();
        add(new ToneEvent.PitchRead(6, Sounded.at(12), 1, Ear.TUNER, null, false, true, "1"));
        assertThat(Intoned.of(state(), 6).stale()).isFalse();
        assertThat(Intoned.of(state(), 6).offset()).isCloseTo(1, within(0.05));
    }

    @Test
    void onOldStringsTheOpenStringIsTheReferenceWhateverWasChosen() {
        IntonationWays usual = Tones.of(state()).ways();
        add(new ToneEvent.IntonationSet(new IntonationWays(
                List.of(12),
                PlayedWhere.TWELFTH,
                IntonationWays.Reference.HARMONIC,
                usual.tolerances(),
                List.of(),
                440,
                usual.offsets(),
                true)));
        assertThat(Intonation.of(state()).notes(6)).containsExactly(Sounded.OPEN, Sounded.HARMONIC, Sounded.at(12));
        sound(6, Sounded.OPEN, 0);
        sound(6, Sounded.HARMONIC, 1.5);
        sound(6, Sounded.at(12), 4);
        assertThat(Intoned.of(state(), 6).offset()).isCloseTo(2.5, within(0.05));
        add(new ToneEvent.StringsStated(StringAge.OLD));
        assertThat(Intoned.of(state(), 6).offset()).isCloseTo(4, within(0.05));
        assertThat(Intonation.of(state()).notes(5)).doesNotContain(Sounded.HARMONIC);
    }

    @Test
    void asFoundIsReadBeforeAnythingIsTouched() {
        agreed(Station.values());
        relief(0.5, 0.45).nut(GOOD_NUT).action(GOOD_ACTION);
        assertThat(((Advice.Measure) advice()).station()).isEqualTo(Station.INTONATION);
        readWhatIsWanted();
        assertThat(((Advice.Measure) advice()).station()).isEqualTo(Station.PICKUPS);
        add(new JobEvent.Answered(Topic.read("found-PICKUPS"), false));
        assertThat(advice()).isInstanceOf(ReliefAdvice.TurnRod.class);
        assertThat(state().chosen().scope()).isEqualTo(Set.of(Station.values()));
    }
}
