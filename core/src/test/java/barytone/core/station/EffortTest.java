package barytone.core.station;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import barytone.core.advice.Advice;
import barytone.core.advice.Effort;
import barytone.core.height.HeightVerdict;
import barytone.core.job.JobEvent;
import barytone.core.job.Station;
import barytone.core.quantity.Turns;
import barytone.core.station.nut.NutAdvice;
import barytone.core.station.relief.ReliefEvent;
import org.junit.jupiter.api.Test;

/** A look or a move is advised where it is worth its minutes, and the shop says what those are. */
class EffortTest extends PaperJob {
    private static final Effort DEAR_SLACKENING = new Effort(0.5, 4, 30, 10);

    private PaperJob thirdSlot(double mm) {
        double[] slots = GOOD_NUT.clone();
        slots[3] = mm;
        return relief(0.23, 0.20).nut(slots).action(GOOD_ACTION).agreed(Station.NUT);
    }

    private double barelyOut() {
        good();
        double high = HeightVerdict.band(state(), Station.NUT, 3).high();
        log.clear();
        return high + 0.017;
    }

    @Test
    void aSlotThatIsBarelyOutIsFiledWhereSlackeningIsCheapAndLeftWhereItIsDear() {
        thirdSlot(barelyOut());
        assertThat(advice()).isInstanceOf(NutAdvice.FileSlots.class);
        effort = DEAR_SLACKENING;
        assertThat(advice()).isEqualTo(new Advice.Done(Station.NUT, Advice.Done.Reason.NOT_WORTH_IT));
    }

    @Test
    void whatIsSurelyOutIsFiledWhateverItTakes() {
        thirdSlot(0.25);
        effort = DEAR_SLACKENING;
        assertThat(advice()).isInstanceOf(NutAdvice.FileSlots.class);
    }

    @Test
    void beforeALookIsAskedForItIsWeighedAgainstWhatItTakes() {
        good();
        add(new ReliefEvent.RodTurned(new Turns(1), false, false)).add(new JobEvent.Retuned());
        int cheap = NextMove.recheck(state(), new Effort(0.1, 1, 1, 60), Station.ACTION)
                .size();
        int dear = NextMove.recheck(state(), new Effort(20, 1, 1, 10), Station.ACTION)
                .size();
        assertThat(cheap).isGreaterThan(dear);
    }

    @Test
    void minutesThatNobodyNeedsAreRefused() {
        assertThatThrownBy(() -> new Effort(0, 1, 1, 10)).hasMessageContaining("minutes for a reading");
        assertThatThrownBy(() -> new Effort(1, 1, 1, 0.5)).hasMessageContaining("comes back");
    }
}
