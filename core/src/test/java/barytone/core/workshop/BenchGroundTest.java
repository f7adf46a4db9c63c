package barytone.core.workshop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import barytone.core.instrument.RodType;
import barytone.core.intonation.Sounded;
import barytone.core.job.Adjustment;
import barytone.core.job.Station;
import barytone.core.neck.GapMethod;
import barytone.core.neck.StringState;
import barytone.core.pickup.Pickup;
import barytone.core.quantity.NotAllowedException;
import barytone.core.quantity.Turns;
import barytone.core.reading.Tool;
import barytone.core.station.intonation.ToneEvent;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Objects;
import java.util.SplittableRandom;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** The bench world is as adverse as it says, and judges without being known to who works in it. */
class BenchGroundTest {
    private static RealInstrument instrument(World world, long seed) {
        return new RealInstrument(world, new SplittableRandom(seed));
    }

    @Test
    void withNothingDrawnWhatIsStatedHolds() {
        BenchGround ground = BenchGround.run(30, 3, World.of());
        assertThat(ground.measurable()).isGreaterThanOrEqualTo(28);
        for (Station station : Station.HEIGHTS)
            assertThat(ground.stated(station).covered90()).as(station.label()).isBetween(0.85, 1.0);
        assertThat(ground.harm()).isEqualTo(new BenchGround.Harm(0, 0, 0, 0, 0, 0, 0));
        assertThat(ground.unfinished()).isZero();
    }

    @Test
    void realityCostsAndTheSameSeedCostsTheSame() {
        BenchGround bench = BenchGround.run(4, 5, World.BENCH);
        assertThat(BenchGround.run(4, 5, World.BENCH)).isEqualTo(bench);
        assertThat(bench.stated(Station.RELIEF).meanZ2())
                .isGreaterThan(
                        BenchGround.run(4, 5, World.of()).stated(Station.RELIEF).meanZ2());
    }

    @Test
    void withEverythingDrawnWhatIsStatedHoldsAndNothingIsSpoiled() {
        BenchGround bench = BenchGround.run(50, 3, World.BENCH);
        for (Station station : List.of(Station.RELIEF, Station.NUT, Station.ACTION, Station.INTONATION))
            assertThat(bench.stated(station).covered90()).as(station.label()).isBetween(0.82, 0.99);
        BenchGround.Reached heard = bench.reached(Station.INTONATION);
        assertThat((double) heard.within() / heard.quantities()).isGreaterThan(0.93);
        assertThat((double) bench.claimsTrue() / bench.claims()).isGreaterThan(0.88);
        assertThat((double) bench.within() / bench.quantities()).isGreaterThan(0.94);
        BenchGround.Harm harm = bench.harm();
        assertThat(harm.slotOnFret()).isZero();
        assertThat(harm.slotUnderBand()).isLessThanOrEqualTo(1);
        assertThat(harm.sandedThenRaised()).isZero();
        assertThat(harm.neckOffTwice()).isZero();
        assertThat(harm.soundPartCondemned()).isZero();
        // heights and pickups, as found and as left
        assertThat(bench.readings() / 50).isLessThan(80);
    }

    @ParameterizedTest
    @EnumSource(Adversity.class)
    void eachAdversityCanBeLeftOutAlone(Adversity adversity) {
        assertThat(World.BENCH.without(adversity).drawn())
                .hasSize(Adversity.values().length - 1)
                .doesNotContain(adversity);
        assertThat(Adversity.ofCode(adversity.code())).isEqualTo(adversity);
        assertThat(World.of(adversity).name()).isEqualTo(adversity.code());
    }

    @Test
    void anUnknownAdversityIsNamedWithThoseThatAre() {
        assertThatThrownBy(() -> Adversity.ofCode("damp"))
                .isInstanceOf(NotAllowedException.class)
                .hasMessageContainingAll("damp", "hand", "work");
    }

    @Test
    void aCardStandsOffByTheSameAmountAtEveryString() {
        World world = World.of(Adversity.TOOLS);
        for (long seed = 1; seed <= 5; seed++) {
            RealInstrument instrument = instrument(world, seed);
            RealReader reader = new RealReader(world, new SplittableRandom(seed + 100));
            assertThat(offset(reader, instrument, 1))
                    .isCloseTo(offset(reader, instrument, instrument.spec().bassString()), within(0.012));
        }
        RealInstrument same = instrument(world, 1);
        assertThat(IntStream.range(0, 20)
                        .mapToDouble(i -> Math.abs(offset(new RealReader(world, new SplittableRandom(i)), same, 1)))
                        .average()
                        .orElseThrow())
                .isBetween(0.02, 0.07);
    }

    private static double offset(RealReader reader, RealInstrument instrument, int string) {
        GapMethod action = new GapMethod.Action(12);
        return IntStream.range(0, 400)
                        .mapToDouble(i -> reader.read(instrument, string, action, Tool.CARD, false)
                                .shown())
                        .average()
                        .orElseThrow()
                - instrument.gap(string, action);
    }

    @Test
    void anEvenNeckReadsAsItIsDeclared() {
        RealInstrument instrument = instrument(World.of(), 4);
        for (GapMethod method :
                new GapMethod[] {new GapMethod.Relief(1, 12, 6), new GapMethod.NutPressed(3), new GapMethod.Action(12)})
            assertThat(instrument.gap(1, method))
                    .isCloseTo(instrument.spec().line().gap(method, instrument.stands(1)), within(1e-9));
    }

    @Test
    void anUnevenNeckCarriesItsNutWithIt() {
        // however the neck is bent, a slot as high as the frets leaves the string on them
        for (long seed = 1; seed <= 30; seed++) {
            RealNeck neck = new RealNeck(instrument(World.of(), 1).spec(), true, new SplittableRandom(seed));
            double flat = pressed(neck, 0);
            assertThat(pressed(neck, 2e-6)).isCloseTo(flat, within(0.02));
        }
    }

    private static double pressed(RealNeck neck, double curvature) {
        return neck.at(1, curvature, 0)
                .gap(new GapMethod.NutPressed(3), new StringState(curvature, neck.nutRise(curvature), 2));
    }

    @Test
    void aSaddleThatGoesBackTakesItsCentsAwayUntilItsWayEnds() {
        World world = World.of(Adversity.SOUND);
        int stayed = 0;
        for (long seed = 1; seed <= 400; seed++) {
            RealInstrument instrument = instrument(world, seed);
            Workpiece.Sounding strings = Objects.requireNonNull(instrument.sounding());
            if (!instrument.spec().fittings().bridge().lengthScrewed()) continue;
            int low = instrument.spec().bassString();
            double before = strings.error(low);
            double room = strings.room(0).back();
            List<Turns> turns = new ArrayList<>(
                    Collections.nCopies(instrument.spec().lengthwise().size(), Turns.NONE));
            turns.set(0, new Turns(32));
            Adjustment asked = new ToneEvent.SaddlesMoved(turns, Collections.nCopies(turns.size(), 0.0));
            ToneEvent.SaddlesMoved done = (ToneEvent.SaddlesMoved) instrument.possible(asked);
            instrument.adjust(done);
            double went = room - strings.room(0).back();
            assertThat(went).isLessThanOrEqualTo(room + 0.05);
            if (done.clockwise().getFirst().sixteenths() == 32 && went == 0) stayed++;
            assertThat(strings.error(low) - before)
                    .isCloseTo(-1731 / instrument.spec().scaleLength() * went, within(0.3 + 0.1 * went));
            // the string hangs low until it is tuned
            if (went != 0) assertThat(strings.sound(low, Sounded.OPEN)).isLessThan(-2);
            strings.tune(low);
            assertThat(strings.sound(low, Sounded.OPEN)).isBetween(-2.0, 2.0);
        }
        assertThat(stayed).isBetween(5, 40);
    }

    @Test
    void aPickupFollowsItsScrewsAndTheStringOverIt() {
        World world = World.of(Adversity.SOUND);
        int tired = 0;
        int turned = 0;
        for (long seed = 1; seed <= 40; seed++) {
            RealPickups pickups = Objects.requireNonNull(instrument(world, seed).pickups());
            boolean raises = instrument(world, seed).spec().fittings().pickups().stream()
                    .allMatch(p -> p.mounting().clockwiseRaises());
            for (int p = 0; p < pickups.count() && raises; p++) {
                double before = pickups.gap(p, Pickup.Side.BASS);
                double other = pickups.gap(p, Pickup.Side.TREBLE);
                pickups.turn(p, Pickup.Side.BASS, new Turns(-16));
                assertThat(pickups.gap(p, Pickup.Side.BASS) - before).isBetween(0.4, 0.9);
                assertThat(pickups.gap(p, Pickup.Side.TREBLE)).isEqualTo(other);
                pickups.turn(p, Pickup.Side.BASS, new Turns(16));
                turned++;
                if (pickups.follows(p, Pickup.Side.BASS, true))
                    assertThat(pickups.gap(p, Pickup.Side.BASS)).isCloseTo(before, within(1e-9));
                else {
                    tired++;
                    assertThat(pickups.gap(p, Pickup.Side.BASS)).isGreaterThan(before + 0.3);
                }
            }
        }
        assertThat(tired).isBetween(1, turned / 4);
    }

    @Test
    void nobodyListensWhereSoundIsLeftOut() {
        World silent = World.BENCH.without(Adversity.SOUND);
        BenchGround ground = BenchGround.run(3, 2, silent);
        assertThat(ground.notes()).isZero();
        assertThat(ground.stated(Station.INTONATION).count()).isZero();
        assertThat(ground.reached()).doesNotContainKey(Station.INTONATION);
        assertThat(BenchGround.run(3, 2, World.BENCH).notes()).isPositive();
    }

    @Test
    void aRodHasAnEndAndSaysSo() {
        int ended = 0;
        for (long seed = 1; seed <= 40; seed++) {
            RealRod rod = new RealRod(RodType.SINGLE, true, new SplittableRandom(seed));
            SplittableRandom turns = new SplittableRandom(seed);
            for (int way : new int[] {1, -1}) {
                for (int i = 0; i < 20 * (2 - way) && !rod.stiff(); i++) rod.turn(way * 0.25, turns);
                if (rod.stiff()) {
                    ended++;
                    assertThat(rod.tighter()).isBetween(0.7, 1.4);
                    assertThat(rod.turn(way * 0.25, turns).mean()).isCloseTo(0, within(1e-12));
                    break;
                }
            }
        }
        assertThat(ended).isEqualTo(40);
    }
}
