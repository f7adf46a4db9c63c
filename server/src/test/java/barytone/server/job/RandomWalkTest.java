package barytone.server.job;

import static org.assertj.core.api.Assertions.assertThat;

import barytone.core.instrument.InstrumentKind;
import barytone.server.RunningBarytone;
import barytone.server.TestClock;
import java.nio.file.Path;
import java.time.Instant;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** Whatever is allowed on a job, in any order: every view of it, and the bench, answer. {@code bench/hard/walk} walks farther. */
@Order(5)
class RandomWalkTest {
    private static final int STEPS = Integer.getInteger("walk.steps", 40);
    private static final long SEED = Long.getLong("walk.seed", 12);

    private static RunningBarytone app;

    @BeforeAll
    static void start(@TempDir Path data) {
        TestClock.set(Instant.parse("2031-02-03T09:00:00Z"));
        app = RunningBarytone.shop(data);
    }

    @AfterAll
    static void stop() {
        app.close();
    }

    @ParameterizedTest
    @EnumSource(InstrumentKind.class)
    void everyViewAnswersWhateverWasAllowed(InstrumentKind kind) {
        int taken = new RandomWalk(app, RandomWalk.takeIn(app, kind), SEED * 100 + kind.ordinal()).walk(STEPS);
        // a walk that is refused everywhere shows nothing
        assertThat(taken).isGreaterThan(STEPS / 6);
    }

    @ParameterizedTest
    @EnumSource(
            value = InstrumentKind.class,
            names = {"ELECTRIC", "FLAT_TOP", "BASS_5", "TWELVE_STRING"})
    void whatIsTakenBackLeavesTheJobAsItWas(InstrumentKind kind) {
        long job = RandomWalk.takeIn(app, kind, "-undone");
        int undone = new RandomWalk(app, job, SEED * 100 + kind.ordinal()).doAndUndo(2 * STEPS);
        assertThat(undone).isGreaterThan(STEPS / 6);
    }
}
