package barytone.core.job;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import barytone.core.estimate.Band;
import barytone.core.estimate.Move;
import barytone.core.estimate.Normal;
import barytone.core.estimate.Quantity;
import barytone.core.estimate.SetupEstimate;
import barytone.core.estimate.Verdict;
import barytone.core.height.ReliefTarget;
import barytone.core.instrument.InstrumentKind;
import barytone.core.instrument.InstrumentSpec;
import barytone.core.instrument.Touch;
import barytone.core.neck.GapMethod;
import barytone.core.reading.Evidence;
import barytone.core.reading.Gap;
import barytone.core.reading.Position;
import barytone.core.reading.TapReport;
import barytone.core.reading.Tool;
import barytone.core.station.Stations;
import barytone.core.station.relief.ReliefSchool;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

/** The log of a job and the estimate of the whole setup that follows from it. */
class ReplayTest {
    private static final InstrumentSpec SPEC = InstrumentKind.ELECTRIC.usual();
    private static final ReliefTarget TARGET = ReliefSchool.MIDDLE.target(SPEC, Touch.MEDIUM);
    private static final ReliefHabit HABIT = new ReliefHabit(TARGET.method(), Tool.LEAF, Position.PLAYING, false);
    private static final Instant START = Instant.parse("2031-03-04T09:00:00Z");
    private static final GapMethod NUT = new GapMethod.NutPressed(3);
    private static final GapMethod ACTION = new GapMethod.Action(12);

    private static LoggedEvent at(List<LoggedEvent> log, JobEvent event) {
        LoggedEvent logged = new LoggedEvent(log.size() + 1L, START.plusSeconds(30L * log.size()), event);
        log.add(logged);
        return logged;
    }

    private static JobEvent.ReadingTaken reading(int string, GapMethod method, Tool tool, Gap gap) {
        return new JobEvent.ReadingTaken(string, method, tool, gap, Position.PLAYING, "");
    }

    private static JobState replay(List<LoggedEvent> log) {
        return Stations.replay(
                SPEC, Stations.usual(SPEC, Touch.MEDIUM).choosing(TARGET).with(HABIT), log);
    }

    @Test
    void replayingGivesWhatWasComputedStepByStep() {
        List<LoggedEvent> log = new ArrayList<>();
        SetupEstimate byHand = SetupEstimate.before(SPEC.model(false));
        Instant last = START;
        Object[][] story = {
            {6, TARGET.method(), Tool.LEAF, 0.3},
            {1, TARGET.method(), Tool.LEAF, 0.26},
            {6, NUT, Tool.LEAF, 0.12},
            {6, ACTION, Tool.CARD, 2.0},
            {3, ACTION, Tool.CARD, 1.8},
        };
        for (Object[] step : story) {
            JobEvent.ReadingTaken e =
                    reading((int) step[0], (GapMethod) step[1], (Tool) step[2], new Gap.Of((double) step[3]));
            LoggedEvent logged = at(log, e);
            if (logged.seq() > 1) byHand = byHand.after(new Move.Rested(Duration.between(last, logged.at())));
            last = logged.at();
            byHand = byHand.given(
                    e.string(), e.method(), e.means(), Evidence.of(e.gap(), e.method(), e.tool(), Tool.REPEATABILITY));
        }
        Move lowered = new Move.SaddleMoved(6, -0.4, 0.1);
        LoggedEvent moved = at(log, new JobEvent.Moved(lowered));
        byHand = byHand.after(new Move.Rested(Duration.between(last, moved.at())))
                .after(lowered);
        SetupEstimate replayed = replay(log).estimate();
        for (int s = 1; s <= 6; s++)
            for (GapMethod method : List.of(TARGET.method(), NUT, ACTION)) {
                assertThat(replayed.now(s, method).mean())
                        .isCloseTo(byHand.now(s, method).mean(), within(1e-12));
                assertThat(replayed.now(s, method).sd())
                        .isCloseTo(byHand.now(s, method).sd(), within(1e-12));
            }
    }

    @Test
    void aHeightThatWasMovedIsStaleAndTheOthersAreNot() {
        List<LoggedEvent> log = new ArrayList<>();
        for (int s = 1; s <= 6; s++) at(log, reading(s, ACTION, Tool.CALIPER, new Gap.Of(2.0)));
        at(log, reading(6, TARGET.method(), Tool.LEAF, new Gap.Of(0.2)));
        Band band = new Band(1.7, 1.9);
        Quantity before = Quantity.of(replay(log).estimate(), 5, ACTION, band);
        assertThat(before.stale()).isFalse();
        assertThat(before.verdict()).isEqualTo(Verdict.HIGH);
        at(log, new JobEvent.Moved(new Move.SaddleMoved(5, -1.6, 0.1)));
        assertThat(Quantity.of(replay(log).estimate(), 5, ACTION, band).stale()).isTrue();
        assertThat(Quantity.of(replay(log).estimate(), 4, ACTION, band).stale()).isFalse();
    }

    @Test
    void tapsAreWeakReadingsThatALeafOverrules() {
        List<LoggedEvent> log = new ArrayList<>();
        at(log, reading(2, NUT, Tool.EYE, TapReport.CLEARLY.gap()));
        Normal tapped = replay(log).estimate().now(2, NUT);
        assertThat(tapped.below(0.08)).isLessThan(0.2);
        at(log, reading(2, NUT, Tool.LEAF, new Gap.Of(0.14)));
        Normal read = replay(log).estimate().now(2, NUT);
        assertThat(read.mean()).isCloseTo(0.14, within(0.01));
        assertThat(read.sd()).isLessThan(tapped.sd() / 2);
    }

    @Test
    void aRodTurnRipplesThroughNutAndActionOfEveryString() {
        List<LoggedEvent> log = new ArrayList<>();
        at(log, reading(6, TARGET.method(), Tool.LEAF, new Gap.Of(0.4)));
        at(log, reading(1, TARGET.method(), Tool.LEAF, new Gap.Of(0.36)));
        SetupEstimate before = replay(log).estimate();
        SetupEstimate after = before.after(new Move.RodTurned(0.125, false));
        for (int string : new int[] {6, 1}) {
            double relief = change(before, after, string, TARGET.method());
            double nut = change(before, after, string, NUT);
            double action = change(before, after, string, ACTION);
            assertThat(relief).isNegative();
            assertThat(action / relief).isBetween(2.0, 3.0);
            assertThat(nut).isNegative().isGreaterThan(relief / 3);
        }
    }

    private static double change(SetupEstimate before, SetupEstimate after, int string, GapMethod method) {
        return after.now(string, method).mean() - before.now(string, method).mean();
    }

    @Test
    void heavierStringsPullMoreReliefIn() {
        SetupEstimate before = SetupEstimate.before(SPEC.model(false));
        SetupEstimate after = before.after(new Move.TensionChanged(60));
        double change = after.now(6, TARGET.method()).mean()
                - before.now(6, TARGET.method()).mean();
        assertThat(change).isCloseTo(60 * 0.0010, within(0.005));
        assertThat(after.now(6, TARGET.method()).sd())
                .isGreaterThan(before.now(6, TARGET.method()).sd());
    }
}
