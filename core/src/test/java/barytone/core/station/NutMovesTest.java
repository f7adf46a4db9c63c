package barytone.core.station;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import barytone.core.advice.Advice;
import barytone.core.estimate.Band;
import barytone.core.estimate.Normal;
import barytone.core.estimate.Verdict;
import barytone.core.height.HeightVerdict;
import barytone.core.height.NutTarget;
import barytone.core.job.HeightHabit;
import barytone.core.job.JobEvent;
import barytone.core.job.Station;
import barytone.core.job.Topic;
import barytone.core.neck.GapMethod;
import barytone.core.reading.Gap;
import barytone.core.reading.Position;
import barytone.core.reading.TapReport;
import barytone.core.reading.Tool;
import barytone.core.station.nut.NeverBelowFrets;
import barytone.core.station.nut.NutAdvice;
import barytone.core.station.nut.NutEvent;
import barytone.core.station.nut.NutSchool;
import barytone.core.station.nut.NutState;
import java.util.Collections;
import java.util.List;
import org.junit.jupiter.api.Test;

/** What is advised at the nut: filing in passes, the underside, fills and shims, and wishes that no slot may follow. */
class NutMovesTest extends PaperJob {

    @Test
    void allSlotsThatWantItAreFiledInOneSlackeningAndTheBiteIsLearnedFromThem() {
        relief(0.23, 0.20).nut(raised(new double[] {0.14}, GOOD_NUT)).action(GOOD_ACTION);
        add(new JobEvent.Answered(Topic.read("nut-underside"), false));
        NutAdvice.FileSlots first = (NutAdvice.FileSlots) advice();
        assertThat(first.learned()).isFalse();
        double usual = first.bite().mean();
        // so little that a file twice as keen spoils nothing
        assertThat(first.slots())
                .hasSize(6)
                .allSatisfy(slot -> assertThat(slot.strokes() * usual).isBetween(0.02, 0.07));
        add(first.event(spec)).add(new JobEvent.Retuned());
        // a file that takes half of the usual
        for (NutAdvice.FileSlots.Slot slot : first.slots())
            reading(
                    slot.string(),
                    Station.NUT,
                    Tool.LEAF,
                    around(GOOD_NUT[6 - slot.string()] + 0.14 - 0.66 * usual / 2 * slot.strokes()));
        Normal learned = state().estimate().filingBite();
        assertThat(learned.mean()).isBetween(0.4 * usual, 0.75 * usual);
        assertThat(learned.sd()).isLessThan(first.bite().sd() / 2);
        NutAdvice.FileSlots then = (NutAdvice.FileSlots) advice();
        assertThat(then.slots().getFirst().strokes())
                .isGreaterThanOrEqualTo(first.slots().getFirst().strokes());
    }

    @Test
    void aPassNeverGoesPastTheMiddleOfTheBandNorNearTheFrets() {
        relief(0.23, 0.20).nut(0.30, 0.26, 0.14, 0.135, 0.13, 0.125).action(GOOD_ACTION);
        for (NutAdvice.FileSlots.Slot slot : ((NutAdvice.FileSlots) advice()).slots()) {
            Band band = HeightVerdict.band(state(), Station.NUT, slot.string());
            assertThat(slot.expected().mean()).isGreaterThanOrEqualTo(band.middle() - 1e-9);
            assertThat(slot.expected().mean() - 2.5 * slot.expected().sd()).isGreaterThan(band.low());
            assertThat(NeverBelowFrets.strokesLeft(state().estimate(), slot.string()))
                    .isGreaterThan(slot.strokes());
            assertThat(slot.file()).isNotNull();
        }
    }

    @Test
    void aSlotTooVaguelyKnownForAStrokeIsLookedAtMoreClosely() {
        defaults = defaults.choosing(
                NutSchool.ofCode(NutSchool.USUAL, "FRET_LEVEL").target(spec));
        relief(0.23, 0.20).nut(0.055, 0.054, 0.053, 0.052, 0.051, 0.05).action(GOOD_ACTION);
        log.removeIf(e -> e.event() instanceof JobEvent.ReadingTaken r
                && r.string() == 4
                && r.method() instanceof GapMethod.NutPressed);
        reading(4, Station.NUT, Tool.LEAF, new Gap.Between(0.07, 0.10));
        HeightVerdict fourth = HeightVerdict.of(state(), Station.NUT, 4);
        assertThat(fourth.verdict()).isEqualTo(Verdict.CANNOT_TELL);
        // two leaves come between the one that goes and the one that does not
        Advice.Measure closer = (Advice.Measure) advice();
        assertThat(closer.strings()).containsExactly(4);
        assertThat(closer.reason()).isEqualTo(Advice.Measure.Reason.ONCE_MORE);
        // once: what it finds is taken
        reading(4, Station.NUT, Tool.LEAF, new Gap.Between(0.07, 0.10));
        assertThat(advice()).isInstanceOf(Advice.Finished.class);
    }

    @Test
    void everySlotMuchTooHighIsLoweredFromBelowByTheSmallestSurplus() {
        relief(0.23, 0.20)
                .nut(raised(new double[] {0.30, 0.30, 0.28, 0.25, 0.26, 0.20}, GOOD_NUT))
                .action(GOOD_ACTION);
        NutAdvice.LowerNut lower = (NutAdvice.LowerNut) advice();
        assertThat(lower.governing()).isEqualTo(1);
        assertThat(lower.amount()).isBetween(0.15, 0.31);
        assertThat(lower.remains().values()).allSatisfy(left -> assertThat(left).isPositive());
        add(new JobEvent.Answered(Topic.read("nut-underside"), false));
        assertThat(advice()).isInstanceOf(NutAdvice.FileSlots.class);
    }

    @Test
    void whatStandsHigherAfterAFileThanBeforeItIsReadAgainBeforeMoreIsFiled() {
        relief(0.23, 0.20).nut(0.15, 0.145, 0.23, 0.135, 0.13, 0.125).action(GOOD_ACTION);
        add(new NutEvent.SlotsFiled(List.of(new NutEvent.Filing(4, 3, false)))).add(new JobEvent.Retuned());
        reading(4, Station.NUT, Tool.LEAF, around(0.26));
        assertThat(advice())
                .isEqualTo(new Advice.Measure(Station.NUT, List.of(4), Advice.Measure.Reason.BEFORE_WORK, null));
        reading(4, Station.NUT, Tool.LEAF, around(0.20));
        assertThat(advice()).isInstanceOf(NutAdvice.FileSlots.class);
    }

    @Test
    void aPassGoesNoMuchFartherThanTheOneBeforeHoweverLittleThatOneDid() {
        relief(0.23, 0.20).nut(0.15, 0.145, 0.23, 0.135, 0.13, 0.125).action(GOOD_ACTION);
        add(new NutEvent.SlotsFiled(List.of(new NutEvent.Filing(4, 2, false)))).add(new JobEvent.Retuned());
        reading(4, Station.NUT, Tool.LEAF, around(0.23));
        reading(4, Station.NUT, Tool.LEAF, around(0.23));
        NutAdvice.FileSlots then = (NutAdvice.FileSlots) advice();
        assertThat(then.slots().getFirst().strokes()).isLessThanOrEqualTo(3);
    }

    @Test
    void aSlotTooLowIsFilledAndManyAreShimmed() {
        relief(0.23, 0.20).nut(0.115, 0.108, 0.03, 0.094, 0.087, 0.08).action(GOOD_ACTION);
        // one reading may be a slip, and condemns no slot
        assertThat(advice()).isEqualTo(new Advice.Measure(Station.NUT, List.of(4), Advice.Measure.Reason.CONDEMNED));
        reading(4, Station.NUT, Tool.LEAF, around(0.03));
        NutAdvice.RaiseNut fill = (NutAdvice.RaiseNut) advice();
        assertThat(fill.low()).containsExactly(4);
        assertThat(fill.shim()).isFalse();
        // a little more than needed, to be filed to height
        assertThat(fill.amount()).isGreaterThan(0.071 / 0.66);
        add(new NutEvent.NutReworked(NutEvent.NutReworked.Way.FILLED, List.of(4), fill.amount()));
        assertThat(NutState.of(state()).temporary()).isTrue();
        log.clear();
        relief(0.23, 0.20).nut(0.03, 0.03, 0.03, 0.03, 0.087, 0.08).action(GOOD_ACTION);
        for (int s = 6; s >= 3; s--) reading(s, Station.NUT, Tool.LEAF, around(0.03));
        assertThat(((NutAdvice.RaiseNut) advice()).shim()).isTrue();
    }

    @Test
    void anOpenTargetIsJudgedAsIfTheSaddleWereRight() {
        defaults = defaults.choosing(NutSchool.ofCode(NutSchool.USUAL, "OPEN").target(spec));
        relief(0.23, 0.20).nut(GOOD_NUT).action(raised(new double[] {2.0}, GOOD_ACTION));
        HeightVerdict high = HeightVerdict.of(state(), Station.NUT, 6);
        Band far = high.band();
        log.clear();
        relief(0.23, 0.20).nut(GOOD_NUT).action(GOOD_ACTION);
        assertThat(HeightVerdict.of(state(), Station.NUT, 6).band().middle()).isCloseTo(far.middle(), within(1e-9));
        // read open, the band is the very one that was stated
        add(new JobEvent.HeightHabitSet(new HeightHabit(new GapMethod.NutOpen(), Tool.LEAF, Position.PLAYING)));
        assertThat(HeightVerdict.of(state(), Station.NUT, 6).band())
                .isEqualTo(defaults.the(NutTarget.class).band(6));
    }

    @Test
    void noWishGoesBelowTheFrets() {
        defaults = defaults.choosing(
                new NutTarget(null, new GapMethod.NutPressed(3), Collections.nCopies(6, new Band(0.01, 0.03))));
        relief(0.23, 0.20).nut(GOOD_NUT).action(GOOD_ACTION);
        assertThat(HeightVerdict.band(state(), Station.NUT, 6).low()).isGreaterThan(0.01);
    }

    @Test
    void aTapIsAWeakReading() {
        relief(0.23, 0.20);
        reading(6, Station.NUT, Tool.EYE, TapReport.CLEARLY.gap());
        HeightVerdict tapped = HeightVerdict.of(state(), Station.NUT, 6);
        assertThat(tapped.read()).isTrue();
        assertThat(tapped.value().sd()).isGreaterThan(0.04);
    }
}
