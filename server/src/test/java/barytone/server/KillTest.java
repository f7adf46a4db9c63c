package barytone.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Kills a real process in the middle of its work: what it had confirmed must be there afterwards. */
@Order(6)
class KillTest {
    private static final JsonMapper JSON = new JsonMapper();

    @Test
    @Timeout(value = 4, unit = TimeUnit.MINUTES)
    void killDashNineLosesNothingThatWasConfirmed(@TempDir Path data) throws Exception {
        Random random = new Random(20);
        List<String> confirmed = new ArrayList<>();
        long job = 0;
        for (int round = 0; round < 2; round++) {
            Path portFile = data.resolve("port-" + round);
            Process process = start(data, portFile);
            try (HttpClient http = HttpClient.newHttpClient();
                    ExecutorService hand = Executors.newSingleThreadExecutor()) {
                String base = "http://127.0.0.1:" + awaitPort(process, portFile);
                if (round == 0) job = open(http, base);
                long id = job;
                int first = confirmed.size();
                Future<?> working = hand.submit(() -> work(http, base, id, first, confirmed));
                int enough = first + 15 + random.nextInt(20);
                while (true) {
                    synchronized (confirmed) {
                        if (confirmed.size() >= enough) break;
                        confirmed.wait(100);
                    }
                    assertThat(working.isDone())
                            .as("the worker must not stop early")
                            .isFalse();
                }
                // SIGKILL while the next request is under way
                process.destroyForcibly().waitFor();
                working.get(30, TimeUnit.SECONDS);
            }
        }
        try (RunningBarytone again = RunningBarytone.in(data)) {
            JsonNode tape = again.get("/api/jobs/" + job).json().get("tape");
            List<String> stored = new ArrayList<>();
            tape.forEach(line -> stored.add(line.get("text").asString()));
            assertThat(stored).containsAll(confirmed);
            assertThat(stored).doesNotHaveDuplicates();
            // at most the one under way at each kill is there without having been confirmed
            assertThat(stored.size()).isBetween(confirmed.size(), confirmed.size() + 2);
        }
    }

    private static Process start(Path data, Path portFile) throws IOException {
        return new ProcessBuilder(
                        Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                        "--enable-native-access=ALL-UNNAMED",
                        "-XX:TieredStopAtLevel=1",
                        "-XX:+UseSerialGC",
                        "-cp",
                        System.getProperty("java.class.path"),
                        "-Dbarytone.data=" + data,
                        // as the launcher starts it
                        "-Dspring.aot.enabled=true",
                        Barytone.class.getName(),
                        "--server.port=0",
                        "--barytone.port-file=" + portFile)
                .redirectErrorStream(true)
                .redirectOutput(data.resolve("log").toFile())
                .start();
    }

    private static String awaitPort(Process process, Path portFile) throws Exception {
        while (!Files.exists(portFile) || Files.size(portFile) == 0) {
            // waitFor is a bounded wait that ends at once should the process die
            assertThat(process.waitFor(50, TimeUnit.MILLISECONDS))
                    .as("the process must live")
                    .isFalse();
        }
        return Files.readString(portFile);
    }

    private static long open(HttpClient http, String base) throws Exception {
        HttpResponse<String> created = post(http, base + "/api/jobs", """
                {"requestKey":"kill","player":"Deck crew","touch":"MEDIUM","complaint":"",
                 "instrument":{"name":"Loan electric","kind":"ELECTRIC","tuning":"E A D G B E","scaleLength":"648",
                   "frets":22,"bodyJointFret":16,"boardRadius":"254","rod":"SINGLE","access":"HEADSTOCK","leftHanded":false}}
                """);
        return JSON.readTree(created.body()).get("id").asLong();
    }

    /** Writes notes one after the other and counts those that were confirmed, until the server is gone. */
    private static void work(HttpClient http, String base, long job, int first, List<String> confirmed) {
        try {
            long after = JSON.readTree(http.send(
                                    HttpRequest.newBuilder(URI.create(base + "/api/jobs/" + job))
                                            .build(),
                                    HttpResponse.BodyHandlers.ofString())
                            .body())
                    .get("seq")
                    .asLong();
            for (int n = first; ; n++) {
                String text = "note " + job + " " + n + " " + after;
                HttpResponse<String> answer = post(
                        http,
                        base + "/api/jobs/" + job + "/notes",
                        "{\"after\":" + after + ",\"key\":\"" + text + "\",\"text\":\"" + text + "\"}");
                if (answer.statusCode() != 200) return;
                after = JSON.readTree(answer.body()).get("seq").asLong();
                synchronized (confirmed) {
                    confirmed.add(text);
                    confirmed.notifyAll();
                }
            }
        } catch (IOException killed) {
            // expected: the process is gone
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }

    private static HttpResponse<String> post(HttpClient http, String url, String body)
            throws IOException, InterruptedException {
        return http.send(
                HttpRequest.newBuilder(URI.create(url))
                        .header("Content-Type", "application/json")
                        .POST(HttpRequest.BodyPublishers.ofString(body))
                        .build(),
                HttpResponse.BodyHandlers.ofString());
    }
}
