package barytone.server.day;

import static org.assertj.core.api.Assertions.assertThat;

import barytone.server.RunningBarytone.Answer;
import barytone.server.TestClock;
import java.time.Duration;
import java.time.LocalDate;
import java.util.List;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** Promises, and the hours that they are made by. */
class PromiseApiTest extends DayOverHttp {
    @Test
    void aDayIsOfferedPromisedAndToldOnTheBench() {
        long job = takeIn("Fulmar");
        JsonNode offer = ok(app.get("/api/jobs/" + job + "/promise"));
        LocalDate day = LocalDate.parse(offer.get("day").asString());
        assertThat(day).isBetween(LocalDate.of(2031, 2, 3), LocalDate.of(2031, 2, 7));
        assertThat(offer.get("said").asString()).containsAnyOf("noon", "evening");
        JsonNode promised = ok(post(job, "promise", ",\"day\":\"%s\",\"part\":\"EVENING\"".formatted(day)));
        assertThat(promised.at("/promise/day").asString()).isEqualTo(day.toString());
        assertThat(promised.at("/tape/0/text").asString()).startsWith("Promised for ");
        JsonNode told = day().at("/promised/0");
        assertThat(told.get("chance").asInt()).isGreaterThan(80);
        assertThat(ok(app.get("/api/jobs/" + job + "/promise")).get("atRisk").asBoolean())
                .isFalse();
        assertThat(told.get("atRisk").asBoolean()).isFalse();
        JsonNode none = ok(post(job, "promise", ",\"day\":\"\""));
        assertThat(none.has("promise")).isFalse();
    }

    @Test
    void aPromiseThatCannotBeKeptIsSaidWithWhatWouldSaveIt() {
        long job = takeIn("Fulmar");
        ok(post(job, "promise", ",\"day\":\"2031-02-03\",\"part\":\"NOON\""));
        waits(job, "FINISH", "6 h");
        JsonNode told = day().at("/promised/0");
        assertThat(told.get("atRisk").asBoolean()).isTrue();
        assertThat(told.get("saves").asString()).startsWith("Tell the player now: ");
        JsonNode offer = ok(app.get("/api/jobs/" + job + "/promise"));
        assertThat(offer.get("atRisk").asBoolean()).isTrue();
        assertThat(offer.get("stands").asString()).isEqualTo(told.get("said").asString());
        TestClock.pass(Duration.ofHours(5));
        assertThat(day().at("/promised/0/said").asString()).isEqualTo("the promise has passed");
    }

    @Test
    void promisesInThePastAreRefusedAndClosedDaysAskedAbout() {
        long job = takeIn("Fulmar");
        Answer past = post(job, "promise", ",\"day\":\"2031-02-02\",\"part\":\"EVENING\"");
        assertThat(past.status()).isEqualTo(400);
        assertThat(past.json().get("detail").asString()).contains("which has passed");
        Answer sunday = post(job, "promise", ",\"day\":\"2031-02-09\",\"part\":\"EVENING\"");
        assertThat(sunday.json().get("detail").asString()).contains("Sunday 9 February 2031 is a closed day");
        ok(post(job, "promise", ",\"day\":\"2031-02-09\",\"part\":\"EVENING\",\"sure\":true"));
        assertThat(post(job, "promise", ",\"day\":\"2099-02-09\"").status()).isEqualTo(400);
    }

    @Test
    void aKeptPromiseIsOnRecord() {
        long job = takeIn("Fulmar");
        ok(post(job, "promise", ",\"day\":\"2031-02-03\",\"part\":\"EVENING\""));
        read(job, 0.2);
        ok(post(job, "close", ""));
        JsonNode times = ok(app.get("/api/shop/times"));
        assertThat(times.get("promises").asString()).isEqualTo("The last promise was kept.");
        assertThat(each(times.get("shop")).map(t -> t.get("what").asString())).contains("Handing over");
    }

    @Test
    void hoursAreKeptAsTypedAndNonsenseIsRefused() {
        JsonNode before = ok(app.get("/api/shop/hours"));
        assertThat(before.at("/week/0/hours").asString()).isEqualTo("9:00-12:30, 13:30-17:30");
        String body =
                "{\"version\":0,\"week\":{\"monday\":\"%s\",\"saturday\":\"10-14\"},\"capacity\":\"80 %%\",\"buffer\":\"0\",\"urgent\":\"0.5\",\"closed\":[\"2031-02-10\"]}";
        JsonNode kept = ok(app.put("/api/shop/hours", body.formatted("8-12 and 13:15-17")));
        assertThat(kept.at("/week/0/hours").asString()).isEqualTo("8:00-12:00, 13:15-17:00");
        assertThat(kept.at("/week/1/hours").asString()).isEmpty();
        assertThat(kept.get("capacity").asString()).isEqualTo("80");
        assertThat(app.put("/api/shop/hours", body.formatted("8-12")).status()).isEqualTo(409);
        String next = body.replace("\"version\":0", "\"version\":1");
        for (String wrong : List.of("12-8", "8-12, 11-13", "early", "8-27"))
            assertThat(app.put("/api/shop/hours", next.formatted(wrong)).status())
                    .as(wrong)
                    .isEqualTo(400);
        String never = next.formatted("").replace("10-14", "closed");
        assertThat(app.put("/api/shop/hours", never).json().get("detail").asString())
                .contains("at least one day");
        long job = takeIn("Fulmar");
        // only Mondays and Saturdays, and next Monday is closed
        TestClock.pass(Duration.ofHours(8));
        assertThat(ok(app.get("/api/jobs/" + job + "/promise")).get("day").asString())
                .isIn("2031-02-08", "2031-02-15");
    }

    @Test
    void hoursThatCameFromElsewhereAndCannotBeReadBreakNoView() {
        takeIn("Fulmar");
        app.sql(
                sql -> sql.execute(
                        "INSERT INTO setting (scope, owner, name, body, version) VALUES ('shop', '', 'hours', '{\"week\":{\"MONDAY\":\"late\"}}', 1)"));
        assertThat(jobs("next")).hasSize(1);
        assertThat(ok(app.get("/api/shop/hours")).at("/week/0/hours").asString())
                .isEqualTo("9:00-12:30, 13:30-17:30");
    }
}
