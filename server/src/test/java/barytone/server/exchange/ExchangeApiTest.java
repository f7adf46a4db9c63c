package barytone.server.exchange;

import static org.assertj.core.api.Assertions.assertThat;

import barytone.server.RunningBarytone;
import barytone.server.RunningBarytone.Answer;
import barytone.server.TestClock;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** A shop leaves as a file and comes back on another machine. */
@Order(2)
class ExchangeApiTest {
    private static final String JSON = "application/json";

    @BeforeEach
    void aMondayInFebruary() {
        TestClock.set(Instant.parse("2031-02-03T10:20:00Z"));
    }

    private static RunningBarytone shop(Path data, String... more) {
        return RunningBarytone.shop(data, more);
    }

    private static byte[] picture() throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageIO.write(new BufferedImage(40, 30, BufferedImage.TYPE_INT_RGB), "png", out);
        return out.toByteArray();
    }

    private static Answer bringIn(RunningBarytone app, byte[] file, String query) {
        return app.postFile("/api/exchange" + query, "application/zip", file);
    }

    private static Answer bringIn(RunningBarytone app, JsonNode file, String query) {
        return app.postFile("/api/exchange" + query, JSON, file.toString().getBytes(StandardCharsets.UTF_8));
    }

    /** All that is shown, without the places of windows. */
    private static List<String> views(RunningBarytone app) {
        List<String> views = new ArrayList<>();
        List<String> paths = new ArrayList<>(
                List.of("/api/bench", "/api/follow-ups", "/api/shop/tools", "/api/shop/prices", "/api/string-sets"));
        for (int i = 1; i <= 40; i++) {
            paths.add("/api/jobs/" + i);
            paths.add("/api/jobs/" + i + "/card");
            paths.add("/api/jobs/" + i + "/photos");
            paths.add("/api/instruments/" + i);
            paths.add("/api/players/" + i);
        }
        for (String path : paths) {
            Answer answer = app.get(path);
            views.add(path + " " + answer.status() + " "
                    + answer.text()
                            .replaceAll("\"(mark|instance)\":\"[^\"]*\"", "")
                            .replace("\"demo\":true", "\"demo\":false")
                            // where it is reached is written on the card of a job that is open
                            .replaceAll("http://127.0.0.1:\\d+", "http://bench"));
        }
        return views;
    }

    private static void same(List<String> now, List<String> then) {
        for (int i = 0; i < then.size(); i++) assertThat(now.get(i)).isEqualTo(then.get(i));
    }

    private static String total(JsonNode report, String section) {
        return report.get("came")
                .valueStream()
                .filter(l -> l.get("section").asString().equals(section))
                .map(l -> l.get("added").asInt() + " new, " + l.get("grown").asInt() + " grown, "
                        + l.get("same").asInt() + " same")
                .findFirst()
                .orElse("none");
    }

    private static String add(RunningBarytone app, long job, String what, String more) {
        long seq = app.seq(job);
        return app.post(
                        "/api/jobs/" + job + "/" + what,
                        "{\"after\":" + seq + ",\"key\":\"" + UUID.randomUUID() + "\"" + more + "}")
                .text();
    }

    @Test
    void aWholeShopGivesTheSameViewsOnAnotherMachineAndTwiceIsOnce(@TempDir Path there, @TempDir Path here)
            throws IOException {
        byte[] file;
        List<String> views;
        try (RunningBarytone old = RunningBarytone.demo(there)) {
            old.postFile("/api/jobs/1/photos?key=one", "image/png", picture());
            old.put("/api/players/2/same-as", "{\"as\":3}");
            add(old, 10, "condition", ",\"kind\":\"dent\",\"side\":\"front\",\"x\":0.8,\"y\":0.5");
            old.put("/api/jobs/10/wishes", "{\"what\":\"relief\",\"scope\":\"instrument\"}");
            file = old.bytes("/api/exchange?what=shop");
            views = views(old);
        }
        try (RunningBarytone app = shop(here)) {
            JsonNode report = bringIn(app, file, "").json();
            assertThat(report.get("refused")).as(report.toString()).isEmpty();
            assertThat(report.get("kept").asBoolean()).isTrue();
            assertThat(total(report, "jobs")).isEqualTo("42 new, 0 grown, 0 same");
            assertThat(total(report, "photos")).isEqualTo("1 new, 0 grown, 0 same");
            same(views(app), views);
            assertThat(total(bringIn(app, file, "").json(), "jobs")).isEqualTo("0 new, 0 grown, 42 same");
            same(views(app), views);
        }
    }

    @Test
    void whatWentOnElsewhereIsTakenUpAndWhatWentOnInBothIsNot(@TempDir Path there, @TempDir Path here) {
        try (RunningBarytone one = RunningBarytone.demo(there);
                RunningBarytone other = shop(here)) {
            bringIn(other, one.get("/api/exchange/records?what=job&id=10").json(), "");
            add(other, 10, "notes", ",\"text\":\"seen on the ferry\"");
            JsonNode back =
                    other.get("/api/exchange/records?what=instrument&id=10").json();
            assertThat(total(bringIn(one, back, "").json(), "jobs")).isEqualTo("0 new, 1 grown, 0 same");
            assertThat(one.get("/api/jobs/10").json().at("/tape/0/text").asString())
                    .isEqualTo("seen on the ferry");
            add(one, 10, "notes", ",\"text\":\"here\"");
            add(other, 10, "notes", ",\"text\":\"there\"");
            JsonNode report = bringIn(
                            one,
                            other.get("/api/exchange/records?what=player&id=10").json(),
                            "")
                    .json();
            assertThat(report.at("/refused/0/why").asString()).contains("It went on here and there since it left");
            assertThat(report.get("kept").asBoolean()).isFalse();
            assertThat(one.get("/api/jobs/10").json().at("/tape/0/text").asString())
                    .isEqualTo("here");
        }
    }

    private static JsonNode shopOf(RunningBarytone app) {
        return app.get("/api/exchange/records?what=shop").json();
    }

    @Test
    void aJobThatWasOpenedAndClosedAgainElsewhereComesBackWithItsNewCard(@TempDir Path there, @TempDir Path here) {
        try (RunningBarytone one = RunningBarytone.demo(there);
                RunningBarytone other = shop(here)) {
            bringIn(other, shopOf(one), "");
            String before = one.get("/api/jobs/1/card").text();
            add(other, 1, "reopen", "");
            add(other, 1, "hurt", ",\"words\":\"Rattles too\",\"signs\":[],\"where\":[],\"strings\":[],\"styles\":[]");
            add(other, 1, "close", ",\"sure\":true");
            JsonNode report = bringIn(one, shopOf(other), "").json();
            assertThat(total(report, "jobs")).startsWith("0 new, 1 grown");
            assertThat(total(report, "cards")).startsWith("1 new");
            assertThat(one.get("/api/jobs/1/card").text())
                    .isEqualTo(other.get("/api/jobs/1/card").text())
                    .isNotEqualTo(before)
                    .contains("Rattles too");
            assertThat(one.get("/api/bench/closed?words=rattles").json().get("jobs"))
                    .hasSize(1);
        }
    }

    @Test
    void whatFollowsFromTheLogIsWorkedOutFromItWhateverTheFileSays(@TempDir Path there, @TempDir Path here) {
        try (RunningBarytone one = RunningBarytone.demo(there);
                RunningBarytone other = shop(here)) {
            add(one, 10, "hurt", ",\"words\":\"Hums\",\"signs\":[],\"where\":[],\"strings\":[],\"styles\":[]");
            ObjectNode open =
                    (ObjectNode) one.get("/api/exchange/records?what=job&id=10").json();
            ObjectNode closed =
                    (ObjectNode) one.get("/api/exchange/records?what=job&id=1").json();
            // one that says nothing of its closing, and one that claims one that never was
            JsonNode as = ((ObjectNode) closed.at("/jobs/0")).remove("closedAs");
            ((ObjectNode) open.at("/jobs/0")).set("closedAs", as);
            ((ObjectNode) open.at("/jobs/0")).put("complaintSaid", "something else");
            bringIn(other, open, "");
            bringIn(other, closed, "");
            assertThat(other.get("/api/jobs/10").json().get("closed").asBoolean())
                    .isFalse();
            assertThat(other.get("/api/jobs/10").json().get("complaint").asString())
                    .isEqualTo("Hums");
            assertThat(other.get("/api/jobs/1").json().get("closed").asBoolean())
                    .isTrue();
            assertThat(other.get("/api/bench").json().get("closed").asInt()).isEqualTo(1);
        }
    }

    @Test
    void whoIsToldAsWhomComesAlongWhereverTheyStand(@TempDir Path there, @TempDir Path here) {
        ObjectNode file;
        try (RunningBarytone one = RunningBarytone.demo(there)) {
            one.put("/api/players/2/same-as", "{\"as\":3}");
            one.put("/api/players/3/same-as", "{\"as\":4}");
            one.put("/api/instruments/2/same-as", "{\"as\":3}");
            file = (ObjectNode) shopOf(one);
        }
        try (RunningBarytone app = shop(here)) {
            JsonNode report = bringIn(app, file, "").json();
            assertThat(report.get("kept").asBoolean()).as(report.toString()).isTrue();
            assertThat(app.get("/api/players/2").json().get("id").asLong()).isEqualTo(4);
            assertThat(app.get("/api/instruments/2").json().get("id").asLong()).isEqualTo(3);
        }
    }

    @Test
    void aHalfGoodFileSaysWhatItRefusesAndTheRestIsTakenOnlyOnDemand(@TempDir Path there, @TempDir Path here) {
        ObjectNode file;
        try (RunningBarytone old = RunningBarytone.demo(there)) {
            file = (ObjectNode) old.get("/api/exchange/records?what=shop").json();
        }
        ((ObjectNode) file.at("/jobs/1/events/0")).put("kind", "enchanted");
        String twice = file.at("/jobs/2/events/0/requestKey").asString();
        ((ObjectNode) file.at("/jobs/2/events/1")).put("requestKey", twice);
        String elsewhere = file.at("/jobs/0/events/0/requestKey").asString();
        ((ObjectNode) file.at("/jobs/3/events/1")).put("requestKey", elsewhere);
        ((ObjectNode) file.at("/jobs/5/events/1")).put("seq", 7);
        ((ObjectNode) file.at("/instruments/4")).put("frets", "many");
        ((ObjectNode) file.at("/instruments/4")).put("name", "\ud83c\udfb8 \u05e2\u05d5\u05d3");
        try (RunningBarytone app = shop(here)) {
            JsonNode report = bringIn(app, file, "").json();
            String refused = report.get("refused").toString();
            assertThat(refused)
                    .contains("instruments[4], name", "frets: given \\\"many\\\"; allowed is a whole number.")
                    .contains("jobs[1], ticket", "“enchanted”", "an entry that this version can read")
                    .contains("jobs[2], ticket", "requestKey of entry 2: given " + twice)
                    .contains("jobs[3], ticket", "requestKey of entry 2: given " + elsewhere)
                    .contains("jobs[5], ticket", "seq of an entry: given 7; allowed is 2, the next one");
            assertThat(report.get("kept").asBoolean()).isFalse();
            assertThat(app.get("/api/jobs/1").status()).isEqualTo(404);
            JsonNode rest = bringIn(app, file, "?rest=true").json();
            assertThat(rest.get("kept").asBoolean()).isTrue();
            assertThat(app.get("/api/jobs/1").status()).isEqualTo(200);
            assertThat(app.get("/api/jobs/2").status()).isEqualTo(404);
            // work goes on
            assertThat(add(app, 10, "notes", ",\"text\":\"goes on\"")).contains("goes on");
        }
    }

    @Test
    void aTicketThatIsTakenGetsTheNextOne(@TempDir Path there, @TempDir Path here) {
        try (RunningBarytone one = RunningBarytone.demo(there);
                RunningBarytone other = shop(here)) {
            other.post("/api/jobs", """
                    {"requestKey":"own","player":"Own","touch":"medium","complaint":"","instrument":{"name":"Own","kind":"electric",
                     "tuning":"E A D G B E","scaleLength":"648","frets":22,"bodyJointFret":16,"boardRadius":"254","rod":"single",
                     "access":"headstock","leftHanded":false}}""");
            long own = other.get("/api/jobs/1").json().get("ticket").asLong();
            ObjectNode file =
                    (ObjectNode) one.get("/api/exchange/records?what=job&id=1").json();
            ((ObjectNode) file.at("/jobs/0")).put("ticket", own);
            JsonNode report = bringIn(other, file, "").json();
            assertThat(report.get("kept").asBoolean()).as(report.toString()).isTrue();
            assertThat(other.get("/api/jobs/2").json().get("ticket").asLong()).isEqualTo(own + 1);
        }
    }

    @Test
    void stringSetsAndSchoolsArePassedBetweenShops(@TempDir Path there, @TempDir Path here) {
        try (RunningBarytone one = shop(there);
                RunningBarytone other = shop(here)) {
            one.post("/api/string-sets", "{\"name\":\"Ferry light\",\"gauges\":\"9 11 16 24w 32w 42w\"}");
            JsonNode sets = one.get("/api/exchange/records?what=sets").json();
            assertThat(sets.path("jobs")).isEmpty();
            assertThat(total(bringIn(other, sets, "").json(), "stringSets")).startsWith("1 new");
            assertThat(other.get("/api/string-sets").text()).contains("Ferry light");
            ((ObjectNode) sets.at("/stringSets/0")).put("gauges", "10 13 17 26w 36w 46w");
            assertThat(bringIn(other, sets, "").json().at("/refused/0/why").asString())
                    .contains("A set of that name here has other strings");
        }
    }

    @Test
    void whatIsNoSuchFileIsRefusedAsAWhole(@TempDir Path here) throws IOException {
        try (RunningBarytone app = shop(here)) {
            String[][] wrong = {
                {"{", "no JSON, from line 1 on"},
                {"{\"format\":\"another\"}", "format: given \\\"another\\\""},
                {"{\"format\":\"barytone\",\"version\":7}", "version: given 7; allowed is 1 to 1"},
                {"PK nonsense", "a zip that is broken"},
            };
            for (String[] one : wrong) {
                Answer answer = bringIn(app, one[0].getBytes(StandardCharsets.UTF_8), "");
                assertThat(answer.status()).as(answer.text()).isEqualTo(400);
                assertThat(answer.text()).contains(one[1]);
            }
            assertThat(app.get("/api/exchange?what=job&id=99").status()).isEqualTo(404);
            assertThat(app.get("/api/exchange?what=everything").status()).isEqualTo(400);
        }
    }

    @Test
    void theExampleOfTheDocumentationIsTakenIn(@TempDir Path there, @TempDir Path here) throws IOException {
        Path example = Path.of("../docs/formats/example.json");
        if (Boolean.getBoolean("samples.write"))
            try (RunningBarytone app = RunningBarytone.demo(there)) {
                ObjectNode file = (ObjectNode)
                        app.get("/api/exchange/records?what=job&id=1").json();
                Files.writeString(example, file.toPrettyString() + "\n");
            }
        try (RunningBarytone app = shop(here)) {
            JsonNode file = JsonMapper.shared().readTree(Files.readString(example));
            JsonNode report = bringIn(app, file, "").json();
            assertThat(report.get("refused")).isEmpty();
            assertThat(app.get("/api/jobs/1").json().get("tape")).hasSizeGreaterThan(5);
            // what the schema calls for is there, and what is there is in the schema
            JsonNode schema =
                    JsonMapper.shared().readTree(Files.readString(Path.of("../docs/formats/shop.schema.json")));
            for (String section : List.of("players", "jobs", "cards")) {
                JsonNode items = schema.at("/properties/" + section + "/items");
                for (JsonNode record : file.path(section)) {
                    items.get("required")
                            .forEach(name -> assertThat(record.has(name.asString()))
                                    .as(section + " " + name)
                                    .isTrue());
                    assertThat(items.get("properties").propertyNames()).containsAll(record.propertyNames());
                }
            }
        }
    }

    @Test
    void theLogOfAJobIsATableWithMethodsAndUnits(@TempDir Path there) {
        try (RunningBarytone app = RunningBarytone.demo(there)) {
            List<String> lines = app.get("/api/jobs/1/log").text().lines().toList();
            assertThat(lines.getFirst()).contains("how it is read", "reading, mm", "at (UTC)");
            assertThat(lines.get(1)).contains(",yes,", "held at 1 and", "playing");
        }
    }

    @Test
    void everyLengthHasItsUnitAndEveryReadingItsMethod(@TempDir Path there) throws IOException {
        try (RunningBarytone app = RunningBarytone.demo(there);
                ZipInputStream zip = new ZipInputStream(
                        new ByteArrayInputStream(app.bytes("/api/exchange?what=instrument&id=10")))) {
            ZipEntry first = zip.getNextEntry();
            assertThat(first).isNotNull();
            assertThat(first.getName()).isEqualTo("barytone.json");
            JsonNode file = JsonMapper.shared().readTree(zip.readAllBytes());
            assertThat(file.at("/instruments/0/scaleLength/mm").isNumber()).isTrue();
            JsonNode reading = file.get("jobs")
                    .valueStream()
                    .flatMap(job -> job.path("events").valueStream())
                    .filter(e -> e.get("kind").asString().equals("reading"))
                    .findFirst()
                    .orElseThrow();
            assertThat(reading.at("/body/method/is").isString()).isTrue();
            assertThat(reading.get("said").asString()).contains("mm");
        }
    }
}
