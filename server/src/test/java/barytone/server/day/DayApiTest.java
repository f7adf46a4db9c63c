package barytone.server.day;

import static org.assertj.core.api.Assertions.assertThat;

import barytone.server.RunningBarytone;
import barytone.server.RunningBarytone.Answer;
import barytone.server.TestClock;
import java.net.URI;
import java.net.URLEncoder;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.time.Instant;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

/** What can be done now and what waits. */
class DayApiTest extends DayOverHttp {
    @Test
    void whatWaitsIsNotToBeDoneNowAndIsThereAgainWhenItsTimeHasCome() {
        long first = takeIn("Fulmar");
        long second = takeIn("Petrel");
        read(first, 0.4);
        waits(first, "GLUE", "30 min");
        assertThat(jobs("next")).containsExactly(second);
        assertThat(jobs("waiting")).containsExactly(first);
        JsonNode told = job(first);
        assertThat(told.at("/advice/headline").asString()).isEqualTo("Glue curing: wait until 09:30");
        assertThat(told.at("/advice/goOn/0/says").asString()).isEqualTo("Do not wait any longer");
        assertThat(app.get("/api/notices").json()).isEmpty();
        TestClock.pass(Duration.ofMinutes(31));
        assertThat(jobs("next")).contains(first, second);
        assertThat(jobs("waiting")).isEmpty();
        JsonNode notices = ok(app.get("/api/notices"));
        assertThat(notices).hasSize(1);
        assertThat(notices.at("/0/text").asString()).isEqualTo("cured");
        // whoever goes on has seen it
        read(first, 0.4);
        assertThat(ok(app.get("/api/notices"))).isEmpty();
    }

    @Test
    void whileOneWaitsWhatFitsIntoTheTimeIsNamedFirst() {
        long waiting = takeIn("Fulmar");
        long longer = takeIn("Petrel");
        long shorter = takeIn("Gannet");
        read(waiting, 0.4);
        // handing over takes longer than the first look at a neck, and is to be done first
        read(longer, 0.2);
        ok(post(longer, "promise", ",\"day\":\"2031-02-03\",\"part\":\"NOON\""));
        waits(waiting, "GLUE", "8 min");
        assertThat(jobs("next")).containsExactly(longer, shorter);
        assertThat(each(day().at("/waiting/0/meanwhile")).map(JsonNode::asLong)).containsExactly(shorter, longer);
        waits(longer, "ANSWER", "");
        assertThat(each(day().at("/waiting/0/meanwhile")).map(JsonNode::asLong)).containsExactly(shorter);
    }

    @Test
    void theReasonsToWaitAreThoseThatAHandCanBegin() {
        JsonNode reasons = ok(app.get("/api/wait-reasons"));
        assertThat(each(reasons).map(r -> r.get("label").asString()))
                .contains("A part is ordered", "Glue curing")
                .doesNotContain("Neck settling");
        assertThat(each(reasons)
                        .filter(r -> r.get("label").asString().equals("Fill curing"))
                        .map(r -> r.get("usual").asString()))
                .containsExactly("20 min");
    }

    @Test
    void timesOfTwoPairsOfHandsAreToldApart() throws Exception {
        long job = takeIn("Fulmar");
        for (int i = 0; i < 8; i++) {
            TestClock.pass(Duration.ofSeconds(40));
            byHands("Edda", job, 0.20);
            TestClock.pass(Duration.ofSeconds(20));
            byHands("Ødd", job, 0.21);
        }
        JsonNode times = ok(app.get("/api/shop/times"));
        assertThat(each(times.get("hands")).map(h -> h.get("hands").asString())).containsExactly("Edda", "Ødd");
        assertThat(times.at("/hands/1/times/0/observed").asInt()).isEqualTo(7);
    }

    private void byHands(String name, long job, double mm) throws Exception {
        HttpRequest request = HttpRequest.newBuilder(URI.create(app.base() + "/api/jobs/" + job + "/readings"))
                .header("Content-Type", "application/json")
                .header("Barytone-Hands", URLEncoder.encode(name, StandardCharsets.UTF_8))
                .POST(HttpRequest.BodyPublishers.ofString(
                        "{\"after\":%d,\"key\":\"%s\",\"station\":\"RELIEF\",\"string\":6,\"text\":\"%s\"}"
                                .formatted(app.seq(job), UUID.randomUUID(), mm)))
                .build();
        try (HttpClient client = HttpClient.newHttpClient()) {
            assertThat(client.send(request, HttpResponse.BodyHandlers.ofString())
                            .statusCode())
                    .isEqualTo(200);
        }
    }

    @Test
    void oneBrokenJobBreaksNoDay() {
        long whole = takeIn("Fulmar");
        long unread = takeIn("Petrel");
        read(unread, 0.2);
        long factless = takeIn("Gannet");
        read(factless, 0.2);
        app.sql(sql -> sql.execute(
                "UPDATE job_event SET body = '{\"string\":6}' WHERE kind = 'reading' AND job_id = " + unread));
        app.sql(sql -> sql.execute(
                "UPDATE instrument SET strings = 'none' WHERE id = (SELECT instrument_id FROM job WHERE id = "
                        + factless + ")"));
        assertThat(jobs("next")).containsExactly(whole);
        assertThat(ok(app.get("/api/notices"))).isEmpty();
        assertThat(ok(app.get("/api/shop/times")).has("shop")).isTrue();
        assertThat(app.get("/api/calendar.ics").status()).isEqualTo(200);
    }

    @Test
    void aWaitSurvivesARestartAndAClockThatIsSetBack() {
        long job = takeIn("Fulmar");
        read(job, 0.4);
        waits(job, "GLUE", "2 h");
        app.close();
        TestClock.pass(Duration.ofMinutes(-40));
        app = RunningBarytone.in(data, TestClock.standing());
        JsonNode wait = job(job).at("/waits/0");
        assertThat(wait.get("label").asString()).isEqualTo("Glue curing");
        // forty minutes back, and no longer than two hours from there
        assertThat(Instant.parse(wait.get("until").asString())).isEqualTo(NINE.plus(Duration.ofMinutes(80)));
    }

    @Test
    void anAnswerIsAwaitedUntilSomebodySaysThatItIsThere() {
        long job = takeIn("Fulmar");
        read(job, 0.4);
        JsonNode told = waits(job, "ANSWER", "");
        assertThat(told.at("/advice/headline").asString()).isEqualTo("An answer is awaited");
        TestClock.pass(Duration.ofDays(3));
        assertThat(jobs("waiting")).containsExactly(job);
        JsonNode on = ok(post(job, "followed", ",\"whole\":false"));
        assertThat(on.at("/advice/kind").asString()).isNotEqualTo("wait");
        assertThat(on.get("waits")).isEmpty();
        assertThat(on.at("/tape/0/text").asString()).isEqualTo("Waits no longer: an answer is awaited");
        assertThat(ok(post(job, "undo", "")).at("/advice/kind").asString()).isEqualTo("wait");
    }

    @Test
    void theAirThatIsWaitedForEndsIt() {
        long job = takeIn("Fulmar");
        read(job, 0.4);
        JsonNode told =
                ok(post(job, "waits", ",\"reason\":\"OTHER\",\"humidity\":\"over 40 %\",\"note\":\"milder air\""));
        assertThat(told.at("/waits/0/note").asString()).startsWith("milder air, until the air is over 40");
        ok(post(job, "air", ",\"place\":\"ROOM\",\"humidity\":\"43\""));
        assertThat(job(job).get("waits")).isEmpty();
    }

    @ParameterizedTest
    @CsvSource({
        "GLUE, 2031-02-01, which has passed",
        "GLUE, 900 d, at most a year ahead",
        "PART, when it comes, a time to come",
    })
    void endsThatCannotBeAreRefusedInWords(String reason, String until, String said) {
        long job = takeIn("Fulmar");
        Answer answer = post(job, "waits", ",\"reason\":\"%s\",\"until\":\"%s\"".formatted(reason, until));
        assertThat(answer.status()).isEqualTo(400);
        assertThat(answer.json().get("detail").asString()).contains(said);
        assertThat(job(job).get("seq").asLong()).isZero();
    }

    @Test
    void theSameWaitTwiceIsAskedAbout() {
        long job = takeIn("Fulmar");
        waits(job, "PART", "2031-02-06");
        Answer twice = post(job, "waits", ",\"reason\":\"PART\",\"until\":\"\"");
        assertThat(twice.status()).isEqualTo(422);
        assertThat(twice.json().get("detail").asString())
                .startsWith("It waits for that already: expected Thursday 6 February.");
        ok(post(job, "waits", ",\"reason\":\"PART\",\"until\":\"\",\"sure\":true"));
        assertThat(job(job).get("waits")).hasSize(2);
        Answer nothing = post(job, "waits/end", ",\"event\":77");
        assertThat(nothing.status()).isEqualTo(400);
    }
}
