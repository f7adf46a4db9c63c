package barytone.core.instrument;

import java.time.Duration;
import java.time.Instant;

/** Wood that comes from dry or wet air is given days in the middle of the range before it is judged: the rod does not put right what the air did. */
public final class Conditioning {
    /** Most of what a top moves it has moved by then. */
    public static final Duration TAKES = Duration.ofDays(4);

    private Conditioning() {}

    /** Until about when an instrument is conditioned whose air was read at a moment. */
    public static Instant until(Instant read) {
        return read.plus(TAKES);
    }
}
