package barytone.core.station;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;
import static org.assertj.core.api.Assertions.within;

import barytone.core.bridge.BridgeKind;
import barytone.core.bridge.LengthScrews;
import barytone.core.instrument.Fittings;
import barytone.core.instrument.InstrumentKind;
import barytone.core.instrument.NeckJoint;
import barytone.core.intonation.IntonationWays;
import barytone.core.intonation.PlayedWhere;
import barytone.core.intonation.Sounded;
import barytone.core.intonation.ToneForecast;
import barytone.core.job.JobEvent;
import barytone.core.neck.StringState;
import barytone.core.quantity.OutOfRangeException;
import barytone.core.quantity.Turns;
import barytone.core.station.action.ActionEvent;
import barytone.core.station.intonation.Ear;
import barytone.core.station.intonation.Intoned;
import barytone.core.station.intonation.ToneEvent;
import barytone.core.station.intonation.Tones;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Objects;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** What follows from pitches read and saddles moved, before anything is advised. */
class TonesTest extends PaperJob {
    private TonesTest sound(int string, Sounded sounded, double cents) {
        add(new ToneEvent.PitchRead(string, sounded, cents, Ear.TUNER, null, false, false, ""));
        return this;
    }

    private TonesTest back(double mm) {
        List<Double> back = new ArrayList<>(Collections.nCopies(6, 0.0));
        back.set(0, mm);
        add(new ToneEvent.SaddlesMoved(Collections.nCopies(6, Turns.NONE), back));
        return this;
    }

    private Tones tones() {
        return Tones.of(state());
    }

    @Test
    void anErrorIsTakenAgainstTheOpenStringOfTheSameSession() {
        sound(6, Sounded.OPEN, 1).sound(6, Sounded.at(12), 5);
        assertThat(Intoned.of(state(), 6).offset()).isCloseTo(4, within(1e-6));
        add(new JobEvent.Retuned());
        sound(6, Sounded.at(12), 3);
        // after a retuning the open string is taken to be in tune until it is read
        assertThat(Intoned.of(state(), 6).offset()).isCloseTo(3, within(1e-6));
        sound(6, Sounded.OPEN, -0.5);
        assertThat(Intoned.of(state(), 6).offset()).isCloseTo(3.5, within(1e-6));
        assertThat(tones().found(6, 12)).hasValue(4.0);
    }

    @Test
    void readingAHeightMovesNothingSoIntonationStays() {
        sound(6, Sounded.OPEN, 0).sound(6, Sounded.at(12), 1);
        // higher than usual: the estimate moves a long way, the instrument not at all
        relief(0.5, 0.45).nut(raised(new double[] {0.2}, GOOD_NUT)).action(3.4, 3.3, 3.2, 3.1, 3.0, 2.9);
        Intoned at = Intoned.of(state(), 6);
        assertThat(at.errors().getFirst().byHeights()).isZero();
        assertThat(at.stale()).isFalse();
        assertThat(at.offset()).isCloseTo(1, within(1e-6));
        // once something moved, the shift counts from what is known of before
        add(new ActionEvent.BridgeScrewed(Collections.nCopies(6, new Turns(-64))));
        assertThat(Intoned.of(state(), 6).errors().getFirst().byHeights()).isLessThan(-1);
    }

    @Test
    void aSaddleThatStayedHasItsRoomBack() {
        add(new ToneEvent.LengthTravelRead(0, 5, 5));
        sound(6, Sounded.OPEN, 0).sound(6, Sounded.at(12), 8);
        List<Turns> turns = new ArrayList<>(Collections.nCopies(6, Turns.NONE));
        turns.set(0, new Turns(64));
        add(new ToneEvent.SaddlesMoved(turns, Collections.nCopies(6, 0.0)));
        sound(6, Sounded.OPEN, 0).sound(6, Sounded.at(12), 8);
        assertThat(tones().answers()).containsEntry(0, Tones.Answer.STAYED);
        assertThat(Objects.requireNonNull(tones().room().get(0)).back()).isCloseTo(5, within(0.1));
    }

    /** What each turn promised is compared with what it gave: a pitch learned meanwhile promises nothing of the turns before. */
    @Test
    void everyTurnIsComparedWithWhatItPromised() {
        double cents = -1200 / Math.log(2) / spec.scaleLength();
        double pitch = 0.5;
        for (int round = 0; round < 3; round++)
            for (int string = 6; string >= 1; string--) {
                double before = 12 + 2 * round * pitch * cents;
                sound(string, Sounded.OPEN, 0).sound(string, Sounded.at(12), before);
                List<Turns> turns = new ArrayList<>(Collections.nCopies(6, Turns.NONE));
                turns.set(6 - string, new Turns(32));
                add(new ToneEvent.SaddlesMoved(turns, Collections.nCopies(6, 0.0)));
                sound(string, Sounded.OPEN, 0).sound(string, Sounded.at(12), before + 2 * pitch * cents);
            }
        assertThat(tones().screwPitch().mean()).isCloseTo(pitch, within(0.05));
    }

    @Test
    void anOpenStringTunedInBetweenDoesNotChangeWhatWasReadBefore() {
        sound(6, Sounded.OPEN, 0).sound(6, Sounded.at(12), 2).sound(6, Sounded.OPEN, -8);
        assertThat(Intoned.of(state(), 6).offset()).isCloseTo(2, within(1e-6));
        // what is sounded now is taken against the string as it is tuned now
        sound(6, Sounded.at(12), -6);
        assertThat(Intoned.of(state(), 6).offset()).isCloseTo(2, within(1e-6));
    }

    @Test
    void theRoomLeftShrinksAsASaddleGoes() {
        add(new ToneEvent.LengthTravelRead(0, 2, 3));
        back(1.2);
        assertThat(tones().room().get(0)).isEqualTo(new Tones.Room(3.2, 1.8));
        assertThat(tones().moved().getFirst()).isEqualTo(1.2);
        assertThat(tones().shift(6)).isEqualTo(1.2);
        assertThat(tones().shift(5)).isZero();
    }

    @Test
    void anOpenStringInTuneEndsTheRetuningOfWhatWasSlack() {
        sound(6, Sounded.OPEN, 0);
        back(0.5);
        assertThat(state().offPitchSince()).isPresent();
        sound(6, Sounded.OPEN, -30);
        assertThat(tones().slack()).as("not there yet").containsExactly(6);
        sound(6, Sounded.OPEN, 0.4);
        assertThat(tones().slack()).isEmpty();
        assertThat(state().offPitchSince()).isEmpty();
    }

    @Test
    void whatIsUndoneDoesNotCount() {
        sound(6, Sounded.OPEN, 0).sound(6, Sounded.at(12), 5);
        back(1);
        add(new JobEvent.Undone(log.size()));
        assertThat(tones().shift(6)).isZero();
        assertThat(tones().slack()).isEmpty();
        add(new JobEvent.Redone(log.size() - 1L));
        assertThat(tones().shift(6)).isEqualTo(1);
    }

    @Test
    void whatAnInstrumentSinceCorrectedDoesNotHaveIsLeftOut() {
        sound(6, Sounded.at(12), 5);
        add(new ToneEvent.StringRenewed(6));
        add(new ToneEvent.Stretched(6, 12));
        spec = InstrumentKind.BASS_4.usual();
        assertThat(tones().notes()).isEmpty();
        assertThat(tones().stretches()).isEmpty();
    }

    @ParameterizedTest
    @EnumSource(PlayedWhere.class)
    void movingTheSaddleByTheFitLeavesNothingForIt(PlayedWhere where) {
        IntonationWays usual = tones().ways();
        add(new ToneEvent.IntonationSet(new IntonationWays(
                List.of(3, 12, 19),
                where,
                usual.reference(),
                usual.tolerances(),
                List.of(),
                440,
                usual.offsets(),
                true)));
        sound(6, Sounded.OPEN, 0)
                .sound(6, Sounded.at(3), 3)
                .sound(6, Sounded.at(12), 6)
                .sound(6, Sounded.at(19), 9);
        back(Intoned.of(state(), 6).saddleBack());
        // the forecast moves the stiffness along with the length, which the fit leaves out
        assertThat(Intoned.of(state(), 6).offset()).isCloseTo(0, within(0.25));
        assertThat(Intoned.of(state(), 6).stale()).isTrue();
    }

    @ParameterizedTest
    @CsvSource({"ELECTRIC, 6", "BASS_5, 5", "FLAT_TOP, 1", "NYLON, 3", "MANDOLIN, 8"})
    void forecastsAreFiniteAndLongerStringsAreFlatter(InstrumentKind kind, int string) {
        spec = kind.usual();
        StringState setup = state().estimate().likely(string);
        double[] here = ToneForecast.cents(spec, 440, string, 0, setup);
        double[] back = ToneForecast.cents(spec, 440, string, 1, setup);
        assertThat(here[0]).isZero();
        for (int n = 1; n < here.length; n++) {
            assertThat(here[n]).isFinite();
            assertThat(back[n]).isLessThan(here[n]);
        }
        assertThat(back[12] - here[12]).isCloseTo(-1731 / spec.scaleLength(), within(0.08 * 1731 / spec.scaleLength()));
        assertThat(ToneForecast.inharmonicity(spec, 440, string)).isBetween(1e-7, 2e-3);
    }

    @Test
    void aStatedThreadStartsNarrowAndAnUnknownOneWide() {
        assertThat(tones().screwPitch().sd()).isGreaterThan(0.1);
        Fittings f = spec.fittings();
        spec = spec.with(new Fittings(
                BridgeKind.INDIVIDUAL,
                0.5,
                NeckJoint.BOLTED,
                0,
                f.bridgeSpread(),
                f.nut(),
                f.nutWidth(),
                f.strings(),
                new LengthScrews(0.7, LengthScrews.Head.NUT, 3, 0),
                f.pickups()));
        assertThat(tones().screwPitch().mean()).isEqualTo(0.7);
        assertThat(tones().screwPitch().sd()).isLessThan(0.03);
        assertThat(tones().clockwiseBack()).isFalse();
        add(new ToneEvent.LengthDirectionLearned(true));
        assertThat(tones().clockwiseBack()).isTrue();
    }

    @Test
    void waysThatCannotBeAreRefused() {
        IntonationWays usual = tones().ways();
        assertThat(usual.tolerance(6)).isEqualTo(3);
        assertThat(usual.tolerance(1)).isEqualTo(1.5);
        // where there is a fret 12 it is read; a shorter board has none
        IntonationWays low = new IntonationWays(
                List.of(5),
                PlayedWhere.HIGH,
                usual.reference(),
                usual.tolerances(),
                List.of(),
                440,
                usual.offsets(),
                true);
        assertThat(low.fits(6, 22)).isFalse();
        assertThat(low.fits(6, 10)).isTrue();
        assertThatExceptionOfType(OutOfRangeException.class)
                .isThrownBy(() -> new IntonationWays(
                        List.of(12),
                        PlayedWhere.HIGH,
                        usual.reference(),
                        usual.tolerances(),
                        List.of(),
                        300,
                        usual.offsets(),
                        true))
                .withMessageContaining("reference pitch");
        assertThatExceptionOfType(OutOfRangeException.class)
                .isThrownBy(() -> new Sounded(Sounded.How.HARMONIC, 5))
                .withMessageContaining("harmonic");
    }
}
