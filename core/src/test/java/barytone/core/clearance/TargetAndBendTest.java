package barytone.core.clearance;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import barytone.core.neck.BoardRadius;
import barytone.core.neck.FretScale;
import barytone.core.neck.GapMethod.Relief;
import barytone.core.neck.StringLine;
import barytone.core.neck.StringState;
import barytone.core.strings.MusicString;
import barytone.core.strings.StringWrap;
import java.util.List;
import org.junit.jupiter.api.Test;

class TargetAndBendTest {
    private static final StringLine LINE = StringLine.of(new FretScale(648, 22), 16, 2);
    private static final Relief STANDARD = new Relief(1, 16, 8);
    private static final MusicString TEN = MusicString.of(0.254, StringWrap.PLAIN);

    private static TargetFinder target(double force) {
        return TargetFinder.of(
                List.of(
                        new TargetFinder.Played(LINE, 72, force, 0.1),
                        new TargetFinder.Played(LINE, 90, force, 0.1),
                        new TargetFinder.Played(LINE, 65, force, 0.1)),
                STANDARD,
                0.2);
    }

    @Test
    void theLowestActionJustClearsAndAnythingLowerTouches() {
        TargetFinder found = target(0.6);
        double k = LINE.curvatureFor(STANDARD, found.relief());
        for (double less : new double[] {0, 0.05}) {
            double action = found.actions().get(0) - less;
            StringState state = new StringState(k, 0.1, LINE.saddleHeightFor(12, action, k, 0.1));
            double worst = ClearanceMap.of(LINE, state, 72, 0.6, 0.2).stream()
                    .skip(1)
                    .mapToDouble(ClearanceMap.Note::margin)
                    .min()
                    .orElseThrow();
            if (less == 0) assertThat(worst).isGreaterThan(-1e-6);
            else assertThat(worst).isNegative();
        }
    }

    @Test
    void heavierHandsNeedMoreAndTheStepsNeverFall() {
        TargetFinder light = target(0.4);
        TargetFinder heavy = target(0.8);
        assertThat(heavy.actions().get(0)).isGreaterThan(light.actions().get(0) + 0.2);
        // the tighter second string could be lower, but follows the first
        assertThat(light.actions()).isSorted();
        assertThat(light.actions().get(2)).isGreaterThan(light.actions().get(0));
        assertThat(light.relief()).isBetween(0.0, 0.5);
    }

    @Test
    void aBendOnARoundBoardChokesWhereAFlatOneRingsClear() {
        double k = LINE.curvatureFor(STANDARD, 0.15);
        StringState low = new StringState(k, 0.1, LINE.saddleHeightFor(12, 0.9, k, 0.1));
        Bend round = Bend.of(LINE, low, BoardRadius.of(184), 26, TEN, 72, 15, 3);
        Bend flat = Bend.of(LINE, low, BoardRadius.of(0), 26, TEN, 72, 15, 3);
        Bend compound = Bend.of(LINE, low, new BoardRadius(184, 400, 470), 26, TEN, 72, 15, 3);
        assertThat(round.chokesOn()).isPresent();
        assertThat(flat.chokesOn()).isEmpty();
        assertThat(compound.room()).isBetween(round.room(), flat.room());
        // three semitones take a real push, and a wider bend a wider one
        assertThat(round.push()).isBetween(8.0, 30.0);
        assertThat(Bend.of(LINE, low, BoardRadius.of(184), 26, TEN, 72, 15, 1).push())
                .isLessThan(round.push());
    }

    @Test
    void aConeIsLinearAlongTheBoardAndExtrapolatesToTheBridge() {
        BoardRadius cone = new BoardRadius(250, 400, 460);
        assertThat(cone.at(230)).isCloseTo(325, within(1e-9));
        assertThat(cone.at(648)).isGreaterThan(400);
        assertThat(BoardRadius.of(184).fall(0, 26)).isCloseTo(184 - Math.sqrt(184 * 184 - 26 * 26), within(1e-9));
        assertThat(BoardRadius.of(0).fall(0, 26)).isZero();
    }
}
