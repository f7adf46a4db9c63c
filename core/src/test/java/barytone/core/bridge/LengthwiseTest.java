package barytone.core.bridge;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;
import static org.assertj.core.api.Assertions.within;

import barytone.core.quantity.OutOfRangeException;
import java.util.Collections;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** What is moved along the strings on every kind of bridge. */
class LengthwiseTest {
    private static final List<Double> SIX = List.of(26.0, 15.6, 5.2, -5.2, -15.6, -26.0);
    private static final List<Double> FIVE = List.of(35.0, 17.5, 0.0, -17.5, -35.0);

    @ParameterizedTest
    @CsvSource({
        "INDIVIDUAL, 6, saddle 6",
        "VIBRATO_POSTS, 6, saddle 6",
        "TWO_POST, 6, saddle 6",
        "FIXED, 6, crown 6",
        "BARRELS, 3, barrel 6–5",
        "FLOATING, 2, bass foot"
    })
    void everyBridgeHasItsOwn(BridgeKind kind, int size, String first) {
        Supports along = kind.mechanism().lengths(SIX);
        assertThat(along.size()).isEqualTo(size);
        assertThat(along.names().getFirst()).isEqualTo(first);
    }

    @ParameterizedTest
    @EnumSource(BridgeKind.class)
    void allMovedAlikeMovesEveryStringAlike(BridgeKind kind) {
        Supports along = kind.mechanism().lengths(SIX);
        assertThat(along.atStrings(Collections.nCopies(along.size(), 1.5)))
                .allSatisfy(d -> assertThat(d).isCloseTo(1.5, within(1e-9)));
    }

    @Test
    void aStringLeftOverHasASaddleOfItsOwn() {
        Supports along = BridgeKind.BARRELS.mechanism().lengths(FIVE);
        assertThat(along.names()).containsExactly("saddle 5", "barrel 4–3", "barrel 2–1");
        assertThat(along.strings(0)).containsExactly(5);
        assertThat(along.strings(1)).containsExactly(4, 3);
        assertThat(along.atStrings(List.of(0.0, 1.0, 0.0))).containsExactly(0.0, 0.0, 1.0, 1.0, 0.0);
    }

    @Test
    void aFootMovesTheStringsOnItsOwnSideMost() {
        Supports feet = BridgeKind.FLOATING.mechanism().lengths(SIX);
        List<Double> got = feet.atStrings(List.of(1.0, 0.0));
        assertThat(got.getLast()).isGreaterThan(0.8);
        assertThat(got.getFirst()).isLessThan(0.2);
        for (int i = 1; i < got.size(); i++) assertThat(got.get(i)).isGreaterThan(got.get(i - 1));
    }

    @Test
    void onlyWhatHasScrewsIsCountedInTurns() {
        assertThat(BridgeKind.FIXED.lengthScrewed()).isFalse();
        assertThat(BridgeKind.FLOATING.lengthScrewed()).isFalse();
        assertThat(BridgeKind.BARRELS.lengthScrewed()).isTrue();
    }

    @Test
    void screwsThatCannotBeAreRefused() {
        assertThat(LengthScrews.USUAL.pitchOrUsual()).isEqualTo(LengthScrews.USUAL_PITCH);
        assertThatExceptionOfType(OutOfRangeException.class)
                .isThrownBy(() -> new LengthScrews(5, LengthScrews.Head.TAIL, 3, 0))
                .withMessageContaining("lengthPitch");
        assertThatExceptionOfType(OutOfRangeException.class)
                .isThrownBy(() -> new LengthScrews(0.5, LengthScrews.Head.TAIL, 0.2, 0))
                .withMessageContaining("saddleThickness");
    }
}
