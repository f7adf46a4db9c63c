package barytone.server.job;

import static org.assertj.core.api.Assertions.assertThat;

import barytone.server.RunningBarytone.Answer;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** What a job is about: strings and facts that are odd, are corrected or belong to another instrument. */
class FactsApiTest extends JobsOverHttp {
    @Test
    void otherStringsAreAnEntryAndEverythingIsReadAgain() {
        long job = electric("Carpenter");
        readAll(job, 1.8, 1.7, 1.6, 1.5, 1.4, 1.3);
        Answer turned = post(job, "other-strings", ",\"strings\":\"49w 38w 28w 18 14 11\"");
        assertThat(turned.status()).isEqualTo(422);
        assertThat(turned.json().get("suggestion").asString()).isEqualTo("11 14 18 28w 38w 49w");
        JsonNode strung = post(job, "other-strings", ",\"strings\":\"11 14 18 28w 38w 49w\"")
                .json();
        assertThat(strung.at("/tape/0/text").asString()).startsWith("Other strings: 11 14 18 28w 38w 49w, before ");
        assertThat(strung.at("/instrument/strings").asString()).isEqualTo("11 14 18 28w 38w 49w");
        assertThat(strung.at("/action/rows/0/now").isMissingNode()).isTrue();
        assertThat(strung.at("/action/rows/0/found").asString()).isEqualTo("1.80");
        assertThat(post(job, "other-strings", ",\"strings\":\"nonsense\"").status())
                .isEqualTo(400);
    }

    @Test
    void theReliefIsMissedUnderAStringOnlyWhereItIsReadForIt() {
        long job = electric("Cooper");
        assertThat(reliefKnown(job(job))).containsOnly(false);
        // from the sixth string to the first
        assertThat(reliefKnown(read(job, "RELIEF", 6, "0.2"))).containsExactly(true, false, false, false, false, false);
        assertThat(reliefKnown(read(job, "RELIEF", 1, "0.2"))).containsOnly(true);
        JsonNode strung = post(job, "other-strings", ",\"strings\":\"11 14 18 28w 38w 49w\"")
                .json();
        assertThat(reliefKnown(strung)).containsOnly(false);
    }

    private static List<Boolean> reliefKnown(JsonNode job) {
        return job.get("sections")
                .valueStream()
                .map(section -> section.get("reliefKnown").asBoolean())
                .toList();
    }

    @Test
    void otherStringsNotedOnTheInstrumentAreAnEntryToo() {
        long job = electric("Joiner");
        readAll(job, 1.8, 1.7, 1.6, 1.5, 1.4, 1.3);
        ObjectNode facts = ((ObjectNode) job(job).get("instrument")).deepCopy();
        long version = facts.remove("version").asLong();
        facts.remove("kindLabel");
        facts.put("strings", "11 14 18 28w 38w 49w");
        String body = "{\"version\":%d,\"facts\":%s}";
        JsonNode strung = app().put("/api/jobs/" + job + "/instrument", body.formatted(version, facts))
                .json();
        assertThat(strung.at("/tape/0/text").asString()).startsWith("Other strings: 11 14 18 28w 38w 49w, before ");
        assertThat(strung.at("/action/rows/0/now").isMissingNode()).isTrue();
        // only noted wrongly: undone, and the readings stand again
        JsonNode undone = post(job, "undo", "").json();
        assertThat(undone.at("/action/rows/0/now").asString()).isEqualTo("1.80");
        // another correction is no event
        facts.put("name", "Joiner’s second");
        JsonNode named = app().put("/api/jobs/" + job + "/instrument", body.formatted(version + 1, facts))
                .json();
        assertThat(named.get("seq").asLong()).isEqualTo(undone.get("seq").asLong());
    }

    @Test
    void otherStringsTakenBackTakeTheirGaugesWithThemAndBringThemBack() {
        long job = electric("Swapper");
        String before = job(job).at("/instrument/strings").asString();
        post(job, "other-strings", ",\"strings\":\"9-42\"");
        assertThat(job(job).at("/instrument/strings").asString()).isEqualTo("9 11 16 24w 32w 42w");
        assertThat(post(job, "undo", "").json().at("/instrument/strings").asString())
                .isEqualTo(before);
        assertThat(post(job, "redo", "").json().at("/instrument/strings").asString())
                .isEqualTo("9 11 16 24w 32w 42w");
    }

    @Test
    void otherStringsAreAnEntryWhenOnlyNotesWereRead() {
        long job = electric("Rigger");
        post(job, "intonation/pitches", ",\"string\":6,\"how\":\"OPEN\",\"fret\":0,\"cents\":\"0\"");
        ObjectNode facts = ((ObjectNode) job(job).get("instrument")).deepCopy();
        long version = facts.remove("version").asLong();
        facts.remove("kindLabel");
        facts.put("strings", "11 14 18 28w 38w 49w");
        JsonNode strung = app().put(
                        "/api/jobs/" + job + "/instrument", "{\"version\":%d,\"facts\":%s}".formatted(version, facts))
                .json();
        assertThat(strung.at("/tape/0/text").asString()).startsWith("Other strings: ");
    }

    @Test
    void aWishForASchoolThatIsGoneRefusesNoIntake() {
        JsonNode schools = app().get("/api/shop/schools").json();
        String own = schools.toString().replaceFirst("\"code\":\"ELECTRIC_HIGH\"", "\"code\":\"HOUSE_HIGH\"");
        assertThat(app().put("/api/shop/schools", own).status()).isEqualTo(200);
        long job = electric("Lookout");
        post(job, "action/target", ",\"school\":\"HOUSE_HIGH\"");
        assertThat(app().put("/api/jobs/" + job + "/wishes", "{\"what\":\"action\",\"scope\":\"SHOP\"}")
                        .status())
                .isEqualTo(204);
        JsonNode now = app().get("/api/shop/schools").json();
        assertThat(app().put("/api/shop/schools", now.toString().replace("HOUSE_HIGH", "ELECTRIC_HIGH"))
                        .status())
                .isEqualTo(200);
        assertThat(job(electric("Signaller")).at("/action/target/school").asString())
                .isEqualTo("ELECTRIC_MIDDLE");
    }

    @Test
    void aWishMadeOnALongerBoardIsNoneForAShorterOne() {
        long job = electric("Galley hand");
        assertThat(post(
                                job,
                                "relief/target",
                                ",\"bassLow\":\"0.1\",\"bassHigh\":\"0.2\",\"trebleLow\":\"0.1\",\"trebleHigh\":\"0.2\"")
                        .status())
                .isEqualTo(200);
        assertThat(app().put("/api/jobs/" + job + "/wishes", "{\"what\":\"relief\",\"scope\":\"PLAYER\"}")
                        .status())
                .isEqualTo(204);
        String label = job(job).at("/relief/target/label").asString();
        assertThat(job(electric("Galley hand")).at("/relief/target/label").asString())
                .isEqualTo(label);
        JsonNode shorter = job(open(opening("Galley hand", "ELECTRIC", "E A D G B E", 12, 10, "")));
        assertThat(shorter.at("/relief/target/label").asString())
                .isEqualTo("Middle")
                .isNotEqualTo(label);
    }

    @ParameterizedTest
    @ValueSource(ints = {8, 9, 10, 11})
    void aShortBoardIsAcceptedAndShown(int frets) {
        long job = open(opening("Ferry school", "MANDOLIN", "G D A E", frets, 8, ""));
        JsonNode view = job(job);
        assertThat(view.at("/action/method").asString())
                .isEqualTo("open string, at fret " + frets + ", playing position");
        assertThat(app().get("/api/bench").status()).isEqualTo(200);
        read(job, "ACTION", 4, "1.2");
        assertThat(post(job, "action/habit", ",\"pressed\":0,\"fret\":12,\"tool\":\"card\",\"flat\":false")
                        .status())
                .isEqualTo(400);
        assertThat(job(job).at("/intonation/rows/0/type/fret").asInt()).isLessThanOrEqualTo(frets);
    }

    @Test
    void gaugesTypedFromTheLowSideAreAskedAboutOnce() {
        String turned = ",\"strings\":\"46w 36w 26w 17 13 10\"";
        String body = opening("Quay choir", "ELECTRIC", "E A D G B E", 22, 16, turned);
        Answer asked = app().post("/api/jobs", body);
        assertThat(asked.status()).isEqualTo(422);
        assertThat(asked.json().get("code").asString()).isEqualTo("sure");
        assertThat(asked.json().get("detail").asString()).contains("turn them round?");
        assertThat(asked.json().get("suggestion").asString()).isEqualTo("10 13 17 26w 36w 46w");
        // nothing was kept of it: the same request is answered anew
        long job = open(body.replace("46w 36w 26w 17 13 10", "10 13 17 26w 36w 46w"));
        JsonNode facts = job(job).get("instrument");
        String wrong = "{\"version\":" + facts.get("version") + ",\"facts\":"
                + ((ObjectNode) facts.deepCopy())
                        .put("strings", "30 13 17 26w 36w 46w")
                        .remove(List.of("version", "kindLabel"))
                + "%s}";
        assertThat(app().put("/api/jobs/" + job + "/instrument", wrong.formatted(""))
                        .status())
                .isEqualTo(422);
        Answer never = app().put(
                        "/api/jobs/" + job + "/instrument",
                        wrong.formatted(",\"sure\":true").replace("30 13", "45s 13"));
        assertThat(never.status()).as("over 1000 N: refused, and said so").isEqualTo(422);
        assertThat(never.json().get("code").asString()).isEqualTo("would-not-be-shown");
        Answer sure = app().put("/api/jobs/" + job + "/instrument", wrong.formatted(",\"sure\":true"));
        assertThat(sure.status()).as(sure.text()).isEqualTo(200);
        // as odd as before, another correction does not ask again
        String named = wrong.formatted("")
                .replace("\"version\":1", "\"version\":2")
                .replace("Loan of Quay choir", "Loan of the quay choir");
        assertThat(app().put("/api/jobs/" + job + "/instrument", named).status())
                .isEqualTo(200);
    }

    @Test
    void aCorrectionSaysWhatItLeavesWithoutAMeaning() {
        long job = electric("Rigger");
        assertThat(post(job, "action/habit", ",\"pressed\":0,\"fret\":17,\"tool\":\"card\",\"flat\":false")
                        .status())
                .isEqualTo(200);
        read(job, "ACTION", 6, "2.1");
        JsonNode before = job(job);
        assertThat(before.has("unfit")).isFalse();
        var facts = (ObjectNode) before.get("instrument").deepCopy();
        facts.put("frets", 14).put("bodyJointFret", 12).remove(List.of("version", "kindLabel"));
        Answer corrected = app().put(
                        "/api/jobs/" + job + "/instrument",
                        "{\"version\":" + before.at("/instrument/version") + ",\"facts\":" + facts + "}");
        assertThat(corrected.status()).as(corrected.text()).isEqualTo(200);
        JsonNode now = corrected.json();
        assertThat(now.get("unfit").asString())
                .startsWith("Not for this instrument as it is now, and not counted: “")
                .contains("2.1");
        assertThat(now.at("/tape/0/mark").asString()).isEqualTo("Not for this instrument as it is now: not counted.");
        assertThat(now.at("/action/method").asString()).contains("at fret 12");
        facts.put("frets", 22).put("bodyJointFret", 16);
        JsonNode back = app().put(
                        "/api/jobs/" + job + "/instrument",
                        "{\"version\":" + now.at("/instrument/version") + ",\"facts\":" + facts + "}")
                .json();
        assertThat(back.has("unfit")).isFalse();
        assertThat(back.at("/action/rows/0/now").asString()).isEqualTo("2.10");
    }
}
