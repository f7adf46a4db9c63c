package barytone.core.nut;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;

/** Wraps wound down the post steepen the string behind the nut. */
class BreakAngleTest {
    @Test
    void everyWrapLowersTheString() {
        // 3 mm down over 60 mm: 2.9 degrees
        BreakAngle bare = BreakAngle.of(60, 3, 0, 0.33);
        assertThat(bare.degrees()).isCloseTo(2.86, within(0.01));
        assertThat(bare.shallow()).isTrue();
        BreakAngle wrapped = BreakAngle.of(60, 3, 7, 0.33);
        assertThat(wrapped.lowered()).isCloseTo(2.31, within(1e-9));
        assertThat(wrapped.shallow()).isFalse();
    }

    @Test
    void itSaysHowManyWrapsWouldDo() {
        double wraps = BreakAngle.wrapsNeeded(60, 3, 0.33);
        assertThat(BreakAngle.of(60, 3, wraps, 0.33).degrees()).isCloseTo(BreakAngle.SHALLOW, within(1e-9));
        assertThat(BreakAngle.wrapsNeeded(60, 12, 0.33)).isZero();
        assertThatThrownBy(() -> BreakAngle.of(5, 3, 2, 0.33)).hasMessageContaining("distance");
    }
}
