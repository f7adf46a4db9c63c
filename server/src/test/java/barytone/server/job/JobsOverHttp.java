package barytone.server.job;

import static org.assertj.core.api.Assertions.assertThat;

import barytone.server.RunningBarytone;
import barytone.server.RunningBarytone.Answer;
import barytone.server.TestClock;
import java.nio.file.Path;
import java.time.Instant;
import java.util.UUID;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;

/** Jobs as the page asks for them: the application on a shop of its own, and the requests that its tests make again and again. */
public abstract class JobsOverHttp {
    /** One for each thread: classes run side by side. */
    private static final ThreadLocal<RunningBarytone> APP = new ThreadLocal<>();

    protected static RunningBarytone app() {
        return APP.get();
    }

    @BeforeAll
    static void start(@TempDir Path data) {
        TestClock.set(Instant.parse("2031-02-03T09:00:00Z"));
        APP.set(RunningBarytone.shop(data));
    }

    @AfterAll
    static void stop() {
        app().close();
    }

    protected static String opening(String player, String kind, String tuning, int frets, int joint, String more) {
        return """
                {"requestKey":"%s","player":"%s","touch":"MEDIUM","complaint":"","scope":["RELIEF","NUT","ACTION"],
                 "instrument":{"name":"Loan of %s","kind":"%s","tuning":"%s","scaleLength":"648","frets":%d,
                   "bodyJointFret":%d,"boardRadius":"305","rod":"SINGLE","access":"HEADSTOCK","leftHanded":false%s}}
                """.formatted(UUID.randomUUID(), player, player, kind, tuning, frets, joint, more);
    }

    protected static long open(String body) {
        Answer created = app().post("/api/jobs", body);
        assertThat(created.status()).as(created.text()).isEqualTo(201);
        return created.json().get("id").asLong();
    }

    protected static long electric(String player) {
        return open(opening(player, "ELECTRIC", "E A D G B E", 20, 14, ",\"threadPitch\":\"0.5\""));
    }

    protected static JsonNode job(long id) {
        return app().get("/api/jobs/" + id).json();
    }

    protected static Answer post(long job, String what, String more) {
        return post(job, what, more, "mm");
    }

    protected static Answer post(long job, String what, String more, String unit) {
        return app().post(
                        "/api/jobs/" + job + "/" + what + "?unit=" + unit,
                        "{\"after\":" + app().seq(job) + ",\"key\":\"" + UUID.randomUUID() + "\"" + more + "}");
    }

    protected static JsonNode read(long job, String station, int string, String text) {
        Answer answer = post(
                job, "readings", ",\"station\":\"%s\",\"string\":%d,\"text\":\"%s\"".formatted(station, string, text));
        assertThat(answer.status()).as(answer.text()).isEqualTo(200);
        return answer.json();
    }

    /** Relief and nut in their bands, action given. */
    protected static void readAll(long job, double... action) {
        read(job, "RELIEF", 6, "0.2");
        read(job, "RELIEF", 1, "0.17");
        String[] nut = {"0.15", "0.15", "0.14", "0.14", "0.13", "0.13"};
        for (int i = 0; i < 6; i++) read(job, "NUT", 6 - i, nut[i]);
        for (int i = 0; i < 6; i++) read(job, "ACTION", 6 - i, String.valueOf(action[i]));
    }
}
