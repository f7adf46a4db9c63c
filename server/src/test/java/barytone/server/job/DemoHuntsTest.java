package barytone.server.job;

import static org.assertj.core.api.Assertions.assertThat;

import barytone.server.RunningBarytone;
import barytone.server.TestClock;
import java.nio.file.Path;
import java.time.Instant;
import java.util.List;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

/** What is planted in the demo's buzzing instruments is suspected from what was heard and read. */
class DemoHuntsTest {
    private static RunningBarytone app;

    @BeforeAll
    static void start(@TempDir Path data) {
        TestClock.set(Instant.parse("2031-02-03T09:00:00Z"));
        app = RunningBarytone.demo(data);
    }

    @AfterAll
    static void stop() {
        app.close();
    }

    @ParameterizedTest
    @CsvSource({
        "Avocet, high-fret, 1",
        "Greenshank, break-angle-saddle, 2",
        "Greenshank, plate-loose, 3",
        "Petrel, nut-slot-low, 1",
        "Stint, ramp, 1",
        "Curlew, back-bow, 1",
        "Scoter, plate-loose, 1",
        "Phalarope, dry, 1"
    })
    void theFaultIsAmongTheFirstSuspects(String name, String cause, int within) {
        long id = app.get("/api/bench")
                .json()
                .get("open")
                .valueStream()
                .filter(card -> card.get("instrument").asString().contains(name))
                .findFirst()
                .orElseThrow()
                .get("id")
                .asLong();
        JsonNode page = app.get("/api/jobs/" + id).json();
        List<String> suspects = page.at("/frets/suspects")
                .valueStream()
                .map(s -> s.get("cause").asString())
                .toList();
        assertThat(suspects.stream().limit(within)).contains(cause);
    }
}
