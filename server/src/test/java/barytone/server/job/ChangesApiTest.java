package barytone.server.job;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** A reading answers with what it changed, and what the window has and what changed together are the whole page. */
class ChangesApiTest extends JobsOverHttp {
    private static final JsonMapper JSON = new JsonMapper();

    private static HttpResponse<String> typed(long job, JsonNode page, String text) throws Exception {
        String body =
                "{\"after\":%d,\"key\":\"%s\",\"station\":\"ACTION\",\"string\":6,\"text\":\"%s\",\"tool\":\"card\"}"
                        .formatted(page.get("seq").asLong(), text + page.get("seq"), text);
        return HttpClient.newHttpClient()
                .send(
                        HttpRequest.newBuilder(URI.create(app().base() + "/api/jobs/" + job + "/readings"))
                                .header("Content-Type", "application/json")
                                .header("Barytone-Has", page.get("mark").asString())
                                .POST(HttpRequest.BodyPublishers.ofString(body))
                                .build(),
                        HttpResponse.BodyHandlers.ofString());
    }

    private static JsonNode page(long job) {
        return JSON.readTree(app().get("/api/jobs/" + job).text());
    }

    /** What a window does with it. */
    private static JsonNode applied(JsonNode page, String changes) throws IOException {
        JsonNode now = page.deepCopy();
        for (JsonNode change : JSON.readTree(changes)) {
            JsonNode at = change.get("at");
            JsonNode within = now;
            for (int i = 0; i < at.size() - 1; i++)
                within = at.get(i).isInt()
                        ? within.get(at.get(i).asInt())
                        : within.get(at.get(i).asString());
            JsonNode last = at.get(at.size() - 1);
            if (change.has("gone")) ((ObjectNode) within).remove(last.asString());
            else if (change.has("first")) {
                ArrayNode grown = JSON.createArrayNode();
                change.get("first").forEach(grown::add);
                within.get(last.asString()).forEach(grown::add);
                ((ObjectNode) within).set(last.asString(), grown);
            } else if (last.isInt()) ((ArrayNode) within).set(last.asInt(), change.get("to"));
            else ((ObjectNode) within).set(last.asString(), change.get("to"));
        }
        return now;
    }

    private static JsonNode timeless(JsonNode page) {
        return ((ObjectNode) page.deepCopy()).without("mark").without("now");
    }

    @Test
    void aReadingAnswersWithWhatItChangedInAFifthOfThePage() throws Exception {
        long job = electric("Deck crew");
        for (int string = 6; string >= 1; string--) read(job, "ACTION", string, "1.7");
        JsonNode before = page(job);
        HttpResponse<String> answer = typed(job, before, "1.75");
        assertThat(answer.headers().firstValue("Barytone-Changes")).contains("true");
        JsonNode whole = page(job);
        assertThat(timeless(applied(before, answer.body()))).isEqualTo(timeless(whole));
        assertThat(answer.body().length() * 5).isLessThan(whole.toString().length());
    }

    @Test
    void aWindowWhosePageIsNotRememberedGetsTheWhole() throws Exception {
        long job = electric("Pit band");
        JsonNode before = ((ObjectNode) page(job)).put("mark", "of-yesterday");
        HttpResponse<String> answer = typed(job, before, "1.7");
        assertThat(answer.headers().firstValue("Barytone-Changes")).isEmpty();
        assertThat(JSON.readTree(answer.body()).get("tape").size()).isPositive();
    }
}
