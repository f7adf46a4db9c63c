package barytone.core.bridge;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import barytone.core.neck.BoardRadius;
import java.util.Collections;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** Every mechanism at the bridge: what carries the strings, and what must move for the heights wanted. */
class SupportsTest {
    private static final List<Double> Z = List.of(26.0, 15.6, 5.2, -5.2, -15.6, -26.0);
    private static final List<Double> EVEN = Collections.nCopies(6, 1.0);

    private static List<Double> got(BridgeKind kind, List<Double> needs, List<Double> weights) {
        Supports supports = kind.mechanism().heights(Z);
        return supports.atStrings(SupportSolver.solve(supports, needs, weights));
    }

    @ParameterizedTest
    @EnumSource(BridgeKind.class)
    void raisingEveryStringAlikeRaisesEverySupportAlike(BridgeKind kind) {
        Supports supports = kind.mechanism().heights(Z);
        List<Double> moved = SupportSolver.solve(supports, Collections.nCopies(6, 0.4), EVEN);
        assertThat(moved).allSatisfy(m -> assertThat(m).isCloseTo(0.4, within(1e-6)));
        assertThat(supports.atStrings(moved)).allSatisfy(m -> assertThat(m).isCloseTo(0.4, within(1e-6)));
        assertThat(supports.names()).hasSameSizeAs(moved).doesNotHaveDuplicates();
    }

    @ParameterizedTest
    @EnumSource(BridgeKind.class)
    void everyMechanismCanTilt(BridgeKind kind) {
        List<Double> tilt = Z.stream().map(z -> -0.01 * z).toList();
        assertThat(got(kind, tilt, EVEN))
                .zipSatisfy(tilt, (g, t) -> assertThat(g).isCloseTo(t, within(1e-6)));
    }

    @Test
    void anIndividualSaddleMovesItsOwnStringOnly() {
        List<Double> moved = SupportSolver.solve(
                BridgeKind.INDIVIDUAL.mechanism().heights(Z), List.of(0.0, 0.0, -0.5, 0.0, 0.0, 0.0), EVEN);
        assertThat(moved.get(3)).isCloseTo(-0.5, within(1e-6));
        assertThat(moved.stream().filter(m -> Math.abs(m) > 1e-6)).hasSize(1);
    }

    @Test
    void twoPostsGiveTheOuterStringsWhatTheyNeedAndTheMiddleFollows() {
        // only the outer strings matter
        List<Double> outer = List.of(1.0, 0.0, 0.0, 0.0, 0.0, 1.0);
        List<Double> got = got(BridgeKind.TWO_POST, List.of(-0.2, 0.0, 0.0, 0.0, 0.0, -0.6), outer);
        assertThat(got.getFirst()).isCloseTo(-0.2, within(1e-6));
        assertThat(got.getLast()).isCloseTo(-0.6, within(1e-6));
        assertThat(got.get(2)).isCloseTo(-0.36, within(1e-6));
        // the posts stand outside of the strings, so they move a little more apart than the strings do
        Supports posts = BridgeKind.TWO_POST.mechanism().heights(Z);
        List<Double> moved = SupportSolver.solve(posts, List.of(-0.2, 0.0, 0.0, 0.0, 0.0, -0.6), outer);
        assertThat(moved.getFirst()).isLessThan(-0.6);
        assertThat(moved.getLast()).isGreaterThan(-0.2);
    }

    @Test
    void barrelsTiltOnPurposeAndTheirNeighboursStay() {
        List<Double> needs = List.of(0.0, 0.0, -0.30, -0.10, 0.0, 0.0);
        Supports barrels = BridgeKind.BARRELS.mechanism().heights(Z);
        List<Double> moved = SupportSolver.solve(barrels, needs, EVEN);
        assertThat(barrels.names().get(2)).isEqualTo("barrel 4–3, bass screw");
        assertThat(barrels.atStrings(moved))
                .zipSatisfy(needs, (g, n) -> assertThat(g).isCloseTo(n, within(1e-6)));
        assertThat(moved.get(3)).isLessThan(moved.get(2));
        assertThat(moved.get(0)).isCloseTo(0, within(1e-6));
    }

    @Test
    void anOddStringHasASaddleOfItsOwn() {
        List<Double> five = List.of(30.0, 15.0, 0.0, -15.0, -30.0);
        assertThat(BridgeKind.BARRELS.mechanism().heights(five).names())
                .hasSize(5)
                .contains("saddle 5");
    }

    @Test
    void stringsOnTheBoardsArcAreFoundToFollowIt() {
        BoardRadius board = BoardRadius.of(305);
        List<Double> alike = Collections.nCopies(6, 3.0);
        SaddleArc arc = SaddleArc.of(board, 650, Z, alike);
        assertThat(arc.radius().orElseThrow()).isCloseTo(305, within(3.0));
        assertThat(arc.overLine().getFirst()).isCloseTo(0, within(1e-9));
        assertThat(arc.overLine().get(2)).isCloseTo(SaddleArc.rise(305, Z, 3), within(1e-9));
        // middle strings too low: a flatter arc, which chokes in the middle
        SaddleArc flat = SaddleArc.of(board, 650, Z, List.of(3.0, 2.7, 2.4, 2.4, 2.7, 3.0));
        assertThat(flat.radius().orElse(9999)).isGreaterThan(600);
        SaddleArc line = SaddleArc.of(BoardRadius.of(0), 650, Z, alike);
        assertThat(line.radius()).isEmpty();
    }

    @Test
    void aCompoundBoardIsCarriedOnToTheSaddle() {
        // 241 at the nut, 406 at the last fret 460 mm away: flatter still at the saddle
        BoardRadius compound = new BoardRadius(241, 406, 460);
        SaddleArc arc = SaddleArc.of(compound, 650, Z, Collections.nCopies(6, 3.0));
        assertThat(arc.radius().orElseThrow()).isCloseTo(474, within(6.0));
    }

    @Test
    void aNeckShimChangesTheHeightItWasCutFor() {
        NeckShim heel = NeckShim.of(390, 460, 650, 2.0);
        assertThat(heel.lift(390, 460, 650)).isCloseTo(2.0, within(1e-9));
        NeckShim edge = NeckShim.of(390, 460, 650, -1.5);
        assertThat(edge.end()).isEqualTo(NeckShim.End.BODY_EDGE);
        assertThat(edge.lift(390, 460, 650)).isCloseTo(-1.5, within(1e-9));
    }
}
