package barytone.core.pitch;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import barytone.core.instrument.InstrumentKind;
import barytone.core.instrument.InstrumentSpec;
import barytone.core.quantity.OutOfRangeException;
import barytone.core.strings.Pitch;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import java.util.Objects;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Hands-free: the pitch is taken when it holds still, and a string is tuned up to its pitch. */
class ListeningTest {
    private static final double RATE = 44_100;
    private static final List<Pitch> BARITONE =
            InstrumentSpec.parseTuning("B1 E2 A2 D3 F#3 B3", InstrumentKind.BARITONE);

    private static TuneUp plan(double reference, boolean upToPitch) {
        return new TuneUp(BARITONE, reference, Collections.nCopies(6, 0.0), 1.5, upToPitch);
    }

    private static Sound ringing(double frequency) {
        return PluckedSound.of(frequency, 1e-4).noise(30).sound(2, RATE, 3);
    }

    /** A string whose tuner is turned while it sounds, in cents from and to over the first second, then held. */
    private static Sound turned(double frequency, double from, double to) {
        double[] x = new double[(int) (2.2 * RATE)];
        double phase = 0;
        for (int i = 0; i < x.length; i++) {
            double t = i / RATE;
            double cents = t < 1 ? from + (to - from) * t : to;
            phase += 2 * Math.PI * frequency * Math.pow(2, cents / 1200) / RATE;
            for (int j = 1; j < 8; j++) x[i] += 0.2 * Math.exp(-t / 2) * Math.sin(j * phase) / j;
        }
        return new Sound(x, RATE);
    }

    @ParameterizedTest
    @CsvSource({"61.735, 6", "82.6, 5", "110, 4", "146.83, 3", "184.9, 2", "247, 1"})
    void aStringIsRecognisedAndTakenWhenItHoldsStill(double frequency, int string) {
        Listening heard = Listening.to(ringing(frequency), 0);
        Heard.Pitch steady = Objects.requireNonNull(heard.steady());
        assertThat(steady.centsAbove(frequency)).isCloseTo(0, within(0.1));
        assertThat(plan(440, true).nearest(steady.frequency(), Set.of())).isEqualTo(string);
    }

    @ParameterizedTest
    @CsvSource({"0.3,  TAKE", "-1.2, TAKE", "-4,   UP", "6,    DOWN", "-90,  UP", "500,  FAR_OFF"})
    void whatIsToldFollowsTheCents(double cents, TuneUp.Call call) {
        double f = plan(440, true).target(6) * Math.pow(2, cents / 1200);
        Listening heard = Listening.to(ringing(f), 0);
        TuneUp.Told told = plan(440, true)
                .judge(heard, Objects.requireNonNull(heard.steady()).frequency(), 6);
        assertThat(told.call()).isEqualTo(call);
        assertThat(told.cents()).isCloseTo(cents, within(0.1));
    }

    @Test
    void whatCameDownToPitchIsNotTakenUnlessTheShopDoesNotMind() {
        double f = plan(440, true).target(4);
        Listening down = Listening.to(turned(f, 25, 0), 0);
        double now = Objects.requireNonNull(down.steady()).frequency();
        assertThat(plan(440, true).judge(down, now, 4).call()).isEqualTo(TuneUp.Call.DROP_AND_COME_UP);
        assertThat(plan(440, false).judge(down, now, 4).call()).isEqualTo(TuneUp.Call.TAKE);
        Listening up = Listening.to(turned(f, -25, 0), 0);
        assertThat(plan(440, true)
                        .judge(up, Objects.requireNonNull(up.steady()).frequency(), 4)
                        .call())
                .isEqualTo(TuneUp.Call.TAKE);
    }

    @Test
    void whileThePitchMovesNothingIsTakenButTheTraceShowsIt() {
        double f = plan(440, true).target(4);
        double[] moving = Arrays.copyOf(turned(f, -40, 0).samples(), (int) RATE);
        Listening heard = Listening.to(new Sound(moving, RATE), 0);
        assertThat(heard.steady()).isNull();
    }

    @Test
    void silenceGivesNoTrace() {
        Listening heard = Listening.to(new Sound(new double[(int) RATE], RATE), 0);
        assertThat(heard.trace()).isEmpty();
        assertThat(heard.last()).isEqualTo(new Heard.Nothing(Heard.Reason.SILENT));
    }

    @Test
    void referenceAndOffsetsMoveTheTargets() {
        assertThat(plan(415, true).target(4)).isCloseTo(103.75, within(1e-9));
        TuneUp sweet = new TuneUp(BARITONE, 440, List.of(0.0, 0.0, 0.0, -2.0, 0.0, 0.0), 1, true);
        assertThat(1200 * Math.log(sweet.target(4) / 110) / Math.log(2)).isCloseTo(-2, within(1e-9));
        assertThatThrownBy(() -> plan(500, true))
                .isInstanceOf(OutOfRangeException.class)
                .hasMessageContaining("reference: given 500; allowed is 400 to 480 Hz");
        assertThatThrownBy(() -> new TuneUp(BARITONE, 440, List.of(1.0), 1, true))
                .hasMessageContaining("one for each of 6 strings");
    }

    @Test
    void ofStringsTunedAlikeTheOneStillToBeTunedIsMeant() {
        TuneUp mandolin = new TuneUp(
                InstrumentSpec.parseTuning("G3 G3 D4 D4 A4 A4 E5 E5", InstrumentKind.MANDOLIN),
                440,
                Collections.nCopies(8, 0.0),
                1.5,
                true);
        assertThat(mandolin.nearest(196, Set.of())).isEqualTo(8);
        assertThat(mandolin.nearest(196, Set.of(8))).isEqualTo(7);
        assertThat(mandolin.nearest(196, Set.of(8, 7))).isEqualTo(8);
        assertThat(mandolin.nearest(660, Set.of(8, 7))).isEqualTo(2);
    }

    @Test
    void aStringThatRingsOnIsToldFromOnePluckedAnew() {
        double[] first = PluckedSound.of(110, 1e-4).noise(40).sound(4, RATE, 1).samples();
        Sound ringsOn = new Sound(Arrays.copyOfRange(first, (int) RATE, (int) (3 * RATE)), RATE);
        assertThat(Listening.to(ringsOn, 0).plucked()).isFalse();
        double[] second = PluckedSound.of(146.83, 1e-4).sound(1, RATE, 2).samples();
        double[] both = ringsOn.samples().clone();
        for (int i = 0; i < second.length; i++) both[(int) RATE + i] += second[i];
        Listening heard = Listening.to(new Sound(both, RATE), 0);
        assertThat(heard.plucked()).isTrue();
        assertThat(Objects.requireNonNull(heard.last().believed()).frequency()).isCloseTo(146.83, within(0.1));
    }
}
