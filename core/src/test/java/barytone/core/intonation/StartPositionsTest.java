package barytone.core.intonation;

import static org.assertj.core.api.Assertions.assertThat;

import barytone.core.strings.MusicString;
import barytone.core.strings.StringSet;
import java.util.List;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;

/** Where saddles start, and what their pattern hints at. */
class StartPositionsTest {
    private static final List<MusicString> PLAIN_THIRD =
            StringSet.parse("10 13 17 26w 36w 46w").strings();
    private static final List<MusicString> WOUND_THIRD =
            StringSet.parse("12 16 24w 32w 42w 52w").strings();

    @Test
    void eachStandsAboutADiameterFartherAndTheFirstWoundOneStepsBack() {
        List<Double> starts = StartPositions.of(PLAIN_THIRD);
        assertThat(starts.getFirst()).isZero();
        assertThat(starts.get(1)).isEqualTo(0.3302, Assertions.within(1e-4));
        assertThat(starts.get(2)).isGreaterThan(starts.get(1));
        assertThat(starts.get(3)).isLessThan(starts.get(2));
        assertThat(starts.get(5) - starts.get(4)).isEqualTo(46 * 0.0254, Assertions.within(1e-9));
        assertThat(StartPositions.of(WOUND_THIRD).get(2))
                .isLessThanOrEqualTo(StartPositions.of(WOUND_THIRD).get(1));
    }

    @Test
    void aPatternWithoutItsStepHintsAtAFault() {
        assertThat(StartPositions.odd(PLAIN_THIRD, List.of(0.0, 0.5, 1.2, 0.6, 1.3, 2.4)))
                .isEmpty();
        assertThat(StartPositions.odd(PLAIN_THIRD, List.of(0.0, 0.5, 1.0, 1.4, 1.9, 2.6)))
                .containsExactly(new StartPositions.Oddity(4, StartPositions.Sign.NO_STEP));
        assertThat(StartPositions.odd(PLAIN_THIRD, List.of(0.0, 0.5, 1.2, 0.6, 0.1, 4.6)))
                .containsExactly(
                        new StartPositions.Oddity(5, StartPositions.Sign.STEP_TOO_MANY),
                        new StartPositions.Oddity(6, StartPositions.Sign.FAR_BACK));
    }
}
