package barytone.core.worktime;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import barytone.core.advice.Effort;
import barytone.core.bridge.BridgeKind;
import barytone.core.instrument.InstrumentKind;
import barytone.core.job.Station;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import org.junit.jupiter.api.Test;

/** How long work takes here, as the tapes tell it. */
class StepTimesTest {
    private static final Task NUT = new Task(Task.Kind.READING, Station.NUT);
    private static final Task RELIEF = new Task(Task.Kind.READING, Station.RELIEF);
    private static final Instant NINE = Instant.parse("2031-02-03T09:00:00Z");

    private static Worked.Entry entry(Task task, String by, int minute) {
        return new Worked.Entry(
                task, InstrumentKind.ELECTRIC, BridgeKind.INDIVIDUAL, by, NINE.plus(Duration.ofMinutes(minute)));
    }

    private static List<Worked> times(int n, Task task, BridgeKind bridge, String by, double minutes) {
        return Collections.nCopies(n, new Worked(task, InstrumentKind.ELECTRIC, bridge, by, minutes));
    }

    @Test
    void idleStretchesAreCutOutAndTwoPairsOfHandsCountForThemselves() {
        List<Worked> worked = Worked.of(List.of(
                entry(NUT, "Edda", 0),
                entry(NUT, "Edda", 2),
                // lunch
                entry(NUT, "Edda", 40),
                entry(RELIEF, "Odd", 1),
                entry(RELIEF, "Odd", 4)));
        assertThat(worked).extracting(Worked::minutes).containsExactlyInAnyOrder(2.0, 3.0);
    }

    @Test
    void workOnAnotherInstrumentInBetweenIsNotCountedTwice() {
        List<Worked> worked = Worked.of(List.of(entry(NUT, "", 0), entry(RELIEF, "", 3), entry(NUT, "", 5)));
        assertThat(worked.stream().mapToDouble(Worked::minutes).sum()).isEqualTo(5);
    }

    @Test
    void whatIsUsualIsWorthThreeObservations() {
        double usual = StepTimes.usual(Effort.USUAL).of(NUT).median();
        assertThat(usual).isCloseTo(0.5, within(1e-9));
        StepTimes three = StepTimes.learned(Effort.USUAL, times(3, NUT, BridgeKind.INDIVIDUAL, "", 2));
        assertThat(three.of(NUT).median()).isCloseTo(1, within(1e-6));
        StepTimes many = StepTimes.learned(Effort.USUAL, times(300, NUT, BridgeKind.INDIVIDUAL, "", 2));
        assertThat(many.of(NUT).median()).isCloseTo(2, within(0.05));
        assertThat(many.of(NUT).spread()).isLessThan(three.of(NUT).spread());
        assertThat(many.of(RELIEF).median()).isCloseTo(usual, within(1e-9));
    }

    @Test
    void aMechanismAndAPairOfHandsAreDrawnTowardsTheShop() {
        List<Worked> worked = new ArrayList<>(times(40, NUT, BridgeKind.INDIVIDUAL, "Edda", 1));
        worked.addAll(times(3, NUT, BridgeKind.FLOATING, "Odd", 4));
        StepTimes times = StepTimes.learned(Effort.USUAL, worked);
        double shop = times.of(NUT).median();
        assertThat(times.of(NUT, InstrumentKind.ELECTRIC, BridgeKind.FLOATING).median())
                .isBetween(1.5 * shop, 3.0);
        assertThat(times.of(NUT, "Odd").median())
                .isGreaterThan(1.5 * times.of(NUT, "Edda").median());
        assertThat(times.of(NUT, "nobody yet").median()).isCloseTo(shop, within(1e-9));
    }
}
