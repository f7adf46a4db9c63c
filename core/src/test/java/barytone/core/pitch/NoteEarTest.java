package barytone.core.pitch;

import static barytone.core.pitch.NoteEar.Verdict.*;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.withinPercentage;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.SplittableRandom;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;

class NoteEarTest {
    private static final double RATE = 44_100;
    private static final double SECONDS = 1.6;
    private static final double[] STRINGS = {55, 82.4, 110, 196, 329.6, 440};

    private static Sound striking(double frequency, double gap, int ahead, double bounce) {
        return StrikingString.of(frequency, 8e-5, gap)
                .over(ahead, bounce)
                .noise(45)
                .sound(SECONDS, RATE, Math.round(frequency));
    }

    private static Sound free(double frequency) {
        return striking(frequency, 1, 1, 0.9);
    }

    /** Three other notes of the same string that ring. */
    private static List<NoteEar.Shape> others(double frequency) {
        List<NoteEar.Shape> shapes = new ArrayList<>();
        for (int fret = 1; fret <= NoteEar.ENOUGH; fret++) {
            NoteEar.Note note = NoteEar.hear(free(frequency * Math.pow(2, fret / 12.0)), 0, shapes);
            if (note.shape() != null) shapes.add(note.shape());
        }
        assertThat(shapes).hasSize(NoteEar.ENOUGH);
        return shapes;
    }

    private static double[] strings() {
        return STRINGS;
    }

    @ParameterizedTest
    @MethodSource("strings")
    void aStringThatStrikesNothingIsClean(double frequency) {
        NoteEar.Note note = NoteEar.hear(free(frequency), frequency, List.of());
        assertThat(note.verdict()).isEqualTo(CLEAN);
        assertThat(note.frequency()).isCloseTo(frequency, withinPercentage(0.1));
        assertThat(note.ring()).isBetween(0.8, 2.0);
        assertThat(NoteEar.hear(free(frequency), frequency, others(frequency)).verdict())
                .isEqualTo(CLEAN);
    }

    @Test
    void aStringThatStrikesACrownBuzzesAgainstItsOthers() {
        Map<NoteEar.Verdict, Integer> alone = new EnumMap<>(NoteEar.Verdict.class);
        Map<NoteEar.Verdict, Integer> compared = new EnumMap<>(NoteEar.Verdict.class);
        for (double frequency : STRINGS) {
            List<NoteEar.Shape> others = others(frequency);
            for (double gap : new double[] {0.5, 0.2})
                for (int ahead : new int[] {1, 4})
                    for (double bounce : new double[] {0.9, 0.5}) {
                        Sound sound = striking(frequency, gap, ahead, bounce);
                        alone.merge(NoteEar.hear(sound, frequency, List.of()).verdict(), 1, Integer::sum);
                        compared.merge(NoteEar.hear(sound, frequency, others).verdict(), 1, Integer::sum);
                    }
        }
        assertThat(compared.get(BUZZ)).isGreaterThan(39);
        assertThat(compared.getOrDefault(CLEAN, 0)).isLessThan(3);
        assertThat(alone.get(BUZZ)).isGreaterThan(24);
        assertThat(alone.get(UNSURE)).as("an honest unsure without others").isGreaterThan(compared.get(UNSURE));
    }

    @Test
    void aStringThatRingsIsNotCalledABuzzWhereverAndHoweverItIsPlucked() {
        int clean = 0;
        int all = 0;
        for (double frequency : new double[] {41.2, 55, 82.4, 110, 146.8, 196, 246.9, 329.6, 440, 587, 740})
            for (double b : new double[] {0, 3e-4})
                for (double pluck : new double[] {0.06, 0.2})
                    for (double room : new double[] {50, 20}) {
                        Sound sound = PluckedSound.of(frequency, b)
                                .pluckedAt(pluck)
                                .noise(room)
                                .sound(SECONDS, RATE, 3);
                        NoteEar.Verdict verdict =
                                NoteEar.hear(sound, frequency, List.of()).verdict();
                        assertThat(verdict)
                                .as("%s Hz, B %s, plucked at %s, %s dB", frequency, b, pluck, room)
                                .isIn(CLEAN, UNSURE);
                        all++;
                        if (verdict == CLEAN) clean++;
                    }
        assertThat(clean).isGreaterThan(all * 95 / 100);
    }

    @ParameterizedTest
    @ValueSource(doubles = {82.4, 110, 146.8, 196, 330})
    void aNoteThatDiesAtOnceIsCutShort(double frequency) {
        double[] x = PluckedSound.of(frequency, 0)
                .noise(50)
                .sound(1, RATE, 2)
                .samples()
                .clone();
        for (int i = 0; i < x.length; i++) x[i] *= Math.exp(-i / RATE / 0.06);
        NoteEar.Note note = NoteEar.hear(new Sound(x, RATE), frequency, List.of());
        assertThat(note.verdict()).isEqualTo(CHOKED);
        assertThat(note.ring()).isBetween(0.05, 0.22);
    }

    @Test
    void aNoteThatDiesMuchSoonerThanTheOthersOfItsStringIsCutShort() {
        double[] x = PluckedSound.of(196, 0)
                .noise(50)
                .sound(SECONDS, RATE, 2)
                .samples()
                .clone();
        for (int i = 0; i < x.length; i++) x[i] *= Math.exp(-i / RATE / 0.16);
        Sound sound = new Sound(x, RATE);
        assertThat(NoteEar.hear(sound, 196, List.of()).verdict()).isEqualTo(UNSURE);
        assertThat(NoteEar.hear(sound, 196, others(196)).verdict()).isEqualTo(CHOKED);
    }

    private static Sound talk() {
        SplittableRandom random = new SplittableRandom(3);
        double[] x = new double[(int) (SECONDS * RATE)];
        for (int i = 0; i < x.length; i++)
            x[i] = 0.2 * random.nextGaussian() * (1 + Math.sin(2 * Math.PI * 4 * i / RATE));
        return new Sound(x, RATE);
    }

    private static Sound hum() {
        double[] x = new double[(int) (SECONDS * RATE)];
        for (int i = 0; i < x.length; i++)
            for (int h = 1; h < 6; h++) x[i] += 0.1 / h * Math.sin(2 * Math.PI * 100 * h * i / RATE);
        return new Sound(x, RATE);
    }

    private static Sound overdriven() {
        double[] x = free(110).samples().clone();
        for (int i = 0; i < x.length; i++) x[i] = Math.clamp(20 * x[i], -1, 1);
        return new Sound(x, RATE);
    }

    private static List<Sound> badSounds() {
        return List.of(
                new Sound(new double[(int) RATE], RATE),
                talk(),
                hum(),
                overdriven(),
                // another string, and two at once
                free(146.8),
                PluckedSound.of(110, 8e-5).beside(146.8, 0).sound(SECONDS, RATE, 1),
                // a string behind the hiss of a room, in which no buzz would be heard
                PluckedSound.of(110, 8e-5).noise(4).sound(SECONDS, RATE, 1),
                StrikingString.of(110, 8e-5, 0.5).noise(4).sound(SECONDS, RATE, 1));
    }

    @ParameterizedTest
    @MethodSource("badSounds")
    void whatIsNotOneStringOfThatPitchIsNotJudged(Sound sound) {
        assertThat(NoteEar.hear(sound, 110, List.of()).verdict()).isEqualTo(UNSURE);
    }
}
