package barytone.server.day;

import static org.assertj.core.api.Assertions.assertThat;

import barytone.server.RunningBarytone;
import barytone.server.RunningBarytone.Answer;
import barytone.server.TestClock;
import java.nio.file.Path;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import java.util.UUID;
import java.util.stream.Stream;
import java.util.stream.StreamSupport;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;

/** A bench of its own for every test, with a clock that is moved. */
abstract class DayOverHttp {
    /** A Monday. */
    protected static final Instant NINE =
            LocalDate.of(2031, 2, 3).atTime(9, 0).atZone(ZoneId.systemDefault()).toInstant();

    @TempDir
    protected Path data;

    protected RunningBarytone app;

    @BeforeEach
    void start() {
        TestClock.set(NINE);
        app = RunningBarytone.shop(data);
    }

    @AfterEach
    void stop() {
        app.close();
    }

    protected static JsonNode ok(Answer answer) {
        assertThat(answer.status()).as(answer.text()).isEqualTo(200);
        return answer.json();
    }

    protected long takeIn(String name) {
        Answer created = app.post("/api/jobs", """
                {"requestKey":"%s","player":"Ferry band %s","touch":"MEDIUM","complaint":"","scope":["RELIEF"],
                 "instrument":{"name":"%s","kind":"ELECTRIC","tuning":"E A D G B E","scaleLength":"648",
                   "frets":22,"bodyJointFret":16,"boardRadius":"254","rod":"SINGLE","access":"HEADSTOCK","leftHanded":false}}
                """.formatted(UUID.randomUUID(), name, name));
        assertThat(created.status()).as(created.text()).isEqualTo(201);
        return created.json().get("id").asLong();
    }

    protected JsonNode job(long id) {
        return ok(app.get("/api/jobs/" + id));
    }

    protected Answer post(long job, String path, String more) {
        return app.post(
                "/api/jobs/" + job + "/" + path,
                "{\"after\":%d,\"key\":\"%s\"%s}".formatted(app.seq(job), UUID.randomUUID(), more));
    }

    protected JsonNode waits(long job, String reason, String until) {
        return ok(post(job, "waits", ",\"reason\":\"%s\",\"until\":\"%s\"".formatted(reason, until)));
    }

    protected void read(long job, double mm) {
        for (int string : new int[] {6, 1})
            ok(post(job, "readings", ",\"string\":%d,\"station\":\"RELIEF\",\"text\":\"%s\"".formatted(string, mm)));
    }

    protected JsonNode day() {
        return ok(app.get("/api/day"));
    }

    protected static Stream<JsonNode> each(JsonNode array) {
        return StreamSupport.stream(array.spliterator(), false);
    }

    protected List<Long> jobs(String list) {
        return each(day().get(list)).map(n -> n.get("job").asLong()).toList();
    }
}
