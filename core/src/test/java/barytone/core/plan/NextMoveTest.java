package barytone.core.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import barytone.core.bridge.BridgeKind;
import barytone.core.bridge.NeckShim;
import barytone.core.estimate.Band;
import barytone.core.instrument.Fittings;
import barytone.core.instrument.InstrumentKind;
import barytone.core.instrument.InstrumentSpec;
import barytone.core.instrument.NeckJoint;
import barytone.core.instrument.Touch;
import barytone.core.joblog.JobDefaults;
import barytone.core.joblog.JobEvent;
import barytone.core.joblog.JobReplay;
import barytone.core.joblog.JobState;
import barytone.core.joblog.LoggedEvent;
import barytone.core.neck.GapMethod;
import barytone.core.quantity.Turns;
import barytone.core.reading.Gap;
import barytone.core.reading.OwnedTool;
import barytone.core.reading.Position;
import barytone.core.reading.TapReport;
import barytone.core.reading.Tool;
import barytone.core.reading.Toolkit;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Objects;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Whole jobs on paper: the order of work, the rules of every station, and what the technician may choose otherwise. */
class NextMoveTest {
    private static final double[] GOOD_NUT = {0.115, 0.108, 0.101, 0.094, 0.087, 0.08};
    private static final double[] GOOD_ACTION = {1.8, 1.7, 1.6, 1.5, 1.4, 1.3};

    private InstrumentSpec spec = InstrumentKind.ELECTRIC.usual();
    private JobDefaults defaults = JobDefaults.usual(spec, Touch.MEDIUM);
    private Toolkit tools = Toolkit.USUAL;
    private final List<LoggedEvent> log = new ArrayList<>();
    private Instant now = Instant.parse("2031-03-04T09:00:00Z");

    private NextMoveTest on(BridgeKind bridge, NeckJoint joint) {
        Fittings f = spec.fittings();
        spec = spec.with(new Fittings(
                bridge, bridge.screwed() ? 0.5 : 0, joint, 0, f.bridgeSpread(), f.nut(), f.nutWidth(), f.strings()));
        defaults = JobDefaults.usual(spec, Touch.MEDIUM);
        return this;
    }

    private NextMoveTest add(JobEvent event) {
        now = now.plusSeconds(20);
        log.add(new LoggedEvent(log.size() + 1L, now, event));
        return this;
    }

    private NextMoveTest reading(int string, Station station, Tool tool, Gap gap) {
        return add(new JobEvent.ReadingTaken(string, state().method(station), tool, gap, Position.PLAYING, ""));
    }

    private NextMoveTest relief(double bass, double treble) {
        return reading(spec.bassString(), Station.RELIEF, Tool.LEAF, around(bass))
                .reading(1, Station.RELIEF, Tool.LEAF, around(treble));
    }

    private static Gap around(double mm) {
        return new Gap.Between(mm - 0.01, mm + 0.01);
    }

    private NextMoveTest nut(double... mm) {
        for (int i = 0; i < mm.length; i++) reading(mm.length - i, Station.NUT, Tool.LEAF, around(mm[i]));
        return this;
    }

    private NextMoveTest action(double... mm) {
        for (int i = 0; i < mm.length; i++) reading(mm.length - i, Station.ACTION, Tool.CALIPER, new Gap.Of(mm[i]));
        return this;
    }

    private NextMoveTest good() {
        return relief(0.23, 0.20).nut(GOOD_NUT).action(GOOD_ACTION);
    }

    private JobState state() {
        return JobReplay.of(spec, defaults, log);
    }

    private Advice advice() {
        return NextMove.advise(state(), tools, now);
    }

    private static double[] raised(double[] by, double... mm) {
        double[] sum = mm.clone();
        for (int i = 0; i < sum.length; i++) sum[i] += by.length == 1 ? by[0] : by[i];
        return sum;
    }

    @Test
    void asFoundComesFirstStationByStation() {
        assertThat(((Advice.Measure) advice()).strings()).containsExactly(6, 1);
        relief(0.45, 0.40);
        Advice.Measure nut = (Advice.Measure) advice();
        assertThat(nut.station()).isEqualTo(Station.NUT);
        assertThat(nut.strings()).containsExactly(6, 5, 4, 3, 2, 1);
        nut(GOOD_NUT);
        assertThat(((Advice.Measure) advice()).station()).isEqualTo(Station.ACTION);
        action(GOOD_ACTION);
        assertThat(advice()).isInstanceOf(Advice.TurnRod.class);
    }

    @Test
    void whatIsAllInBandIsLeftAlone() {
        Advice.Finished finished = (Advice.Finished) good().advice();
        assertThat(finished.results())
                .extracting(Advice.Done::reason)
                .containsOnly(Advice.Done.Reason.LEAVE_IT)
                .hasSize(3);
    }

    @Test
    void onlyWhatWasAgreedIsWorkedOn() {
        add(new JobEvent.ScopeSet(List.of(Station.ACTION))).action(raised(new double[] {0.5}, GOOD_ACTION));
        assertThat(advice()).isInstanceOf(Advice.TurnScrews.class);
    }

    @Test
    void reliefBeforeNutBeforeAction() {
        relief(0.40, 0.36).nut(raised(new double[] {0.05}, GOOD_NUT)).action(raised(new double[] {0.5}, GOOD_ACTION));
        assertThat(advice()).isInstanceOf(Advice.TurnRod.class);
        // left by choice: the nut is next, and the relief is not spoken of again
        add(new JobEvent.Answered("relief", false));
        assertThat(advice()).isInstanceOf(Advice.FileSlots.class);
        add(new JobEvent.Answered("file", false));
        assertThat(advice()).isInstanceOf(Advice.TurnScrews.class);
        add(new JobEvent.Answered("action", false));
        Advice.Finished finished = (Advice.Finished) advice();
        assertThat(finished.declined()).containsExactly("action", "file", "relief");
    }

    @ParameterizedTest
    @CsvSource({
        "RELIEF_NUT_ACTION,  0.40, TurnRod",
        "BALLPARK_FIRST,     0.40, TurnScrews",
        "RELIEF_NUT_ACTION,  0.23, FileSlots",
        "SADDLE_ROUGH_FIRST, 0.23, TurnScrews",
        "SADDLE_ROUGH_FIRST, 0.40, TurnRod"
    })
    void schoolsDifferInWhatComesRoughlyFirst(WorkOrder order, double relief, String expected) {
        add(new JobEvent.OrderSet(order))
                .relief(relief, relief - 0.03)
                .nut(raised(new double[] {0.05}, GOOD_NUT))
                .action(raised(new double[] {1.5}, GOOD_ACTION));
        assertThat(advice().getClass().getSimpleName()).isEqualTo(expected);
        if (advice() instanceof Advice.TurnScrews turn) assertThat(turn.rough()).isTrue();
    }

    @Test
    void everyMoveIsFollowedByARetuneAndOnlyThenByReadingsThatAreNeeded() {
        relief(0.23, 0.20).nut(GOOD_NUT).action(2.3, 1.7, 1.6, 1.5, 1.4, 1.3);
        Advice.TurnScrews turn = (Advice.TurnScrews) advice();
        assertThat(turn.screws().getFirst().sixteenths()).isNegative();
        assertThat(turn.screws().subList(1, 6)).allMatch(Turns::isZero);
        assertThat(turn.raising()).isFalse();
        add(new JobEvent.BridgeScrewed(turn.screws()));
        assertThat(advice()).isEqualTo(new Advice.Retune(Station.ACTION));
        add(new JobEvent.Retuned());
        // the last look is asked for the one string that was moved, and for no other
        Advice.Measure look = (Advice.Measure) advice();
        assertThat(look.strings()).containsExactly(6);
        assertThat(look.station()).isEqualTo(Station.ACTION);
        reading(6, Station.ACTION, Tool.CALIPER, new Gap.Of(1.8));
        assertThat(advice()).isInstanceOf(Advice.Finished.class);
    }

    @Test
    void aTurnedRodMovesTheActionAlongAndItIsLookedAtOnceMoreAtTheEnd() {
        relief(0.33, 0.30).nut(GOOD_NUT).action(raised(new double[] {0.17}, GOOD_ACTION));
        Advice.TurnRod turn = (Advice.TurnRod) advice();
        add(new JobEvent.RodTurned(turn.net(), false, false)).add(new JobEvent.Retuned());
        JobState after = state();
        assertThat(NextMove.recheck(after, Station.ACTION)).isNotEmpty();
        assertThat(NextMove.recheck(after, Station.NUT)).isEmpty();
    }

    // --- nut

    @Test
    void theFirstSlotIsFiledAloneUntilTheBiteIsKnownThenSeveralInOnePass() {
        relief(0.23, 0.20).nut(raised(new double[] {0.10}, GOOD_NUT)).action(GOOD_ACTION);
        add(new JobEvent.Answered("nut-underside", false));
        Advice.FileSlots first = (Advice.FileSlots) advice();
        assertThat(first.learned()).isFalse();
        assertThat(first.slots()).hasSize(1);
        double found = 0.115 + 0.10;
        // two passes with an honest bite of 0.01 mm teach it
        for (int pass = 0; pass < 2; pass++) {
            Advice.FileSlots file = (Advice.FileSlots) advice();
            Advice.FileSlots.Slot slot = file.slots().getFirst();
            add(new JobEvent.SlotsFiled(List.of(new JobEvent.Filing(slot.string(), slot.strokes(), slot.light()))))
                    .add(new JobEvent.Retuned());
            found -= 0.0066 * slot.strokes() * (slot.light() ? 0.5 : 1);
            reading(6, Station.NUT, Tool.LEAF, new Gap.Of(found));
        }
        Advice.FileSlots then = (Advice.FileSlots) advice();
        assertThat(then.learned()).isTrue();
        assertThat(then.slots()).hasSizeGreaterThan(3);
    }

    @Test
    void aPassNeverGoesPastTheMiddleOfTheBandNorNearTheFrets() {
        relief(0.23, 0.20).nut(0.22, 0.17, 0.101, 0.094, 0.087, 0.08).action(GOOD_ACTION);
        for (Advice.FileSlots.Slot slot : ((Advice.FileSlots) advice()).slots()) {
            Band band = Judged.band(state(), Station.NUT, slot.string());
            assertThat(slot.expected().mean()).isGreaterThanOrEqualTo(band.middle() - 1e-9);
            assertThat(slot.expected().mean() - 2.5 * slot.expected().sd()).isGreaterThan(band.low());
            assertThat(NutAdvisor.strokesToFretLevel(state().estimate(), slot.string()))
                    .isGreaterThan(slot.strokes());
            assertThat(slot.file()).isNotNull();
        }
    }

    @Test
    void aSlotTooVaguelyKnownForAStrokeIsLookedAtMoreClosely() {
        defaults = defaults.with(NutSchool.ofCode(NutSchool.USUAL, "FRET_LEVEL").target(6));
        relief(0.23, 0.20).nut(0.04, 0.04, 0.04, 0.04, 0.04, 0.04).action(GOOD_ACTION);
        log.removeIf(e -> e.event() instanceof JobEvent.ReadingTaken r
                && r.string() == 4
                && r.method() instanceof GapMethod.NutPressed);
        reading(4, Station.NUT, Tool.LEAF, new Gap.Between(0.05, 0.08));
        Judged fourth = Judged.of(state(), Station.NUT, 4);
        assertThat(fourth.outside()).isPositive();
        // before, such a slot was called as near as it goes
        Advice.Measure closer = (Advice.Measure) advice();
        assertThat(closer.strings()).contains(4);
        assertThat(closer.topic()).isEqualTo(Advice.Measure.closer(Station.NUT));
        add(new JobEvent.Answered(closer.topic(), false));
        assertThat(advice()).isInstanceOf(Advice.Finished.class);
    }

    @Test
    void everySlotMuchTooHighIsLoweredFromBelowByTheSmallestSurplus() {
        relief(0.23, 0.20)
                .nut(raised(new double[] {0.30, 0.30, 0.28, 0.25, 0.26, 0.20}, GOOD_NUT))
                .action(GOOD_ACTION);
        Advice.LowerNut lower = (Advice.LowerNut) advice();
        assertThat(lower.governing()).isEqualTo(1);
        assertThat(lower.amount()).isBetween(0.15, 0.31);
        assertThat(lower.remains().values()).allSatisfy(left -> assertThat(left).isPositive());
        add(new JobEvent.Answered("nut-underside", false));
        assertThat(advice()).isInstanceOf(Advice.FileSlots.class);
    }

    @Test
    void aSlotTooLowIsFilledAndManyAreShimmed() {
        relief(0.23, 0.20).nut(0.115, 0.108, 0.03, 0.094, 0.087, 0.08).action(GOOD_ACTION);
        Advice.RaiseNut fill = (Advice.RaiseNut) advice();
        assertThat(fill.low()).containsExactly(4);
        assertThat(fill.shim()).isFalse();
        // a little more than needed, to be filed to height
        assertThat(fill.amount()).isGreaterThan(0.071 / 0.66);
        add(new JobEvent.NutReworked(JobEvent.NutReworked.Way.FILLED, List.of(4), fill.amount()));
        assertThat(state().temporary()).isTrue();
        log.clear();
        relief(0.23, 0.20).nut(0.03, 0.03, 0.03, 0.03, 0.087, 0.08).action(GOOD_ACTION);
        assertThat(((Advice.RaiseNut) advice()).shim()).isTrue();
    }

    @Test
    void anOpenTargetIsJudgedAsIfTheSaddleWereRight() {
        defaults = defaults.with(NutSchool.ofCode(NutSchool.USUAL, "OPEN").target(6));
        relief(0.23, 0.20).nut(GOOD_NUT).action(raised(new double[] {2.0}, GOOD_ACTION));
        Judged high = Judged.of(state(), Station.NUT, 6);
        Band far = high.band();
        log.clear();
        relief(0.23, 0.20).nut(GOOD_NUT).action(GOOD_ACTION);
        assertThat(Judged.of(state(), Station.NUT, 6).band().middle()).isCloseTo(far.middle(), within(1e-9));
        // with relief and saddle at their targets the open band is what an open reading shows
        Band shown = Judged.of(state(), Station.NUT, 6).shownBy(new GapMethod.NutOpen(), state().estimate());
        assertThat(shown.low()).isCloseTo(0.47, within(0.02));
    }

    @Test
    void noWishGoesBelowTheFrets() {
        defaults = defaults.with(
                new NutTarget(null, new GapMethod.NutPressed(3), Collections.nCopies(6, new Band(0.01, 0.03))));
        relief(0.23, 0.20).nut(GOOD_NUT).action(GOOD_ACTION);
        assertThat(Judged.band(state(), Station.NUT, 6).low()).isGreaterThan(0.01);
    }

    @Test
    void aTapIsAWeakReading() {
        relief(0.23, 0.20);
        reading(6, Station.NUT, Tool.EYE, TapReport.CLEARLY.gap());
        Judged tapped = Judged.of(state(), Station.NUT, 6);
        assertThat(tapped.read()).isTrue();
        assertThat(tapped.value().sd()).isGreaterThan(0.04);
    }

    // --- bridge

    @ParameterizedTest
    @CsvSource({"INDIVIDUAL, 6", "BASS, 6", "TWO_POST, 2", "FLOATING, 2", "BARRELS, 6"})
    void everyScrewedBridgeIsLoweredByTurnsOfItsOwnScrews(BridgeKind bridge, int screws) {
        on(bridge, NeckJoint.SET).relief(0.23, 0.20).nut(GOOD_NUT).action(raised(new double[] {0.5}, GOOD_ACTION));
        Advice.TurnScrews turn = (Advice.TurnScrews) advice();
        assertThat(turn.screws()).hasSize(screws).allSatisfy(t -> {
            // half a millimetre at 12 is one at the saddle: two turns of half a millimetre
            assertThat(t.value()).isCloseTo(-2, within(0.25));
            assertThat(t.sixteenths() % 2).isZero();
        });
        for (int s = 1; s <= 6; s++) {
            Band band = Judged.band(state(), Station.ACTION, s);
            assertThat(turn.expected().get(s))
                    .isNotNull()
                    .satisfies(n -> assertThat(band.outside(n.mean())).isZero());
        }
    }

    @Test
    void whatIsRaisedIsSlackenedFirst() {
        good();
        log.clear();
        relief(0.23, 0.20).nut(GOOD_NUT).action(raised(new double[] {-0.4}, GOOD_ACTION));
        assertThat(((Advice.TurnScrews) advice()).raising()).isTrue();
    }

    @Test
    void aFixedSaddleIsSandedWithATaperAndRaisedByAShim() {
        on(BridgeKind.FIXED, NeckJoint.SET).relief(0.23, 0.20).nut(GOOD_NUT).action(2.4, 2.2, 2.0, 1.75, 1.55, 1.35);
        Advice.ReworkSaddle sand = (Advice.ReworkSaddle) advice();
        assertThat(sand.raising()).isFalse();
        assertThat(sand.bass()).isBetween(-1.3, -1.0);
        assertThat(sand.treble()).isBetween(-0.2, 0.0);
        log.clear();
        relief(0.23, 0.20).nut(GOOD_NUT).action(raised(new double[] {-0.5}, GOOD_ACTION));
        Advice.ReworkSaddle shim = (Advice.ReworkSaddle) advice();
        assertThat(shim.raising()).isTrue();
        assertThat(shim.bass()).isCloseTo(1.0, within(0.1));
    }

    @Test
    void threadPitchIsLearnedFromWhatATurnDid() {
        spec = InstrumentKind.ELECTRIC.usual();
        good();
        assertThat(state().estimate().screwPitch().sd()).isGreaterThan(0.1);
        List<Turns> down = Collections.nCopies(6, new Turns(-16));
        add(new JobEvent.BridgeScrewed(down)).add(new JobEvent.Retuned());
        // a turn of an M4 screw: 0.7 at the saddle, 0.35 at 12
        action(raised(new double[] {-0.35}, GOOD_ACTION));
        assertThat(state().estimate().screwPitch().mean()).isCloseTo(0.7, within(0.04));
        assertThat(state().estimate().screwPitch().sd()).isLessThan(0.05);
    }

    @Test
    void atTheFloorABoltOnNeckIsShimmedAndASetOneReferred() {
        on(BridgeKind.INDIVIDUAL, NeckJoint.BOLTED)
                .relief(0.23, 0.20)
                .nut(GOOD_NUT)
                .action(raised(new double[] {0.6}, GOOD_ACTION))
                .add(new JobEvent.TravelRead(0.3, 4));
        Advice.ShimNeck limit = (Advice.ShimNeck) advice();
        assertThat(limit.lower()).isTrue();
        assertThat(limit.shortBy()).isCloseTo(0.9, within(0.1));
        assertThat(limit.shim().end()).isEqualTo(NeckShim.End.HEEL);
        // the wedge makes just the room that was missing
        add(limit.event(spec)).add(new JobEvent.Retuned());
        for (int s = 6; s >= 1; s--)
            reading(s, Station.ACTION, Tool.CALIPER, new Gap.Of(GOOD_ACTION[6 - s] + 0.6 - limit.shortBy() / 2));
        Advice.TurnScrews rest = (Advice.TurnScrews) advice();
        assertThat(rest.screws()).allSatisfy(t -> assertThat(t.value() * 0.5).isBetween(-0.4, 0.0));
    }

    @Test
    void atTheFloorASetNeckIsReferredOrTheBridgeGoesAsFarAsItGoes() {
        on(BridgeKind.INDIVIDUAL, NeckJoint.SET)
                .relief(0.23, 0.20)
                .nut(GOOD_NUT)
                .action(raised(new double[] {0.6}, GOOD_ACTION))
                .add(new JobEvent.TravelRead(0.3, 4));
        assertThat(advice()).isInstanceOf(Advice.BridgeLimit.class);
        add(new JobEvent.Answered("bridge-limit", false));
        Advice.TurnScrews rest = (Advice.TurnScrews) advice();
        assertThat(rest.screws()).allSatisfy(t -> assertThat(t.value() * 0.5).isBetween(-0.4, 0.0));
    }

    @Test
    void travelShrinksByTheFarthestSaddleNotByTheSumOfAll() {
        on(BridgeKind.INDIVIDUAL, NeckJoint.BOLTED).good().add(new JobEvent.TravelRead(2, 3));
        add(new JobEvent.BridgeScrewed(Collections.nCopies(6, new Turns(-16))));
        JobEvent.TravelRead left = Objects.requireNonNull(state().travel());
        // one turn of half a millimetre, on each of six saddles
        assertThat(left.down()).isCloseTo(1.5, within(1e-9));
        assertThat(left.up()).isEqualTo(3);
    }

    @Test
    void aSpringBalancedBridgeIsLevelledAndBlockedBeforeHeightsAreRead() {
        on(BridgeKind.VIBRATO_SADDLES, NeckJoint.BOLTED);
        assertThat(advice()).isInstanceOf(Advice.LevelVibrato.class);
        add(new JobEvent.Answered(Advice.LevelVibrato.TOPIC, true));
        assertThat(advice()).isInstanceOf(Advice.Measure.class);
    }

    @Test
    void anUnderStringGaugeTellsWhichStringsAreHigh() {
        good();
        double before = state().estimate().saddleHeight(4).mean();
        // on a gauge of the board's own radius string 4 rings, the others touch
        add(new JobEvent.GaugePatternRead(spec.boardRadius(), List.of(4)));
        double after = state().estimate().saddleHeight(4).mean();
        assertThat(after).isGreaterThan(before);
        assertThat(state().estimate().saddleHeight(3).mean()).isLessThan(after + 0.01);
    }

    // --- tools

    @Test
    void nearTheEdgeTheFinestOwnedToolIsAskedForAndNoOther() {
        relief(0.23, 0.20).nut(GOOD_NUT);
        for (int s = 6; s >= 1; s--) reading(s, Station.ACTION, Tool.CARD, new Gap.Of(GOOD_ACTION[6 - s] + 0.07));
        Advice.Measure finer = (Advice.Measure) advice();
        assertThat(finer.reason()).isEqualTo(Advice.Measure.Reason.FINER_TOOL);
        assertThat(finer.tool()).isEqualTo(Tool.CALIPER);
        tools = new Toolkit(tools.tools().stream()
                .filter(t -> t.kind() != OwnedTool.Kind.CALIPER)
                .toList());
        assertThat(((Advice.Measure) advice()).reason()).isEqualTo(Advice.Measure.Reason.ONCE_MORE);
    }

    @Test
    void whatIsTakenAsItIsIsNotAskedForAgainButWhatAMoveLeftUncertainIs() {
        relief(0.23, 0.20).nut(GOOD_NUT);
        for (int s = 6; s >= 1; s--) reading(s, Station.ACTION, Tool.CARD, new Gap.Of(GOOD_ACTION[6 - s] + 0.07));
        Advice.Measure closer = (Advice.Measure) advice();
        add(new JobEvent.Answered(closer.topic(), false));
        Advice.TurnScrews turn = (Advice.TurnScrews) advice();
        add(turn.event(spec)).add(new JobEvent.Retuned());
        // the last look at what was moved is not what was declined
        assertThat(((Advice.Measure) advice()).reason())
                .isIn(Advice.Measure.Reason.STALE, Advice.Measure.Reason.RECHECK);
    }

    @Test
    void filingGoesNoFurtherOnWhatNobodyWantsToReadAgain() {
        relief(0.23, 0.20).nut(raised(new double[] {0.10}, GOOD_NUT)).action(GOOD_ACTION);
        Advice.Adjusting first = (Advice.Adjusting) advice();
        assertThat(first.station()).isEqualTo(Station.NUT);
        add(first.event(spec)).add(new JobEvent.Retuned());
        Advice.Measure again = (Advice.Measure) advice();
        assertThat(again.reason()).isEqualTo(Advice.Measure.Reason.STALE);
        add(new JobEvent.Answered(again.topic(), false));
        assertThat(advice()).isInstanceOf(Advice.Measure.class);
        assertThat(advice().topic()).isNotEqualTo(again.topic());
    }

    @Test
    void unreadStationsAreNotWorkedAtWhenTheirReadingsWereDeclined() {
        relief(0.23, 0.20).add(new JobEvent.Answered("measure-NUT", false)).action(GOOD_ACTION);
        Advice.Finished finished = (Advice.Finished) advice();
        assertThat(finished.results()).extracting(Advice.Done::station).containsExactly(Station.RELIEF, Station.ACTION);
        assertThat(finished.declined()).containsExactly("measure-NUT");
    }

    @Test
    void forALittleMoreCertaintyTheRodIsNotTurnedPastItsLimit() {
        // the upper edge of the band, the limit used up: in band it stays, and nothing is turned
        add(new JobEvent.ScopeSet(List.of(Station.RELIEF)));
        relief(0.60, 0.57);
        for (int step = 0; step < 6; step++)
            add(new JobEvent.RodTurned(Turns.EIGHTH, false, false)).add(new JobEvent.Retuned());
        Band bass = Judged.band(state(), Station.RELIEF, 6);
        Band treble = Judged.band(state(), Station.RELIEF, 1);
        now = now.plusSeconds(1200);
        for (int look = 0; look < 3; look++)
            reading(6, Station.RELIEF, Tool.LEAF, new Gap.Of(bass.high() - 0.012 + 0.001 * look))
                    .reading(1, Station.RELIEF, Tool.LEAF, new Gap.Of(treble.high() - 0.012 + 0.001 * look));
        assertThat(state().tighterThanFound()).isEqualTo(new Turns(12));
        assertThat(advice()).isInstanceOf(Advice.Done.class);
    }

    @Test
    void whatIsExpectedOfAnAdviceIsWhatItsEntryWillGive() {
        relief(0.23, 0.20).nut(GOOD_NUT).action(raised(new double[] {0.5}, GOOD_ACTION));
        Advice.TurnScrews turn = (Advice.TurnScrews) advice();
        double expected = NextMove.expected(state(), turn)
                .orElseThrow()
                .now(3, new GapMethod.Action(12))
                .mean();
        add(turn.event(spec));
        assertThat(state().estimate().now(3, new GapMethod.Action(12)).mean()).isCloseTo(expected, within(1e-9));
        assertThat(NextMove.expected(state(), advice())).isEmpty();
    }

    @Test
    void targetsFollowSchoolTouchStyleAndFloppyStrings() {
        InstrumentSpec bass = InstrumentKind.BASS_5.usual();
        ActionSchool school = ActionSchool.usualFor(ActionSchool.USUAL, bass.kind());
        ActionTarget medium = school.target(bass, Touch.MEDIUM, ActionSchool.Style.ANY);
        // even steps from 1.9 to 2.5, and 0.3 more for the low B
        assertThat(medium.band(1).middle()).isCloseTo(1.9, within(1e-9));
        assertThat(medium.band(5).middle()).isCloseTo(2.8, within(1e-9));
        assertThat(school.target(bass, Touch.HEAVY, ActionSchool.Style.ANY)
                        .band(1)
                        .middle())
                .isGreaterThan(medium.band(1).middle());
        assertThat(school.target(bass, Touch.MEDIUM, ActionSchool.Style.SLIDE)
                        .band(1)
                        .middle())
                .isCloseTo(2.7, within(1e-9));
        ActionSchool groups = new ActionSchool(
                "G", "Groups", ActionSchool.Family.ELECTRIC, 1.8, 1.3, 0.12, ActionSchool.Steps.GROUPS, 0, "");
        InstrumentSpec electric = InstrumentKind.ELECTRIC.usual();
        ActionTarget two = groups.target(electric, Touch.MEDIUM, ActionSchool.Style.ANY);
        assertThat(two.band(3).middle()).isEqualTo(1.3);
        assertThat(two.band(4).middle()).isEqualTo(1.8);
    }
}
