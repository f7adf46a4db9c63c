package barytone.core.workshop;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

/** A small run of the closed loop on every build; the published one is larger. */
class ProvingGroundTest {
    @Test
    void whoeverDoesWhatIsSaidEndsInBandSafelyAndSooner() {
        ProvingGround ground = ProvingGround.run(120, 20);
        assertThat(ground.unsafe()).isZero();
        assertThat(ground.inBandMeasurable()).isGreaterThanOrEqualTo(116);
        assertThat(ground.readings()).isLessThan(ground.baselineReadings() / 2);
        assertThat(ground.moves()).isLessThan(ground.baselineMoves());
        assertThat(ground.inBandMeasurable()).isGreaterThan(ground.baselineInBand());
    }

    @Test
    void theSameSeedGivesTheSameFigures() {
        assertThat(ProvingGround.run(6, 5)).isEqualTo(ProvingGround.run(6, 5)).isNotEqualTo(ProvingGround.run(6, 6));
    }
}
