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
import org.junit.jupiter.api.Test;

class BendTest {
    private static final StringLine LINE = StringLine.of(new FretScale(648, 22), 16, 2);
    private static final Relief STANDARD = new Relief(1, 16, 8);
    private static final MusicString TEN = MusicString.of(0.254, StringWrap.PLAIN);

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
