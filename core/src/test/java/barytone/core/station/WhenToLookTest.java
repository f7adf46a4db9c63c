package barytone.core.station;

import static org.assertj.core.api.Assertions.assertThat;

import barytone.core.history.WhenToLook;
import barytone.core.instrument.InstrumentKind;
import barytone.core.instrument.Touch;
import barytone.core.job.JobEvent;
import barytone.core.quantity.Turns;
import barytone.core.station.nut.NutEvent;
import barytone.core.station.relief.ReliefEvent;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** When an instrument that went home is looked at again. */
class WhenToLookTest extends PaperJob {
    private static final LocalDate CLOSED = LocalDate.of(2031, 3, 4);

    private Optional<WhenToLook> then() {
        return WhenToLook.after(state(), log, CLOSED);
    }

    private static WhenToLook on(String day, WhenToLook.Why why) {
        return new WhenToLook(LocalDate.parse(day), why);
    }

    @Test
    void aSolidBodyThatWasLeftAloneAsksForNothing() {
        relief(0.2, 0.17);
        assertThat(then()).isEmpty();
    }

    @Test
    void otherStringsAndABigMoveAskForALookAfterAMonth() {
        add(new JobEvent.StringsChanged("", "11 14 18 28w 38w 49w"));
        assertThat(then()).contains(on("2031-04-03", WhenToLook.Why.OTHER_STRINGS));
        log.clear();
        add(new ReliefEvent.RodTurned(new Turns(3), false, false));
        assertThat(then()).isEmpty();
        add(new ReliefEvent.RodTurned(new Turns(3), false, false));
        assertThat(then()).contains(on("2031-04-03", WhenToLook.Why.BIG_MOVE));
        add(new JobEvent.Undone(log.size()));
        assertThat(then()).isEmpty();
    }

    @Test
    void aFilledSlotAsksForOneBeforeItFails() {
        add(new NutEvent.NutReworked(NutEvent.NutReworked.Way.FILLED, List.of(3), 0.2));
        assertThat(then()).contains(on("2031-09-02", WhenToLook.Why.FILLED));
    }

    @Test
    void aTopIsLookedAtWhenTheSeasonTurnsButNotJustAfterItWasHere() {
        spec = InstrumentKind.FLAT_TOP.usual();
        defaults = Stations.usual(spec, Touch.MEDIUM);
        assertThat(then()).contains(on("2031-11-01", WhenToLook.Why.SEASON));
        assertThat(WhenToLook.after(state(), log, LocalDate.of(2031, 9, 20)))
                .contains(on("2032-05-01", WhenToLook.Why.SEASON));
    }
}
