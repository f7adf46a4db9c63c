package barytone.server.job;

import static org.assertj.core.api.Assertions.assertThat;

import barytone.server.RunningBarytone;
import barytone.server.RunningBarytone.Answer;
import barytone.server.TestClock;
import java.nio.file.Path;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;

/** Jobs over HTTP against the real application and a real database. */
class JobApiTest {
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

    private static String newJob(String changes) {
        return """
                {"requestKey":"%s","player":"Deck crew","touch":"MEDIUM","complaint":"","scope":["RELIEF"],
                 "instrument":{"name":"Loan electric","kind":"ELECTRIC","tuning":"E A D G B E","scaleLength":"648",
                   "frets":22,"bodyJointFret":16,"boardRadius":"254","rod":"SINGLE","access":"HEADSTOCK","leftHanded":false}}
                """.formatted(UUID.randomUUID())
                .replace("\"scaleLength\":\"648\"", changes.isEmpty() ? "\"scaleLength\":\"648\"" : changes);
    }

    private static long open() {
        Answer created = app.post("/api/jobs", newJob(""));
        assertThat(created.status()).isEqualTo(201);
        return created.json().get("id").asLong();
    }

    private static Answer post(long job, String what, long after, String more) {
        return app.post(
                "/api/jobs/" + job + "/" + what,
                "{\"after\":" + after + ",\"key\":\"" + UUID.randomUUID() + "\"" + more + "}");
    }

    private static JsonNode read(long job, long after, int string, String text) {
        Answer answer = post(job, "readings", after, ",\"string\":" + string + ",\"text\":\"" + text + "\"");
        assertThat(answer.status()).as(answer.text()).isEqualTo(200);
        return answer.json();
    }

    private static String headline(JsonNode job) {
        return job.get("advice").get("headline").asString();
    }

    @Test
    void aReliefJobFromArrivalToDone() {
        long job = open();
        assertThat(headline(app.get("/api/jobs/" + job).json())).isEqualTo("Read the relief under strings 6 E and 1 e");
        read(job, 0, 6, "0.34");
        JsonNode told = read(job, 1, 1, "12t");
        assertThat(headline(told)).isEqualTo("Tighten the rod 1/8 turn, then retune");
        assertThat(told.get("relief").get("rows").get(0).get("verdict").asString())
                .isEqualTo("high");
        JsonNode turned = post(job, "relief/turns", 2, ",\"turns\":\"1/8\",\"finishTightening\":false,\"free\":false")
                .json();
        assertThat(headline(turned)).startsWith("Retune");
        TestClock.pass(Duration.ofMinutes(1));
        assertThat(headline(post(job, "retunes", 3, "").json())).startsWith("Read the relief again");
        read(job, 4, 6, "0.21..0.23");
        JsonNode settling = read(job, 5, 1, "0.19");
        assertThat(headline(settling)).isEqualTo("Leave the neck to settle");
        assertThat(settling.get("settlingUntil").asString()).isEqualTo("2031-02-03T09:10:00Z");
        TestClock.pass(Duration.ofMinutes(10));
        assertThat(headline(app.get("/api/jobs/" + job).json())).isEqualTo("Second look: read strings 6 E and 1 e");
        read(job, 6, 6, "0.22");
        assertThat(headline(read(job, 7, 1, "0.19"))).isEqualTo("Relief is in its band");
        JsonNode closed = post(job, "close", 8, "").json();
        JsonNode row = closed.get("closing").get("rows").get(0);
        assertThat(row.get("found").asString()).isEqualTo("0.34 mm");
        assertThat(row.get("left").asString()).isEqualTo("0.22 mm");
        assertThat(post(job, "retunes", 9, "").status()).isEqualTo(409);
        assertThat(post(job, "reopen", 9, "").json().get("closed").asBoolean()).isFalse();
        TestClock.set(Instant.parse("2031-02-03T09:00:00Z"));
    }

    @Test
    void theUnitChangesEveryNumberAndSentence() {
        long job = open();
        read(job, 0, 6, "0.3048");
        read(job, 1, 1, "0.30");
        JsonNode thou = app.get("/api/jobs/" + job + "?unit=thou").json();
        assertThat(thou.get("relief").get("rows").get(0).get("now").asString()).isEqualTo("12");
        assertThat(thou.get("relief").get("target").toString()).doesNotContain("0.1");
        assertThat(thou.get("advice").get("why").toString()).contains("thou").doesNotContain(" mm");
        // the tape keeps what was typed, in the unit it was typed in
        assertThat(thou.get("tape").get(1).get("text").asString()).isEqualTo("Relief 6: 0.3048 mm");
        assertThat(app.get("/api/jobs/" + job + "?unit=furlong").text())
                .contains("unit “furlong” is not known; allowed are mm, thou, in64, in32");
    }

    @Test
    void aWindowThatHasNotSeenTheLatestEntryIsToldAndOverwritesNothing() {
        long job = open();
        read(job, 0, 6, "0.30");
        Answer late = post(job, "readings", 0, ",\"string\":1,\"text\":\"0.2\"");
        assertThat(late.status()).isEqualTo(409);
        assertThat(late.type()).startsWith("application/problem+json");
        assertThat(late.json().get("code").asString()).isEqualTo("changed-meanwhile");
        assertThat(late.json().get("detail").asString()).contains("Another window added one entry");
        assertThat(app.get("/api/jobs/" + job).json().get("seq").asLong()).isEqualTo(1);
    }

    @Test
    void aRequestSentTwiceIsKeptOnce() {
        long job = open();
        String body = "{\"after\":0,\"key\":\"same\",\"string\":6,\"text\":\"0.3\"}";
        assertThat(app.post("/api/jobs/" + job + "/readings", body).status()).isEqualTo(200);
        Answer again = app.post("/api/jobs/" + job + "/readings", body);
        assertThat(again.status()).isEqualTo(200);
        assertThat(again.json().get("seq").asLong()).isEqualTo(1);
        String opening = newJob("");
        assertThat(app.post("/api/jobs", opening).json())
                .isEqualTo(app.post("/api/jobs", opening).json());
    }

    @Test
    void oddValuesAreAskedAboutOnceAndImpossibleOnesRefused() {
        long job = open();
        Answer odd = post(job, "readings", 0, ",\"string\":6,\"text\":\"2\"");
        assertThat(odd.status()).isEqualTo(422);
        assertThat(odd.json().get("code").asString()).isEqualTo("sure");
        assertThat(odd.json().get("detail").asString()).isEqualTo("“2” would be 2.00 mm. Is it 2 thou (0.05 mm)?");
        assertThat(odd.json().get("suggestion").asString()).isEqualTo("2t");
        Answer impossible = post(job, "readings", 0, ",\"string\":6,\"text\":\"12\",\"sure\":true");
        assertThat(impossible.status()).isEqualTo(400);
        assertThat(impossible.json().get("detail").asString())
                .contains("12.00 mm")
                .contains("type 12t");
        assertThat(post(job, "readings", 0, ",\"string\":6,\"text\":\"2\",\"sure\":true")
                        .status())
                .isEqualTo(200);
    }

    @Test
    void undoAndRedoAreEntriesToo() {
        long job = open();
        read(job, 0, 6, "0.30");
        JsonNode undone = post(job, "undo", 1, "").json();
        assertThat(undone.get("tape").get(0).get("undone").asBoolean()).isTrue();
        assertThat(undone.get("relief").get("rows").get(0).has("now")).isFalse();
        assertThat(post(job, "undo", 2, "").json().get("detail").asString()).isEqualTo("There is nothing to undo.");
        JsonNode back = post(job, "redo", 2, "").json();
        assertThat(back.get("relief").get("rows").get(0).get("now").asString()).isEqualTo("0.30");
        assertThat(back.get("seq").asLong()).isEqualTo(3);
    }

    @Test
    void leavesGiveABracketOrABound() {
        long job = open();
        JsonNode bracket = post(job, "readings", 0, ",\"string\":6,\"leaves\":{\"free\":0.35,\"lifts\":0.40}")
                .json();
        assertThat(bracket.get("tape").get(0).get("text").asString()).isEqualTo("Relief 6: 0.35 goes, 0.40 lifts mm");
        assertThat(bracket.get("relief").get("rows").get(0).get("now").asString())
                .isBetween("0.36", "0.39");
        assertThat(post(job, "readings", 1, ",\"string\":1,\"leaves\":{\"free\":0.45,\"lifts\":0.40}")
                        .status())
                .isEqualTo(400);
        assertThat(post(job, "readings", 1, ",\"string\":1,\"leaves\":{}")
                        .json()
                        .get("detail")
                        .asString())
                .contains("at least one leaf");
    }

    @Test
    void targetsAndHabitsAreChosenPerJobAndConverted() {
        long job = open();
        read(job, 0, 6, "0.20");
        JsonNode other = post(
                        job,
                        "relief/habit",
                        1,
                        ",\"heldLow\":1,\"heldHigh\":21,\"gaugeFret\":8,\"tool\":\"leaf\",\"flat\":false,\"board\":false")
                .json();
        assertThat(other.get("relief").get("rows").get(0).get("now").asString()).isEqualTo("0.27");
        JsonNode flat =
                post(job, "relief/target", 2, ",\"school\":\"NEARLY_FLAT\"").json();
        assertThat(flat.get("relief").get("target").get("label").asString()).isEqualTo("Nearly flat");
        JsonNode byHand = post(
                        job,
                        "relief/target",
                        3,
                        ",\"bassLow\":\"8t\",\"bassHigh\":\"12t\",\"trebleLow\":\"6t\",\"trebleHigh\":\"10t\"")
                .json();
        assertThat(byHand.get("relief").get("rows").get(0).get("target").asString())
                .isEqualTo("0.20 – 0.30");
        assertThat(post(
                                job,
                                "relief/target",
                                4,
                                ",\"bassLow\":\"0.3\",\"bassHigh\":\"0.2\",\"trebleLow\":\"0.1\",\"trebleHigh\":\"0.2\"")
                        .json()
                        .get("detail")
                        .asString())
                .contains("a lower end below the upper end");
    }

    @Test
    void correctingTheInstrumentComputesTheSameReadingsAnew() {
        long job = open();
        read(job, 0, 6, "0.20");
        Answer corrected = app.put("/api/jobs/" + job + "/instrument", """
                {"version":1,"facts":{"name":"Loan electric","kind":"ELECTRIC","tuning":"D A D G B E","scaleLength":"25 1/2in","frets":22,
                 "bodyJointFret":16,"boardRadius":"flat","rod":"DOUBLE","access":"HEEL","leftHanded":true}}
                """);
        assertThat(corrected.status()).as(corrected.text()).isEqualTo(200);
        JsonNode instrument = corrected.json().get("instrument");
        assertThat(instrument.get("scaleLength").asString()).isEqualTo("647.7");
        assertThat(instrument.get("tuning").asString()).startsWith("D2 A2");
        assertThat(corrected.json().get("relief").get("rows").get(0).get("now").asString())
                .isEqualTo("0.20");
    }

    @Test
    void aRadiusThatCanOnlyBeInchesIsAskedAboutAtItsField() {
        Answer answer = app.post(
                "/api/jobs",
                newJob("").replace("\"leftHanded\":false", "\"leftHanded\":false,\"boardRadius\":\"9.5\""));
        assertThat(answer.json().get("field").asString()).isEqualTo("boardRadius");
        assertThat(answer.json().get("suggestion").asString()).isEqualTo("9.5in");
        assertThat(app.post(
                                "/api/jobs",
                                newJob("")
                                        .replace(
                                                "\"leftHanded\":false",
                                                "\"leftHanded\":false,\"boardRadius\":\"9.5in\""))
                        .status())
                .isEqualTo(201);
    }

    @Test
    void aReadingIsNobodysName() {
        Answer answer = app.post("/api/jobs", newJob("").replaceAll("\"player\":\"[^\"]*\"", "\"player\":\"0.36\""));
        assertThat(answer.status()).as(answer.text()).isEqualTo(400);
        assertThat(answer.json().get("detail").asString())
                .isEqualTo("Name of the player or lender: given “0.36”; allowed is a name, with a letter in it.");
        // whoever is known already stays known, whatever is typed for the name
        long first = app.post("/api/jobs", newJob("")).json().get("id").asLong();
        long known = app.get("/api/jobs/" + first).json().get("playerId").asLong();
        String body = newJob("").replaceAll("\"player\":\"[^\"]*\"", "\"player\":\"0.36\",\"playerId\":" + known);
        assertThat(app.post(
                                "/api/jobs",
                                body.replaceAll("\"requestKey\":\"[^\"]*\"", "\"requestKey\":\"known-player\""))
                        .status())
                .isEqualTo(201);
    }

    @Test
    void inchesTypedWhereA64thIsMeantAreOfferedAsTheFractionTheyAre() {
        long job = app.post("/api/jobs", newJob("")).json().get("id").asLong();
        Answer odd = app.post(
                "/api/jobs/" + job + "/readings?unit=in64",
                "{\"key\":\"tenths-1\",\"after\":0,\"station\":\"ACTION\",\"string\":6,\"text\":\".109\"}");
        assertThat(odd.json().get("detail").asString())
                .isEqualTo("“.109” would be .109/64 in. Is it 7/64 in (109 thou)?");
        assertThat(odd.json().get("suggestion").asString()).isEqualTo("0.109in");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "\"scaleLength\":\"20\" | Scale length: given 20",
                "\"scaleLength\":\"NaN\" | is not a length",
                "\"scaleLength\":\"648\",\"tuning\":\"E A H G\" | is not a note",
                "\"scaleLength\":\"648\",\"tuning\":\"E A\" | tuning: given 2",
                "\"scaleLength\":\"648\",\"frets\":4000 | frets: given 4000",
                "\"scaleLength\":\"648\",\"name\":\" \" | instrument name",
                "\"scaleLength\":\"648\",\"kind\":\"KAZOO\" | kind",
                "\"scaleLength\":\"648\",\"boardRadius\":\"9.5\" | Is it 9.5 inches?",
                "\"scaleLength\":\"648\",\"endRadius\":\"16\" | Is it 16 inches?",
                "\"scaleLength\":\"648\",\"strings\":\"9-43\" | 9-42, 9-46",
            })
    void intakeSaysWhatWasGivenAndWhatIsAllowed(String change, String says) {
        // a repeated key: the later value counts
        String body = newJob("").replace("\"leftHanded\":false", "\"leftHanded\":false," + change);
        Answer answer = app.post("/api/jobs", body);
        assertThat(answer.status()).as(answer.text()).isEqualTo(400);
        assertThat(answer.json().get("detail").asString()).contains(says);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "",
                "null",
                "[]",
                "3",
                "\"x\"",
                "{",
                "{}",
                "{\"after\":-1,\"key\":\"a\",\"string\":6,\"text\":\"0.3\"}",
                "{\"after\":0,\"key\":\"\",\"string\":6,\"text\":\"0.3\"}",
                "{\"after\":0,\"key\":null,\"string\":6,\"text\":\"0.3\"}",
                "{\"after\":0,\"key\":\"b\",\"string\":99999999999,\"text\":\"0.3\"}",
                "{\"after\":0,\"key\":\"c\",\"string\":3,\"text\":\"0.3\"}",
                "{\"after\":0,\"key\":\"d\",\"string\":6,\"text\":\"99999999999999999999999999999999999999\"}",
                "{\"after\":0,\"key\":\"e\",\"string\":6,\"text\":{}}",
                "{\"after\":0,\"key\":\"f\",\"string\":6,\"leaves\":{\"free\":\"NaN\"}}",
                "{\"after\":0,\"key\":\"g\",\"string\":6,\"leaves\":{\"free\":1e999}}",
                "{\"after\":0,\"key\":\"h\",\"string\":6}",
                "{\"after\":0,\"key\":\"i\",\"turns\":\"9999\"}",
                "{\"after\":0,\"key\":\"j\",\"event\":12}",
                "{\"after\":0,\"key\":\"k\",\"heldLow\":3,\"heldHigh\":2,\"gaugeFret\":9,\"tool\":\"spoon\"}",
                "{\"after\":0,\"key\":\"l\",\"heldLow\":17,\"heldHigh\":21,\"gaugeFret\":19,\"tool\":\"leaf\"}",
            })
    void noBodyMakesTheServerStumble(String body) {
        long job = open();
        for (String what : List.of(
                "readings",
                "relief/turns",
                "relief/habit",
                "relief/target",
                "relief/ways",
                "readings/kept",
                "relief/turns/ran-free")) {
            Answer answer = app.post("/api/jobs/" + job + "/" + what, body);
            assertThat(answer.status()).as(what + " " + answer.text()).isBetween(400, 422);
            assertThat(answer.type()).startsWith("application/problem+json");
            assertThat(answer.json().get("detail").asString()).isNotBlank();
        }
        assertThat(app.post("/api/jobs", body).status()).isEqualTo(400);
    }

    @Test
    void whatIsNotThereIsSaidSo() {
        assertThat(app.get("/api/jobs/4711").status()).isEqualTo(404);
        assertThat(app.get("/api/jobs/4711").json().get("detail").asString()).contains("no job 4711");
        assertThat(app.get("/api/jobs/x").status()).isEqualTo(400);
        assertThat(app.get("/api/nothing").status()).isEqualTo(404);
        assertThat(app.post("/api/bench", "{}").status()).isEqualTo(405);
    }
}
