package barytone.server.day;

import static org.assertj.core.api.Assertions.assertThat;

import barytone.server.TestClock;
import java.time.Duration;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** What is to be looked at again, by what was done. */
class LookAgainApiTest extends DayOverHttp {
    @Test
    void whatWasDoneAsksForALookThoughNobodySetADay() {
        long job = takeIn("Fulmar");
        read(job, 0.7);
        for (int i = 0; i < 3; i++) {
            ok(post(job, "relief/turns", ",\"turns\":\"1/8\",\"finishTightening\":false,\"free\":false"));
            ok(post(job, "retunes", ""));
        }
        assertThat(each(job(job).at("/closing/remarks")).map(JsonNode::asString))
                .anyMatch(r -> r.startsWith("Still waits: neck: look again the next day, until tomorrow"));
        ok(post(job, "close", ""));
        JsonNode told = ok(app.get("/api/follow-ups")).get(0);
        assertThat(told.get("on").asString()).isEqualTo("2031-03-05");
        assertThat(told.get("news").asBoolean()).isFalse();
        assertThat(told.get("text").asString())
                .isEqualTo(
                        "Hello Ferry band Fulmar, it is time to look at your Fulmar again (the neck was moved far: whether it has stayed)."
                                + " Bring it in when it suits you; if it plays as it should, a short look is enough.");
        TestClock.pass(Duration.ofDays(31));
        assertThat(ok(app.get("/api/follow-ups")).at("/0/news").asBoolean()).isTrue();
        TestClock.pass(Duration.ofDays(60));
        assertThat(ok(app.get("/api/follow-ups")).at("/0/news").asBoolean()).isFalse();
        ok(post(job, "reopen", ""));
        assertThat(ok(app.get("/api/follow-ups"))).isEmpty();
    }

    /** A neck that was moved far: it is to be looked at again. @return the job */
    private long movedFar(String name) {
        long job = takeIn(name);
        read(job, 0.7);
        for (int i = 0; i < 3; i++) {
            ok(post(job, "relief/turns", ",\"turns\":\"1/8\",\"finishTightening\":false,\"free\":false"));
            ok(post(job, "retunes", ""));
        }
        ok(post(job, "close", ""));
        return job;
    }

    private Stream<String> told(String what) {
        return each(ok(app.get("/api/follow-ups"))).map(t -> t.get(what).asString());
    }

    @Test
    void whoIsForgottenIsNotNamedInWhatIsToBeLookedAtAgain() {
        long job = movedFar("Fulmar");
        assertThat(told("text")).allMatch(text -> text.startsWith("Hello Ferry band Fulmar, "));
        long player = job(job).get("playerId").asLong();
        ok(app.post("/api/players/" + player + "/forget", "{\"sure\":true}"));
        assertThat(told("text")).hasSize(1).noneMatch(text -> text.contains("Ferry band"));
    }

    @Test
    void whatWasToldApartAndIsOneIsAskedForOnce() {
        long first = movedFar("Fulmar");
        TestClock.pass(Duration.ofDays(1));
        long second = movedFar("Petrel");
        assertThat(told("job")).hasSize(2);
        long kept = job(second).get("instrumentId").asLong();
        ok(app.put(
                "/api/instruments/" + job(first).get("instrumentId").asLong() + "/same-as", "{\"as\":" + kept + "}"));
        assertThat(told("instrument")).containsExactly(String.valueOf(kept));
        assertThat(told("job")).containsExactly(String.valueOf(second));
    }

    @Test
    void aVisitThatIsClosedAgainAsksForWhatItLeaves() {
        long job = takeIn("Fulmar");
        read(job, 0.2);
        ok(post(job, "close", ""));
        assertThat(told("job")).isEmpty();
        ok(post(job, "reopen", ""));
        for (int i = 0; i < 3; i++) {
            ok(post(job, "relief/turns", ",\"turns\":\"1/8\",\"finishTightening\":false,\"free\":false"));
            ok(post(job, "retunes", ""));
        }
        ok(post(job, "close", ""));
        assertThat(told("job")).containsExactly(String.valueOf(job));
    }
}
