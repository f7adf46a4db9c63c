package barytone.core.intonation;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import barytone.core.intonation.SaddleFit.Reading;
import barytone.core.neck.FretScale;
import barytone.core.neck.GapMethod.Relief;
import barytone.core.neck.StringLine;
import barytone.core.neck.StringState;
import barytone.core.strings.MusicString;
import barytone.core.strings.StringWrap;
import java.util.List;
import org.junit.jupiter.api.Test;

class IntonationTest {
    private static final FretScale SCALE = new FretScale(648, 22);

    @Test
    void aCentAtTwelveIsLOverSeventeenThirtyOne() {
        assertThat(SaddleFit.of(SCALE, 0, List.of(new Reading(12, 1, 1))).saddleBack())
                .isCloseTo(648 / 1731.2, within(0.001));
        assertThat(SaddleFit.centsPerMm(SCALE, 0, 19) / SaddleFit.centsPerMm(SCALE, 0, 12))
                .isCloseTo(2, within(0.05));
        assertThat(SaddleFit.centsPerMm(SCALE, 0, 7) / SaddleFit.centsPerMm(SCALE, 0, 12))
                .isCloseTo(0.5, within(0.01));
    }

    @Test
    void sharpMeansBackFlatMeansForwardAndTheFavouredFretWins() {
        assertThat(SaddleFit.of(SCALE, 2, List.of(new Reading(12, 6, 1))).saddleBack())
                .isPositive();
        assertThat(SaddleFit.of(SCALE, 2, List.of(new Reading(12, -6, 1))).saddleBack())
                .isNegative();
        SaddleFit fit = SaddleFit.of(SCALE, 2, List.of(new Reading(5, 1, 0.01), new Reading(12, 6, 100)));
        assertThat(fit.residuals().get(1).cents()).isCloseTo(0, within(0.05));
    }

    @Test
    void theFitLeavesNoSmallerSumOfSquares() {
        List<Reading> readings =
                List.of(new Reading(5, 3, 1), new Reading(7, 1, 1), new Reading(12, 4, 2), new Reading(17, 9, 1));
        SaddleFit fit = SaddleFit.of(SCALE, 1, readings);
        for (double nearby : new double[] {-0.05, 0.05})
            assertThat(squares(readings, fit.saddleBack() + nearby)).isGreaterThan(squares(readings, fit.saddleBack()));
    }

    private static double squares(List<Reading> readings, double back) {
        return readings.stream()
                .mapToDouble(r -> r.weight() * Math.pow(r.cents() + SaddleFit.centsPerMm(SCALE, 1, r.fret()) * back, 2))
                .sum();
    }

    @Test
    void aPairSharesOneSaddleByItsRule() {
        var first = new BarrelSplit.Member(1.5, 5);
        var second = new BarrelSplit.Member(2.5, -1);
        BarrelSplit split = BarrelSplit.of(SCALE, first, second, BarrelSplit.Rule.SPLIT);
        assertThat(split.first()).isCloseTo(-split.second(), within(1e-9));
        assertThat(split.first()).isCloseTo(3, within(0.02));
        assertThat(BarrelSplit.of(SCALE, first, second, BarrelSplit.Rule.FAVOUR_FIRST)
                        .first())
                .isCloseTo(0, within(1e-9));
        assertThat(BarrelSplit.of(SCALE, first, second, BarrelSplit.Rule.FAVOUR_SECOND)
                        .second())
                .isCloseTo(0, within(1e-9));
    }

    @Test
    void higherActionAndHigherNutFretSharperAndCompensationFlattens() {
        StringLine line = StringLine.of(SCALE, 16, 0);
        MusicString ten = MusicString.of(0.254, StringWrap.PLAIN);
        double k = line.curvatureFor(new Relief(1, 16, 8), 0.2);
        double[] low = at(line, ten, k, 0.1, 1.5);
        double[] high = at(line, ten, k, 0.1, 2.5);
        double[] highNut = at(line, ten, k, 0.5, 1.5);
        assertThat(high[12]).isGreaterThan(low[12]);
        // a high nut shows at the first frets, not at the twelfth
        assertThat(highNut[1] - low[1]).isGreaterThan(5 * Math.abs(highNut[12] - low[12]));
        StringLine compensated = StringLine.of(SCALE, 16, 2);
        assertThat(at(compensated, ten, k, 0.1, 1.5)[12]).isCloseTo(low[12] - 1731.2 * 2 / 648, within(0.2));
        // a thick plain string needs more compensation than a thin one
        assertThat(at(line, MusicString.of(0.43, StringWrap.PLAIN), k, 0.1, 1.5)[12])
                .isGreaterThan(low[12] + 5);
    }

    private static double[] at(StringLine line, MusicString string, double k, double nut, double action) {
        return IntonationForecast.cents(
                line, new StringState(k, nut, line.saddleHeightFor(12, action, k, nut)), string, 72);
    }

    @Test
    void readingsAtManyFretsTellNutFromSaddle() {
        StringLine line = StringLine.of(SCALE, 16, 2);
        MusicString ten = MusicString.of(0.254, StringWrap.PLAIN);
        double k = line.curvatureFor(new Relief(1, 16, 8), 0.2);
        StringState right = new StringState(k, 0.1, line.saddleHeightFor(12, 1.6, k, 0.1));
        StringState highNut = new StringState(k, 0.4, right.saddleHeight());
        double[] good = IntonationForecast.cents(line, right, ten, 72);
        double[] bad = IntonationForecast.cents(line, highNut, ten, 72);
        List<Reading> nut = new java.util.ArrayList<>();
        List<Reading> saddle = new java.util.ArrayList<>();
        for (int fret : List.of(1, 2, 3, 5, 7, 12, 17)) {
            nut.add(new Reading(fret, bad[fret] - good[fret], 1));
            saddle.add(new Reading(fret, -SaddleFit.centsPerMm(SCALE, 2, fret) * 1.5, 1));
        }
        NutOrSaddle fromNut = NutOrSaddle.of(line, right, ten, 72, nut);
        assertThat(fromNut.nutLower()).isCloseTo(0.3, within(0.1));
        assertThat(fromNut.saddleBack()).isCloseTo(0, within(0.15));
        NutOrSaddle fromSaddle = NutOrSaddle.of(line, right, ten, 72, saddle);
        assertThat(fromSaddle.saddleBack()).isCloseTo(1.5, within(0.01));
        assertThat(fromSaddle.nutLower()).isCloseTo(0, within(0.01));
        assertThat(fromSaddle.nutError()).isPositive().isLessThan(0.5);
        // the upper frets alone cannot tell
        NutOrSaddle upper = NutOrSaddle.of(line, right, ten, 72, saddle.subList(5, 6));
        assertThat(upper.separated()).isFalse();
    }

    @Test
    void badReadingsAreNamed() {
        assertThatThrownBy(() -> SaddleFit.of(SCALE, 0, List.of())).hasMessageContaining("readings: given 0");
        assertThatThrownBy(() -> SaddleFit.of(SCALE, 0, List.of(new Reading(12, 1, 1), new Reading(12, 2, 1))))
                .hasMessageContaining("fret 12 twice");
        assertThatThrownBy(() -> new Reading(12, Double.NaN, 1)).hasMessageContaining("cents: given NaN");
    }
}
