package barytone.core.station;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import barytone.core.advice.Advice;
import barytone.core.bridge.BridgeKind;
import barytone.core.bridge.NeckShim;
import barytone.core.estimate.Band;
import barytone.core.height.HeightVerdict;
import barytone.core.instrument.Fittings;
import barytone.core.instrument.InstrumentKind;
import barytone.core.instrument.NeckJoint;
import barytone.core.job.JobEvent;
import barytone.core.job.Station;
import barytone.core.job.Topic;
import barytone.core.quantity.Turns;
import barytone.core.reading.Gap;
import barytone.core.reading.Tool;
import barytone.core.station.action.ActionAdvice;
import barytone.core.station.action.ActionEvent;
import barytone.core.station.action.ActionState;
import barytone.core.station.action.BridgeTravel;
import java.util.Collections;
import java.util.List;
import java.util.Objects;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What is advised at the bridge: every mechanism, its limits, and what to do beyond them. */
class BridgeMovesTest extends PaperJob {

    @ParameterizedTest
    @CsvSource({"INDIVIDUAL, 6", "BASS, 6", "TWO_POST, 2", "FLOATING, 2", "BARRELS, 6"})
    void everyScrewedBridgeIsLoweredByTurnsOfItsOwnScrews(BridgeKind bridge, int screws) {
        on(bridge, NeckJoint.SET).relief(0.23, 0.20).nut(GOOD_NUT).action(raised(new double[] {0.5}, GOOD_ACTION));
        ActionAdvice.TurnScrews turn = (ActionAdvice.TurnScrews) advice();
        assertThat(turn.screws()).hasSize(screws).allSatisfy(t -> {
            // half a millimetre at 12 is one at the saddle: two turns of half a millimetre
            assertThat(t.value()).isCloseTo(-2, within(0.25));
            assertThat(t.sixteenths() % 2).isZero();
        });
        for (int s = 1; s <= 6; s++) {
            Band band = HeightVerdict.band(state(), Station.ACTION, s);
            assertThat(turn.expected().get(s))
                    .isNotNull()
                    .satisfies(n -> assertThat(band.outside(n.mean())).isZero());
        }
    }

    @Test
    void whatIsRaisedIsSlackenedFirst() {
        good();
        log.clear();
        relief(0.23, 0.20).nut(GOOD_NUT).action(raised(new double[] {-0.4}, GOOD_ACTION));
        assertThat(((ActionAdvice.TurnScrews) advice()).raising()).isTrue();
    }

    @Test
    void aFixedSaddleIsSandedWithATaperAndRaisedByAShim() {
        on(BridgeKind.FIXED, NeckJoint.SET).relief(0.23, 0.20).nut(GOOD_NUT).action(2.4, 2.2, 2.0, 1.75, 1.55, 1.35);
        add(new ActionEvent.SaddleProudRead(5));
        ActionAdvice.ReworkSaddle sand = (ActionAdvice.ReworkSaddle) advice();
        assertThat(sand.raising()).isFalse();
        assertThat(sand.bass()).isBetween(-1.3, -1.0);
        assertThat(sand.treble()).isBetween(-0.2, 0.0);
        log.clear();
        relief(0.23, 0.20).nut(GOOD_NUT).action(raised(new double[] {-0.5}, GOOD_ACTION));
        ActionAdvice.ReworkSaddle shim = (ActionAdvice.ReworkSaddle) advice();
        assertThat(shim.raising()).isTrue();
        assertThat(shim.bass()).isCloseTo(1.0, within(0.1));
    }

    @Test
    void threadPitchIsLearnedFromWhatATurnDid() {
        spec = InstrumentKind.ELECTRIC.usual();
        good();
        assertThat(state().estimate().screwPitch().sd()).isGreaterThan(0.1);
        List<Turns> down = Collections.nCopies(6, new Turns(-16));
        add(new ActionEvent.BridgeScrewed(down)).add(new JobEvent.Retuned());
        // a turn of an M4 screw: 0.7 at the saddle, 0.35 at 12
        action(raised(new double[] {-0.35}, GOOD_ACTION));
        assertThat(state().estimate().screwPitch().mean()).isCloseTo(0.7, within(0.04));
        assertThat(state().estimate().screwPitch().sd()).isLessThan(0.05);
    }

    @Test
    void atTheFloorABoltOnNeckIsShimmedAndASetOneReferred() {
        on(BridgeKind.INDIVIDUAL, NeckJoint.BOLTED)
                .relief(0.23, 0.20)
                .nut(GOOD_NUT)
                .action(raised(new double[] {0.6}, GOOD_ACTION))
                .add(new ActionEvent.TravelRead(0.3, 4));
        ActionAdvice.ShimNeck limit = (ActionAdvice.ShimNeck) advice();
        assertThat(limit.lower()).isTrue();
        assertThat(limit.shortBy()).isCloseTo(0.9, within(0.1));
        assertThat(limit.shim().end()).isEqualTo(NeckShim.End.HEEL);
        // the wedge makes just the room that was missing
        add(limit.event(spec)).add(new JobEvent.Retuned());
        for (int s = 6; s >= 1; s--)
            reading(s, Station.ACTION, Tool.CALIPER, new Gap.Of(GOOD_ACTION[6 - s] + 0.6 - limit.shortBy() / 2));
        ActionAdvice.TurnScrews rest = (ActionAdvice.TurnScrews) advice();
        assertThat(rest.screws()).allSatisfy(t -> assertThat(t.value() * 0.5).isBetween(-0.4, 0.0));
    }

    @Test
    void atTheFloorASetNeckIsReferredOrTheBridgeGoesAsFarAsItGoes() {
        on(BridgeKind.INDIVIDUAL, NeckJoint.SET)
                .relief(0.23, 0.20)
                .nut(GOOD_NUT)
                .action(raised(new double[] {0.6}, GOOD_ACTION))
                .add(new ActionEvent.TravelRead(0.3, 4));
        assertThat(advice()).isInstanceOf(ActionAdvice.BridgeLimit.class);
        add(new JobEvent.Answered(Topic.read("bridge-limit"), false));
        ActionAdvice.TurnScrews rest = (ActionAdvice.TurnScrews) advice();
        assertThat(rest.screws()).allSatisfy(t -> assertThat(t.value() * 0.5).isBetween(-0.4, 0.0));
    }

    @Test
    void travelIsAPositionThatComesBack() {
        on(BridgeKind.INDIVIDUAL, NeckJoint.BOLTED).good().add(new ActionEvent.TravelRead(2, 3));
        add(new ActionEvent.BridgeScrewed(Collections.nCopies(6, new Turns(-16))));
        BridgeTravel left = Objects.requireNonNull(ActionState.of(state()).travel());
        // one turn of half a millimetre, on each of six saddles
        assertThat(left.leastDown()).isCloseTo(1.5, within(1e-9));
        assertThat(left.leastUp()).isCloseTo(3.5, within(1e-9));
        // what went down and comes up again has its room back
        add(new ActionEvent.BridgeScrewed(Collections.nCopies(6, new Turns(16))));
        assertThat(Objects.requireNonNull(ActionState.of(state()).travel()).leastDown())
                .isCloseTo(2, within(1e-9));
    }

    @Test
    void aSpringBalancedBridgeIsLevelledAndBlockedBeforeHeightsAreRead() {
        on(BridgeKind.VIBRATO_SADDLES, NeckJoint.BOLTED);
        assertThat(advice()).isInstanceOf(ActionAdvice.LevelVibrato.class);
        add(new JobEvent.Answered(ActionAdvice.LevelVibrato.TOPIC, true));
        assertThat(advice()).isInstanceOf(Advice.Measure.class);
    }

    @Test
    void anUnderStringGaugeTellsWhichStringsAreHigh() {
        good();
        double before = state().estimate().saddleHeight(4).mean();
        // on a gauge of the board's own radius string 4 rings, the others touch
        add(new ActionEvent.GaugePatternRead(spec.boardRadius(), List.of(4)));
        double after = state().estimate().saddleHeight(4).mean();
        assertThat(after).isGreaterThan(before);
        assertThat(state().estimate().saddleHeight(3).mean()).isLessThan(after + 0.01);
    }

    @Test
    void aThreadThatIsStatedWrongByMuchIsBelievedAtLastAndTheSaddlesAreNotDrivenToAndFro() {
        on(BridgeKind.TWO_POST, NeckJoint.SET);
        Fittings f = spec.fittings();
        spec = spec.with(
                new Fittings(f.bridge(), 0.35, f.joint(), 0, f.bridgeSpread(), f.nut(), f.nutWidth(), f.strings()));
        double real = 0.75;
        double[] now = {2.9, 2.8, 2.7, 2.6, 2.5, 2.4};
        relief(0.23, 0.20).nut(GOOD_NUT).action(now);
        int moves = 0;
        for (int i = 0; i < 80 && moves < 8; i++) {
            switch (advice()) {
                case ActionAdvice.TurnScrews turn -> {
                    moves++;
                    List<Double> got = spec.supports()
                            .atStrings(turn.screws().stream()
                                    .map(t -> t.value() * real)
                                    .toList());
                    // half of what the saddle does is seen at the octave
                    for (int s = 6; s >= 1; s--) now[6 - s] += got.get(s - 1) / 2;
                    add(turn.event(spec)).add(new JobEvent.Retuned());
                }
                case Advice.Measure m ->
                    m.strings().forEach(s -> reading(s, Station.ACTION, Tool.CALIPER, new Gap.Of(now[6 - s])));
                case Advice.MeasureAgain m ->
                    reading(
                            m.first().string(),
                            Station.ACTION,
                            Tool.CALIPER,
                            new Gap.Of(now[6 - m.first().string()]));
                default -> i = 80;
            }
        }
        assertThat(moves).isLessThan(6);
        assertThat(state().estimate().screwPitch().mean()).isBetween(0.6, 0.9);
    }
}
