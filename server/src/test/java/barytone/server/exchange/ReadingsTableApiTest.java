package barytone.server.exchange;

import static org.assertj.core.api.Assertions.assertThat;

import barytone.server.RunningBarytone;
import barytone.server.RunningBarytone.Answer;
import barytone.server.TestClock;
import java.nio.file.Path;
import java.time.Instant;
import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** Readings of somebody's table come into the history of an instrument. */
class ReadingsTableApiTest {
    @BeforeEach
    void aMondayInFebruary() {
        TestClock.set(Instant.parse("2031-02-03T10:20:00Z"));
    }

    private static RunningBarytone shop(Path data, String... more) {
        return RunningBarytone.shop(data, more);
    }

    private static JsonNode table(RunningBarytone app, String csv, String query) {
        ObjectNode asked = JsonMapper.shared().createObjectNode();
        asked.put("csv", csv)
                .put("day", 0)
                .put("what", 1)
                .put("string", 2)
                .put("value", 3)
                .put("unit", "mm");
        Answer answer = app.post("/api/instruments/10/table" + query, asked.toString());
        assertThat(answer.status()).as(answer.text()).isEqualTo(200);
        return answer.json();
    }

    @Test
    void aTableOfReadingsBecomesVisitsOfTheHistoryOnce(@TempDir Path there) {
        String csv = "\ufeffDate;Quantity;String no.;Reading mm\n12.3.2027;Action at 12;6;2,4\n12.3.2027;action;1;1,9\n"
                + "12.3.2027;relief;6;0.22\n2027-09-30;Action;6;7/64in\n";
        try (RunningBarytone app = RunningBarytone.demo(there)) {
            JsonNode preview = app.post(
                            "/api/exchange/table",
                            JsonMapper.shared()
                                    .createObjectNode()
                                    .put("csv", csv)
                                    .toString())
                    .json();
            assertThat(preview.get("columns")).hasSize(4);
            assertThat(preview.get("day").asInt()).isZero();
            assertThat(preview.get("what").asInt()).isEqualTo(1);
            assertThat(preview.get("string").asInt()).isEqualTo(2);
            assertThat(preview.get("value").asInt()).isEqualTo(3);
            int before = app.get("/api/instruments/10").json().get("visits").size();
            JsonNode facts = app.get("/api/instruments/10").json().get("facts");
            JsonNode report = table(app, csv, "");
            assertThat(report.get("days").asInt()).isEqualTo(2);
            assertThat(report.get("readings").asInt()).isEqualTo(4);
            assertThat(report.at("/methods").toString()).contains("Action: open string, at fret 12.");
            JsonNode page = app.get("/api/instruments/10").json();
            assertThat(page.get("visits")).hasSize(before + 2);
            assertThat(page.get("facts")).isEqualTo(facts);
            // what was taken over is older than what was here
            assertThat(app.get("/api/players/10").json().at("/jobs/0/id").asLong())
                    .isEqualTo(10);
            assertThat(app.get("/api/instruments/10/figures").text()).contains("2.4000");
            JsonNode again = table(app, csv, "");
            assertThat(again.get("days").asInt()).isZero();
            assertThat(again.get("daysHere").asInt()).isEqualTo(2);
            JsonNode wrong =
                    table(app, csv.replace("30;Action;6", "29;Action;9").replace("0.22", "much"), "");
            assertThat(wrong.get("kept").asBoolean()).isFalse();
            assertThat(wrong.get("refused").toString())
                    .contains(
                            "\"line\":4",
                            "much",
                            "\"line\":5",
                            "string: given 9; allowed is one of [6, 5, 4, 3, 2, 1]");
            assertThat(app.get("/api/instruments/10").json().get("visits")).hasSize(before + 2);
            // the rest is taken on demand, and a day of which nothing is left is no visit
            JsonNode rest = table(app, csv.replace("30;Action;6", "29;Action;9").replace("0.22", "much"), "?rest=true");
            assertThat(rest.get("kept").asBoolean()).isTrue();
            assertThat(rest.get("days").asInt()).isEqualTo(1);
            assertThat(app.get("/api/instruments/10").json().get("visits")).hasSize(before + 3);
        }
    }

    @Test
    void aTableThatCannotBeUnderstoodSaysWhy(@TempDir Path there) {
        try (RunningBarytone app = RunningBarytone.demo(there)) {
            String head = "day,what,string,value\n";
            JsonNode refused = table(
                    app,
                    head + "tomorrow,action,6,2.4\n2099-01-01,action,6,2.4\n2027-03-12,colour,6,2.4\n"
                            + "2027-03-12,action,first,2.4\n2027-03-12,action,6,240\n2027-03-12,relief,3,0.2\n"
                            + "2027-03-12,action\n2027-03-12,nut,6,0.2..0.25\n",
                    "");
            List<String> why = refused.get("refused")
                    .valueStream()
                    .map(r -> r.get("line").asInt() + " " + r.get("why").asString())
                    .toList();
            assertThat(why).hasSize(7);
            assertThat(String.join("\n", why))
                    .contains("2 day: given “tomorrow”; allowed is a day such as 2031-02-03 or 3.2.2031.")
                    .contains("3 day: given 2099-01-01; allowed is a day that has been.")
                    .contains("4 what: given “colour”; allowed is relief, nut or action.")
                    .contains("5 string: given “first”; allowed is its number, 1 is the highest.")
                    .contains("6 reading")
                    .contains("7 string: given 3; allowed is one of [6, 1].")
                    .contains("8 string: given no column 3; allowed is one of 2 columns.");
            // what went between two leaves stays between them
            assertThat(refused.get("readings").asInt()).isEqualTo(1);
            for (String bad : List.of("", "only headers", head))
                assertThat(app.post(
                                        "/api/exchange/table",
                                        JsonMapper.shared()
                                                .createObjectNode()
                                                .put("csv", bad)
                                                .toString())
                                .text())
                        .contains("a line of headers and at least one row");
            String tabs = "when\tvalue\tstring\n2027-03-12\t\"2,4\"\t6\n";
            JsonNode preview = app.post(
                            "/api/exchange/table",
                            JsonMapper.shared()
                                    .createObjectNode()
                                    .put("csv", tabs)
                                    .toString())
                    .json();
            assertThat(preview.at("/rows/0/1").asString()).isEqualTo("2,4");
            assertThat(preview.has("what")).isFalse();
        }
    }
}
