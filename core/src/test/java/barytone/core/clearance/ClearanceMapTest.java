package barytone.core.clearance;

import static org.assertj.core.api.Assertions.assertThat;

import barytone.core.neck.FretScale;
import barytone.core.neck.GapMethod.Relief;
import barytone.core.neck.StringLine;
import barytone.core.neck.StringState;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

class ClearanceMapTest {
    private static final Relief STANDARD = new Relief(1, 16, 8);

    private static List<ClearanceMap.Note> map(double relief, double action, Map<Integer, Double> errors) {
        StringLine line = new StringLine(new FretScale(648, 22), 16, 2, errors);
        double k = StringLine.of(line.scale(), 16, 2).curvatureFor(STANDARD, relief);
        StringLine level = StringLine.of(line.scale(), 16, 2);
        StringState state = new StringState(k, 0.1, level.saddleHeightFor(12, action, k, 0.1));
        return ClearanceMap.of(line, state, 72, 0.6, 0.2);
    }

    private static ClearanceMap.Note tightest(List<ClearanceMap.Note> map) {
        return map.stream()
                .min(Comparator.comparingDouble(ClearanceMap.Note::margin))
                .orElseThrow();
    }

    @Test
    void backBowWithLowActionFailsAtTheFirstFrets() {
        ClearanceMap.Note worst = tightest(map(-0.1, 1.2, Map.of()));
        assertThat(worst.margin()).isNegative();
        assertThat(worst.fret()).isLessThanOrEqualTo(5);
    }

    @Test
    void muchReliefWithLowActionFailsUpTheNeckAndHitsTheLastFrets() {
        List<ClearanceMap.Note> map = map(0.6, 1.2, Map.of());
        ClearanceMap.Note worst = tightest(map);
        assertThat(worst.fret()).isGreaterThanOrEqualTo(8);
        assertThat(worst.hits()).isGreaterThanOrEqualTo(14);
        assertThat(map.get(1).margin()).isGreaterThan(worst.margin());
    }

    @Test
    void oneHighFretFailsTheNotesJustBelowIt() {
        List<ClearanceMap.Note> level = map(0.2, 1.8, Map.of());
        List<ClearanceMap.Note> high = map(0.2, 1.8, Map.of(9, 0.15));
        assertThat(tightest(high).fret()).isEqualTo(8);
        assertThat(tightest(high).hits()).isEqualTo(9);
        assertThat(high.get(8).margin()).isLessThan(level.get(8).margin() - 0.1);
        assertThat(high.get(12).margin()).isEqualTo(level.get(12).margin());
    }

    @Test
    void raisingTheActionImprovesEveryNote() {
        List<ClearanceMap.Note> low = map(0.2, 1.4, Map.of());
        List<ClearanceMap.Note> higher = map(0.2, 1.8, Map.of());
        for (int n = 0; n < low.size(); n++)
            assertThat(higher.get(n).margin()).isGreaterThan(low.get(n).margin());
        assertThat(low)
                .hasSize(22)
                .extracting(ClearanceMap.Note::fret)
                .startsWith(0)
                .endsWith(21);
    }
}
