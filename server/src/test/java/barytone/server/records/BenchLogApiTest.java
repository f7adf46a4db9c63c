package barytone.server.records;

import static org.assertj.core.api.Assertions.assertThat;

import barytone.server.RunningBarytone.Answer;
import barytone.server.TestClock;
import barytone.server.job.JobsOverHttp;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** The tray, work around the strings, and days on which to look again. */
class BenchLogApiTest extends JobsOverHttp {
    @BeforeEach
    void aMondayInFebruary() {
        TestClock.set(Instant.parse("2031-02-03T09:00:00Z"));
    }

    private static long again(long instrument) {
        ObjectNode facts =
                ((ObjectNode) app().get("/api/instruments/" + instrument).json().get("facts")).deepCopy();
        long version = facts.remove("version").asLong();
        facts.remove("kindLabel");
        return open("""
                {"requestKey":"%s","player":"Comes back","touch":"light","complaint":"","sure":true,"instrumentId":%d,
                 "instrumentVersion":%d,"instrument":%s}""".formatted(UUID.randomUUID(), instrument, version, facts));
    }

    private static List<String> due() {
        return app().get("/api/follow-ups")
                .json()
                .valueStream()
                .map(f -> f.get("name").asString() + " " + f.get("on").asString()
                        + (f.get("due").asBoolean() ? " due" : ""))
                .toList();
    }

    @Test
    void whatCameOffIsAskedForBeforeTheJobIsClosed() {
        long job = electric("Tray");
        post(job, "parts", ",\"part\":\"Cover, 4 screws\"");
        JsonNode two = post(job, "parts", ",\"part\":\"Pickguard\"").json();
        assertThat(two.at("/benchLog/parts")).hasSize(2);
        long cover = two.at("/benchLog/parts/0/event").asLong();
        Answer asked = post(job, "close", "");
        assertThat(asked.status()).isEqualTo(422);
        assertThat(asked.json().get("detail").asString())
                .isEqualTo("Still in the tray: Cover, 4 screws, Pickguard. Close the job all the same?");
        JsonNode back = post(job, "parts/back", ",\"event\":" + cover).json();
        assertThat(back.at("/tape/0/text").asString()).isEqualTo("Back on: Cover, 4 screws");
        assertThat(post(job, "parts/back", ",\"event\":" + cover).status()).isEqualTo(400);
        assertThat(post(job, "close", ",\"sure\":true").status()).isEqualTo(200);
        assertThat(job(job).at("/closing/remarks").toString()).contains("Still in the tray: Pickguard.");
    }

    @Test
    void stringsThatAreOffTakeThePitchAwayAndSaySinceWhen() {
        long job = electric("Bare");
        JsonNode off = post(job, "tended", ",\"what\":\"strings-off\"").json();
        assertThat(off.at("/benchLog/stringsOff").asString()).startsWith("Strings off for 0 min.");
        TestClock.set(Instant.parse("2031-02-06T09:00:00Z"));
        assertThat(job(job).at("/benchLog/stringsOff").asString())
                .isEqualTo(
                        "Strings off for 3 days. Put them on again, or slacken the rod: some necks bend back in days.");
        assertThat(job(job).at("/benchLog/atPitch").isMissingNode()).isTrue();
        // a reading off pitch is void
        assertThat(read(job, "RELIEF", 6, "0.2").at("/tape/0/doubt").asString()).isEqualTo("off-pitch");
        assertThat(post(job, "tended", ",\"what\":\"strings-on\"")
                        .json()
                        .at("/benchLog/stringsOff")
                        .isMissingNode())
                .isTrue();
        assertThat(post(job, "retunes", "").json().at("/benchLog/atPitch").asString())
                .matches("At pitch since Thursday 6 February, \\d\\d:00\\.");
        assertThat(post(job, "tended", ",\"what\":\"varnished\"").status()).isEqualTo(400);
    }

    @Test
    void oilIsNotPutOnAgainSoonAtALaterVisitWithoutAQuestion() {
        long first = electric("Oiled");
        assertThat(post(first, "tended", ",\"what\":\"oiled\"").status()).isEqualTo(200);
        post(first, "close", "");
        TestClock.set(Instant.parse("2031-05-03T09:00:00Z"));
        long second = again(job(first).get("instrumentId").asLong());
        Answer asked = post(second, "tended", ",\"what\":\"oiled\"");
        assertThat(asked.status()).isEqualTo(422);
        assertThat(asked.json().get("detail").asString()).startsWith("The board was oiled on Monday 3 February");
        assertThat(post(second, "tended", ",\"what\":\"oiled\",\"sure\":true").status())
                .isEqualTo(200);
        TestClock.set(Instant.parse("2032-05-03T09:00:00Z"));
        assertThat(post(second, "tended", ",\"what\":\"oiled\"").status()).isEqualTo(200);
    }

    @Test
    void aTemporaryRepairIsDueOnItsDayUntilTheInstrumentIsHereAgain() {
        long job = electric("Carded");
        post(job, "follow-up", ",\"day\":\"2031-04-01\",\"why\":\"card under the nut\"");
        post(job, "close", "");
        assertThat(due()).contains("Loan of Carded 2031-04-01");
        assertThat(app().get("/api/jobs/" + job + "/card")
                        .json()
                        .get("lookAgain")
                        .asString())
                .startsWith("Look again on Tuesday 1 April: card under the nut. ");
        TestClock.set(Instant.parse("2031-04-02T09:00:00Z"));
        assertThat(due()).contains("Loan of Carded 2031-04-01 due");
        again(job(job).get("instrumentId").asLong());
        assertThat(due()).noneMatch(name -> name.startsWith("Loan of Carded"));
        assertThat(post(electric("Undated"), "follow-up", ",\"day\":\"soon\"").status())
                .isEqualTo(400);
    }
}
