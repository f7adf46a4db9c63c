package barytone.server.job;

import static org.assertj.core.api.Assertions.assertThat;

import barytone.server.RunningBarytone;
import barytone.server.RunningBarytone.Answer;
import barytone.server.TestClock;
import java.nio.file.Path;
import java.time.Instant;
import java.util.Collections;
import java.util.UUID;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

/** Nut and action over HTTP, the shop's tools and schools, and the wishes that later jobs start with. */
class HeightApiTest {
    private static RunningBarytone app;

    @BeforeAll
    static void start(@TempDir Path data) {
        TestClock.set(Instant.parse("2031-02-03T09:00:00Z"));
        app = RunningBarytone.shop(data);
    }

    @AfterAll
    static void stop() {
        app.close();
    }

    private static long open(String kind, String tuning, String more, String player, String scope) {
        Answer created =
                app.post("/api/jobs", """
                {"requestKey":"%s","player":"%s","touch":"MEDIUM","complaint":"","scope":[%s],
                 "instrument":{"name":"Loan of %s","kind":"%s","tuning":"%s","scaleLength":"648","frets":20,
                   "bodyJointFret":14,"boardRadius":"305","rod":"SINGLE","access":"HEADSTOCK","leftHanded":false%s}}
                """.formatted(UUID.randomUUID(), player, scope, player, kind, tuning, more));
        assertThat(created.status()).as(created.text()).isEqualTo(201);
        return created.json().get("id").asLong();
    }

    private static long electric(String scope) {
        return open("ELECTRIC", "E A D G B E", ",\"threadPitch\":\"0.5\"", "Deck crew", scope);
    }

    private static Answer post(long job, String what, String more) {
        long after = app.seq(job);
        return app.post(
                "/api/jobs/" + job + "/" + what,
                "{\"after\":" + after + ",\"key\":\"" + UUID.randomUUID() + "\"" + more + "}");
    }

    private static JsonNode read(long job, String station, int string, String text) {
        Answer answer = post(
                job,
                "readings",
                ",\"station\":\"%s\",\"string\":%d,\"text\":\"%s\",\"tool\":\"caliper\""
                        .formatted(station, string, text));
        assertThat(answer.status()).as(answer.text()).isEqualTo(200);
        return answer.json();
    }

    private static JsonNode action(long job, double... mm) {
        JsonNode last = app.get("/api/jobs/" + job).json();
        for (int i = 0; i < mm.length; i++) last = read(job, "ACTION", mm.length - i, String.valueOf(mm[i]));
        return last;
    }

    private static String headline(JsonNode job) {
        return job.get("advice").get("headline").asString();
    }

    @Test
    void anActionJobFollowedFromAdviceToAdvice() {
        long job = electric("\"ACTION\"");
        assertThat(headline(app.get("/api/jobs/" + job).json()))
                .isEqualTo("Read the action under all strings, 6 E to 1 e");
        JsonNode told = action(job, 2.4, 1.7, 1.6, 1.5, 1.4, 1.3);
        assertThat(headline(told)).isEqualTo("6 E: 2 3/8 turns down");
        assertThat(told.at("/advice/rule").asString()).contains("about twice at 12");
        assertThat(told.at("/advice/school").asString()).contains("Middle, electric");
        assertThat(told.at("/bridge/across").size()).isEqualTo(6);
        JsonNode turned = post(job, "followed", "").json();
        assertThat(headline(turned)).startsWith("Retune");
        assertThat(turned.get("tape").get(0).get("text").asString()).isEqualTo("Saddle 6 2 3/8 down");
        JsonNode look = post(job, "followed", "").json();
        assertThat(headline(look)).isEqualTo("Read the action again under string 6 E");
        JsonNode done = read(job, "ACTION", 6, "1.8");
        assertThat(headline(done)).isEqualTo("The action is in its band");
        assertThat(done.at("/closing/rows/0/left").asString()).isEqualTo("1.80 mm");
    }

    @Test
    void aThreadThatIsStatedWrongIsNoticedAndReckonedWith() {
        long job = electric("\"ACTION\"");
        action(job, 2.5, 2.45, 2.4, 2.35, 2.3, 2.25);
        JsonNode told = post(job, "followed", "").json();
        assertThat(told.at("/bridge/pitch").asString()).isEqualTo("0.50 mm per turn, as stated");
        assertThat(told.at("/action/remarks").toString()).doesNotContain("per turn");
        post(job, "followed", "");
        // each came down by seven tenths of what was promised
        double[] found = {2.25, 2.3, 2.35, 2.4, 2.45, 2.5};
        for (int s = 6; s >= 1; s--) {
            double expected = told.at("/action/rows/" + (6 - s) + "/now").asDouble();
            double now = found[s - 1] + 0.7 * (expected - found[s - 1]);
            told = post(
                            job,
                            "readings",
                            ",\"station\":\"ACTION\",\"string\":%d,\"text\":\"%.2f\",\"tool\":\"caliper\",\"sure\":true"
                                    .formatted(s, now))
                    .json();
        }
        assertThat(told.at("/action/remarks").toString())
                .containsPattern(
                        "The height screws give about 0\\.[23]\\d mm per turn, not the 0\\.50 mm that is stated");
        assertThat(told.at("/bridge/pitch").asString()).endsWith("per turn, learned");
    }

    @Test
    void whatIsLeftByChoiceStaysLeftAndIsNamedAtTheEnd() {
        long job = electric("\"ACTION\"");
        action(job, 2.4, 1.7, 1.6, 1.5, 1.4, 1.3);
        JsonNode left = post(job, "declined", "").json();
        assertThat(left.at("/advice/kind").asString()).isEqualTo("done");
        assertThat(left.get("tape").get(0).get("text").asString()).isEqualTo("Left as it is: action");
        // undone, it is advised again
        assertThat(headline(post(job, "undo", "").json())).contains("turns down");
        assertThat(post(job, "readings/kept", ",\"event\":999").status()).isEqualTo(400);
    }

    @Test
    void nutWorkIsNotedTheWayItWasDone() {
        long job = electric("\"NUT\"");
        for (int s = 6; s >= 1; s--) read(job, "NUT", s, "0.25");
        JsonNode told = post(job, "nut/filings", ",\"slots\":[{\"string\":6,\"strokes\":4,\"light\":false}]")
                .json();
        assertThat(told.get("tape").get(0).get("text").asString()).isEqualTo("Filed slot 6 4 strokes");
        assertThat(told.at("/nut/rows/0/now").asDouble()).isLessThan(0.25);
        post(job, "retunes", "");
        JsonNode filled = post(job, "nut/reworks", ",\"way\":\"FILLED\",\"strings\":[2],\"change\":\"+0.2\"")
                .json();
        assertThat(filled.at("/nutBench/temporary").asBoolean()).isTrue();
        JsonNode checked = post(job, "nut/slot-checks", ",\"string\":3,\"flaws\":[\"CHIPPED\"]")
                .json();
        assertThat(checked.at("/nutBench/slots/3/flaws/0").asString()).isEqualTo("chipped");
        JsonNode tapped = post(job, "retunes", "").json();
        assertThat(tapped.at("/nut/habit/pressed").asInt()).isEqualTo(3);
        assertThat(post(job, "readings", ",\"station\":\"NUT\",\"string\":2,\"tap\":\"CLEARLY\",\"sure\":true")
                        .status())
                .isEqualTo(200);
    }

    @Test
    void aFixedSaddleIsSandedAndShimmedByTheAmountsTyped() {
        long job = open("FLAT_TOP", "E A D G B E", "", "Saloon", "\"ACTION\"");
        JsonNode told = action(job, 3.0, 2.8, 2.6, 2.4, 2.2, 2.0);
        assertThat(headline(told)).isEqualTo("How far does the saddle stand proud of the bridge?");
        JsonNode looked = post(job, "action/saddle-proud", ",\"proud\":\"5.5\"").json();
        assertThat(looked.get("tape").get(0).get("text").asString()).isEqualTo("The saddle stands 5.50 mm proud");
        assertThat(headline(looked)).startsWith("Sand the saddle's underside: bass ");
        JsonNode sanded = post(job, "action/reworks", ",\"way\":\"SANDED\",\"bass\":\"-1.4\",\"treble\":\"-0.5\"")
                .json();
        assertThat(sanded.get("tape").get(0).get("text").asString())
                .isEqualTo("Saddle sanded: bass −1.40 mm, treble −0.50 mm");
        assertThat(sanded.at("/action/rows/0/now").asDouble()).isBetween(2.25, 2.35);
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            nut/filings         | ,"slots":[]                                             | at least one slot
            nut/filings         | ,"slots":[{"string":9,"strokes":2,"light":false}]       | string: given 9; allowed is 1 to 6
            nut/filings         | ,"slots":[{"string":2,"strokes":99,"light":false}]      | strokes: given 99; allowed is 1 to 60
            nut/reworks     | ,"way":"UNDERSIDE_SANDED","change":"0.2"                | a minus: sanding the underside lowers
            nut/reworks     | ,"way":"UNDERSIDE_SANDED"                               | how much came off
            action/screws          | ,"turns":["1/3","","","","",""]                         | an amount in sixteenths up to 12 turns
            action/screws          | ,"turns":["13","","","","",""]                          | an amount in sixteenths up to 12 turns
            action/screws          | ,"turns":["1/16","1/8"]                                  | screws: given 2; allowed is 6 to 6
            action/screws          | ,"turns":["","","","","","0"]                             | 1/16 turn or more
            action/reworks  | ,"way":"SANDED","bass":"1","treble":"0"                 | sanding lowers
            action/neck-shims      | ,"end":"HEEL","thickness":"9"                           | thickness: given 9; allowed is 0.05 to 3 mm
            action/travel          | ,"down":"40","up":"1"                                   | down: given 40
            action/gauge-patterns  | ,"radius":"305","ringing":[1]                           | string: given 1; allowed is 2 to 5
            action/habit    | ,"pressed":0,"fret":30,"tool":"card","flat":false | allowed is 1 to 20
            nut/target   | ,"school":"NOBODY"                      | nut school: given NOBODY
            action/target   | ,"bands":[{"low":"1","high":"2"}]    | bands: given 1; allowed is 6 to 6
            scope           | ,"stations":[]                                          | at least one station
            declined        | ,"x":1                                                  | nothing here to leave out
            followed        | ,"x":1                                                  | not one that can be ticked off
            """)
    void wrongInputIsNamedWithWhatIsAllowed(String route, String body, String told) {
        long job = electric("\"ACTION\"");
        action(job, 1.8, 1.7, 1.6, 1.5, 1.4, 1.3);
        Answer answer = post(job, route, body.strip());
        assertThat(answer.status()).as(answer.text()).isEqualTo(400);
        assertThat(answer.json().get("detail").asString()).contains(told.strip());
    }

    @Test
    void radiusTravelAndNeckAngleAreKeptAndExplained() {
        long job = electric("\"ACTION\"");
        action(job, 1.8, 1.7, 1.6, 1.5, 1.4, 1.3);
        JsonNode pattern = post(job, "action/gauge-patterns", ",\"radius\":\"305\",\"ringing\":[3]")
                .json();
        assertThat(pattern.at("/bridge/pattern").asString()).contains("clear are string 3 G");
        JsonNode angle = post(job, "action/neck-angle", ",\"above\":\"-3\"").json();
        assertThat(angle.at("/bridge/angle/1").asString()).contains("thick at the heel end");
        JsonNode travel =
                post(job, "action/travel", ",\"down\":\"1.5\",\"up\":\"3\"").json();
        assertThat(travel.at("/bridge/travel").asString()).isEqualTo("1.50 mm down, 3.00 mm up");
    }

    @Test
    void whatThePlayerLikesIsMeasuredAndWanted() {
        long job = electric("\"ACTION\"");
        assertThat(post(job, "action/target", ",\"asMeasured\":true").status()).isEqualTo(400);
        action(job, 2.6, 2.5, 2.4, 2.3, 2.2, 2.1);
        JsonNode wanted = post(job, "action/target", ",\"asMeasured\":true").json();
        assertThat(headline(wanted)).isEqualTo("Leave it: nothing needs doing");
        assertThat(wanted.at("/action/rows/0/target").asString()).isEqualTo("2.48 – 2.72");
    }

    @Test
    void sumsAtTheNutStoreNothing() {
        long job = electric("\"NUT\"");
        for (int s = 6; s >= 1; s--) read(job, "NUT", s, "0.2");
        JsonNode places = app.post(
                        "/api/jobs/" + job + "/nut/sums/spacing",
                        "{\"centres\":[\"39\",\"32\",\"25\",\"18\",\"11\",\"4\"],\"rule\":\"centres\",\"bassEdge\":\"3\",\"trebleEdge\":\"3\"}")
                .json();
        assertThat(places.get(0).get("string").asInt()).isEqualTo(6);
        assertThat(places.get(0).get("move").asString())
                .isEqualTo(
                        "0.42 mm towards the bass, more than the 0.30 mm that a file moves a slot: fill it and cut it anew, or a new nut");
        // without edges the outer strings stay where they are
        JsonNode kept = app.post(
                        "/api/jobs/" + job + "/nut/sums/spacing",
                        "{\"centres\":[\"39\",\"32\",\"25\",\"18\",\"11.2\",\"4\"],\"rule\":\"centres\"}")
                .json();
        assertThat(kept.get(0).get("move").asString()).isEqualTo("stays");
        assertThat(kept.get(5).get("move").asString()).isEqualTo("stays");
        assertThat(kept.get(1).get("move").asString()).isEqualTo("0.20 mm towards the bass: angle the file that way");
        JsonNode stacks = app.post("/api/jobs/" + job + "/nut/sums/leaf-stacks", "{\"fretHeight\":\"1.1\"}")
                .json();
        assertThat(stacks.get(0).get("leaves").asString()).contains("1.00");
        JsonNode angle = app.post(
                        "/api/jobs/" + job + "/nut/sums/break-angle",
                        "{\"string\":1,\"distance\":\"120\",\"drop\":\"2\",\"wraps\":1}")
                .json();
        assertThat(angle.get("shallow").asBoolean()).isTrue();
        assertThat(angle.get("text").asString()).contains("Press behind the nut");
        assertThat(app.get("/api/jobs/" + job).json().get("seq").asInt()).isEqualTo(6);
        assertThat(app.post("/api/jobs/" + job + "/nut/sums/leaf-stacks", "{\"fretHeight\":\"9\"}")
                        .status())
                .isEqualTo(400);
    }

    @Test
    void theInstrumentsWishGoesBeforeThePlayersAndThatBeforeTheShops() {
        long first = open("BASS_4", "E A D G", "", "Pit", "\"ACTION\"");
        post(first, "action/target", ",\"school\":\"BASS_HIGH\"");
        assertThat(keep(first, "action", "SHOP").status()).isEqualTo(204);
        assertThat(target(open("BASS_4", "E A D G", "", "Other pit", "\"ACTION\"")))
                .isEqualTo("BASS_HIGH");
        post(first, "action/target", ",\"school\":\"BASS_LOW\"");
        keep(first, "action", "PLAYER");
        assertThat(target(open("BASS_4", "E A D G", "", "PIT", "\"ACTION\""))).isEqualTo("BASS_LOW");
        assertThat(target(open("BASS_4", "E A D G", "", "Other pit", "\"ACTION\"")))
                .isEqualTo("BASS_HIGH");
        // a shop's wish for a bass says nothing for an electric
        assertThat(target(electric("\"ACTION\""))).isEqualTo("ELECTRIC_MIDDLE");
        // by hand on the job: bands of its own, kept for the instrument
        post(
                first,
                "action/target",
                ",\"bands\":[%s]"
                        .formatted(String.join(",", Collections.nCopies(4, "{\"low\":\"2.0\",\"high\":\"2.2\"}"))));
        keep(first, "action", "INSTRUMENT");
        JsonNode again = app.get("/api/jobs/" + open("BASS_4", "E A D G", "", "Pit", "\"ACTION\""))
                .json();
        assertThat(again.at("/action/target/label").asString()).isEqualTo("Set by hand");
        assertThat(again.at("/action/target/bands/0/low").asString()).isEqualTo("2.00");
        // what was opened before keeps what it had
        assertThat(keep(first, "colour", "SHOP").status()).isEqualTo(400);
    }

    private static Answer keep(long job, String what, String scope) {
        return app.put("/api/jobs/" + job + "/wishes", "{\"what\":\"%s\",\"scope\":\"%s\"}".formatted(what, scope));
    }

    private static String target(long job) {
        return app.get("/api/jobs/" + job).json().at("/action/target/school").asString();
    }

    @Test
    void toolsDriveTheAdviceAndAStaleWindowIsRefused() {
        JsonNode tools = app.get("/api/shop/tools").json();
        long version = tools.get("version").asLong();
        String few =
                "{\"version\":%d,\"tools\":[{\"kind\":\"LEAF\",\"name\":\"\",\"size\":\"0.10\",\"state\":\"GOOD\"},"
                        + "{\"kind\":\"LEAF\",\"name\":\"\",\"size\":\"0.20\",\"state\":\"BENT\"}]}";
        JsonNode kept = app.put("/api/shop/tools", few.formatted(version)).json();
        assertThat(kept.get("version").asLong()).isEqualTo(version + 1);
        assertThat(kept.get("measures").toString()).doesNotContain("caliper");
        assertThat(app.put("/api/shop/tools", few.formatted(version)).status()).isEqualTo(409);
        long job = electric("\"NUT\"");
        JsonNode nut = read(job, "NUT", 6, "0.25");
        assertThat(nut.at("/nut/rows/0/leaves").size()).isEqualTo(1);
        assertThat(nut.at("/nutBench/slots/0/file").asString()).isEqualTo("none owned fits");
        Answer bad = app.put(
                "/api/shop/tools",
                "{\"version\":%d,\"tools\":[{\"kind\":\"LEAF\",\"name\":\"\",\"size\":\"90\",\"state\":\"GOOD\"}]}"
                        .formatted(version + 1));
        assertThat(bad.json().get("detail").asString()).contains("size of the feeler leaf");
    }

    private static JsonNode readWith(String tool, long job, int string, String text) {
        return post(
                        job,
                        "readings",
                        ",\"station\":\"ACTION\",\"string\":%d,\"text\":\"%s\",\"tool\":\"%s\",\"sure\":true"
                                .formatted(string, text, tool))
                .json();
    }

    @Test
    void whatTheCardIsOffByIsSaidOnceAnotherToolHasFoundTheSameGap() {
        long job = electric("\"RELIEF\",\"ACTION\"");
        read(job, "RELIEF", 6, "0.2");
        JsonNode told = read(job, "RELIEF", 1, "0.17");
        for (int s = 6; s >= 1; s--) told = readWith("card", job, s, "1.70");
        assertThat(told.at("/action/remarks").toString()).doesNotContain("reads about");
        for (int s : new int[] {6, 1}) told = readWith("caliper", job, s, "1.60");
        assertThat(told.at("/action/remarks").toString())
                .contains("The action card reads about 0.0")
                .contains("high, by what other tools found");
        // what was read with it stands as it was read
        assertThat(told.at("/action/rows/2/now").asString()).isEqualTo("1.70");
    }

    @Test
    void aReadingTakenFlatIsShownBesideWhatIsReckonedAsItIsPlayed() {
        long job = electric("\"RELIEF\"");
        post(
                job,
                "relief/habit",
                ",\"heldLow\":1,\"heldHigh\":16,\"gaugeFret\":8,\"tool\":\"leaf\",\"flat\":true,\"board\":false");
        read(job, "RELIEF", 6, "0.14");
        JsonNode told = read(job, "RELIEF", 1, "0.12");
        JsonNode bass = told.at("/relief/rows/0");
        assertThat(bass.get("found").asString()).isEqualTo("0.14");
        assertThat(bass.get("reckoned").asBoolean()).isTrue();
        assertThat(bass.get("now").asDouble()).isBetween(0.17, 0.22);
        assertThat(bass.get("note").asString()).isEqualTo("read 0.14, held at 1 and 16, gauge at 8, flat on the bench");
        assertThat(told.at("/relief/remarks").toString()).contains("One reading in playing position settles it");
    }

    @Test
    void schoolsAreEditedWithoutLosingDigitsInAnotherUnit() {
        JsonNode schools = app.get("/api/shop/schools?unit=in64").json();
        String body = schools.toString();
        JsonNode kept = app.put("/api/shop/schools?unit=in64", body).json();
        assertThat(kept.get("version").asLong())
                .isEqualTo(schools.get("version").asLong() + 1);
        JsonNode mm = app.get("/api/shop/schools").json();
        assertThat(mm.at("/nut/2/trebleLow").asString()).isEqualTo("0.025");
        String changed = mm.toString().replace("\"low\":\"0.15\"", "\"low\":\"0.17\"");
        assertThat(app.put("/api/shop/schools", changed)
                        .json()
                        .at("/relief/2/low")
                        .asString())
                .isEqualTo("0.17");
        // an electric gets the shop's own middle
        long job = electric("\"RELIEF\"");
        // less 0.05 for a flat board, and a little more on the bass side
        JsonNode target = app.get("/api/jobs/" + job).json().at("/relief/target");
        assertThat(target.get("bassLow").asString()).isEqualTo("0.13");
        assertThat(target.get("bassHigh").asString()).isEqualTo("0.24");
        String broken =
                app.get("/api/shop/schools").json().toString().replace("\"code\":\"MIDDLE\"", "\"code\":\"OURS\"");
        assertThat(app.put("/api/shop/schools", broken).status()).isEqualTo(400);
    }

    @Test
    void orderAndScopeCanBeChosenOnTheJob() {
        long job = electric("\"RELIEF\",\"NUT\",\"ACTION\"");
        JsonNode ordered = post(job, "order", ",\"order\":\"BALLPARK_FIRST\"").json();
        assertThat(ordered.at("/order/order").asString()).isEqualTo("ballpark-first");
        JsonNode scoped = post(job, "scope", ",\"stations\":[\"NUT\"]").json();
        assertThat(headline(scoped)).startsWith("Read the nut");
        JsonNode habit = post(job, "nut/habit", ",\"pressed\":0,\"fret\":1,\"tool\":\"leaf\",\"flat\":false")
                .json();
        assertThat(habit.at("/nut/method").asString()).isEqualTo("open string, gauge at fret 1, playing position");
    }
}
