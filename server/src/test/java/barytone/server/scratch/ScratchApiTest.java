package barytone.server.scratch;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import barytone.server.RunningBarytone;
import barytone.server.RunningBarytone.Answer;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** The stable scratch routes, as the contract writes them. */
class ScratchApiTest {
    private static final JsonMapper JSON = new JsonMapper();

    /** A good body for every route. */
    private static final Map<String, String> GOOD = new TreeMap<>(
            Map.ofEntries(
                    Map.entry("/api/lengths/read", "{'texts':['0.3','x'],'unit':'mm'}"),
                    Map.entry("/api/lengths/show", "{'lengths':[0.3],'turns':[0.5],'unit':'mm'}"),
                    Map.entry(
                            "/api/string-sets/pull",
                            "{'gauges':'10 13 17 26w','tuning':'E A D G','scaleLength':'648','beforeGauges':'9 11 16 24w','beforeTuning':'D G C F','reference':440}"),
                    Map.entry("length", "{'text':'5/64+','unit':'mm'}"),
                    Map.entry(
                            "relief",
                            "{'scaleLength':648,'bodyJointFret':16,'reading':0.2,'held':[1,16],'gaugeFret':8,'as':[{'held':[1,21],'gaugeFret':8},{'held':[1,12],'gaugeFret':6},{'held':[1,17],'gaugeFret':7}]}"),
                    Map.entry(
                            "setup",
                            "{'scaleLength':648,'bodyJointFret':16,'compensation':0,'relief':{'value':0.2,'held':[1,16],'gaugeFret':8},'nutSlotHeight':0.1,'action':{'fret':12,'value':1.8}}"),
                    Map.entry(
                            "saddle-change",
                            "{'scaleLength':648,'compensation':0,'fret':12,'from':2.0,'to':1.6,'threadPitch':0.5}"),
                    Map.entry(
                            "two-post",
                            "{'strings':[{'z':-26,'saddleChange':-0.5},{'z':0,'saddleChange':-0.3},{'z':26,'saddleChange':0}],'posts':{'bass':-37,'treble':37},'threadPitch':0.7}"),
                    Map.entry(
                            "barrel",
                            "{'strings':[{'z':-26,'saddleChange':0.3},{'z':-16,'saddleChange':0.1}],'screws':[-30,-12],'threadPitch':0.5}"),
                    Map.entry("neck-shim", "{'bodyEdge':380,'heelEnd':456,'saddle':648,'saddleChange':1.5}"),
                    Map.entry("tension", "{'diameter':0.254,'wrap':'plain','scaleLength':648,'frequency':329.63}"),
                    Map.entry(
                            "intonation",
                            "{'scaleLength':648,'compensation':0,'readings':[{'fret':12,'cents':1},{'fret':19,'cents':2,'weight':0.5}],'threadPitch':0.5}"),
                    Map.entry(
                            "paired-saddle",
                            "{'scaleLength':648,'strings':[{'compensation':1.5,'cents12':5},{'compensation':2.5,'cents12':-1}],'rule':'split'}"),
                    Map.entry(
                            "nut-slots",
                            "{'gauges':[0.25,0.33,0.43,0.66,0.91,1.17],'bassEdge':3.2,'trebleEdge':2.8,'width':43,'rule':'gaps'}"),
                    Map.entry("leaves", "{'owned':[0.05,0.1,0.2,0.4],'target':0.55,'most':3}"),
                    Map.entry(
                            "buzz",
                            "{'instrument':{'kind':'electric','strings':6,'frets':22},'marks':[{'string':4,'fret':0,'mark':'buzz'},{'string':4,'fret':2,'mark':'clean'},{'string':3,'fret':0,'mark':'clean','touch':'hard','plugged':false}],'findings':{'nut':[{'string':4,'state':'low'}],'notes':['since-strings']},'tests':[]}"),
                    Map.entry(
                            "what-if",
                            "{'instrument':{'kind':'electric','scaleLength':648,'frets':22,'bodyJointFret':16,'boardRadius':254,'strings':['10','13','17','26w','36w','46w'],'tuning':'E A D G B E'},'now':{'reliefBass':0.2,'reliefTreble':0.2,'nut':[0.05,0.05,0.05,0.05,0.06,0.08],'action':[1.5,1.55,1.6,1.65,1.75,1.8]},'change':{'reliefBass':0.1,'touch':'light'}}"),
                    Map.entry(
                            "target-finder",
                            "{'instrument':{'kind':'electric','scaleLength':648,'frets':22,'bodyJointFret':16,'boardRadius':254,'strings':['10','13','17','26w','36w','46w'],'tuning':'E A D G B E'},'now':{'reliefBass':0.2,'reliefTreble':0.2,'nut':[0.05,0.05,0.05,0.05,0.06,0.08],'action':[1.5,1.55,1.6,1.65,1.75,1.8]},'touch':'medium','fretErrors':[{'fret':9,'height':0.12}]}"),
                    Map.entry(
                            "clearance",
                            "{'scaleLength':648,'frets':22,'bodyJointFret':16,'compensation':2,'relief':{'value':0.2,'held':[1,16],'gaugeFret':8},'nutSlotHeight':0.1,'action':{'fret':12,'value':1.8},'tension':72,'force':0.6,'pluck':0.2}")));

    private static RunningBarytone app;

    @BeforeAll
    static void start(@TempDir Path data) {
        app = RunningBarytone.in(data);
    }

    @AfterAll
    static void stop() {
        app.close();
    }

    private static JsonNode told(String route, String body) {
        Answer answer = app.post("/api/scratch/" + route, body.replace('\'', '"'));
        assertThat(answer.status()).as(answer.text()).isEqualTo(200);
        return answer.json();
    }

    private static String good(String route) {
        return java.util.Objects.requireNonNull(GOOD.get(route));
    }

    private static JsonNode told(String route) {
        return told(route, good(route));
    }

    private static double at(JsonNode node, String pointer) {
        return node.at(pointer).asDouble();
    }

    @Test
    void lengthsInThreeUnits() {
        JsonNode length = told("length");
        assertThat(at(length, "/mm")).isEqualTo(2.08359375);
        assertThat(at(length, "/in64")).isCloseTo(5.25, within(1e-12));
        assertThat(at(told("length", "{'text':'12','unit':'thou'}"), "/mm")).isEqualTo(0.3048);
        assertThat(at(told("length", "{'text':'.3'}"), "/mm")).isEqualTo(0.3);
    }

    @Test
    void theWorkedReliefAndSetup() {
        JsonNode relief = told("relief");
        assertThat(at(relief, "/readings/0")).isCloseTo(0.272, within(0.0005));
        assertThat(at(relief, "/readings/1")).isCloseTo(0.134, within(0.0005));
        assertThat(at(relief, "/readings/2")).isCloseTo(0.221, within(0.0005));
        JsonNode setup = told("setup");
        assertThat(at(setup, "/saddleHeight")).isCloseTo(2.564, within(0.0005));
        assertThat(at(setup, "/nutOpen")).isCloseTo(0.359, within(0.0005));
        assertThat(at(setup, "/nutPressed3")).isCloseTo(0.081, within(0.0005));
        assertThat(at(setup, "/nutPressed2")).isCloseTo(0.057, within(0.0005));
        assertThat(setup.get("actions").size()).isEqualTo(24);
        assertThat(at(setup, "/actions/16/open")).isCloseTo(2.013, within(0.0005));
        assertThat(at(setup, "/actions/11/capo1")).isCloseTo(1.610, within(0.0005));
        assertThat(at(setup, "/actions/0/capo1")).isZero();
    }

    @Test
    void aBuzzIsToldByItsCauseWithReasonsAndTheNextTest() {
        JsonNode told = told("buzz");
        assertThat(told.at("/causes/0/cause").asString()).isEqualTo("nut-slot-low");
        assertThat(told.at("/causes/0/title").asString()).isEqualTo("A nut slot that is too low: 4 D");
        assertThat(at(told, "/causes/0/probability")).isGreaterThan(0.7);
        assertThat(told.at("/causes/0/because").toString()).contains("Open 4 D alone.", "pressed, is low");
        assertThat(told.at("/causes/0/test").asString()).isEqualTo("card-under-nut");
        assertThat(told.at("/next/outcomes").size()).isGreaterThan(1);
        String answered =
                good("buzz").replace("'tests':[]", "'tests':[{'test':'card-under-nut','outcome':'stops','string':4}]");
        assertThat(at(told("buzz", answered), "/causes/0/probability"))
                .isGreaterThan(at(told, "/causes/0/probability"));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "'mark':'buzz' | 'mark':'loud' | clean",
                "'string':4,'fret':0 | 'string':7,'fret':0 | marks[0].string: given 7; allowed is 1 to 6",
                "'since-strings' | 'since-ever' | since-strings, since-season",
                "'tests':[] | 'tests':[{'test':'rocker','outcome':'stops'}] | steady, rocks",
            })
    void aHuntThatCannotBeReadSaysWhatIsAllowed(String good, String broken, String told) {
        Answer answer =
                app.post("/api/scratch/buzz", good("buzz").replace(good, broken).replace('\'', '"'));
        assertThat(answer.status()).isEqualTo(400);
        assertThat(answer.text()).contains(told);
    }

    @Test
    void lessReliefLeavesTheLowFretsLessRoom() {
        JsonNode changed = told("what-if");
        JsonNode as = told("what-if", good("what-if").replace("'reliefBass':0.1,", ""));
        assertThat(changed.get("strings").size()).isEqualTo(6);
        assertThat(at(changed, "/strings/5/margin/2")).isLessThan(at(as, "/strings/5/margin/2"));
        assertThat(at(changed, "/strings/5/action12")).isCloseTo(1.8, within(1e-9));
        assertThat(changed.at("/strings/0/margin").size()).isEqualTo(22);
        assertThat(changed.at("/strings/0/cents").size()).isEqualTo(23);
        assertThat(changed.has("firstToHit")).isFalse();
        JsonNode heavy = told(
                "what-if",
                good("what-if").replace("'touch':'light'", "'touch':'heavy','action':[0.6,0.6,0.6,0.6,0.6,0.6]"));
        assertThat(at(heavy, "/firstToHit/on")).isGreaterThan(at(heavy, "/firstToHit/fret"));
    }

    @Test
    void aHighCrownIsWhatStopsTheActionAndLevellingBuysIt() {
        JsonNode found = told("target-finder");
        for (int i = 0; i < 6; i++)
            assertThat(at(found, "/levelled/action/" + i)).isLessThan(at(found, "/action/" + i));
        assertThat(at(found, "/limitedBy/0/on")).isEqualTo(9);
    }

    @ParameterizedTest
    @CsvSource({"open, , 0.3588", "pressed, 3, 0.0813", "pressed, 2, 0.0572"})
    void theNutMayBeReadInsteadOfKnown(String method, Integer fret, double value) {
        String nut = "'nut':{'method':'" + method + "'" + (fret == null ? "" : ",'fret':" + fret) + ",'value':" + value
                + "}";
        JsonNode setup = told("setup", good("setup").replace("'nutSlotHeight':0.1", nut));
        assertThat(at(setup, "/nutSlotHeight")).isCloseTo(0.1, within(0.002));
        assertThat(at(setup, "/actions/11/open")).isCloseTo(1.8, within(1e-9));
    }

    @Test
    void theOtherSumsOnTheirWorkedNumbers() {
        assertThat(at(told("saddle-change"), "/saddle")).isCloseTo(-0.8, within(1e-9));
        assertThat(at(told("saddle-change"), "/turns")).isCloseTo(-1.6, within(1e-9));
        assertThat(told("saddle-change", good("saddle-change").replace(",'threadPitch':0.5", ""))
                        .has("turns"))
                .isFalse();
        JsonNode posts = told("two-post");
        assertThat(at(posts, "/bass/change")).isCloseTo(-0.6058, within(0.0001));
        assertThat(at(posts, "/treble/turns")).isCloseTo(0.1058 / 0.7, within(0.0002));
        assertThat(at(posts, "/residuals/1")).isCloseTo(0.05, within(1e-9));
        JsonNode barrel = told("barrel");
        assertThat(at(barrel, "/screws/0/change")).isCloseTo(0.38, within(1e-9));
        assertThat(at(barrel, "/screws/1/turns")).isCloseTo(0.02 / 0.5, within(1e-9));
        assertThat(told("neck-shim").get("thickEnd").asString()).isEqualTo("heel");
        assertThat(at(told("neck-shim"), "/thickness")).isCloseTo(0.4254, within(0.0001));
        assertThat(at(told("tension"), "/tension")).isCloseTo(72.6, within(0.05));
        JsonNode fit = told("intonation");
        assertThat(at(fit, "/saddleBack")).isCloseTo(0.374, within(0.01));
        assertThat(at(fit, "/residuals/1/fret")).isEqualTo(19);
        assertThat(at(told("paired-saddle"), "/residuals/0")).isCloseTo(3, within(0.02));
        assertThat(told("nut-slots").get("centres").size()).isEqualTo(6);
        assertThat(told("leaves").get("leaves").toString()).isEqualTo("[0.4,0.1,0.05]");
        JsonNode clearance = told("clearance").get("frets");
        assertThat(clearance.size()).isEqualTo(22);
        assertThat(at(clearance, "/0/fret")).isZero();
        assertThat(at(clearance, "/3/hits")).isGreaterThan(3);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "length | {'text':'5/0'} | above 0 below the line",
                "length | {'text':'5','unit':'furlong'} | unit: given “furlong”",
                "relief | {'scaleLength':-648,'bodyJointFret':16,'reading':0.2,'held':[1,16],'gaugeFret':8,'as':[]} | Scale length: given -648",
                "relief | {'scaleLength':648,'bodyJointFret':16,'reading':0.2,'held':[16,1],'gaugeFret':8,'as':[]} | held[1]: given 1",
                "relief | {'scaleLength':648,'bodyJointFret':16,'reading':0.2,'held':[1],'gaugeFret':8,'as':[]} | two frets",
                "relief | {'scaleLength':648,'bodyJointFret':16,'reading':0.2,'held':[1,16],'gaugeFret':8,'as':[{'held':[1,9],'gaugeFret':12}]} | as[0].gaugeFret: given 12",
                "relief | {'scaleLength':648,'bodyJointFret':12,'reading':0.2,'held':[14,20],'gaugeFret':17,'as':[]} | only that part bends",
                "setup | {'scaleLength':648,'bodyJointFret':16,'compensation':0,'relief':{'value':0.2,'held':[1,16],'gaugeFret':8},'action':{'fret':12,'value':1.8}} | Nut slot height: given nothing",
                "tension | {'diameter':0.254,'wrap':'gut','scaleLength':648,'frequency':330} | plain, nickel, steel, bronze, nylon or floss",
                "tension | {'diameter':0.254,'core':0.1,'wrap':'plain','scaleLength':648,'frequency':330} | core: given 0.1",
                "paired-saddle | {'scaleLength':648,'strings':[],'rule':'split'} | strings: given 0",
                "leaves | {'owned':[],'target':0.5} | owned: given 0",
                "leaves | {'owned':[0.1,null],'target':0.5} | owned[1]: given nothing",
                "clearance | {} | given nothing; allowed is a",
                "leaves | {'owned':[0.1],'target':'much'} | target: given “much”; allowed is a number",
            })
    void aBadSumIsRefusedByFieldWithWhatIsAllowed(String route, String body, String says) {
        Answer answer = app.post("/api/scratch/" + route, body.replace('\'', '"'));
        assertThat(answer.status()).as(answer.text()).isEqualTo(400);
        assertThat(answer.type()).startsWith("application/problem+json");
        assertThat(answer.json().get("detail").asString()).contains(says);
    }

    /** Every field of every good body replaced by every kind of nonsense. */
    @Test
    void noJsonMakesASumStumble() {
        List<String> nonsense = List.of(
                "null",
                "\"x\"",
                "{}",
                "[]",
                "[null]",
                "[[]]",
                "-1",
                "0",
                "1e308",
                "-1e308",
                "1e-308",
                "1e999",
                "99999999999",
                "true",
                "0.5",
                "NaN");
        List<String> stumbled = new ArrayList<>();
        for (Map.Entry<String, String> route : GOOD.entrySet()) {
            for (String body : bodies(JSON.readTree(route.getValue().replace('\'', '"')), nonsense)) {
                Answer answer = app.post(path(route.getKey()), body);
                boolean sound = answer.status() == 400
                        || (answer.status() == 200
                                && !answer.text().contains("NaN")
                                && !answer.text().contains("Infinity"));
                if (!sound) stumbled.add(route.getKey() + " " + body + " -> " + answer.status() + " " + answer.text());
            }
        }
        assertThat(stumbled).isEmpty();
    }

    private static String path(String route) {
        return route.startsWith("/") ? route : "/api/scratch/" + route;
    }

    private static List<String> bodies(JsonNode good, List<String> nonsense) {
        List<String> bodies = new ArrayList<>(nonsense);
        for (Map.Entry<String, JsonNode> field : good.properties()) {
            List<String> values = new ArrayList<>(nonsense);
            JsonNode value = field.getValue();
            if (value.isObject()) values.addAll(bodies(value, nonsense));
            if (value.isArray() && !value.isEmpty() && value.get(0).isObject())
                bodies(value.get(0), nonsense).forEach(inner -> values.add("[" + inner + "," + value.get(0) + "]"));
            for (String bad : values) {
                ObjectNode rest = ((ObjectNode) good).deepCopy();
                rest.remove(field.getKey());
                String others = rest.toString();
                bodies.add("{\"" + field.getKey() + "\":" + bad + (rest.isEmpty() ? "}" : "," + others.substring(1)));
            }
            ObjectNode without = ((ObjectNode) good).deepCopy();
            without.remove(field.getKey());
            bodies.add(without.toString());
        }
        return bodies;
    }

    @Test
    void stringSetsBelongToTheShop() {
        JsonNode sets = app.get("/api/string-sets").json();
        assertThat(sets.size()).isGreaterThan(8);
        Answer added =
                app.post("/api/string-sets", "{\"name\":\"Ferry band light\",\"gauges\":\"9.5 12 16 24w 34w 44w\"}");
        assertThat(added.status()).isEqualTo(201);
        assertThat(app.post("/api/string-sets", "{\"name\":\"ferry band LIGHT\",\"gauges\":\"9 12 16 24w\"}")
                        .json()
                        .get("detail")
                        .asString())
                .contains("a name that no other set has");
        long id = added.json().get("id").asLong();
        assertThat(app.put("/api/string-sets/" + id, "{\"name\":\"Ferry band\",\"gauges\":\"10 13 17 26w 36w 46w\"}")
                        .status())
                .isEqualTo(200);
        assertThat(app.get("/api/string-sets").text()).contains("Ferry band\"").doesNotContain("Ferry band light");
        assertThat(app.delete("/api/string-sets/" + id).status()).isEqualTo(204);
        assertThat(app.delete("/api/string-sets/" + id).status()).isEqualTo(404);
    }

    @Test
    void heavierStringsAreExpectedToPullReliefIn() {
        JsonNode pull = app.post(
                        "/api/string-sets/pull",
                        "{\"gauges\":\"11 14 18 28w 38w 49w\",\"tuning\":\"E A D G B E\",\"scaleLength\":\"25.5in\",\"beforeGauges\":\"9 11 16 24w 32w 42w\"}")
                .json();
        assertThat(pull.get("strings").size()).isEqualTo(6);
        assertThat(at(pull, "/total") - at(pull, "/beforeTotal")).isBetween(80.0, 200.0);
        assertThat(at(pull, "/reliefChange")).isPositive();
        assertThat(app.post("/api/string-sets/pull", "{\"gauges\":\"11 14 18\",\"tuning\":\"E\",\"scaleLength\":\"1\"}")
                        .status())
                .isEqualTo(400);
    }
}
