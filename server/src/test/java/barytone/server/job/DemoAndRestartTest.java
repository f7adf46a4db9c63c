package barytone.server.job;

import static org.assertj.core.api.Assertions.assertThat;

import barytone.server.RunningBarytone;
import barytone.server.TestClock;
import java.nio.file.Path;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;

/** The demo's jobs, what a restart keeps, the page itself, and news between windows. */
class DemoAndRestartTest {
    private static RunningBarytone demo(Path data) {
        return RunningBarytone.demo(data);
    }

    private static Map<String, String> nextMoves(RunningBarytone app) {
        Map<String, String> next = new TreeMap<>();
        for (JsonNode cards : List.of(
                app.get("/api/bench").json().get("open"),
                app.get("/api/bench/closed").json().get("jobs")))
            cards.forEach(card -> next.putIfAbsent(
                    card.get("instrument").asString().replaceAll("[^“]*“(.*)”", "$1"),
                    card.get("nextKind").asString()));
        return next;
    }

    @Test
    void aClockThatIsSetBackMakesNoWaitLongerAndIsMarkedOnTheTape(@TempDir Path data) {
        TestClock.set(Instant.parse("2031-02-03T09:00:00Z"));
        try (RunningBarytone app = demo(data)) {
            JsonNode bittern = find(app, "Bittern");
            Duration wait = left(bittern);
            TestClock.pass(Duration.ofHours(-3));
            JsonNode back = app.get("/api/jobs/" + bittern.get("id").asLong()).json();
            assertThat(left(back)).isBetween(wait, Duration.ofMinutes(10));
            Duration most = left(back);
            JsonNode noted = app.post(
                            "/api/jobs/" + bittern.get("id").asLong() + "/notes",
                            "{\"after\":" + back.get("seq") + ",\"key\":\"back\",\"text\":\"the clock was wrong\"}")
                    .json();
            assertThat(left(noted)).isEqualTo(most);
            assertThat(noted.at("/tape/0/text").asString()).isEqualTo("the clock was wrong");
            assertThat(noted.at("/tape/0/mark").asString()).startsWith("The clock was set back by 2 h");
            assertThat(noted.at("/tape/1").has("mark")).isFalse();
            TestClock.pass(most);
            JsonNode settled =
                    app.get("/api/jobs/" + bittern.get("id").asLong()).json();
            assertThat(settled.hasNonNull("settlingUntil")).isFalse();
            assertThat(settled.at("/advice/kind").asString()).isNotEqualTo("settle");
        }
    }

    private static JsonNode find(RunningBarytone app, String name) {
        for (JsonNode card : app.get("/api/bench").json().get("open"))
            if (card.get("instrument").asString().contains(name))
                return app.get("/api/jobs/" + card.get("id").asLong()).json();
        throw new AssertionError("no " + name);
    }

    private static Duration left(JsonNode job) {
        return Duration.between(
                Instant.parse(job.get("now").asString()),
                Instant.parse(job.get("settlingUntil").asString()));
    }

    @Test
    void theDemoShowsJobsInEveryStateAndIsSeededOnce(@TempDir Path data) {
        TestClock.set(Instant.parse("2031-02-03T09:00:00Z"));
        Map<String, String> first;
        try (RunningBarytone app = demo(data)) {
            first = nextMoves(app);
            assertThat(first)
                    .containsEntry("Eider", "measure")
                    .containsEntry("Cormorant", "turn")
                    .containsEntry("Bittern", "settle")
                    .containsEntry("Plover", "stop")
                    .containsEntry("Turnstone", "move")
                    .containsEntry("Sandpiper", "move")
                    .containsEntry("Wigeon", "proud")
                    .containsEntry("Dotterel", "move")
                    .containsEntry("Ruff", "measure")
                    .containsEntry("Knot", "closed");
            assertThat(app.get("/api/bench").json().get("demo").asBoolean()).isTrue();
            JsonNode cormorant = app.get("/api/jobs/7").json();
            assertThat(cormorant.at("/advice/why/0").asString()).startsWith("This rod has been giving 0.0");
            JsonNode turnstone = app.get("/api/jobs/1").json();
            assertThat(turnstone.at("/closing/rows/0/found").asString()).isEqualTo("0.33 mm");
            assertThat(turnstone.at("/closing/rows/0/left").asString()).isEqualTo("0.19 mm");
            assertThat(turnstone.at("/closing/rows/0/verdict").asString()).isEqualTo("in");
        }
        try (RunningBarytone again = demo(data)) {
            assertThat(nextMoves(again)).isEqualTo(first);
            TestClock.pass(Duration.ofMinutes(10));
            assertThat(nextMoves(again)).containsEntry("Bittern", "measure");
        }
    }

    @Test
    void aShopStartsEmptyAndKeepsItsJobsOverARestart(@TempDir Path data) {
        TestClock.set(Instant.parse("2031-02-03T09:00:00Z"));
        String before;
        try (RunningBarytone app = RunningBarytone.in(data, TestClock.standing())) {
            assertThat(app.get("/api/bench").json().get("open").size()).isZero();
            long id = app.post("/api/jobs", """
                            {"requestKey":"r","player":"Deck crew","touch":"HEAVY","complaint":"buzzes",
                             "instrument":{"name":"Mandolin","kind":"MANDOLIN","tuning":"G G D D A A E E","scaleLength":"13 7/8in",
                               "frets":20,"bodyJointFret":12,"boardRadius":"flat","rod":"SINGLE","access":"HEADSTOCK","leftHanded":true}}
                            """).json().get("id").asLong();
            app.post("/api/jobs/" + id + "/readings", "{\"after\":0,\"key\":\"k\",\"string\":8,\"text\":\"0.12\"}");
            before = app.get("/api/jobs/" + id).text();
            assertThat(before).contains("\"scaleLength\":\"352.425\"").contains("1 e");
        }
        try (RunningBarytone again = RunningBarytone.in(data, TestClock.standing())) {
            assertThat(again.get("/api/jobs/1").text()).isEqualTo(before);
        }
    }

    @Test
    void everyPageAddressLeadsToThePageAndNothingElseDoes(@TempDir Path data) {
        try (RunningBarytone app = RunningBarytone.in(data)) {
            String page = app.get("/").text();
            assertThat(page).contains("<div id=\"root\">");
            assertThat(app.get("/jobs/17").text()).isEqualTo(page);
            assertThat(app.get("/scratch/nut-slots").text()).isEqualTo(page);
            String script = page.replaceAll("(?s).*src=\"(/assets/[^\"]+\\.js)\".*", "$1");
            assertThat(app.get(script).status()).isEqualTo(200);
            assertThat(app.get("/assets/gone.js").status()).isEqualTo(404);
            assertThat(app.get("/api/gone").status()).isEqualTo(404);
            assertThat(app.get("/icon.svg").type()).startsWith("image/svg");
            assertThat(app.get("/v3/api-docs").json().at("/openapi").asString()).startsWith("3.");
        }
    }

    @Test
    void aWindowThatAsksIsToldOfEveryEntry(@TempDir Path data) {
        TestClock.set(Instant.parse("2031-02-03T09:00:00Z"));
        try (RunningBarytone app = demo(data)) {
            assertThat(app.get("/api/jobs/10/seq").json().get("seq").asLong()).isZero();
            for (int i = 0; i < 2; i++) {
                app.post("/api/jobs/10/notes", "{\"after\":" + i + ",\"key\":\"n" + i + "\",\"text\":\"noted\"}");
                assertThat(app.get("/api/jobs/10/seq").json().get("seq").asLong())
                        .isEqualTo(i + 1);
            }
            // what is refused is no news
            app.post("/api/jobs/10/notes", "{\"after\":0,\"key\":\"late\",\"text\":\"noted\"}");
            assertThat(app.get("/api/jobs/10/seq").json().get("seq").asLong()).isEqualTo(2);
            assertThat(app.get("/api/jobs/9999/seq").status()).isEqualTo(404);
        }
    }
}
