package barytone.server;

import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.when;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.concurrent.atomic.AtomicReference;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Primary;

/**
 * A clock that stands until it is moved, so that waits can be tested without waiting. Given to the application as a source. Each thread of tests has its own, which is
 * that of the applications it starts: classes run side by side.
 */
public class TestClock {
    private static final ThreadLocal<AtomicReference<Instant>> NOW =
            ThreadLocal.withInitial(() -> new AtomicReference<>(Instant.EPOCH));

    public static void set(Instant now) {
        NOW.get().set(now);
    }

    public static void pass(Duration time) {
        NOW.get().updateAndGet(now -> now.plus(time));
    }

    @Bean
    @Primary
    Clock steppedClock() {
        AtomicReference<Instant> mine = NOW.get();
        Clock clock = mock(Clock.class);
        when(clock.instant()).thenAnswer(call -> mine.get());
        return clock;
    }
}
