package barytone.core.pitch;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import barytone.core.quantity.OutOfRangeException;
import java.util.SplittableRandom;
import java.util.function.IntToDoubleFunction;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Strings of known pitch, clean and disturbed, and sounds that have none. */
class PitchEstimatorTest {
    private static final double RATE = 44_100;
    private static final double[] STIFF = {0, 3e-5, 1e-4, 4e-4};

    private static Heard.Pitch pitch(Sound sound) {
        Heard heard = PitchEstimator.hear(sound);
        assertThat(heard).isInstanceOf(Heard.Pitch.class);
        return (Heard.Pitch) heard;
    }

    private static Sound made(double seconds, IntToDoubleFunction sample) {
        double[] x = new double[(int) (seconds * RATE)];
        for (int i = 0; i < x.length; i++) x[i] = sample.applyAsDouble(i);
        return new Sound(x, RATE);
    }

    private static void heardWithin(double cents, double frequency, Sound sound, String what) {
        Heard.Pitch heard = pitch(sound);
        assertThat(heard.centsAbove(frequency)).as(what).isCloseTo(0, within(cents));
        assertThat(heard.confidence()).as(what).isGreaterThan(0.9);
    }

    /** From below a low B to the top of the board, one second at 30 dB: a tenth of a cent. */
    @ParameterizedTest
    @ValueSource(
            doubles = {28, 30.868, 41.203, 55, 61.735, 82.407, 110, 146.83, 196, 246.94, 329.63, 659.26, 1046.5, 1396.9
            })
    void aTenthOfACentAtThirtyDecibels(double f) {
        for (double b : STIFF)
            heardWithin(0.1, f, PluckedSound.of(f, b).noise(30).sound(1, RATE, 11), f + " Hz, B " + b);
    }

    @ParameterizedTest
    @ValueSource(doubles = {28, 30.868, 41.203, 82.407, 110, 246.94, 659.26, 1396.9})
    void oneCentAtFifteenDecibelsWithHumOrANeighbour(double f) {
        PluckedSound string = PluckedSound.of(f, 1e-4).noise(15);
        heardWithin(1, f, string.sound(1, RATE, 5), "noise");
        heardWithin(1, f, string.hum(50, -20).sound(1, RATE, 6), "hum of 50 Hz");
        heardWithin(1, f, string.hum(60, -20).sound(1, RATE, 7), "hum of 60 Hz");
        // a fourth above: partials nearly meet
        heardWithin(1, f, string.beside(f * 1.3348, -20).sound(1, RATE, 8), "neighbour");
        // plucked in the middle there are hardly any even partials
        heardWithin(1, f, string.pluckedAt(0.5).sound(1, RATE, 9), "plucked in the middle");
    }

    @ParameterizedTest
    @CsvSource({
        "8000, 0.5, 82.407",
        "16000, 0.4, 196",
        "22050, 0.6, 61.735",
        "48000, 0.5, 110",
        "96000, 0.5, 329.63",
        "192000, 0.6, 41.203"
    })
    void everyRateAndAShortSoundWillDo(double rate, double seconds, double f) {
        heardWithin(1, f, PluckedSound.of(f, 1e-4).noise(25).sound(seconds, rate, 3), rate + " Hz");
    }

    @Test
    void inharmonicityIsTold() {
        assertThat(pitch(PluckedSound.of(110, 2.5e-4).noise(30).sound(1, RATE, 2))
                        .inharmonicity())
                .isCloseTo(2.5e-4, within(2e-6));
        assertThat(pitch(PluckedSound.of(110, 0).noise(30).sound(1, RATE, 2)).inharmonicity())
                .isLessThan(2e-6);
    }

    /** The pluck comes late, or the string is plucked twice: it listens to one pluck, after its attack. */
    @Test
    void itFindsTheStretchThatRings() {
        double[] string =
                PluckedSound.of(110, 1e-4).noise(35).sound(1.5, RATE, 1).samples();
        SplittableRandom random = new SplittableRandom(4);
        Sound late = made(
                3,
                i -> 0.0005 * random.nextGaussian()
                        + (i < 30_000 || i - 30_000 >= string.length ? 0 : string[i - 30_000]));
        heardWithin(0.1, 110, late, "late");
        Sound twice = made(
                2.5,
                i -> (i < string.length ? string[i] : 0)
                        + (i >= 40_000 && i - 40_000 < string.length ? string[i - 40_000] : 0));
        heardWithin(1, 110, twice, "twice");
    }

    @Test
    void anExpectationDecidesOnlyWhatIsOtherwiseEqual() {
        Sound low = PluckedSound.of(82.407, 1e-4).noise(25).sound(1, RATE, 2);
        // another string was plucked than the one expected: it says so
        Heard.Pitch heard = (Heard.Pitch) PitchEstimator.hear(low, 110);
        assertThat(heard.frequency()).isCloseTo(82.407, within(0.05));
        assertThatThrownBy(() -> PitchEstimator.hear(low, 5))
                .isInstanceOf(OutOfRangeException.class)
                .hasMessageContaining("near: given 5");
    }

    @Test
    void silenceIsSilenceAndATouchIsTooShort() {
        nothing(Heard.Reason.SILENT, made(1, i -> 0));
        nothing(Heard.Reason.SILENT, made(1, i -> 0.2 + 0.0001 * Math.sin(0.05 * i)));
        nothing(Heard.Reason.TOO_SHORT, PluckedSound.of(110, 0).sound(0.1, RATE, 1));
    }

    @Test
    void anOverdrivenInputIsSaidToBe() {
        double[] string = PluckedSound.of(82.4, 1e-4).sound(1, RATE, 1).samples();
        nothing(Heard.Reason.OVERDRIVEN, made(1, i -> Math.clamp(string[i] * 6, -1, 1)));
    }

    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8})
    void noiseAndSpeechHaveNoPitch(long seed) {
        SplittableRandom random = new SplittableRandom(seed);
        nothing(Heard.Reason.UNSTEADY, made(1, i -> 0.1 * random.nextGaussian()));
        double[] brown = new double[1];
        nothing(Heard.Reason.UNSTEADY, made(1, i -> 2 * (brown[0] = 0.98 * brown[0] + 0.02 * random.nextGaussian())));
        nothing(Heard.Reason.UNSTEADY, made(1, i -> (i % 3000 < 40 ? 0.3 : 0.002) * random.nextGaussian()));
        double voice = 80 + 20 * seed;
        double[] phase = new double[1];
        nothing(Heard.Reason.UNSTEADY, made(1, i -> {
            double t = i / RATE;
            phase[0] += 2 * Math.PI * voice * (1 + 0.2 * Math.sin(2 * Math.PI * 1.7 * t)) / RATE;
            double sum = 0;
            for (int j = 1; j < 20; j++) sum += Math.sin(j * phase[0]) / j;
            return 0.1 * Math.max(0, Math.sin(2 * Math.PI * 3.1 * t)) * sum;
        }));
    }

    @Test
    void humAloneIsHumAndASweepIsNoNote() {
        nothing(Heard.Reason.HUM, made(1, i -> {
            double sum = 0;
            for (int h = 1; h < 9; h++) sum += 0.05 * Math.sin(2 * Math.PI * 50 * h * i / RATE + h) / h;
            return sum;
        }));
        // but a string of that pitch dies away, and is heard
        heardWithin(0.5, 50, PluckedSound.of(50, 1e-4).noise(30).sound(1, RATE, 3), "string at 50 Hz");
        double[] phase = new double[1];
        nothing(
                Heard.Reason.UNSTEADY,
                made(1, i -> 0.2 * Math.sin(phase[0] += 2 * Math.PI * 200 * Math.pow(2, i / RATE) / RATE)));
    }

    @Test
    void twoStringsAtOnceAreNotBelievedAsMuch() {
        double[] one = PluckedSound.of(110, 1e-4).sound(1, RATE, 1).samples();
        double[] two = PluckedSound.of(146.83, 1e-4).sound(1, RATE, 2).samples();
        assertThat(pitch(made(1, i -> 0.5 * (one[i] + two[i]))).confidence()).isLessThan(0.7);
    }

    @Test
    void whatLiesOutsideOfTheRangeIsNotFoldedIntoIt() {
        nothing(Heard.Reason.OUT_OF_RANGE, made(1, i -> 0.3 * Math.sin(2 * Math.PI * 2100 * i / RATE)));
        assertThatThrownBy(() -> new Sound(new double[100], 4000)).isInstanceOf(OutOfRangeException.class);
        assertThatThrownBy(() -> new Sound(new double[] {Double.NaN}, RATE)).isInstanceOf(OutOfRangeException.class);
    }

    private static void nothing(Heard.Reason reason, Sound sound) {
        assertThat(PitchEstimator.hear(sound)).isEqualTo(new Heard.Nothing(reason));
    }
}
