package barytone.core.strings;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;

class StringTensionTest {
    @Test
    void aPlainTenOverALongScalePullsSeventyNewtons() {
        // steel of 0.254 mm: 7850 kg/m3 over its cross section; E4
        double mass = 7850 * Math.PI * 0.254e-3 * 0.254e-3 / 4;
        assertThat(StringTension.newtons(mass, 0.648, 329.63)).isCloseTo(72.6, within(0.5));
    }

    @Test
    void anOctaveHigherPullsFourTimesAsMuch() {
        assertThat(StringTension.newtons(1e-3, 0.6, 220))
                .isCloseTo(4 * StringTension.newtons(1e-3, 0.6, 110), within(1e-9));
    }
}
