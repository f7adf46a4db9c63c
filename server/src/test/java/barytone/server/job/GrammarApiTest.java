package barytone.server.job;

import static org.assertj.core.api.Assertions.assertThat;

import barytone.server.RunningBarytone.Answer;
import java.util.List;
import java.util.Locale;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;

/** One grammar for all that is sent and answered: addresses, names, keys, and what is said of those that are not allowed. */
class GrammarApiTest extends JobsOverHttp {
    @ParameterizedTest
    @ValueSource(strings = {"nut", "NUT"})
    void namesAreUnderstoodInSmallLettersAndAsEarlierScriptsSentThem(String nut) {
        long job = electric("Bell");
        JsonNode read = read(job, nut, 6, "0.15");
        assertThat(read.at("/nut/rows/0/now").asString()).isEqualTo("0.15");
        assertThat(read.at("/nut/station").asString()).isEqualTo("nut");
        assertThat(read.at("/instrument/kind").asString()).isEqualTo("electric");
        assertThat(read.at("/nut/rows/0/verdict").asString()).isEqualTo("in");
    }

    @ParameterizedTest
    @CsvSource({
        "relief, relief",
        "nut, nut nutBench",
        "action, action bridge",
        "intonation, intonation",
        "pickups, pickups"
    })
    void oneStationIsAskedForAloneAndSaysWhatThePageSaysOfIt(String station, String parts) {
        long job = electric("Bell");
        read(job, "relief", 6, "0.20");
        JsonNode page = job(job);
        for (String spelt : List.of(station, station.toUpperCase(Locale.ROOT))) {
            JsonNode alone =
                    app().get("/api/jobs/" + job + "/stations/" + spelt).json();
            for (String part : parts.split(" "))
                assertThat(alone.get(part)).as(part).isEqualTo(page.get(part));
            assertThat(alone.at("/station/key").asString()).isEqualTo(station);
            assertThat(alone.get("seq")).isEqualTo(page.get("seq"));
            assertThat(alone.propertyNames()).hasSize(3 + parts.split(" ").length);
        }
    }

    @Test
    void aStationThatIsNotThereIsNamedWithThoseThatAre() {
        Answer none = app().get("/api/jobs/" + electric("Bell") + "/stations/tuners");
        assertThat(none.status()).isEqualTo(404);
        assertThat(none.json().get("detail").asString())
                .isEqualTo(
                        "station: given “tuners”; allowed is one of relief, nut, action, frets, intonation, pickups.");
        assertThat(app().get("/api/jobs/999/stations/nut").status()).isEqualTo(404);
    }

    @Test
    void anAddressOfAnotherVersionSaysWhatToDo() {
        Answer gone = post(electric("Bell"), "rod-turns", ",\"sixteenths\":2");
        assertThat(gone.status()).isEqualTo(404);
        assertThat(gone.type()).contains("problem+json");
        assertThat(gone.json().get("detail").asString()).contains("load it again");
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            relief/turns  | ,"turns":"1/8","finishTightening":false,"free":false,"key":" " | key: given nothing; allowed is 1 to 80 characters, new for each request.
            scope         | ,"stations":[]                                                 | stations: given nothing; allowed is at least one station.
            nut/filings   | ,"slots":[]                                                    | slots: given nothing; allowed is at least one slot with its strokes.
            notes         | ,"text":"  "                                                   | text: given nothing; allowed is 1 to 2000 characters.
            uncounted     | ,"station":"intonation"                                        | station: given intonation; allowed is relief, nut or action.
            readings      | ,"station":"pickups","string":6,"text":"2"                     | station: given pickups; allowed is relief, nut or action; the others have routes of their own.
            order         | ,"order":"BACKWARDS"                                           | order: given “BACKWARDS”; allowed is one of relief-nut-action, saddle-rough-first, ballpark-first.
            """)
    void whatABodyMayNotSayIsNamedWithWhatIsAllowed(String what, String more, String told) {
        long job = electric("Bell");
        Answer refused = post(job, what, more);
        assertThat(refused.status()).isEqualTo(400);
        assertThat(refused.json().get("detail").asString()).isEqualTo(told);
        assertThat(job(job).get("seq").asLong()).isZero();
    }

    @ParameterizedTest
    @CsvSource({"'', nothing", "'%20', nothing"})
    void whoListensNamesTheirRequestToo(String key, String given) {
        long job = electric("Bell");
        Answer refused = app().postSound("/api/jobs/" + job + "/hear?after=0&string=6&key=" + key, new byte[0]);
        assertThat(refused.status()).isEqualTo(400);
        assertThat(refused.json().get("detail").asString())
                .isEqualTo("key: given " + given + "; allowed is 1 to 80 characters, new for each request.");
        Answer tooLong =
                app().postSound("/api/jobs/" + job + "/hear?after=0&string=6&key=" + "k".repeat(81), new byte[0]);
        assertThat(tooLong.json().get("detail").asString()).startsWith("key: given 81 characters;");
    }
}
