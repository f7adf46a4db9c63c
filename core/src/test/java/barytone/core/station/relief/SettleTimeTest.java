package barytone.core.station.relief;

import static org.assertj.core.api.Assertions.assertThat;

import barytone.core.quantity.Turns;
import java.time.Instant;
import org.junit.jupiter.api.Test;

class SettleTimeTest {
    private static final Instant TURNED = Instant.parse("2031-03-04T09:00:00Z");

    @Test
    void aNeckIsJudgedWhenItHasHadItsTime() {
        assertThat(SettleTime.after(TURNED, RodWays.USUAL)).isEqualTo(TURNED.plusSeconds(600));
    }

    @Test
    void aShopThatDoesNotWaitJudgesAtOnce() {
        assertThat(SettleTime.after(TURNED, new RodWays(Turns.EIGHTH, true, 0, new Turns(12))))
                .isNull();
    }
}
