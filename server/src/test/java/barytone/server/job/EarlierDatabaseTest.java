package barytone.server.job;

import static barytone.server.db.gen.Tables.INSTRUMENT;
import static org.assertj.core.api.Assertions.assertThat;

import barytone.server.RunningBarytone;
import barytone.server.RunningBarytone.Answer;
import barytone.server.TestClock;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.Instant;
import java.util.List;
import java.util.Objects;
import java.util.zip.GZIPInputStream;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

/** A database that an earlier version wrote opens, shows every job, and goes on. */
class EarlierDatabaseTest {
    private static RunningBarytone app;
    private static Path data;

    @BeforeAll
    static void start(@TempDir Path folder) throws IOException, SQLException {
        data = folder;
        TestClock.set(Instant.parse("2031-02-03T09:00:00Z"));
        // a new nut, a fill and a shim as they were noted then: with an amount that nobody had measured
        write(4, data, """
                    INSERT INTO job_event SELECT 6, MAX(seq) + 1, '2026-11-26T03:00:00.000Z', 'nut-reworked',
                      '{"way":"RENEWED","strings":[8,7,6,5,4,3,2,1],"change":0.1}', 'old-1' FROM job_event WHERE job_id = 6;
                    INSERT INTO job_event SELECT 5, MAX(seq) + 1, '2026-11-26T03:00:00.000Z', 'saddle-reworked',
                      '{"way":"SHIMMED","bass":0.3,"treble":0.3}', 'old-2' FROM job_event WHERE job_id = 5;
                    INSERT INTO job_event SELECT 2, MAX(seq) + 1, '2026-11-26T03:00:00.000Z', 'answered',
                      '{"topic":"action","done":false}', 'old-3' FROM job_event WHERE job_id = 2;
                    """);
        app = RunningBarytone.in(data, TestClock.standing());
    }

    private static InputStream script(int version) throws IOException {
        String name = "/earlier/v" + version + ".sql";
        InputStream plain = EarlierDatabaseTest.class.getResourceAsStream(name);
        return plain != null
                ? plain
                : new GZIPInputStream(
                        Objects.requireNonNull(EarlierDatabaseTest.class.getResourceAsStream(name + ".gz")));
    }

    /** Makes the database of a version, and adds to it. */
    static void write(int version, Path folder, String more) throws IOException, SQLException {
        try (InputStream script = script(version);
                Connection connection = DriverManager.getConnection("jdbc:sqlite:" + folder.resolve("barytone.db"));
                Statement statement = connection.createStatement()) {
            statement.executeUpdate(new String(script.readAllBytes(), StandardCharsets.UTF_8));
            if (!more.isEmpty()) statement.executeUpdate(more);
        }
    }

    @ParameterizedTest
    @CsvSource({"1, 5, 1", "2, 5, 1", "3, 10, 1", "12, 38, 19"})
    void theDatabaseOfEachVersionOpensShowsEveryJobAndGoesOn(int version, int jobs, int closed, @TempDir Path folder)
            throws IOException, SQLException {
        write(version, folder, "");
        try (RunningBarytone then = RunningBarytone.in(folder, TestClock.standing())) {
            for (int id = 1; id <= jobs; id++) {
                Answer shown = then.get("/api/jobs/" + id);
                assertThat(shown.status()).as(shown.text()).isEqualTo(200);
                JsonNode job = shown.json();
                assertThat(job.at("/advice/headline").asString()).isNotEmpty();
                if (job.get("closed").asBoolean()) continue;
                assertThat(then.note(id, "goes on in job " + id).status()).isEqualTo(200);
            }
            JsonNode bench = then.get("/api/bench").json();
            assertThat(bench.get("open").size() + bench.get("closed").asInt()).isEqualTo(jobs);
            assertThat(bench.get("closed").asInt()).isEqualTo(closed);
            // what waits and what is promised is told of it too
            assertThat(then.get("/api/day").status()).isEqualTo(200);
            for (JsonNode card : bench.get("open"))
                assertThat(card.get("nextKind").asString()).isNotEqualTo("broken");
        }
    }

    /** Earlier versions made a player and an instrument anew for every job. */
    @Test
    void whatCameBackThenIsToldAsOneAndThatCanBeTakenBack(@TempDir Path folder) throws IOException, SQLException {
        write(7, folder, """
                INSERT INTO player SELECT 101, upper(name), 'heavy', created_at FROM player WHERE id = 5;
                CREATE TEMP TABLE again AS SELECT * FROM instrument WHERE id IN (5, 6);
                UPDATE again SET id = id + 100;
                UPDATE again SET name = (SELECT name FROM instrument WHERE id = 5) WHERE id = 106;
                INSERT INTO instrument SELECT * FROM again;
                INSERT INTO job SELECT 101, 901, 105, 101, 'once more', 'again-1', '2026-12-01T09:00:00.000Z', scope, choices, 0 FROM job WHERE id = 5;
                INSERT INTO job SELECT 102, 902, 106, 101, 'another kind', 'again-2', '2026-12-02T09:00:00.000Z', scope, choices, 0 FROM job WHERE id = 6;
                """);
        try (RunningBarytone then = RunningBarytone.in(folder, TestClock.standing())) {
            JsonNode wigeon = then.get("/api/instruments/105").json();
            assertThat(wigeon.get("id").asLong()).isEqualTo(5);
            assertThat(wigeon.get("visits")).hasSize(2);
            assertThat(wigeon.get("players")).hasSize(1);
            // the same name is no longer the same instrument where the kind is another
            assertThat(then.get("/api/instruments/106").json().get("visits")).hasSize(1);
            // every job keeps its touch and the name that it was taken in under
            assertThat(then.get("/api/jobs/5").json().get("touch").asString()).isEqualTo("medium");
            assertThat(then.get("/api/jobs/101").json().get("touch").asString()).isEqualTo("heavy");
            assertThat(then.get("/api/jobs/101").json().get("player").asString())
                    .isUpperCase();
            assertThat(then.get("/api/players/101").json().get("count").asInt()).isEqualTo(3);
            assertThat(then.delete("/api/players/101/same-as")
                            .json()
                            .get("count")
                            .asInt())
                    .isEqualTo(2);
            assertThat(then.delete("/api/instruments/105/same-as").json().get("visits"))
                    .hasSize(1);
            assertThat(then.get("/api/instruments/5").json().get("visits")).hasSize(1);
        }
    }

    @AfterAll
    static void stop() {
        app.close();
    }

    private static JsonNode job(long id) {
        Answer answer = app.get("/api/jobs/" + id);
        assertThat(answer.status()).as(answer.text()).isEqualTo(200);
        return answer.json();
    }

    @Test
    void aBackupOfThenWasMadeBeforeAnythingWasChanged() throws IOException {
        try (var made = Files.list(data.resolve("backups"))) {
            assertThat(made.map(f -> f.getFileName().toString()).toList())
                    .singleElement()
                    .asString()
                    .startsWith("before-step-5-");
        }
    }

    @Test
    void everyJobIsShownAndTheBenchIsWhole() {
        JsonNode bench = app.get("/api/bench").json();
        assertThat(bench.get("open")).hasSize(11);
        assertThat(bench.get("closed").asInt()).isEqualTo(1);
        for (JsonNode card : bench.get("open"))
            assertThat(card.get("nextKind").asString()).isNotEqualTo("broken");
        for (long id = 1; id <= 12; id++)
            assertThat(job(id).at("/advice/headline").asString()).isNotEmpty();
        // read then as now
        assertThat(job(7).at("/relief/rows/0/found").asString()).isEqualTo("0.53");
        assertThat(job(7).at("/relief/rows/0/now").asString()).isEqualTo("0.36");
        assertThat(job(7).at("/advice/headline").asString()).isEqualTo("Tighten the rod 1/8 turn, then retune");
    }

    @Test
    void whatWasClosedThenIsKeptAsItIsFromNowOn() {
        JsonNode before = job(1);
        assertThat(before.at("/closing/rows/0/found").asString()).isEqualTo("0.33 mm");
        assertThat(before.at("/closing/rows/0/left").asString()).isEqualTo("0.19 mm");
        app.sql(sql -> sql.update(INSTRUMENT)
                .set(INSTRUMENT.NAME, "Another name")
                .set(INSTRUMENT.FRETS, 24L)
                .where(INSTRUMENT.ID.eq(1L))
                .execute());
        JsonNode after = job(1);
        for (String part : List.of("instrument", "relief", "closing", "advice"))
            assertThat(after.get(part)).as(part).isEqualTo(before.get(part));
    }

    @Test
    void anAmountThatNobodyMeasuredIsNotReadAnyMore() {
        JsonNode nut = job(6);
        assertThat(nut.at("/nut/rows/0/now").isMissingNode()).isTrue();
        assertThat(nut.at("/nut/rows/0/found").asString()).isEqualTo("0.24");
        assertThat(job(5).at("/action/rows/0/now").isMissingNode()).isTrue();
    }

    @Test
    void whatWasLeftThenIsLeftNow() {
        assertThat(job(2).at("/advice/headline").asString()).doesNotContain("barrel screws");
    }

    @Test
    void aJobOfThenGoesOn() {
        JsonNode before = job(10);
        Answer read = app.post(
                "/api/jobs/10/readings",
                "{\"after\":%d,\"key\":\"now-1\",\"station\":\"RELIEF\",\"string\":6,\"text\":\"0.21\"}"
                        .formatted(before.get("seq").asLong()));
        assertThat(read.status()).as(read.text()).isEqualTo(200);
        assertThat(read.json().at("/relief/rows/0/now").asString()).isEqualTo("0.21");
    }
}
