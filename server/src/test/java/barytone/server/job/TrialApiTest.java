package barytone.server.job;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import barytone.server.RunningBarytone.Answer;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Another setup is tried on a job, over HTTP. */
class TrialApiTest extends JobsOverHttp {
    private static long read(String player) {
        long job = electric(player);
        readAll(job, 1.8, 1.7, 1.6, 1.5, 1.4, 1.3);
        return job;
    }

    private static Answer tries(long job, String more) {
        return app().post("/api/jobs/" + job + "/what-if", "{\"string\":6,\"capo\":0,\"levelled\":false" + more + "}");
    }

    private static JsonNode ok(Answer answer) {
        assertThat(answer.status()).as(answer.text()).isEqualTo(200);
        return answer.json();
    }

    /** As it stands, with the action of all strings so much lower. */
    private static String lower(JsonNode shown, double by) {
        ObjectNode gaps = (ObjectNode) shown.get("gaps").deepCopy();
        var action = gaps.putArray("action");
        shown.at("/gaps/action").forEach(a -> action.add(a.asDouble() - by));
        return ",\"gaps\":" + gaps;
    }

    @Test
    void asItStandsIsShownFirstAndLoweredItTouches() {
        long job = read("As it stands");
        JsonNode now = ok(tries(job, ""));
        assertThat(now.get("clean").asBoolean()).isTrue();
        assertThat(now.at("/strings/0/action").asString()).isEqualTo("1.80");
        assertThat(now.get("unread")).isEmpty();
        JsonNode low = ok(tries(job, lower(now, 0.9)));
        assertThat(low.get("clean").asBoolean()).isFalse();
        assertThat(low.get("headline").asString()).contains("touches");
        assertThat(low.at("/strings/0/action").asString()).isEqualTo("0.90");
        assertThat(low.at("/strings/0/actionNow").asString()).isEqualTo("1.80");
        assertThat(low.at("/strings/0/actionStands").asString()).isEqualTo("low");
        // as it stands now lies behind what is tried
        assertThat(low.at("/section/after/saddleY").asDouble())
                .isCloseTo(now.at("/section/saddleY").asDouble(), within(1e-6));
        assertThat(low.at("/section/saddleY").asDouble())
                .isLessThan(now.at("/section/saddleY").asDouble() - 1);
        // nothing of it was stored
        assertThat(job(job).at("/tape/0/text").asString()).startsWith("Action");
    }

    @Test
    void aHandThatPullsTooFarIsHeldAtWhatASetupCanBe() {
        long job = read("Too far");
        JsonNode now = ok(tries(job, ""));
        JsonNode far = ok(tries(job, lower(now, 40)));
        assertThat(far.at("/gaps/action/0").asDouble()).isEqualTo(0.2);
        assertThat(tries(job, ",\"gaps\":{\"reliefBass\":0.1,\"reliefTreble\":0.1,\"nut\":[0.1],\"action\":[1]}")
                        .status())
                .isEqualTo(400);
    }

    @Test
    void aCapoLeavesTheNotesBelowItOutAndOtherStringsAndTouchesCount() {
        long job = read("Capo");
        JsonNode open = ok(tries(job, ""));
        JsonNode capo = ok(app().post("/api/jobs/" + job + "/what-if", "{\"string\":6,\"capo\":3,\"levelled\":false}"));
        assertThat(capo.at("/strings/0/fits"))
                .hasSize(open.at("/strings/0/fits").size() - 3);
        JsonNode low = ok(tries(job, lower(open, 0.55)));
        JsonNode light = ok(tries(job, lower(open, 0.55) + ",\"touch\":\"light\""));
        JsonNode loose = ok(tries(job, lower(open, 0.55) + ",\"tuning\":\"C F Bb Eb G C\""));
        assertThat(touching(light)).isLessThan(touching(low));
        assertThat(touching(loose)).isGreaterThan(touching(low));
        assertThat(tries(job, ",\"tuning\":\"E A D\"").status()).isEqualTo(400);
        assertThat(tries(job, ",\"strings\":\"ten\"").status()).isEqualTo(400);
        assertThat(tries(job, ",\"boardRadius\":\"3\"").status()).isEqualTo(400);
        Answer unread = tries(job, ",\"boardRadius\":\"rounder\"");
        assertThat(unread.status()).isEqualTo(400);
        assertThat(unread.text()).contains("rounder");
    }

    private static long touching(JsonNode shown) {
        return shown.get("strings")
                .valueStream()
                .flatMap(s -> s.get("fits").valueStream())
                .filter(f -> f.asString().equals("touches"))
                .count();
    }

    @Test
    void theLowestIsTriedAndRingsAndLevelledItGoesLower() {
        long job = read("Lowest");
        for (int string = 1; string <= 6; string++)
            ok(post(
                    job,
                    "frets/notes",
                    ",\"notes\":[%s]"
                            .formatted(note(string, 8, "buzz") + "," + note(string, 9, "clean") + ","
                                    + note(string, 5, "clean") + "," + note(string, 11, "clean"))));
        String asked = "{\"tried\":{\"string\":6,\"capo\":0,\"levelled\":false},\"safety\":%s,\"wanted\":false}";
        JsonNode lowest = ok(app().post("/api/jobs/" + job + "/what-if/lowest", asked.formatted("0")));
        assertThat(lowest.get("stops").toString()).contains("would touch 9");
        assertThat(lowest.get("levelled").asString()).contains("it would buy ");
        JsonNode tried = ok(tries(job, ",\"gaps\":" + lowest.get("gaps")));
        assertThat(tried.at("/strings"))
                .allMatch(s -> !s.get("touches").asBoolean()
                        || s.get("room").asString().startsWith("open"));
        JsonNode safe = ok(app().post("/api/jobs/" + job + "/what-if/lowest", asked.formatted("2")));
        assertThat(safe.at("/gaps/action/5").asDouble())
                .isGreaterThan(lowest.at("/gaps/action/5").asDouble() + 0.02);
        assertThat(app().post("/api/jobs/" + job + "/what-if/lowest", asked.formatted("9"))
                        .status())
                .isEqualTo(400);
    }

    @Test
    void theLowestIsHeldUpWhereItsSchoolWantsMore() {
        long job = read("Held up");
        String asked =
                "{\"tried\":{\"string\":6,\"capo\":0,\"levelled\":true,\"touch\":\"light\"},\"safety\":0,\"wanted\":%s}";
        JsonNode rings = ok(app().post("/api/jobs/" + job + "/what-if/lowest", asked.formatted("false")));
        assertThat(rings.get("held").asString()).startsWith("Lower than is wanted of the action: 6 E, 5 A");
        JsonNode wanted = ok(app().post("/api/jobs/" + job + "/what-if/lowest", asked.formatted("true")));
        assertThat(wanted.get("held").asString()).startsWith("Could ring lower than is wanted: 6 E, 5 A");
        assertThat(wanted.get("stops")).isEmpty();
        JsonNode tried = ok(tries(job, ",\"gaps\":" + wanted.get("gaps")));
        assertThat(tried.at("/strings"))
                .allMatch(s -> s.get("actionStands").asString().equals("in"));
    }

    private static String note(int string, int fret, String mark) {
        return "{\"string\":%d,\"fret\":%d,\"mark\":\"%s\",\"pluck\":\"normal\",\"plugged\":false}"
                .formatted(string, fret, mark);
    }

    @Test
    void whatIsTriedBecomesWhatIsWantedInOneEntryAndIsUndoneAsOne() {
        long job = read("Target");
        JsonNode before = job(job);
        JsonNode now = ok(tries(job, ""));
        String body = "{\"after\":%d,\"key\":\"%s\",\"tried\":{\"string\":6,\"capo\":0,\"levelled\":false%s}}"
                .formatted(before.get("seq").asLong(), UUID.randomUUID(), lower(now, 0.3));
        JsonNode wanted = ok(app().post("/api/jobs/" + job + "/what-if/target", body));
        assertThat(wanted.at("/tape/0/text").asString())
                .startsWith("Wanted as tried: relief 0.2")
                .contains("action 1.50 mm to 1.00 mm");
        assertThat(wanted.at("/action/rows/0/verdict").asString()).isEqualTo("high");
        JsonNode undone = ok(post(job, "undo", ""));
        assertThat(undone.at("/action/rows/0/band")).isEqualTo(before.at("/action/rows/0/band"));
        assertThat(undone.at("/relief/rows/0/band")).isEqualTo(before.at("/relief/rows/0/band"));
    }

    @Test
    void aFlatterBoardLetsBendsRing() {
        long job = read("Radius");
        JsonNode low = ok(tries(job, ""));
        JsonNode round = ok(tries(job, lower(low, 0.7) + ",\"boardRadius\":\"7 1/4 in\""));
        JsonNode flat = ok(tries(job, lower(low, 0.7) + ",\"boardRadius\":\"flat\""));
        assertThat(round.get("bends").asString()).startsWith("Bends choke: 1 e: ");
        assertThat(flat.get("bends").asString()).startsWith("Bends of up to two semitones ring");
    }

    @Test
    void aStringOnItsFretsIsNothingToWant() {
        long job = read("On the frets");
        JsonNode before = job(job);
        ObjectNode gaps = (ObjectNode) ok(tries(job, "")).get("gaps").deepCopy();
        var nut = gaps.putArray("nut");
        for (int s = 1; s <= 6; s++) nut.add(s == 3 ? 0.0 : 0.14);
        Answer refused = post(
                job, "what-if/target", ",\"tried\":{\"string\":6,\"capo\":0,\"levelled\":false,\"gaps\":" + gaps + "}");
        assertThat(refused.status()).as(refused.text()).isEqualTo(400);
        assertThat(refused.text()).contains("0.01");
        assertThat(job(job).get("seq")).isEqualTo(before.get("seq"));
    }

    @Test
    void aHandOnTheDrawingIsFollowed() {
        long job = read("Follows");
        JsonNode now = ok(tries(job, ""));
        ObjectNode gaps = (ObjectNode) now.get("gaps").deepCopy();
        var action = gaps.putArray("action");
        now.at("/gaps/action")
                .forEach(a -> action.add(a.asDouble() + now.at("/opens/action").asDouble()));
        JsonNode lifted = ok(tries(job, ",\"gaps\":" + gaps));
        assertThat(lifted.at("/section/saddleY").asDouble())
                .isCloseTo(now.at("/section/saddleY").asDouble() + 1, within(0.02));
    }
}
