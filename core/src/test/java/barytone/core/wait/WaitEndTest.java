package barytone.core.wait;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import barytone.core.quantity.OutOfRangeException;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.ZoneId;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Ends of waits as they are typed at the bench. */
class WaitEndTest {
    private static final ZoneId ZONE = ZoneId.of("Europe/Copenhagen");
    private static final Instant NOW =
            LocalDateTime.parse("2031-02-03T10:20:00").atZone(ZONE).toInstant();

    @ParameterizedTest
    @CsvSource({
        "20, 2031-02-03T10:40",
        "20 min, 2031-02-03T10:40",
        "1.5 h, 2031-02-03T11:50",
        "'1,5h', 2031-02-03T11:50",
        "4 days, 2031-02-07T10:20",
        "2 weeks, 2031-02-17T10:20",
        "16:30, 2031-02-03T16:30",
        "9.15, 2031-02-04T09:15",
        "Tomorrow, 2031-02-04T09:00",
        "overnight, 2031-02-04T09:00",
        "2031-02-06, 2031-02-06T09:00",
        "2031-02-06 14:00, 2031-02-06T14:00",
    })
    void isRead(String typed, String local) {
        assertThat(LocalDateTime.ofInstant(WaitEnd.parse(typed, NOW, ZONE), ZONE))
                .isEqualTo(LocalDateTime.parse(local));
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "soon", "0", "25:70", "2031-02-30", "2031-01-01", "400 d", "2099-01-01", "-5 min"})
    void isRefusedWithWhatIsAllowed(String typed) {
        assertThatThrownBy(() -> WaitEnd.parse(typed, NOW, ZONE))
                .isInstanceOf(OutOfRangeException.class)
                .hasMessageContaining("until")
                .hasMessageContaining("allowed");
    }

    /** Four in the morning on the day that has an hour less is four by the clock on the wall. */
    @ParameterizedTest
    @CsvSource({"2031-03-30 04:00, 2031-03-30T02:00:00Z", "2031-10-26 04:00, 2031-10-26T03:00:00Z"})
    void daylightSavingMovesNoTimeOfTheWall(String typed, String utc) {
        assertThat(WaitEnd.parse(typed, NOW, ZONE)).isEqualTo(Instant.parse(utc));
    }
}
