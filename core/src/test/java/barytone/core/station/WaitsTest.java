package barytone.core.station;

import static org.assertj.core.api.Assertions.assertThat;

import barytone.core.advice.Advice;
import barytone.core.bridge.BridgeKind;
import barytone.core.instrument.InstrumentKind;
import barytone.core.instrument.NeckJoint;
import barytone.core.instrument.Touch;
import barytone.core.job.JobEvent;
import barytone.core.job.Station;
import barytone.core.quantity.Turns;
import barytone.core.station.nut.NutEvent;
import barytone.core.station.relief.ReliefEvent;
import barytone.core.wait.AirWanted;
import barytone.core.wait.Wait;
import barytone.core.wait.WaitReason;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import org.junit.jupiter.api.Test;

/** What a job waits for, what begins it, and what ends it. */
class WaitsTest extends PaperJob {
    private List<WaitReason> lasting() {
        return state().waiting().lasting(now).stream().map(Wait::reason).toList();
    }

    private List<WaitReason> over() {
        return state().waiting().over(now).stream().map(Wait::reason).toList();
    }

    private void later(Duration by) {
        now = now.plus(by);
    }

    private void turned(int sixteenths) {
        add(new ReliefEvent.RodTurned(new Turns(sixteenths), false, false));
        add(new JobEvent.Retuned());
    }

    @Test
    void aTurnOfTheRodSettlesByItself() {
        relief(0.4, 0.4);
        turned(2);
        assertThat(lasting()).containsExactly(WaitReason.SETTLING);
        later(Duration.ofMinutes(10));
        assertThat(lasting()).isEmpty();
        assertThat(over()).containsExactly(WaitReason.SETTLING);
        relief(0.2, 0.2);
        assertThat(over()).isEmpty();
    }

    @Test
    void aBigMoveOfTheRodIsLookedAtTheNextDay() {
        relief(0.7, 0.7);
        turned(3);
        assertThat(lasting()).doesNotContain(WaitReason.NEXT_DAY);
        turned(2);
        assertThat(lasting()).containsExactlyInAnyOrder(WaitReason.SETTLING, WaitReason.NEXT_DAY);
        later(Duration.ofHours(1));
        relief(0.2, 0.2);
        assertThat(lasting()).containsExactly(WaitReason.NEXT_DAY);
        later(Duration.ofHours(17));
        add(new JobEvent.NoteWritten("good morning"));
        assertThat(over()).containsExactly(WaitReason.NEXT_DAY);
        relief(0.2, 0.2);
        assertThat(over()).isEmpty();
    }

    @Test
    void whatWasUndoneHoldsUpNothing() {
        relief(0.4, 0.4);
        turned(2);
        add(new JobEvent.Undone(log.size() - 1L));
        assertThat(lasting()).isEmpty();
    }

    @Test
    void aFilledSlotIsNotEvenReadBeforeItHasCured() {
        add(new NutEvent.NutReworked(NutEvent.NutReworked.Way.FILLED, List.of(3), 0.2));
        add(new JobEvent.Retuned());
        assertThat(lasting()).containsExactly(WaitReason.FILL);
        assertThat(advice())
                .isInstanceOfSatisfying(
                        Advice.Waits.class,
                        waits -> assertThat(waits.waitsUntil())
                                .contains(log.getFirst().at().plus(Duration.ofMinutes(20))));
        later(Duration.ofMinutes(20));
        assertThat(advice()).isInstanceOf(Advice.Measure.class);
    }

    @Test
    void aDryGuitarIsReadAsItCameAndThenConditioned() {
        spec = InstrumentKind.FLAT_TOP.usual();
        defaults = Stations.usual(spec, Touch.MEDIUM);
        add(new JobEvent.AirRead(JobEvent.AirRead.Place.CASE, 27, null));
        assertThat(advice()).isInstanceOf(Advice.Measure.class);
        relief(0.1, 0.1);
        nut(GOOD_NUT).action(GOOD_ACTION);
        assertThat(advice()).isInstanceOf(Advice.Waits.class);
        // still dry on the next day: no longer than from the first
        later(Duration.ofDays(1));
        add(new JobEvent.AirRead(JobEvent.AirRead.Place.CASE, 33, null));
        assertThat(state().waiting().lasting(now))
                .singleElement()
                .satisfies(wait ->
                        assertThat(wait.since()).isEqualTo(log.getFirst().at()));
        add(new JobEvent.AirRead(JobEvent.AirRead.Place.CASE, 46, null));
        assertThat(lasting()).isEmpty();
        assertThat(advice()).isNotInstanceOf(Advice.Waits.class);
    }

    @Test
    void theAirOfTheRoomSaysNothingOfTheWood() {
        spec = InstrumentKind.FLAT_TOP.usual();
        add(new JobEvent.AirRead(JobEvent.AirRead.Place.ROOM, 27, null));
        assertThat(lasting()).isEmpty();
    }

    @Test
    void airThatIsWaitedForEndsItWhereverItIsRead() {
        add(new JobEvent.WaitBegun(WaitReason.OTHER, null, new AirWanted(40, 100), "for milder air"));
        add(new JobEvent.AirRead(JobEvent.AirRead.Place.ROOM, 38, null));
        assertThat(lasting()).containsExactly(WaitReason.OTHER);
        add(new JobEvent.AirRead(JobEvent.AirRead.Place.ROOM, 41, null));
        assertThat(lasting()).isEmpty();
    }

    @Test
    void anAnswerIsAwaitedUntilItIsThere() {
        add(new JobEvent.WaitBegun(WaitReason.ANSWER, now.plus(Duration.ofDays(1)), null, ""));
        relief(0.4, 0.4).nut(GOOD_NUT).action(GOOD_ACTION);
        later(Duration.ofDays(3));
        assertThat(lasting()).containsExactly(WaitReason.ANSWER);
        assertThat(state().waiting().all().getFirst().overdue(now)).isTrue();
        Advice advice = advice();
        assertThat(advice).isInstanceOf(Advice.Waits.class);
        assertThat(advice.waitsUntil()).isEmpty();
        add(advice.becomes(state()).orElseThrow());
        assertThat(advice()).isNotInstanceOf(Advice.Waits.class);
        // undone, it waits again
        add(new JobEvent.Undone(log.size()));
        assertThat(advice()).isInstanceOf(Advice.Waits.class);
    }

    @Test
    void whatIsWantedBeforeHandOverOnlyDoesNotHoldUpTheWork() {
        relief(0.4, 0.4).nut(GOOD_NUT).action(GOOD_ACTION);
        Advice before = advice();
        add(new JobEvent.WaitBegun(WaitReason.STRETCHING, now.plus(Duration.ofHours(14)), null, ""));
        assertThat(advice()).hasSameClassAs(before);
    }

    @Test
    void aClockThatIsSetBackMakesNoWaitLonger() {
        add(new JobEvent.WaitBegun(WaitReason.GLUE, now.plus(Duration.ofMinutes(30)), null, ""));
        later(Duration.ofMinutes(10));
        add(new JobEvent.NoteWritten("clamped"));
        Instant back = now.minus(Duration.ofHours(1));
        Wait wait = state().waiting().all().getFirst();
        assertThat(Duration.between(back, state().waiting().endsAt(wait, back)))
                .isBetween(Duration.ofMinutes(19), Duration.ofMinutes(20));
    }

    @Test
    void whatLastsLongestIsTold() {
        on(BridgeKind.FIXED, NeckJoint.SET);
        add(new JobEvent.WaitBegun(WaitReason.GLUE, now.plus(Duration.ofHours(3)), null, ""));
        add(new JobEvent.WaitBegun(WaitReason.FINISH, now.plus(Duration.ofHours(9)), null, ""));
        assertThat(advice())
                .isInstanceOfSatisfying(
                        Advice.Waits.class,
                        waits -> assertThat(waits.what().reason()).isEqualTo(WaitReason.FINISH));
        assertThat(state().agreed(Station.RELIEF)).isTrue();
    }
}
