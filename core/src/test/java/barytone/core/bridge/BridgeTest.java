package barytone.core.bridge;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import barytone.core.bridge.TwoPosts.Need;
import java.util.List;
import org.junit.jupiter.api.Test;

class BridgeTest {
    @Test
    void twoPostsOutsideTheStringsMoveMoreThanTheStringsDo() {
        // bass side down 0.5 at z -26, treble side unchanged at z 26, posts at 37
        TwoPosts posts = TwoPosts.through(List.of(new Need(-26, -0.5), new Need(0, -0.3), new Need(26, 0)), -37, 37);
        assertThat(posts.first()).isCloseTo(-0.25 - 0.25 * 37 / 26, within(1e-9));
        assertThat(posts.second()).isCloseTo(-0.25 + 0.25 * 37 / 26, within(1e-9));
        // the middle string gets -0.25 where it needs -0.3: it ends 0.05 too high
        assertThat(posts.residuals()).hasSize(3);
        assertThat(posts.residuals().get(1)).isCloseTo(0.05, within(1e-9));
    }

    @Test
    void putBackOnTheStringsThePostsGiveWhatWasAsked() {
        TwoPosts posts = TwoPosts.through(List.of(new Need(-15, 0.3), new Need(-5, 0.1)), -20, 0);
        double at = posts.first() + (posts.second() - posts.first()) * (-15 + 20) / 20.0;
        assertThat(at).isCloseTo(0.3, within(1e-9));
    }

    @Test
    void stringsOrPostsInOnePlaceAreRefused() {
        assertThatThrownBy(() -> TwoPosts.through(List.of(new Need(5, 0), new Need(5, 1)), -1, 1))
                .hasMessageContaining("outer strings");
        assertThatThrownBy(() -> TwoPosts.through(List.of(new Need(-5, 0), new Need(5, 1)), 3, 3))
                .hasMessageContaining("supports");
        assertThatThrownBy(() -> TwoPosts.through(List.of(new Need(-5, 0)), -3, 3))
                .hasMessageContaining("strings");
    }

    @Test
    void aShimAtTheHeelEndLiftsTheSaddlesAndOneAtTheBodyEdgeLowersThem() {
        NeckShim heel = NeckShim.of(380, 456, 648, 1.5);
        assertThat(heel.end()).isEqualTo(NeckShim.End.HEEL);
        assertThat(heel.thickness()).isCloseTo(1.5 * 76 / 268, within(1e-9));
        NeckShim edge = NeckShim.of(380, 456, 648, -1.5);
        assertThat(edge.end()).isEqualTo(NeckShim.End.BODY_EDGE);
        assertThat(edge.thickness()).isCloseTo(1.5 * 76 / 192, within(1e-9));
        assertThatThrownBy(() -> NeckShim.of(456, 380, 648, 1)).hasMessageContaining("heelEnd: given 380");
    }
}
