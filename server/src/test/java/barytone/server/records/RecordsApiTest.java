package barytone.server.records;

import static org.assertj.core.api.Assertions.assertThat;

import barytone.server.RunningBarytone.Answer;
import barytone.server.TestClock;
import barytone.server.job.JobsOverHttp;
import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Instruments and players that come back: found again, told with their history, found to be the same, forgotten. */
class RecordsApiTest extends JobsOverHttp {
    @BeforeEach
    void aMondayInFebruary() {
        TestClock.set(Instant.parse("2031-02-03T09:00:00Z"));
    }

    private static JsonNode instrument(long id) {
        return app().get("/api/instruments/" + id).json();
    }

    private static List<String> found(String words) {
        return app().get("/api/search?words=" + URLEncoder.encode(words, StandardCharsets.UTF_8))
                .json()
                .get("hits")
                .valueStream()
                .map(hit -> hit.get("what").asString() + ": " + hit.get("title").asString())
                .toList();
    }

    private static JsonNode hit(String words) {
        JsonNode hits = app().get("/api/search?words=" + URLEncoder.encode(words, StandardCharsets.UTF_8))
                .json()
                .get("hits");
        assertThat(hits).as("found for " + words).isNotEmpty();
        return hits.get(0);
    }

    private static long instrumentOf(String words) {
        JsonNode hit = app().get(
                        "/api/search?what=instruments&words=" + URLEncoder.encode(words, StandardCharsets.UTF_8))
                .json()
                .at("/hits/0");
        return hit.get("id").asLong();
    }

    /** Takes an instrument in again, as it was stated last. */
    private static Answer again(long instrument, String player, String more) {
        JsonNode page = instrument(instrument);
        ObjectNode facts = ((ObjectNode) page.get("facts")).deepCopy();
        long version = facts.remove("version").asLong();
        facts.remove("kindLabel");
        return app().post("/api/jobs", """
                {"requestKey":"%s","player":"%s","touch":"heavy","complaint":"Back again","instrumentId":%d,
                 "instrumentVersion":%d,"instrument":%s%s}""".formatted(UUID.randomUUID(), player, instrument, version, facts, more));
    }

    private static void close(long job) {
        assertThat(post(job, "close", "").status()).isEqualTo(200);
    }

    @Test
    void anInstrumentThatComesBackIsToldWithItsVisits() {
        long first = electric("Ferry Hand");
        post(first, "air", ",\"place\":\"room\",\"humidity\":\"34 %\",\"temperature\":\"21\"");
        readAll(first, 1.8, 1.7, 1.6, 1.5, 1.4, 1.3);
        close(first);
        long loan = instrumentOf("Loan of Ferry Hand");
        TestClock.set(Instant.parse("2031-08-03T09:00:00Z"));
        long second = again(loan, "Ferry Hand", "").json().get("id").asLong();
        readAll(second, 2.1, 1.9, 1.7, 1.6, 1.5, 1.4);
        JsonNode page = instrument(loan);
        assertThat(page.get("onBench").asLong()).isEqualTo(second);
        assertThat(page.get("visits")).hasSize(2);
        assertThat(page.at("/visits/1/air").asString()).isEqualTo("34\u00a0%\u00a0RH");
        assertThat(page.at("/visits/0/player").asString()).isEqualTo("Ferry Hand");
        assertThat(page.get("changes").valueStream().map(JsonNode::asString))
                .anyMatch(c -> c.startsWith("Action, bass side: 1.80 when it left, 2.10 mm now, up by 0.30 mm."));
        JsonNode action = page.get("series")
                .valueStream()
                .filter(s -> s.get("code").asString().equals("action-bass"))
                .findFirst()
                .orElseThrow();
        assertThat(action.get("method").asString()).isEqualTo("open string, at fret 12");
        assertThat(action.get("points").valueStream().map(p -> p.get("text").asString()))
                .containsExactly("1.80 mm", "1.80 mm", "2.10 mm", "2.10 mm");
        // one touch a visit: the first keeps its own
        assertThat(job(first).get("touch").asString()).isEqualTo("medium");
        assertThat(job(second).get("touch").asString()).isEqualTo("heavy");
        assertThat(job(second).get("player").asString()).isEqualTo("Ferry Hand");
        String csv = app().get("/api/instruments/" + loan + "/figures").text();
        assertThat(csv.lines().findFirst().orElseThrow())
                .startsWith("ticket,opened (UTC),left (UTC),what,how it is read,unit");
        assertThat(csv).contains("\"Action, bass side\",\"open string, at fret 12\",mm,1.8000");
    }

    @Test
    void anInstrumentThatIsOnTheBenchIsAskedAboutBeforeItIsTakenInTwice() {
        electric("Twice");
        long loan = instrumentOf("Loan of Twice");
        Answer asked = again(loan, "Twice", "");
        assertThat(asked.status()).isEqualTo(422);
        assertThat(asked.json().get("detail").asString()).contains("is on the bench already, ticket 0");
        assertThat(again(loan, "Twice", ",\"sure\":true").status()).isEqualTo(201);
    }

    @Test
    void correctedFactsMakeANewVersionAndTheClosedJobKeepsItsOwn() {
        long first = electric("Corrector");
        readAll(first, 1.8, 1.7, 1.6, 1.5, 1.4, 1.3);
        close(first);
        long loan = instrumentOf("Loan of Corrector");
        JsonNode page = instrument(loan);
        ObjectNode facts = ((ObjectNode) page.get("facts")).deepCopy();
        long version = facts.remove("version").asLong();
        facts.remove("kindLabel");
        facts.put("strings", "11 14 18 28w 38w 49w");
        String body = """
                {"requestKey":"%s","player":"Corrector","touch":"light","complaint":"","instrumentId":%d,
                 "instrumentVersion":%d,"instrument":%s}""".formatted(UUID.randomUUID(), loan, version, facts);
        assertThat(app().post("/api/jobs", body).status()).isEqualTo(201);
        assertThat(job(first).at("/instrument/strings").asString()).isEqualTo("10 13 17 26w 36w 46w");
        assertThat(instrument(loan)
                        .get("versions")
                        .valueStream()
                        .map(v -> v.at("/changes/0").asString()))
                .containsExactly("Strings: 10 13 17 26w 36w 46w → 11 14 18 28w 38w 49w", "First stated");
        // strings the wrong way round are asked about here as well
        Answer odd = app().post(
                        "/api/jobs",
                        body.replaceFirst("\"requestKey\":\"[^\"]+", "\"requestKey\":\"" + UUID.randomUUID())
                                .replace("11 14 18 28w 38w 49w", "49w 38w 28w 18 14 11"));
        assertThat(odd.status()).isEqualTo(422);
        assertThat(odd.json().get("suggestion").asString()).isEqualTo("11 14 18 28w 38w 49w");
        // an old window's version is refused
        String stale = body.replaceFirst("\"requestKey\":\"[^\"]+", "\"requestKey\":\"" + UUID.randomUUID())
                .replace("11 14 18", "12 15 19")
                .replace("\"complaint\"", "\"sure\":true,\"complaint\"");
        assertThat(app().post("/api/jobs", stale).status()).isEqualTo(409);
    }

    @Test
    void wordsAreFoundInPartsWithSlipsAndWithoutAccents() {
        electric("Ørsolya Möwensund");
        assertThat(found("mowens")).contains("player: Ørsolya Möwensund");
        assertThat(found("orsolya")).contains("player: Ørsolya Möwensund");
        assertThat(found("möwenzund")).contains("player: Ørsolya Möwensund");
        assertThat(found("wensund ors")).contains("player: Ørsolya Möwensund");
        assertThat(found("nobody of that name")).isEmpty();
        long ticket = job(open(opening("Ticketed", "ELECTRIC", "E A D G B E", 21, 16, "")))
                .get("ticket")
                .asLong();
        assertThat(hit(String.valueOf(ticket)).get("what").asString()).isEqualTo("job");
        assertThat(hit("0" + ticket).get("detail").asString()).isEqualTo("Loan of Ticketed, Ticketed");
        open(opening("Low", "BASS_5", "B E A D G", 21, 16, ""));
        assertThat(found("beadg")).contains("instrument: Loan of Low");
        assertThat(app().get("/api/search?words=" + "x".repeat(201)).status()).isEqualTo(400);
    }

    @Test
    void twoPlayersAreFoundToBeOneAndThatIsTakenBack() {
        long one = open(opening("Harbour Duo", "ELECTRIC", "E A D G B E", 21, 16, ""));
        long two = open(opening("Harbor Duo", "ELECTRIC", "E A D G B E", 21, 16, ""));
        long kept = hit("Harbour Duo").get("id").asLong();
        long merged = hit("Harbor Duo").get("id").asLong();
        JsonNode page = app().put("/api/players/" + merged + "/same-as", "{\"as\":" + kept + "}")
                .json();
        assertThat(page.get("count").asInt()).isEqualTo(2);
        assertThat(page.at("/same/0/name").asString()).isEqualTo("Harbor Duo");
        assertThat(app().get("/api/players/" + merged).json().get("id").asLong())
                .isEqualTo(kept);
        // round about is no way
        assertThat(app().put("/api/players/" + kept + "/same-as", "{\"as\":" + merged + "}")
                        .status())
                .isEqualTo(400);
        // the job says whose it was when it was taken in
        assertThat(job(two).get("player").asString()).isEqualTo("Harbor Duo");
        assertThat(app().delete("/api/players/" + merged + "/same-as")
                        .json()
                        .get("count")
                        .asInt())
                .isEqualTo(1);
        assertThat(app().get("/api/players/" + kept).json().at("/jobs/0/id").asLong())
                .isEqualTo(one);
    }

    @Test
    void instrumentsThatAreTheSameTellOneHistoryUnlessTheyCannotBe() {
        long one = open(opening("Same A", "ELECTRIC", "E A D G B E", 21, 16, ""));
        readAll(one, 1.8, 1.7, 1.6, 1.5, 1.4, 1.3);
        open(opening("Same B", "ELECTRIC", "E A D G B E", 21, 16, ""));
        open(opening("Same C", "BASS_4", "E A D G", 21, 16, ""));
        long a = instrumentOf("Loan of Same A");
        long b = instrumentOf("Loan of Same B");
        long c = instrumentOf("Loan of Same C");
        assertThat(app().put("/api/instruments/" + a + "/same-as", "{\"as\":" + b + "}")
                        .json()
                        .get("visits"))
                .hasSize(2);
        Answer strings = app().put("/api/instruments/" + c + "/same-as", "{\"as\":" + b + "}");
        assertThat(strings.status()).isEqualTo(400);
        assertThat(strings.json().get("detail").asString()).contains("4 strings", "6");
        assertThat(app().delete("/api/instruments/" + a + "/same-as").json().get("visits"))
                .hasSize(1);
    }

    @Test
    void aForgottenPersonIsNamedNowhereAndTheFiguresStay() {
        long first = electric("Secretive Sailor");
        readAll(first, 1.8, 1.7, 1.6, 1.5, 1.4, 1.3);
        close(first);
        long player = hit("Secretive Sailor").get("id").asLong();
        long loan = instrumentOf("Loan of Secretive");
        app().put(
                        "/api/players/" + player,
                        "{\"version\":1,\"name\":\"Secretive Sailor\",\"touch\":\"light\",\"contact\":\"deck 4\",\"notes\":\"\"}");
        Answer asked = app().post("/api/players/" + player + "/forget", "{\"sure\":false}");
        assertThat(asked.status()).isEqualTo(422);
        assertThat(app().get("/api/players/" + player).json().get("contact").asString())
                .isEqualTo("deck 4");
        JsonNode forgotten = app().post("/api/players/" + player + "/forget", "{\"sure\":true}")
                .json();
        assertThat(forgotten.get("name").asString()).isEqualTo("Forgotten player");
        assertThat(forgotten.toString()).doesNotContain("deck 4");
        assertThat(job(first).get("player").asString()).isEqualTo("Forgotten player");
        assertThat(instrument(loan).get("series")).isNotEmpty();
        assertThat(found("Secretive Sailor")).noneMatch(hit -> hit.startsWith("player"));
        // what was forgotten cannot be written over
        assertThat(app().put(
                                "/api/players/" + player,
                                "{\"version\":3,\"name\":\"Sailor\",\"touch\":\"light\",\"contact\":\"\",\"notes\":\"\"}")
                        .status())
                .isEqualTo(400);
    }

    @Test
    void twoWindowsDoNotOverwriteEachOther() {
        electric("Windowed");
        long loan = instrumentOf("Loan of Windowed");
        String about =
                "{\"version\":1,\"make\":\"Island luthier\",\"notes\":\"%s\",\"doNotTouch\":\"varnish at the shoulder\"}";
        JsonNode written = app().put("/api/instruments/" + loan + "/about", about.formatted("first"))
                .json();
        assertThat(written.at("/about/doNotTouch").asString()).isEqualTo("varnish at the shoulder");
        assertThat(app().put("/api/instruments/" + loan + "/about", about.formatted("second"))
                        .status())
                .isEqualTo(409);
        assertThat(instrument(loan).at("/about/notes").asString()).isEqualTo("first");
        assertThat(app().put("/api/instruments/" + loan + "/archived", "{\"archived\":true}")
                        .status())
                .isEqualTo(200);
        assertThat(found("Windowed")).noneMatch(hit -> hit.startsWith("instrument"));
        // one that comes back is in the lists again
        assertThat(again(loan, "Windowed", ",\"sure\":true").status()).isEqualTo(201);
        assertThat(found("Windowed")).anyMatch(hit -> hit.startsWith("instrument"));
    }

    @Test
    void airThatWasReadByMistakeIsTakenBackEverywhere() {
        long job = electric("Mistaken Nose");
        JsonNode read =
                post(job, "air", ",\"place\":\"case\",\"humidity\":\"12\"").json();
        assertThat(read.at("/air/verdict").asString()).isEqualTo("dry");
        long instrument = job(job).get("instrumentId").asLong();
        assertThat(instrument(instrument).get("air").toString()).contains("12\u00a0%");
        // what was read in its case says nothing of another
        long other = electric("Other Nose");
        assertThat(instrument(job(other).get("instrumentId").asLong())
                        .get("air")
                        .toString())
                .doesNotContain("12\u00a0%");
        post(job, "undo", "");
        assertThat(instrument(instrument).get("air").toString()).doesNotContain("12\u00a0%");
        assertThat(job(job).has("air")).isFalse();
    }

    @Test
    void whatIsNotThereIsSaid() {
        assertThat(app().get("/api/instruments/99999").json().get("detail").asString())
                .isEqualTo("There is no instrument number 99999.");
        assertThat(app().get("/api/players/99999").status()).isEqualTo(404);
        long job = electric("Breather");
        assertThat(post(job, "air", ",\"place\":\"room\",\"humidity\":\"damp\"").status())
                .isEqualTo(400);
        assertThat(post(job, "air", ",\"place\":\"room\",\"humidity\":\"140\"")
                        .json()
                        .get("detail")
                        .asString())
                .contains("5 to 100");
    }
}
