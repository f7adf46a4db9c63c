package barytone.server.job;

import static barytone.server.db.gen.Tables.JOB_EVENT;
import static org.assertj.core.api.Assertions.assertThat;

import barytone.server.RunningBarytone;
import barytone.server.RunningBarytone.Answer;
import barytone.server.TestClock;
import java.nio.file.Path;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Nothing that was accepted breaks a view, and what cannot be shown can be put right; a request is taken for what it is, once. */
class FirmGroundTest {
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

    private static JsonNode job(long id) {
        Answer answer = app.get("/api/jobs/" + id);
        assertThat(answer.status()).as(answer.text()).isEqualTo(200);
        return answer.json();
    }

    private static String body(long job, String key, String more) {
        return "{\"after\":" + app.seq(job) + ",\"key\":\"" + key + "\"" + more + "}";
    }

    private static Answer post(long job, String what, String more) {
        return app.post(
                "/api/jobs/" + job + "/" + what, body(job, UUID.randomUUID().toString(), more));
    }

    /** An entry as only a damaged or a later database would hold it. */
    private static long damage(long job) {
        long seq = app.seq(job) + 1;
        app.sql(sql -> sql.insertInto(JOB_EVENT)
                .set(JOB_EVENT.JOB_ID, job)
                .set(JOB_EVENT.SEQ, seq)
                .set(JOB_EVENT.HAPPENED_AT, Instant.parse("2031-02-03T09:00:00Z"))
                .set(JOB_EVENT.KIND, "glued-together")
                .set(JOB_EVENT.BODY, "{}")
                .set(JOB_EVENT.REQUEST_KEY, "damage-" + job)
                .execute());
        return seq;
    }

    @Test
    void aJobThatCannotBeShownTakesNoOtherAlongAndIsPutRightByUndo() {
        long seq = damage(4);
        Answer shown = app.get("/api/jobs/4");
        assertThat(shown.status()).isEqualTo(500);
        assertThat(shown.json().get("code").asString()).isEqualTo("cannot-be-shown");
        assertThat(app.get("/api/jobs/5").status()).isEqualTo(200);
        JsonNode cards = app.get("/api/bench").json().get("open");
        assertThat(cards.valueStream().filter(c -> c.get("nextKind").asString().equals("broken")))
                .singleElement()
                .satisfies(c -> assertThat(c.get("id").asLong()).isEqualTo(4));

        JsonNode stored = app.get("/api/jobs/4/stored").json();
        assertThat(stored.get("why").asString()).contains("entry " + seq + " of kind glued-together");
        assertThat(stored.at("/tape/0/text").asString()).isEqualTo("An entry that cannot be read: glued-together");
        assertThat(stored.at("/instrument/name").asString()).isNotBlank();
        Answer undone = app.post(
                "/api/jobs/4/stored/undo", "{\"after\":" + seq + ",\"key\":\"undo-damage\",\"event\":" + seq + "}");
        assertThat(undone.status()).as(undone.text()).isEqualTo(200);
        assertThat(undone.json().hasNonNull("why")).isFalse();
        assertThat(job(4).get("seq").asLong()).isEqualTo(seq + 1);
        // other strings put on its facts are an entry there too
        long version = job(4).at("/instrument/version").asLong();
        ObjectNode facts = factsOf(job(4)).put("strings", "9 9 12 12 20 8 28b 12 38b 17b 46b 26b");
        Answer corrected =
                app.put("/api/jobs/4/stored/instrument", "{\"version\":" + version + ",\"facts\":" + facts + "}");
        assertThat(corrected.status()).as(corrected.text()).isEqualTo(200);
        assertThat(corrected.json().at("/tape/0/text").asString()).isEqualTo("Strings changed");
        assertThat(post(4, "undo", "").status()).isEqualTo(200);
        // and the work goes on
        assertThat(post(4, "notes", ",\"text\":\"goes on\"").status()).isEqualTo(200);
    }

    @Test
    void aClosedJobThatCannotBeShownKeepsItsFactsUntilItsClosingIsUndone() {
        JsonNode before = job(1);
        int closed = app.get("/api/bench/closed").json().get("count").asInt();
        long closing = before.get("tape").get(0).get("seq").asLong();
        long seq = damage(1);
        String facts = "{\"version\":" + before.at("/instrument/version") + ",\"facts\":" + factsOf(before) + "}";
        assertThat(app.put("/api/jobs/1/stored/instrument", facts).status()).isEqualTo(409);
        for (long event : new long[] {closing, seq}) {
            long after = app.get("/api/jobs/1/stored").json().get("seq").asLong();
            assertThat(app.post(
                                    "/api/jobs/1/stored/undo",
                                    "{\"after\":" + after + ",\"key\":\"undo-" + event + "\",\"event\":" + event + "}")
                            .status())
                    .isEqualTo(200);
        }
        assertThat(job(1).get("closed").asBoolean()).isFalse();
        assertThat(app.put("/api/jobs/1/stored/instrument", facts).status()).isEqualTo(200);
        assertThat(app.get("/api/bench/closed").json().get("count").asInt()).isEqualTo(closed - 1);
        assertThat(post(1, "close", "").status()).isEqualTo(200);
    }

    private static ObjectNode factsOf(JsonNode job) {
        var facts = (ObjectNode) job.get("instrument").deepCopy();
        facts.remove(List.of("version", "kindLabel"));
        return facts;
    }

    @Test
    void aClosedJobIsFoundByWordsUnderTheNameItWasClosedWith() {
        assertThat(post(9, "close", "").status()).isEqualTo(200);
        String name = job(9).at("/instrument/name").asString();
        app.sql(sql -> sql.execute("UPDATE instrument SET name = 'Renamed since' WHERE id = "
                + "(SELECT instrument_id FROM job WHERE id = 9)"));
        String words = name.replaceAll(".*“(.*)”", "$1").toLowerCase(java.util.Locale.ROOT);
        JsonNode found = app.get("/api/bench/closed?words=" + words).json();
        assertThat(found.get("count").asInt()).isEqualTo(1);
        assertThat(found.at("/jobs/0/instrument").asString()).isEqualTo(name);
        assertThat(app.get("/api/bench/closed?words=renamed")
                        .json()
                        .get("count")
                        .asInt())
                .isZero();
        assertThat(app.get("/api/bench/closed?words=" + words + "&from=1")
                        .json()
                        .get("jobs"))
                .isEmpty();
        assertThat(app.get("/api/bench/closed?from=-1").status()).isEqualTo(400);
        assertThat(app.get("/api/bench/closed?words=" + "x".repeat(201)).status())
                .isEqualTo(400);
        assertThat(post(9, "reopen", "").status()).isEqualTo(200);
    }

    @Test
    void aKeyBelongsToItsJobItsPlaceAndItsContents() {
        String note = body(5, "one-key", ",\"text\":\"once\"");
        assertThat(app.post("/api/jobs/5/notes", note).status()).isEqualTo(200);
        long seq = job(5).get("seq").asLong();
        // a request sent again is kept once
        assertThat(app.post("/api/jobs/5/notes", note).status()).isEqualTo(200);
        assertThat(job(5).get("seq").asLong()).isEqualTo(seq);
        for (Answer other : List.of(
                app.post("/api/jobs/5/notes", note.replace("once", "twice")),
                app.post("/api/jobs/5/retunes", body(5, "one-key", "")),
                app.post("/api/jobs/6/notes", body(6, "one-key", ",\"text\":\"once\"")))) {
            assertThat(other.status()).as(other.text()).isEqualTo(409);
            assertThat(other.json().get("code").asString()).isEqualTo("key-used");
        }
        assertThat(job(5).get("seq").asLong()).isEqualTo(seq);
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            readings    | ,"string":1.9,"station":"relief","text":"0.3"            | string
            readings    | ,"string":"2","station":"relief","text":"0.3"            | string
            relief/turns   | ,"turns":"1/8","finishTightening":"false","free":false  | finishTightening
            relief/turns   | ,"turns":"1/8","finishTightening":0,"free":false        | finishTightening
            readings    | ,"string":6,"station":0,"text":"0.3"                     | station
            notes       | ,"text":"bell \\u0007"                                   | U+0007 in place 6
            notes       | ,"text":"half \\ud83c"                                   | U+D83C in place 6
            """)
    void whatIsSentIsTakenForWhatItIs(String what, String more, String told) {
        long seq = job(6).get("seq").asLong();
        Answer answer = post(6, what, more);
        assertThat(answer.status()).as(answer.text()).isEqualTo(400);
        assertThat(answer.type()).startsWith("application/problem+json");
        assertThat(answer.json().get("detail").asString()).contains(told);
        assertThat(job(6).get("seq").asLong()).isEqualTo(seq);
    }

    @Test
    void aCorrectionThatAnOpenJobCouldNotBeShownWithIsRefused() {
        JsonNode before = job(6);
        // what was read on eight strings stays, or the correction is refused: the job can be shown either way
        for (String tuning : List.of("G D A E", "E A D G B E", "G3 G3 D4 D4 A4 A4 E5 E5")) {
            long version = job(6).at("/instrument/version").asLong();
            var facts = factsOf(job(6));
            facts.put("tuning", tuning);
            Answer corrected =
                    app.put("/api/jobs/6/instrument", "{\"version\":" + version + ",\"facts\":" + facts + "}");
            assertThat(corrected.status()).as(corrected.text()).isIn(200, 400, 422);
            assertThat(app.get("/api/bench").status()).isEqualTo(200);
            for (String unit : List.of("mm", "thou", "in64"))
                assertThat(app.get("/api/jobs/6?unit=" + unit).status()).isEqualTo(200);
        }
        assertThat(job(6).get("instrument").get("tuning"))
                .isEqualTo(before.get("instrument").get("tuning"));
    }
}
