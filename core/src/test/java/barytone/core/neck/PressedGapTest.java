package barytone.core.neck;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;

class PressedGapTest {
    private static final StringLine LINE = StringLine.of(new FretScale(648, 22), 16, 2);

    @Test
    void onAStraightNeckItIsTheSlotAsSeenFromTheHeldFret() {
        double held = LINE.scale().crown(3);
        double share = (held - LINE.scale().crown(1)) / held;
        assertThat(PressedGap.of(LINE, new StringState(0, 0.3, 3), 3)).isCloseTo(0.3 * share, within(1e-9));
    }

    @Test
    void itKnowsNothingOfTheSaddle() {
        double low = PressedGap.of(LINE, new StringState(2e-6, 0.3, 2), 3);
        double high = PressedGap.of(LINE, new StringState(2e-6, 0.3, 9), 3);
        assertThat(low).isEqualTo(high);
    }

    @Test
    void aSlotBelowTheCrownsHasNone() {
        assertThat(PressedGap.of(LINE, new StringState(0, -0.05, 3), 2)).isNegative();
    }
}
