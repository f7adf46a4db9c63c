package barytone.core.job;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import barytone.core.estimate.Normal;
import barytone.core.instrument.InstrumentKind;
import barytone.core.instrument.InstrumentSpec;
import barytone.core.instrument.Touch;
import barytone.core.neck.GapMethod;
import barytone.core.reading.Gap;
import barytone.core.reading.Position;
import barytone.core.reading.Tool;
import barytone.core.station.Stations;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Which of the readings of a job are believed, and what the estimate learns of them. */
class BeliefTest {
    private static final InstrumentSpec SPEC = InstrumentKind.ELECTRIC.usual();
    private static final GapMethod ACTION = new GapMethod.Action(12);
    private static final GapMethod NUT = new GapMethod.NutPressed(3);

    private final List<LoggedEvent> log = new ArrayList<>();
    private Instant now = Instant.parse("2031-03-04T09:00:00Z");

    private long add(JobEvent event) {
        now = now.plusSeconds(30);
        log.add(new LoggedEvent(log.size() + 1L, now, event));
        return log.size();
    }

    private long action(int string, double mm) {
        return add(read(string, ACTION, Tool.CALIPER, new Gap.Of(mm)));
    }

    private static JobEvent.ReadingTaken read(int string, GapMethod method, Tool tool, Gap gap) {
        return new JobEvent.ReadingTaken(string, method, tool, gap, Position.PLAYING, "");
    }

    /** All strings at heights that go together. */
    private void asFound() {
        for (int s = 6; s >= 1; s--) action(s, 1.4 + 0.1 * s);
    }

    private JobState job() {
        return Stations.replay(SPEC, Stations.usual(SPEC, Touch.MEDIUM), log);
    }

    private ReadingStatus statusOf(long seq) {
        return job().readings().stream()
                .filter(r -> r.seq() == seq)
                .findFirst()
                .orElseThrow()
                .status();
    }

    private Normal thought(int string) {
        return job().estimate().now(string, ACTION);
    }

    @Test
    void theFirstReadingOfAStationIsBelievedHoweverOddAnotherOneOfItIsDoubted() {
        long first = action(6, 4.5);
        assertThat(statusOf(first)).isEqualTo(ReadingStatus.BELIEVED);
        long other = action(6, 2.0);
        assertThat(statusOf(other)).isEqualTo(ReadingStatus.SURPRISING);
    }

    @Test
    void nothingIsLearnedOfWhatIsDoubted() {
        asFound();
        Normal before = thought(4);
        long odd = action(4, 3.4);
        assertThat(statusOf(odd)).isEqualTo(ReadingStatus.SURPRISING);
        assertThat(thought(4).mean()).isCloseTo(before.mean(), within(1e-9));
        assertThat(job().look(Station.ACTION, 4).orElseThrow().reading().mm()).isCloseTo(1.8, within(1e-9));
    }

    @Test
    void aSecondOneThatSaysTheSameSettlesTheDoubtForBoth() {
        asFound();
        long odd = action(4, 3.4);
        long again = action(4, 3.42);
        assertThat(statusOf(odd)).isEqualTo(ReadingStatus.BELIEVED);
        assertThat(statusOf(again)).isEqualTo(ReadingStatus.BELIEVED);
        assertThat(thought(4).mean()).isCloseTo(3.41, within(0.05));
    }

    @Test
    void oneOfAnotherStringSettlesNothing() {
        asFound();
        long odd = action(4, 3.4);
        long other = action(3, 3.4);
        assertThat(statusOf(odd)).isEqualTo(ReadingStatus.SURPRISING);
        assertThat(statusOf(other)).isEqualTo(ReadingStatus.SURPRISING);
    }

    @Test
    void oneThatFitsAnswersWhatWasDoubtedBeforeIt() {
        asFound();
        long odd = action(4, 3.4);
        long fits = action(4, 1.81);
        assertThat(statusOf(odd)).isEqualTo(ReadingStatus.DROPPED);
        assertThat(statusOf(fits)).isEqualTo(ReadingStatus.BELIEVED);
        assertThat(thought(4).mean()).isCloseTo(1.8, within(0.03));
    }

    @Test
    void whatTheTechnicianSaysOfADoubtHolds() {
        asFound();
        long odd = action(4, 3.4);
        add(new JobEvent.ReadingKept(odd));
        assertThat(statusOf(odd)).isEqualTo(ReadingStatus.BELIEVED);
        assertThat(thought(4).mean()).isGreaterThan(2.5);
        add(new JobEvent.ReadingDropped(odd));
        assertThat(statusOf(odd)).isEqualTo(ReadingStatus.DROPPED);
        assertThat(thought(4).mean()).isCloseTo(1.8, within(0.03));
    }

    @Test
    void whatWasMovedWithoutCountingIsReadAnewAndNotHeldAgainstIt() {
        asFound();
        long moved = action(4, 3.4);
        add(new JobEvent.ReadingMoved(moved));
        assertThat(statusOf(moved)).isEqualTo(ReadingStatus.BELIEVED);
        assertThat(thought(4).mean()).isCloseTo(3.4, within(0.05));
        // the others stand where they stood
        assertThat(thought(5).mean()).isCloseTo(1.9, within(0.05));
    }

    @Test
    void offPitchNothingIsBelievedUntilTheStringsAreBack() {
        asFound();
        add(new JobEvent.StringsChanged("", "10 13 17 26w 36w 46w"));
        long slack = action(6, 2.0);
        assertThat(statusOf(slack)).isEqualTo(ReadingStatus.OFF_PITCH);
        add(new JobEvent.Retuned());
        long atPitch = action(6, 2.0);
        assertThat(statusOf(atPitch)).isEqualTo(ReadingStatus.BELIEVED);
        assertThat(statusOf(slack)).isEqualTo(ReadingStatus.OFF_PITCH);
    }

    @Test
    void theSameLeavesSayNothingNewAtOnceAndSomethingLater() {
        Gap between = new Gap.Between(0.13, 0.18);
        add(read(3, NUT, Tool.LEAF, between));
        double once = job().estimate().now(3, NUT).sd();
        add(read(3, NUT, Tool.LEAF, between));
        // but for what half a minute may have changed
        assertThat(job().estimate().now(3, NUT).sd()).isCloseTo(once, within(1e-5));
        now = now.plus(Duration.ofMinutes(4));
        add(read(3, NUT, Tool.LEAF, between));
        assertThat(job().estimate().now(3, NUT).sd()).isLessThan(0.95 * once);
    }

    @Test
    void undoneItNeverWas() {
        asFound();
        Normal before = thought(4);
        long odd = action(4, 3.4);
        long again = action(4, 3.42);
        add(new JobEvent.Undone(again));
        assertThat(statusOf(odd)).isEqualTo(ReadingStatus.SURPRISING);
        assertThat(job().readings()).noneMatch(r -> r.seq() == again);
        assertThat(thought(4).mean()).isCloseTo(before.mean(), within(1e-9));
    }
}
