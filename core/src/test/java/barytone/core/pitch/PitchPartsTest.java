package barytone.core.pitch;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import barytone.core.quantity.Cents;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Objects;
import java.util.SplittableRandom;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** The parts that the pitch is made of, each with an answer that is known. */
class PitchPartsTest {
    private static final double RATE = 16_000;

    private static double[] made(double seconds, java.util.function.DoubleUnaryOperator of) {
        double[] x = new double[(int) (seconds * RATE)];
        for (int i = 0; i < x.length; i++) x[i] = of.applyAsDouble(i / RATE);
        return x;
    }

    private static double sine(double frequency, double t) {
        return Math.sin(2 * Math.PI * frequency * t + 0.7);
    }

    @Test
    void centsAndRatiosAreEachOthersInverse() {
        assertThat(Cents.above(220, 440)).isCloseTo(1200, within(1e-9));
        assertThat(Cents.above(440, 220)).isCloseTo(-1200, within(1e-9));
        assertThat(Cents.ratio(100)).isCloseTo(Math.pow(2, 1 / 12.0), within(1e-12));
        for (double c : new double[] {-37.5, 0, 0.1, 650})
            assertThat(Cents.above(110, 110 * Cents.ratio(c))).isCloseTo(c, within(1e-9));
    }

    @ParameterizedTest
    @CsvSource({"82.4, 0", "82.4, 0.0001", "30.87, 0.0004"})
    void aStringIsFoundAgainThroughAnyOfItsPartials(double f, double b) {
        StiffString string = new StiffString(f, b);
        StiffString.Fit fit = new StiffString.Fit();
        for (int j : new int[] {1, 2, 5, 9}) {
            fit.add(j, string.partial(j), 1);
            assertThat(StiffString.through(j, string.partial(j), b).frequency()).isCloseTo(f, within(1e-9));
        }
        StiffString found = Objects.requireNonNull(fit.fitted()).string();
        assertThat(found.frequency()).isCloseTo(f, within(1e-6));
        assertThat(found.inharmonicity()).isCloseTo(b, within(1e-8));
    }

    @Test
    void onePartialAloneGivesNoStringAndAFallingLineIsLaidLevel() {
        StiffString.Fit one = new StiffString.Fit();
        one.add(3, 330, 1);
        assertThat(one.fitted()).isNull();
        one.holdIdeal(1e-6);
        assertThat(Objects.requireNonNull(one.fitted()).string().frequency()).isCloseTo(110, within(0.01));
        StiffString.Fit falling = new StiffString.Fit();
        falling.add(1, 110, 1);
        falling.add(2, 219.8, 1);
        StiffString level = Objects.requireNonNull(falling.fitted()).string();
        assertThat(level.inharmonicity()).isZero();
        assertThat(level.frequency()).isBetween(109.9, 110.0);
    }

    @Test
    void theLineLetsGoOfHumAndOfANeighboursPartials() {
        StiffString string = new StiffString(110, 1e-4);
        List<Line.Point> points = new ArrayList<>();
        for (int j = 1; j <= 12; j++) {
            // the second is taken for hum at 220.9, the sixth for a neighbour's
            double off = j == 2 ? 0.9 : j == 6 ? -3 : 0;
            points.add(new Line.Point(j, string.partial(j) + off, 0.002));
        }
        Line line = Line.through(points, 6e-4);
        assertThat(Cents.above(110, line.string().frequency())).isCloseTo(0, within(0.01));
        assertThat(line.kept()).isBetween(0.75, 0.9);
    }

    @ParameterizedTest
    @CsvSource({"220, 219.6, 0", "220, 220.9, 3", "1318.5, 1318.1, 8", "61.7, 61.9, 1"})
    void aDecayDoesNotBendThePhase(double frequency, double guess, double fall) {
        double[] x = made(0.9, t -> Math.exp(-fall * t) * sine(frequency, t));
        PhaseTrack track = new PhaseTrack.Stretch(x, RATE, (int) (0.36 * RATE) / 4 * 4).follow(guess, 1e-6);
        assertThat(track.frequency()).isCloseTo(frequency, within(0.002));
        // amplitude e^-fall t is 8.686 dB per unit
        assertThat(track.fall()).isCloseTo(8.686 * fall, within(0.1 + 0.05 * fall));
    }

    @Test
    void theErrorOfATrackIsAsLargeAsItsErrorsAre() {
        SplittableRandom random = new SplittableRandom(3);
        double squares = 0;
        double told = 0;
        int tries = 60;
        for (int k = 0; k < tries; k++) {
            double[] x = made(0.8, t -> sine(330, t) + 0.3 * random.nextGaussian());
            double floor = Spectrum.of(x, RATE).noise(330);
            PhaseTrack track = new PhaseTrack.Stretch(x, RATE, (int) (0.32 * RATE) / 4 * 4).follow(330.2, floor);
            squares += (track.frequency() - 330) * (track.frequency() - 330) / tries;
            told += track.error() * track.error() / tries;
        }
        assertThat(Math.sqrt(told / squares)).isBetween(0.6, 3.0);
    }

    @Test
    void theSpectrumTellsFrequenciesAndStrengthsAndNoSideLobes() {
        double[] x = made(1, t -> 0.5 * sine(200.3, t) + 0.05 * sine(261.1, t) + 0.004 * sine(3000, t));
        List<Spectrum.Peak> peaks = Spectrum.of(x, RATE).peaks();
        List<Spectrum.Peak> strong =
                peaks.stream().filter(p -> p.amplitude() > 0.003).toList();
        assertThat(strong).hasSize(3);
        assertThat(strong.getFirst().frequency()).isCloseTo(200.3, within(0.05));
        assertThat(strong.getFirst().amplitude()).isCloseTo(0.5, within(0.02));
        assertThat(strong.get(1).frequency()).isCloseTo(261.1, within(0.05));
        assertThat(strong.getLast().amplitude()).isCloseTo(0.004, within(0.0005));
    }

    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5})
    void inNoiseAloneHardlyAnythingStandsOut(long seed) {
        SplittableRandom random = new SplittableRandom(seed);
        assertThat(Spectrum.of(made(1, t -> 0.1 * random.nextGaussian()), RATE).peaks())
                .hasSizeLessThan(4);
    }

    /** Octaves: a string whose first partial is missing, and one plucked so that every second is. */
    @Test
    void theSeriesFindsTheOctaveByWhatItMisses() {
        double[] low = made(
                1,
                t -> 0.1 * sine(61.74 * 2, t)
                        + 0.3 * sine(61.74 * 3, t)
                        + 0.2 * sine(61.74 * 4, t)
                        + 0.1 * sine(61.74 * 5, t)
                        + 0.1 * sine(61.74 * 7, t));
        assertThat(found(low)).isCloseTo(61.74, within(0.1));
        double[] odd = made(1, t -> 0.3 * sine(110, t) + 0.1 * sine(330, t) + 0.06 * sine(550, t));
        assertThat(found(odd)).isCloseTo(110, within(0.1));
        double[] pure = made(1, t -> 0.3 * sine(440, t));
        assertThat(found(pure)).isCloseTo(440, within(0.1));
    }

    private static double found(double[] x) {
        return Objects.requireNonNull(Comb.best(Spectrum.of(x, RATE), 0, 2, 20, 4000))
                .string()
                .frequency();
    }

    @Test
    void anExpectedPitchDecidesOnlyWhatIsOtherwiseEqual() {
        // odd partials of 110 alone could as well be 3, 9, 15 of a third of it
        double[] x = made(1, t -> 0.3 * sine(110, t));
        Spectrum spectrum = Spectrum.of(x, RATE);
        assertThat(Objects.requireNonNull(Comb.best(spectrum, 55, 2, 20, 4000))
                        .string()
                        .frequency())
                .isCloseTo(110, within(0.1));
    }

    @Test
    void theEnvelopeFindsThePluckAndTheNextOne() {
        double[] x = made(
                2,
                t -> (t < 0.5 ? 0 : Math.exp(-2 * (t - 0.5)) * sine(110, t))
                        + (t < 1.4 ? 0 : 0.8 * Math.exp(-2 * (t - 1.4)) * sine(146.8, t)));
        Envelope envelope = new Envelope(x, RATE);
        assertThat(envelope.loudestAt() / RATE).isCloseTo(0.5, within(0.05));
        assertThat(envelope.rise(envelope.loudestAt(), 3) / RATE).isCloseTo(1.36, within(0.06));
        assertThat(envelope.ringsFromTheStart()).isFalse();
        Envelope ringing = new Envelope(Arrays.copyOfRange(x, (int) (0.6 * RATE), (int) (1.2 * RATE)), RATE);
        assertThat(ringing.rise(0, 3)).isEqualTo(-1);
        assertThat(ringing.ringsFromTheStart()).isTrue();
    }

    @Test
    void fewerSamplesKeepWhatIsLowAndFoldNothingBack() {
        double[] x = made(1, t -> 0.5 * sine(200, t) + 0.5 * sine(7000, t));
        double[] half = Decimation.by(x, 4);
        List<Spectrum.Peak> peaks = Spectrum.of(half, RATE / 4).peaks().stream()
                .filter(p -> p.amplitude() > 0.005)
                .toList();
        assertThat(peaks).hasSize(1);
        assertThat(peaks.getFirst().frequency()).isCloseTo(200, within(0.05));
        assertThat(peaks.getFirst().amplitude()).isCloseTo(0.5, within(0.02));
    }

    /** The sound begins and ends within the taps of its first and last samples, and of all where it is short. */
    @ParameterizedTest
    @CsvSource({"4, 1600", "3, 200", "2, 40", "5, 7"})
    void fewerSamplesAreTheSameWhereverTheSoundBeginsAndEnds(int factor, int length) {
        double[] x = made(length / RATE, t -> sine(330, t) + 0.4 * Math.cos(900 * t * t));
        int around = 400;
        double[] inSilence = new double[x.length + 2 * around * factor];
        System.arraycopy(x, 0, inSilence, around * factor, x.length);
        double[] fewer = Decimation.by(x, factor);
        double[] fewerInSilence = Decimation.by(inSilence, factor);
        assertThat(fewer).hasSize(x.length / factor);
        for (int i = 0; i < fewer.length; i++)
            assertThat(fewer[i]).as("sample " + i).isCloseTo(fewerInSilence[around + i], within(1e-12));
    }

    @Test
    void theMadeStringIsWhatItIsSaidToBe() {
        PluckedSound string = PluckedSound.of(110, 1e-4);
        assertThat(string.sound(0.5, RATE, 4).samples())
                .isEqualTo(string.sound(0.5, RATE, 4).samples());
        double[] clean = string.sound(0.5, RATE, 4).samples();
        double[] noisy = string.noise(20).sound(0.5, RATE, 4).samples();
        assertThat(Arrays.stream(clean).map(Math::abs).max().orElse(0)).isCloseTo(0.5, within(1e-9));
        // both are brought to the same peak; the noise is a tenth of what sounds
        double scale = 0;
        double power = 0;
        for (int i = 0; i < clean.length; i++) {
            scale += clean[i] * noisy[i];
            power += clean[i] * clean[i];
        }
        scale /= power;
        double noise = 0;
        for (int i = 0; i < clean.length; i++) noise += (noisy[i] - scale * clean[i]) * (noisy[i] - scale * clean[i]);
        assertThat(10 * Math.log10(scale * scale * power / noise)).isCloseTo(20, within(0.5));
    }
}
