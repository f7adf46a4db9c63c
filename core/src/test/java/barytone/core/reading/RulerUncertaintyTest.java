package barytone.core.reading;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.SplittableRandom;
import org.junit.jupiter.api.Test;

class RulerUncertaintyTest {
    @Test
    void itIsWhatReadingToTheNearestMarkReallyCosts() {
        double mark = 0.5;
        SplittableRandom random = new SplittableRandom(1);
        double squares = 0;
        int readings = 100_000;
        for (int i = 0; i < readings; i++) {
            double length = random.nextDouble(0, 10);
            squares += Math.pow(Math.rint(length / mark) * mark - length, 2);
        }
        assertThat(RulerUncertainty.scatter(mark)).isCloseTo(Math.sqrt(squares / readings), within(0.002));
    }
}
