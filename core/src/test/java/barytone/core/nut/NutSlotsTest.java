package barytone.core.nut;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;

class NutSlotsTest {
    private static final List<Double> GAUGES = List.of(0.25, 0.33, 0.43, 0.66, 0.91, 1.17);

    @Test
    void outerStringsKeepTheirEdgesInBothSchools() {
        for (NutSlots.Spacing spacing : NutSlots.Spacing.values()) {
            List<Double> centres = NutSlots.centres(GAUGES, 3.2, 2.8, 43, spacing);
            assertThat(centres.getFirst() + 0.25 / 2).isCloseTo(43 - 2.8, within(1e-9));
            assertThat(centres.getLast() - 1.17 / 2).isCloseTo(3.2, within(1e-9));
        }
    }

    @Test
    void equalCentresAndEqualGapsAreWhatTheySay() {
        List<Double> centres = NutSlots.centres(GAUGES, 3.2, 2.8, 43, NutSlots.Spacing.CENTRES);
        List<Double> gaps = NutSlots.centres(GAUGES, 3.2, 2.8, 43, NutSlots.Spacing.GAPS);
        double step = centres.get(0) - centres.get(1);
        double gap = gaps.get(0) - gaps.get(1) - (0.25 + 0.33) / 2;
        for (int i = 1; i < 6; i++) {
            assertThat(centres.get(i - 1) - centres.get(i)).isCloseTo(step, within(1e-9));
            assertThat(gaps.get(i - 1) - gaps.get(i) - (GAUGES.get(i - 1) + GAUGES.get(i)) / 2)
                    .isCloseTo(gap, within(1e-9));
        }
        // the bass side is roomier with equal gaps
        assertThat(gaps.get(4) - gaps.get(5)).isGreaterThan(step);
    }

    @Test
    void aNutTooNarrowForItsStringsIsRefused() {
        assertThatThrownBy(() -> NutSlots.centres(List.of(4.0, 4.0, 4.0, 4.0), 1, 1, 16, NutSlots.Spacing.GAPS))
                .hasMessageContaining("wide enough");
    }
}
