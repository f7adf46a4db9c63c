package barytone.core.job;

import static org.assertj.core.api.Assertions.assertThat;

import barytone.core.estimate.SetupEstimate;
import barytone.core.instrument.InstrumentKind;
import barytone.core.neck.GapMethod;
import barytone.core.reading.Evidence;
import barytone.core.reading.Gap;
import barytone.core.reading.Position;
import barytone.core.reading.Tool;
import org.junit.jupiter.api.Test;

class SurpriseTestTest {
    private static final GapMethod ACTION = new GapMethod.Action(12);
    private static final SetupEstimate KNOWN = SetupEstimate.before(
                    InstrumentKind.ELECTRIC.usual().model())
            .given(3, ACTION, new Evidence.Point(1.6, 0.03));

    private static boolean surprising(double mm) {
        JobEvent.ReadingTaken read =
                new JobEvent.ReadingTaken(3, ACTION, Tool.CALIPER, new Gap.Of(mm), Position.PLAYING, "");
        return SurpriseTest.surprising(KNOWN, read, Evidence.of(read.gap(), ACTION, Tool.CALIPER, 0.015));
    }

    @Test
    void whatAnHonestHandReadsIsBelieved() {
        assertThat(surprising(1.6)).isFalse();
        assertThat(surprising(1.66)).isFalse();
    }

    @Test
    void aDigitTooManyOrAnotherStringIsNot() {
        assertThat(surprising(2.6)).isTrue();
        assertThat(surprising(0.16)).isTrue();
    }
}
