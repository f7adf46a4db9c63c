package barytone.server;

import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.when;
import static org.mockito.Mockito.withSettings;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.Objects;
import java.util.concurrent.atomic.AtomicReference;
import org.springframework.context.ApplicationContextInitializer;
import org.springframework.context.support.GenericApplicationContext;

/**
 * A clock that stands until it is moved, so that waits can be tested without waiting. Each thread of tests has its own, which is
 * that of the applications it starts: classes run side by side. Mocks are subclasses (resources/mockito-extensions): the usual ones weave a question into the equality of
 * every object of the process.
 */
public final class TestClock {
    private TestClock() {}

    private static final ThreadLocal<AtomicReference<Instant>> NOW =
            ThreadLocal.withInitial(() -> new AtomicReference<>(Instant.EPOCH));

    public static void set(Instant now) {
        NOW.get().set(now);
    }

    static Instant now() {
        return Objects.requireNonNull(NOW.get().get());
    }

    public static void pass(Duration time) {
        NOW.get().updateAndGet(now -> now.plus(time));
    }

    /** Puts it in the place of the machine's clock: beside the beans that were found at build time, for the application starts several times as fast with those. */
    public static ApplicationContextInitializer<GenericApplicationContext> standing() {
        AtomicReference<Instant> mine = NOW.get();
        Clock clock = mock(Clock.class, withSettings().stubOnly());
        when(clock.instant()).thenAnswer(call -> mine.get());
        return context -> context.registerBean("steppedClock", Clock.class, () -> clock, bean -> bean.setPrimary(true));
    }
}
