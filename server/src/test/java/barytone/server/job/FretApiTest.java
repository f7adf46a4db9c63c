package barytone.server.job;

import static org.assertj.core.api.Assertions.assertThat;

import barytone.server.RunningBarytone.Answer;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** The hunt for a buzz on a job, over HTTP. */
class FretApiTest extends JobsOverHttp {
    private static JsonNode ok(Answer answer) {
        assertThat(answer.status()).as(answer.text()).isEqualTo(200);
        return answer.json();
    }

    private static JsonNode heard(long job, String mark, int string, int... frets) {
        StringBuilder notes = new StringBuilder();
        for (int fret : frets)
            notes.append(notes.isEmpty() ? "" : ",")
                    .append("{\"string\":%d,\"fret\":%d,\"mark\":\"%s\",\"pluck\":\"normal\",\"plugged\":false}"
                            .formatted(string, fret, mark));
        return ok(post(job, "frets/notes", ",\"notes\":[" + notes + "]"));
    }

    private static List<String> causes(JsonNode page) {
        return page.at("/frets/suspects")
                .valueStream()
                .map(s -> s.get("cause").asString())
                .toList();
    }

    @Test
    void whatIsHeardHasOneTruthWhereverItIsTold() {
        long job = electric("One truth");
        JsonNode page = heard(job, "buzz", 4, 0);
        assertThat(page.at("/tape/0/text").asString()).isEqualTo("Open 4 D buzzes");
        assertThat(page.at("/frets/marks")).hasSize(1);
        assertThat(page.at("/playOff/heard")).hasSize(1);
        assertThat(page.at("/closing/remarks").toString()).containsOnlyOnce("pen 4 D buzzes");
        page = ok(post(job, "play-off/accepted", ",\"by\":\"the player\",\"how\":\"\""));
        assertThat(page.at("/frets/marks/0/accepted").asBoolean()).isTrue();
        assertThat(page.at("/closing/remarks").toString())
                .contains("accepted: open 4 D buzzes")
                .doesNotContain("not accepted:");
        page = heard(job, "clean", 4, 0);
        assertThat(page.at("/playOff/heard")).isEmpty();
        assertThat(page.at("/frets/marks/0/mark").asString()).isEqualTo("clean");
    }

    @Test
    void anAnswerToATestMovesTheSuspectsAndUndoneTheyStandAsBefore() {
        long job = electric("Answers");
        heard(job, "buzz", 4, 0);
        List<String> before = causes(heard(job, "clean", 4, 1, 2, 3));
        JsonNode page = ok(post(job, "frets/tests", ",\"test\":\"card-under-nut\",\"outcome\":\"stops\",\"string\":4"));
        assertThat(causes(page).getFirst()).isEqualTo("nut-slot-low");
        assertThat(page.at("/frets/suspects/0/confirmed").asBoolean()).isTrue();
        assertThat(page.at("/frets/made/0").asString()).contains("4 D", "the noise stops");
        assertThat(causes(ok(post(job, "undo", "")))).isEqualTo(before);
    }

    @Test
    void aRemedyAsksForTheBadNotesAndLeavesThoseThatRang() {
        long job = electric("Remedied");
        heard(job, "buzz", 4, 0);
        heard(job, "clean", 4, 1, 2);
        JsonNode page = ok(post(job, "frets/remedies", ",\"cause\":\"nut-slot-low\",\"string\":4,\"fret\":0"));
        assertThat(page.at("/frets/again")).hasSize(1);
        assertThat(page.at("/frets/marks")).hasSize(2);
        assertThat(page.at("/tape/0/text").asString()).contains("a nut slot that is too low, 4 D");
        assertThat(page.at("/closing/remarks").toString()).contains("Buzz: a nut slot that is too low, 4 D");
    }

    @Test
    void aSlotThatWasLookedAtAtTheNutIsNotAskedForAgain() {
        long job = electric("Looked at");
        heard(job, "buzz", 2, 0);
        heard(job, "clean", 2, 1, 2, 3);
        JsonNode page = ok(post(job, "nut/slot-checks", ",\"string\":2,\"flaws\":[\"too-wide\"]"));
        assertThat(causes(page).getFirst()).isEqualTo("nut-slot-wide");
        assertThat(page.at("/frets/made").toString()).contains("2 B", "wide");
    }

    @Test
    void whatIsKnownElsewhereIsToldApartFromWhatWasNotedHere() {
        long job = electric("Known");
        JsonNode page = ok(post(job, "frets/hints", ",\"hints\":[\"comes-and-goes\"]"));
        JsonNode hints = page.at("/frets/hints");
        assertThat(hints.valueStream()
                        .filter(h -> h.get("on").asBoolean())
                        .map(h -> h.get("code").asString()))
                .containsExactly("comes-and-goes");
        ok(
                post(
                        job,
                        "hurt",
                        ",\"words\":\"\",\"signs\":[\"buzzes\",\"since-strings\"],\"where\":[\"open\"],\"strings\":[],\"styles\":[],\"capo\":null,\"like\":\"\""));
        hints = job(job).at("/frets/hints");
        assertThat(hints.valueStream()
                        .filter(h -> h.get("known").asBoolean())
                        .map(h -> h.get("code").asString()))
                .containsExactly("since-strings");
    }

    /** Whatever was accepted must never break a view. */
    @Test
    void anInstrumentThatTurnsOutToHaveFewerStringsIsShownWithAllOfIt() {
        long job = electric("Corrected");
        heard(job, "buzz", 6, 20);
        ok(post(job, "frets/tests", ",\"test\":\"press-at-saddle\",\"outcome\":\"stops\",\"string\":6"));
        ok(post(job, "frets/remedies", ",\"cause\":\"saddle-flat\",\"string\":6,\"fret\":0"));
        ObjectNode facts = ((ObjectNode) job(job).get("instrument")).deepCopy();
        long version = facts.remove("version").asLong();
        facts.remove("kindLabel");
        facts.put("tuning", "A2 D3 G3 B3").put("strings", "13 17 26w 36w");
        String body = "{\"version\":%d,\"sure\":true,\"facts\":%s}".formatted(version, facts);
        JsonNode page = ok(app().put("/api/jobs/" + job + "/instrument", body));
        assertThat(page.at("/frets/marks")).isEmpty();
        assertThat(page.at("/frets/again")).isEmpty();
        assertThat(page.at("/tape").toString()).contains("6 at 20 buzzes");
        assertThat(app().get("/api/bench").status()).isEqualTo(200);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '~',
            value = {
                "notes | ,\"notes\":[] | notes: given 0; allowed is 1 to 500.",
                "notes | ,\"notes\":[{\"string\":7,\"fret\":0,\"mark\":\"buzz\",\"pluck\":\"normal\",\"plugged\":false}] | string: given 7; allowed is 1 to 6.",
                "notes | ,\"notes\":[{\"string\":1,\"fret\":23,\"mark\":\"buzz\",\"pluck\":\"normal\",\"plugged\":false}] | fret: given 23; allowed is 0 to 20.",
                "tests | ,\"test\":\"rocker\",\"outcome\":\"stops\",\"fret\":3 | allowed is steady, rocks",
                "remedies | ,\"cause\":\"gremlins\",\"string\":0,\"fret\":0 | back-bow, too-much-relief",
                "zones | ,\"zones\":[\"attic\"] | behind-nut",
            })
    void whatCannotBeSaysWhatIsAllowed(String what, String more, String told) {
        Answer answer = post(electric("Wrong"), "frets/" + what, more);
        assertThat(answer.status()).as(answer.text()).isEqualTo(400);
        assertThat(answer.json().get("detail").asString()).contains(told);
    }

    @Test
    void nothingIsForecastFromWhatIsUsual() {
        long job = electric("No forecast");
        read(job, "RELIEF", 6, "0.2");
        read(job, "RELIEF", 1, "0.17");
        assertThat(job(job).at("/frets/room")).isEmpty();
        readAll(job, 1.8, 1.7, 1.6, 1.5, 1.4, 1.3);
        assertThat(job(job).at("/frets/room")).hasSize(6);
    }

    @Test
    void marksTellWhichCrownIsHighAndByAboutHowMuch() {
        long job = electric("High crown");
        readAll(job, 1.8, 1.7, 1.6, 1.5, 1.4, 1.3);
        for (int string = 1; string <= 6; string++) {
            heard(job, "clean", string, 4, 5, 9, 10, 11);
            heard(job, "buzz", string, 8);
        }
        JsonNode page = heard(job, "buzz", 3, 7);
        assertThat(page.at("/frets/crowns")).hasSize(1);
        JsonNode crown = page.at("/frets/crowns/0");
        assertThat(crown.get("fret").asInt()).isEqualTo(9);
        assertThat(crown.get("high").asBoolean()).isTrue();
        assertThat(crown.get("text").asString()).matches("about 0\\.\\d+ mm high, give or take 0\\.\\d+ mm");
        assertThat(crown.get("because").asString()).contains("touch it");
        // in the unit that is asked for
        Answer thou = app().get("/api/jobs/" + job + "?unit=thou");
        assertThat(thou.json().at("/frets/crowns/0/text").asString()).contains("thou");
        // the forecast has it: 8 touches now under every string, 9 does not
        JsonNode fits = page.at("/frets/room/0/fits");
        assertThat(fits.get(8).asString()).isNotEqualTo("free");
        assertThat(fits.get(9).asString()).isEqualTo("free");
        // it is levelled, and 8 rings
        ok(post(job, "frets/remedies", ",\"cause\":\"high-fret\",\"string\":0,\"fret\":9"));
        for (int string = 1; string <= 6; string++) heard(job, "clean", string, 7, 8);
        assertThat(job(job).at("/frets/crowns")).isEmpty();
    }

    @Test
    void bendsAreForecastWhereTheBoardIsRoundAndTheStringsAreLow() {
        long job = electric("Bends");
        readAll(job, 1.3, 1.2, 1.1, 1.0, 0.9, 0.8);
        JsonNode low = job(job).at("/frets/bends");
        assertThat(low.toString().replace('\u00a0', ' ')).contains("1 e: ").contains("two semitones from ");
        long high = electric("High bends");
        readAll(high, 2.9, 2.8, 2.7, 2.6, 2.5, 2.4);
        assertThat(job(high).at("/frets/bends")).isEmpty();
    }
}
