package barytone.core.neck;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import barytone.core.neck.GapMethod.Action;
import barytone.core.neck.GapMethod.ActionCapo;
import barytone.core.neck.GapMethod.NutOpen;
import barytone.core.neck.GapMethod.NutPressed;
import barytone.core.neck.GapMethod.Relief;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class StringLineTest {
    private static final StringLine LINE = StringLine.of(new FretScale(648, 22), 16, 0);
    private static final Relief STANDARD = new Relief(1, 16, 8);

    @ParameterizedTest
    @CsvSource({"1, 21, 8, 0.272", "1, 12, 6, 0.134", "1, 17, 7, 0.221"})
    void twoTenthsHeldOneAndSixteenByOtherHabits(int low, int high, int gauge, double expected) {
        assertThat(LINE.convert(0.20, STANDARD, new Relief(low, high, gauge))).isCloseTo(expected, within(0.0005));
    }

    @Test
    void theWorkedSetupOfASixteenFretJoint() {
        double k = LINE.curvatureFor(STANDARD, 0.20);
        double saddle = LINE.saddleHeightFor(12, 1.80, k, 0.10);
        StringState setup = new StringState(k, 0.10, saddle);
        assertThat(saddle).isCloseTo(2.564, within(0.0005));
        assertThat(LINE.gap(new NutOpen(), setup)).isCloseTo(0.359, within(0.0005));
        assertThat(LINE.gap(new NutPressed(3), setup)).isCloseTo(0.081, within(0.0005));
        assertThat(LINE.gap(new NutPressed(2), setup)).isCloseTo(0.057, within(0.0005));
        assertThat(LINE.gap(new Action(17), setup)).isCloseTo(2.013, within(0.0005));
        assertThat(LINE.gap(new ActionCapo(12), setup)).isCloseTo(1.610, within(0.0005));
    }

    @Test
    void convertingAReadingThereAndBackIsTheIdentity() {
        Random random = new Random(4711);
        for (int i = 0; i < 500; i++) {
            int joint = 10 + random.nextInt(8);
            StringLine line =
                    StringLine.of(new FretScale(300 + random.nextInt(600), 22), joint, random.nextDouble(0, 5));
            Relief a = anyRelief(random, joint);
            Relief b = anyRelief(random, joint);
            double value = random.nextDouble(-0.5, 1);
            assertThat(line.convert(line.convert(value, a, b), b, a)).isCloseTo(value, within(1e-9));
        }
    }

    @Test
    void everyGapIsTheLinearFormOfItsState() {
        Random random = new Random(99);
        StringLine line = new StringLine(new FretScale(628, 22), 14, 2.5, Map.of(5, 0.04, 13, -0.03, 20, 0.1));
        GapMethod[] methods = {
            STANDARD, new Relief(1, 12, 6), new NutOpen(), new NutPressed(2), new Action(17), new ActionCapo(12)
        };
        for (int i = 0; i < 200; i++) {
            StringState state =
                    new StringState(random.nextDouble(-2e-5, 4e-5), random.nextDouble(0, 0.6), random.nextDouble(0, 5));
            for (GapMethod method : methods)
                assertThat(line.form(method).at(state)).isCloseTo(line.gap(method, state), within(1e-9));
        }
    }

    @Test
    void aChangeAtTwelveIsTwiceThatAtTheSaddle() {
        assertThat(LINE.saddleChange(12, 0.4)).isCloseTo(0.8, within(1e-9));
        assertThat(LINE.saddleChange(17, 0.4)).isLessThan(0.8);
    }

    @Test
    void addingReliefRaisesTheActionMoreThanTwiceAsMuch() {
        StringState flat = new StringState(0, 0.1, 2.5);
        StringState bowed = new StringState(LINE.curvatureFor(STANDARD, 0.10), 0.1, 2.5);
        double relief = LINE.gap(STANDARD, bowed) - LINE.gap(STANDARD, flat);
        double action = LINE.gap(new Action(12), bowed) - LINE.gap(new Action(12), flat);
        assertThat(action / relief).isGreaterThan(2);
    }

    @Test
    void wrongPlacesAreNamedWithWhatIsAllowed() {
        assertThatThrownBy(() -> LINE.gap(new Relief(1, 24, 8), new StringState(0, 0, 0)))
                .hasMessageContaining("held[1]: given 24")
                .hasMessageContaining("at most 22");
        assertThatThrownBy(() -> new Relief(12, 1, 6)).hasMessageContaining("held[1]: given 1");
        assertThatThrownBy(() -> new Relief(1, 12, 12)).hasMessageContaining("gaugeFret: given 12");
        assertThatThrownBy(() -> LINE.curvatureFor(new Relief(17, 21, 19), 0.2))
                .hasMessageContaining("only that part bends");
        assertThatThrownBy(() -> new FretScale(Double.NaN, 22)).hasMessageContaining("scaleLength: given NaN");
    }

    private static Relief anyRelief(Random random, int joint) {
        int low = 1 + random.nextInt(3);
        int high = joint - 2 + random.nextInt(22 - joint + 2);
        return new Relief(low, high, low + 2 + random.nextInt(Math.max(1, Math.min(high, joint) - low - 3)));
    }
}
