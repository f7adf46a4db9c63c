package barytone.server.web;

import static org.assertj.core.api.Assertions.assertThat;

import barytone.server.RunningBarytone;
import barytone.server.TestClock;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.Map;
import java.util.Set;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * Holds the answers that the page's own tests are fed with against the running application, word for word; numbers of the drawing may differ
 * in their last digits. All that the sample jobs say stands in {@code said.txt} besides, a sentence a line. After a change write them anew with {@code -Dsamples.write=true}.
 */
class PageSamplesTest {
    private static final Path FOLDER = Path.of("../web/samples");
    private static final Path SAID = Path.of("src/test/said.txt");
    /** Those on the bench, and those that buzz. */
    private static final int[] JOBS = IntStream.concat(IntStream.rangeClosed(1, 12), IntStream.rangeClosed(31, 42))
            .toArray();

    @Test
    void theSamplesAreWhatTheServerAnswers(@TempDir Path data) throws IOException {
        TestClock.set(Instant.parse("2031-02-03T10:20:00Z"));
        Map<String, String> routes = new LinkedHashMap<>();
        routes.put("bench", "/api/bench");
        routes.put("day", "/api/day");
        routes.put("wait-reasons", "/api/wait-reasons");
        routes.put("kinds", "/api/kinds");
        routes.put("bridges", "/api/bridges");
        routes.put("arrival", "/api/arrival/choices");
        routes.put("tools", "/api/shop/tools");
        routes.put("schools", "/api/shop/schools");
        routes.put("tuning", "/api/tuning?tuning=E2%20A2%20D3%20G3%20B3%20E4");
        routes.put("closed", "/api/jobs/1");
        routes.put("turnstone", "/api/jobs/2");
        routes.put("wigeon", "/api/jobs/5");
        routes.put("dotterel", "/api/jobs/6");
        routes.put("cormorant", "/api/jobs/7");
        routes.put("eider", "/api/jobs/10");
        routes.put("redshank", "/api/jobs/11");
        routes.put("lapwing", "/api/jobs/12");
        routes.put("avocet", "/api/jobs/31");
        routes.put("history", "/api/instruments/10");
        routes.put("player", "/api/players/10");
        routes.put("search", "/api/search?words=eider");
        routes.put("archive", "/api/bench/closed");
        try (RunningBarytone app = RunningBarytone.in(data, TestClock.standing(), "--barytone.demo=true")) {
            for (Map.Entry<String, String> route : routes.entrySet())
                same(
                        route.getKey(),
                        app.get(route.getValue()).text().replaceAll("^\\{\"mark\":\"[^\"]*\"", "{\"mark\":\"one\""));
            same(
                    "trial",
                    app.post("/api/jobs/31/what-if", "{\"string\":6,\"capo\":0,\"levelled\":false}")
                            .text());
            assertThat(said(app)).isEqualTo(kept(said(app)));
        }
    }

    private static void same(String name, String answer) throws IOException {
        Path file = FOLDER.resolve(name + ".json");
        String live = answer + "\n";
        if (Boolean.getBoolean("samples.write")) Files.writeString(file, live);
        assertThat(withoutNumbers(Files.readString(file))).as(name).isEqualTo(withoutNumbers(live));
    }

    /** All that the jobs of the demo say, sentence by sentence: a change of wording is seen in review. */
    private static String said(RunningBarytone app) {
        StringBuilder all = new StringBuilder();
        Set<String> before = new HashSet<>();
        for (int job : JOBS) {
            JsonNode page =
                    JsonMapper.shared().readTree(app.get("/api/jobs/" + job).text());
            Set<String> sentences = new LinkedHashSet<>();
            gather("", page, sentences);
            all.append("## ")
                    .append(page.get("instrument").get("name").asString())
                    .append('\n');
            // what another job said already is not repeated
            sentences.stream()
                    .filter(before::add)
                    .forEach(sentence -> all.append(sentence).append('\n'));
        }
        return all.toString();
    }

    private static void gather(String where, JsonNode node, Set<String> sentences) {
        if (!where.equals("mark") && node.isString() && node.asString().matches("(?s).*[a-z].* .*"))
            sentences.add(where + ": " + node.asString());
        node.properties().forEach(member -> gather(member.getKey(), member.getValue(), sentences));
        if (node.isArray()) node.forEach(element -> gather(where, element, sentences));
    }

    private static String kept(String live) throws IOException {
        if (Boolean.getBoolean("samples.write")) Files.writeString(SAID, live);
        return Files.readString(SAID);
    }

    private static String withoutNumbers(String json) {
        return json.replaceAll(":-?\\d+(\\.\\d+)?(E-?\\d+)?", ":0");
    }
}
