package barytone.core.estimate;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import barytone.core.instrument.InstrumentKind;
import barytone.core.neck.GapMethod;
import barytone.core.neck.GapMethod.Action;
import barytone.core.neck.GapMethod.NutPressed;
import barytone.core.neck.GapMethod.Relief;
import barytone.core.neck.StringState;
import barytone.core.reading.Evidence;
import barytone.core.reading.Gap;
import barytone.core.reading.Means;
import barytone.core.reading.Position;
import barytone.core.reading.Tool;
import java.time.Duration;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

class SetupEstimateTest {
    private static final SetupModel MODEL = InstrumentKind.ELECTRIC.usual().model(false);
    private static final SetupEstimate PRIOR = SetupEstimate.before(MODEL);
    private static final Relief STANDARD = MODEL.standard();

    private record Reading(int string, GapMethod method, Evidence evidence) {}

    @Test
    void exactReadingsByAnyHabitRecoverTheState() {
        double[] curvature = {
            MODEL.line(1).curvatureFor(STANDARD, 0.31), MODEL.line(1).curvatureFor(STANDARD, 0.22)
        };
        SetupEstimate estimate = PRIOR;
        for (int s = 1; s <= 6; s++) {
            double treble = MODEL.trebleShare(s);
            StringState truth = new StringState(
                    (1 - treble) * curvature[0] + treble * curvature[1], 0.05 + 0.02 * s, 2.0 + 0.1 * s);
            for (GapMethod method : List.of(new Relief(1, 12, 6), new NutPressed(3), new Action(12), new Action(17))) {
                double value = MODEL.line(s).gap(method, truth);
                estimate = estimate.given(s, method, new Evidence.Point(value, 1e-5));
            }
            assertThat(estimate.slotHeight(s).mean()).isCloseTo(truth.slotHeight(), within(0.001));
            assertThat(estimate.saddleHeight(s).mean()).isCloseTo(truth.saddleHeight(), within(0.001));
        }
        assertThat(estimate.now(6, STANDARD).mean()).isCloseTo(0.31, within(0.001));
        assertThat(estimate.now(1, STANDARD).mean()).isCloseTo(0.22, within(0.001));
    }

    @Test
    void theOrderOfIndependentReadingsDoesNotMatter() {
        List<Reading> readings = randomReadings(new Random(5), 24);
        SetupEstimate forwards = given(PRIOR, readings);
        Collections.shuffle(readings, new Random(6));
        SetupEstimate shuffled = given(PRIOR, readings);
        for (int s = 1; s <= 6; s++) {
            for (GapMethod method : List.of(STANDARD, new NutPressed(2), new Action(15))) {
                assertThat(shuffled.now(s, method).mean())
                        .isCloseTo(forwards.now(s, method).mean(), within(1e-8));
                assertThat(shuffled.now(s, method).sd())
                        .isCloseTo(forwards.now(s, method).sd(), within(1e-8));
            }
        }
    }

    @Test
    void moreReadingsNeverWidenAndTheCovarianceStaysSound() {
        Random random = new Random(8);
        for (int run = 0; run < 20; run++) {
            SetupEstimate estimate = PRIOR;
            for (int i = 0; i < 40; i++) {
                if (i % 4 == 3) {
                    estimate = estimate.after(anyMove(random));
                    sound(estimate);
                    continue;
                }
                Reading r = randomReadings(random, 1).get(0);
                SetupEstimate next = estimate.given(r.string(), r.method(), r.evidence());
                for (int s = 1; s <= 6; s++)
                    for (GapMethod m : List.of(STANDARD, new NutPressed(3), new Action(12)))
                        assertThat(next.now(s, m).sd())
                                .isLessThanOrEqualTo(estimate.now(s, m).sd() + 1e-12);
                estimate = next;
                sound(estimate);
            }
        }
    }

    @Test
    void aRulerLeavesMoreDoubtThanALeaf() {
        Evidence ruler = Evidence.of(new Gap.Of(0.3), STANDARD, Tool.RULER_HALF, Tool.REPEATABILITY);
        Evidence leaf = Evidence.of(new Gap.Of(0.3), STANDARD, Tool.LEAF, Tool.REPEATABILITY);
        Band band = new Band(0.25, 0.35);
        assertThat(band.verdict(PRIOR.given(6, STANDARD, ruler).now(6, STANDARD)))
                .isEqualTo(Verdict.CANNOT_TELL);
        assertThat(band.verdict(PRIOR.given(6, STANDARD, leaf).now(6, STANDARD)))
                .isEqualTo(Verdict.IN);
    }

    @Test
    void aBracketIsUniformBetweenItsLeaves() {
        Evidence bracket = Evidence.of(new Gap.Between(0.35, 0.40), STANDARD, Tool.LEAF, Tool.REPEATABILITY);
        assertThat(bracket).isInstanceOf(Evidence.Point.class);
        assertThat(((Evidence.Point) bracket).value()).isCloseTo(0.375, within(1e-12));
        double hand = Math.hypot(Tool.REPEATABILITY, Evidence.LEAF);
        assertThat(bracket.sd()).isCloseTo(Math.hypot(0.05 / Math.sqrt(12), hand), within(1e-12));
    }

    @Test
    void flatOnTheBenchIsOneBiasOfTheWholeJobThatOneReadingAsItIsPlayedSettles() {
        Means flat = new Means(Tool.LEAF, Position.FLAT);
        Evidence seen = new Evidence.Point(0.20, 0.016);
        SetupEstimate once = PRIOR.given(6, STANDARD, flat, seen);
        // what was read lying down is less than what is there as it is played
        assertThat(once.now(6, STANDARD).mean()).isBetween(0.24, 0.27);
        SetupEstimate often = once;
        for (int i = 0; i < 20; i++) often = often.given(6, STANDARD, flat, seen);
        assertThat(often.now(6, STANDARD).sd()).isGreaterThan(0.02);
        // the pressed slot is the same either way
        assertThat(PRIOR.given(3, new NutPressed(3), flat, seen)
                        .now(3, new NutPressed(3))
                        .mean())
                .isCloseTo(0.20, within(0.005));
        // played, the other side is known better too, though nobody read it again
        SetupEstimate bothFlat = often.given(1, STANDARD, flat, seen);
        SetupEstimate played =
                bothFlat.given(6, STANDARD, new Means(Tool.LEAF, Position.PLAYING), new Evidence.Point(0.28, 0.016));
        assertThat(played.now(1, STANDARD).mean())
                .isGreaterThan(bothFlat.now(1, STANDARD).mean() + 0.01);
        assertThat(played.now(1, STANDARD).sd())
                .isLessThan(bothFlat.now(1, STANDARD).sd());
    }

    @Test
    void readingAgainWithOneCardDoesNotBetterTheCardAndASecondToolTellsWhatItIsOffBy() {
        Means card = new Means(Tool.CARD, Position.PLAYING);
        Means caliper = new Means(Tool.CALIPER, Position.PLAYING);
        Action action = new Action(12);
        SetupEstimate often = readBoth(PRIOR, 0.2);
        for (int i = 0; i < 30; i++)
            for (int s = 1; s <= 6; s++) often = often.given(s, action, card, new Evidence.Point(1.85, 0.03));
        assertThat(often.now(3, action).sd()).isGreaterThan(0.04);
        // the caliper reads less under one string: the card is what is off, and the others are put right with it
        SetupEstimate told = often.given(6, action, caliper, new Evidence.Point(1.75, 0.02));
        assertThat(told.offset(Tool.CARD).mean()).isBetween(0.06, 0.10);
        assertThat(told.now(3, action).mean()).isBetween(1.76, 1.80);
        assertThat(told.now(3, action).sd())
                .isLessThan(0.85 * often.now(3, action).sd());
        assertThat(told.offset(Tool.RULER_HALF).sd()).isZero();
    }

    @Test
    void partOfATurnComesOnlyInTime() {
        SetupEstimate turned = readBoth(PRIOR, 0.4).after(new Move.RodTurned(0.25, false));
        double now = turned.now(6, STANDARD).mean();
        double later = turned.after(new Move.Rested(Duration.ofHours(2)))
                .now(6, STANDARD)
                .mean();
        assertThat(later).isLessThan(now - 0.01);
        assertThat(turned.settled().now(6, STANDARD).mean()).isCloseTo(later, within(0.002));
        // a neck that was left alone overnight drifts, but not for ever
        SetupEstimate week = turned.after(new Move.Rested(Duration.ofDays(7)));
        assertThat(week.now(6, STANDARD).sd()).isBetween(0.06, 0.2);
    }

    @Test
    void aStringThatLiesOnTheFretsSaysNoMoreThanThatThereIsNoUpBow() {
        Evidence none = Evidence.of(new Gap.Of(0), STANDARD, Tool.LEAF, Tool.REPEATABILITY);
        Normal relief = PRIOR.given(6, STANDARD, none).now(6, STANDARD);
        assertThat(relief.mean()).isNegative();
        assertThat(relief.below(0.02)).isGreaterThan(0.85);
        // it cannot tell a straight neck from a back-bow
        assertThat(relief.sd()).isGreaterThan(0.05);
    }

    @Test
    void oneSidedFindingsShiftTheRightWayAndFarFromTheLimitSayNothing() {
        Normal before = PRIOR.now(6, STANDARD);
        Normal above = PRIOR.given(6, STANDARD, new Evidence.Above(0.5, 0.01)).now(6, STANDARD);
        assertThat(above.mean()).isGreaterThan(0.5);
        assertThat(above.sd()).isLessThan(before.sd());
        Normal useless = PRIOR.given(6, STANDARD, new Evidence.Above(-9, 0.01)).now(6, STANDARD);
        assertThat(useless.mean()).isCloseTo(before.mean(), within(1e-9));
        Normal absurd = PRIOR.given(6, STANDARD, new Evidence.Above(30, 0.01)).now(6, STANDARD);
        assertThat(absurd.mean()).isCloseTo(30, within(0.5));
    }

    @Test
    void theRodResponseIsLearnedFromWhatTurnsDid() {
        SetupEstimate estimate = PRIOR;
        double relief = 0.55;
        estimate = readBoth(estimate, relief);
        Normal before = estimate.rodResponse(6, STANDARD);
        for (int i = 0; i < 3; i++) {
            estimate = estimate.after(new Move.RodTurned(0.125, false));
            relief -= 0.09;
            // what creeps in later belongs to the turn
            estimate = readBoth(estimate.after(new Move.Rested(Duration.ofHours(2))), relief);
        }
        Normal learned = estimate.rodResponse(6, STANDARD);
        assertThat(learned.times(0.125).mean()).isCloseTo(-0.09, within(0.015));
        assertThat(learned.sd()).isLessThan(0.6 * before.sd());
    }

    @Test
    void aRodTurnPredictsActionTooAndFurtherThanRelief() {
        SetupEstimate read = readBoth(PRIOR, 0.4).given(6, new Action(12), new Evidence.Point(2.4, 0.03));
        SetupEstimate after = read.after(new Move.RodTurned(0.125, false));
        double relief = after.now(6, STANDARD).mean() - read.now(6, STANDARD).mean();
        double action = after.now(6, new Action(12)).mean()
                - read.now(6, new Action(12)).mean();
        assertThat(relief).isNegative();
        assertThat(action).isLessThan(2 * relief);
    }

    @Test
    void screwAndFileTeachTheirOwnPitchAndBite() {
        SetupEstimate e = PRIOR.given(3, new Action(12), new Evidence.Point(1.8, 0.02))
                .given(3, new NutPressed(3), new Evidence.Point(0.3, 0.01));
        SetupEstimate screwed =
                e.after(new Move.SaddleScrewed(3, -1)).given(3, new Action(12), new Evidence.Point(1.8 - 0.35, 0.02));
        assertThat(screwed.screwPitch().mean()).isCloseTo(0.7, within(0.12));
        assertThat(screwed.screwPitch().sd()).isLessThan(e.screwPitch().sd());
        SetupEstimate filed = e.after(new Move.SlotFiled(3, 10));
        assertThat(filed.slotHeight(3).mean()).isLessThan(e.slotHeight(3).mean() - 0.08);
        assertThat(filed.slotHeight(3).sd()).isGreaterThan(e.slotHeight(3).sd());
    }

    @Test
    void aSurpriseThatIsBelievedMovesTheEstimateToTheReading() {
        SetupEstimate e = readBoth(PRIOR, 0.2);
        Evidence far = new Evidence.Point(0.6, 0.013);
        assertThat(e.surprise(6, STANDARD, LEAF, far)).isGreaterThan(3);
        Normal believed = e.givenAgainstExpectation(6, STANDARD, LEAF, far).now(6, STANDARD);
        assertThat(believed.mean()).isCloseTo(0.6, within(0.01));
    }

    private static final Means LEAF = new Means(Tool.LEAF, Position.PLAYING);

    private static SetupEstimate readBoth(SetupEstimate e, double relief) {
        return e.given(6, STANDARD, new Evidence.Point(relief, 0.013))
                .given(1, STANDARD, new Evidence.Point(relief - 0.04, 0.013));
    }

    private static SetupEstimate given(SetupEstimate e, List<Reading> readings) {
        for (Reading r : readings) e = e.given(r.string(), r.method(), r.evidence());
        return e;
    }

    private static List<Reading> randomReadings(Random random, int count) {
        List<Reading> readings = new ArrayList<>();
        GapMethod[] methods = {
            new Relief(1, 12, 6), STANDARD, new NutPressed(3), new GapMethod.NutOpen(), new Action(12), new Action(17)
        };
        for (int i = 0; i < count; i++) {
            GapMethod method = methods[random.nextInt(methods.length)];
            double usual = method instanceof Relief ? 0.2 : method instanceof Action ? 1.8 : 0.3;
            readings.add(new Reading(
                    1 + random.nextInt(6),
                    method,
                    new Evidence.Point(usual * random.nextDouble(0.6, 1.4), random.nextDouble(0.005, 0.15))));
        }
        return readings;
    }

    private static Move anyMove(Random random) {
        int string = 1 + random.nextInt(6);
        return switch (random.nextInt(8)) {
            case 0 -> new Move.RodTurned(random.nextDouble(-0.25, 0.25), random.nextBoolean());
            case 1 -> new Move.SaddleScrewed(string, random.nextDouble(-1, 1));
            case 2 -> new Move.SlotFiled(string, 1 + random.nextInt(10));
            case 3 -> new Move.SaddleMoved(string, random.nextDouble(-0.5, 0.5), 0.1);
            case 4 -> new Move.TensionChanged(random.nextDouble(-60, 60));
            case 5 -> new Move.Rested(Duration.ofHours(random.nextInt(100)));
            case 6 -> new Move.HumidityChanged(random.nextDouble(-20, 20));
            default -> new Move.Retuned();
        };
    }

    /** Symmetric, and no direction has a negative variance. */
    private static void sound(SetupEstimate estimate) {
        int n = estimate.model().size();
        double[] scale = new double[n];
        for (int i = 0; i < n; i++) scale[i] = Math.sqrt(Math.max(estimate.covariance(i, i), 1e-300));
        for (int i = 0; i < n; i++)
            for (int j = 0; j < n; j++) assertThat(estimate.covariance(i, j)).isEqualTo(estimate.covariance(j, i));
        org.ejml.data.DMatrixRMaj correlation = new org.ejml.data.DMatrixRMaj(n, n);
        for (int i = 0; i < n; i++)
            for (int j = 0; j < n; j++) correlation.set(i, j, estimate.covariance(i, j) / (scale[i] * scale[j]));
        var eigen = org.ejml.dense.row.factory.DecompositionFactory_DDRM.eig(n, false, true);
        assertThat(eigen.decompose(correlation)).isTrue();
        for (int i = 0; i < n; i++) assertThat(eigen.getEigenvalue(i).getReal()).isGreaterThan(-1e-9);
    }
}
