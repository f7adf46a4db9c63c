package barytone.core.station.nut;

import static org.assertj.core.api.Assertions.assertThat;

import barytone.core.estimate.Move;
import barytone.core.estimate.SetupEstimate;
import barytone.core.instrument.InstrumentKind;
import barytone.core.neck.GapMethod;
import barytone.core.reading.Evidence;
import org.junit.jupiter.api.Test;

class NeverBelowFretsTest {
    private static SetupEstimate pressed(double mm) {
        return SetupEstimate.before(InstrumentKind.ELECTRIC.usual().model())
                .given(3, new GapMethod.NutPressed(3), new Evidence.Point(mm, 0.01));
    }

    private static int most(SetupEstimate estimate) {
        int strokes = 0;
        while (NeverBelowFrets.allows(estimate, 3, strokes + 1)) strokes++;
        return strokes;
    }

    @Test
    void aHighSlotMayBeFiledAndALowOneNot() {
        assertThat(most(pressed(0.40))).isGreaterThan(most(pressed(0.20)));
        assertThat(most(pressed(0.04))).isZero();
    }

    @Test
    void whatIsAllowedLeavesTheSlotAboveTheFretsWhateverTheFileTakes() {
        SetupEstimate estimate = pressed(0.25);
        SetupEstimate then = estimate.after(new Move.SlotFiled(3, most(estimate)));
        assertThat(then.slotHeight(3).mean() - 4 * then.slotHeight(3).sd()).isPositive();
    }

    @Test
    void aDullerFileHasMoreStrokesLeft() {
        SetupEstimate estimate = pressed(0.25);
        double left = NeverBelowFrets.strokesLeft(estimate, 3);
        assertThat(left * estimate.filingBite().mean())
                .isEqualTo(estimate.slotHeight(3).mean());
    }
}
