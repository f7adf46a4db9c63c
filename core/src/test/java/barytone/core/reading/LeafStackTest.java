package barytone.core.reading;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

class LeafStackTest {
    @Test
    void oneLeafThatFitsIsBetterThanTwo() {
        assertThat(LeafStack.nearest(List.of(0.10, 0.20, 0.30), 0.30, 4).leaves())
                .containsExactly(0.30);
    }

    @Test
    void aStackMakesWhatNoLeafIs() {
        LeafStack stack = LeafStack.nearest(List.of(0.05, 0.10, 0.20, 0.40, 0.80), 1.25, 4);
        assertThat(stack.leaves()).containsExactly(0.80, 0.40, 0.05);
        assertThat(stack.error()).isCloseTo(0, within(1e-12));
    }

    @Test
    void noChoiceIsNearerThanTheOneGiven() {
        Random random = new Random(3);
        for (int run = 0; run < 40; run++) {
            List<Double> owned = random.doubles(9, 0.04, 1).boxed().toList();
            double target = random.nextDouble(0.05, 2.5);
            LeafStack stack = LeafStack.nearest(owned, target, 3);
            double best = Double.POSITIVE_INFINITY;
            for (int bits = 1; bits < 1 << 9; bits++) {
                if (Integer.bitCount(bits) > 3) continue;
                double sum = 0;
                for (int i = 0; i < 9; i++) if ((bits >> i & 1) == 1) sum += owned.get(i);
                best = Math.min(best, Math.abs(sum - target));
            }
            assertThat(Math.abs(stack.error())).isCloseTo(best, within(1e-9));
            assertThat(stack.leaves()).hasSizeLessThanOrEqualTo(3).doesNotHaveDuplicates();
        }
    }
}
