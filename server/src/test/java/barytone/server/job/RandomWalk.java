package barytone.server.job;

import static org.assertj.core.api.Assertions.assertThat;

import barytone.core.instrument.InstrumentKind;
import barytone.server.RunningBarytone;
import barytone.server.RunningBarytone.Answer;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.SplittableRandom;
import java.util.TreeMap;
import java.util.TreeSet;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * Does anything that the API's own description allows on a job, at random: what it says of types and names is kept, what it does not say of values is not. Values are
 * likely ones, limits, and nonsense. Whatever is answered, the job and the bench must still be shown.
 */
final class RandomWalk {
    private static final JsonMapper JSON = new JsonMapper();
    private static final String JOB = "/api/jobs/{id}";
    private static final List<String> UNITS = List.of("mm", "thou", "in64", "in64,relief=mm,gauge=mm");
    private static final List<String> ANY_TEXT = List.of(
            "0.3",
            "0.15",
            "2.1",
            "0",
            "-1",
            "999",
            "1e9",
            "abc",
            "",
            "0.05 0.08",
            "12 thou",
            "1/64+",
            "3",
            "1.5",
            "0.0001",
            "unknown",
            "same",
            "flat",
            "none",
            "12.7mm");
    private static final List<String> GAPS =
            List.of("0.3", "0.2", "0.08 0.1", "0.02", "0", "0.05", "0.12", "0.9", "12 thou");
    private static final List<String> HEIGHTS = List.of("2.1", "1.6", "1.9", "2.8", "0.5", "9", "0", "4", "5/64");
    private static final List<String> CENTS = List.of("0", "2.4", "-7", "+12.5", "-49", "180", "1000", "x");
    /** What is agreed on, promised and read of the air. */
    private static final Map<String, List<String>> AGREED = Map.of(
            "price", List.of("0", "65", "12.50", "35,5", "", "-1", "12.505"),
            "worth", List.of("", "150", "9000", "much"),
            "promised", List.of("", "2031-02-06", "2031-12-31", "2030-01-01", "soon"),
            "day", List.of("", "2031-04-01", "2031-12-31", "29 February"),
            "humidity", List.of("34", "45 %", "61", "100", "damp"),
            "temperature", List.of("", "21", "19.5 °C", "warm"));

    private static final Map<String, List<String>> TEXTS = Map.of(
            "text",
                    List.of(
                            "0.3",
                            "0.2",
                            "0.08 0.1",
                            "0.02",
                            "0",
                            "2.1",
                            "1.6",
                            "1.9",
                            "2.8",
                            "0.5",
                            "9",
                            "-0.1",
                            "0.4-",
                            "+2",
                            "12 thou"),
            "cents", CENTS,
            "turns", List.of("1/8", "-1/4", "1 1/2", "-12", "12", "13", "1/16", "0"),
            "tuning",
                    List.of(
                            "E A D G B E",
                            "E A D G",
                            "B E A D G",
                            "G3 G3 D4 D4 A4 A4 E5 E5",
                            "D A D G B D",
                            "B1 E2 A2 D3 F#3 B3",
                            "E4",
                            "C2 C2 C2 C2 C2 C2"),
            "strings",
                    List.of(
                            "10 13 17 26w 36w 46w",
                            "46w 36w 26w 17 13 10",
                            "45s 65s 85s 105s",
                            "45s 65s 85s 105s 130s",
                            "11 11 15 15 26b 26b 40b 40b",
                            "28n 32n 40n 30n 36n 44n",
                            "8",
                            "200w 200w 200w 200w 200w 200w"),
            "scaleLength", List.of("648", "628", "352", "864", "25 1/2in", "200", "2000", "330"),
            "pickups", List.of("none", "neck usual springs, bridge usual springs", "bridge strong wood", "neck"),
            "boardRadius", List.of("flat", "305", "184", "12in", "1"));

    private final RunningBarytone app;
    private final SplittableRandom random;
    private final JsonNode described;
    private final long job;
    private final List<String> told = new ArrayList<>();
    private long seq;
    private String unit = "mm";
    private String answered = "";

    RandomWalk(RunningBarytone app, long job, long seed) {
        this.app = app;
        this.job = job;
        this.random = new SplittableRandom(seed);
        this.described = description();
    }

    private static JsonNode description() {
        try {
            return JSON.readTree(Files.readString(Path.of("../web/openapi.json")));
        } catch (IOException e) {
            throw new java.io.UncheckedIOException(e);
        }
    }

    private static String spelt(InstrumentKind kind) {
        return kind.name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    /** Takes in an instrument as is usual for its kind. */
    static long takeIn(RunningBarytone app, InstrumentKind kind) {
        return takeIn(app, kind, "");
    }

    /** The same, one of several of its kind. */
    static long takeIn(RunningBarytone app, InstrumentKind kind, String which) {
        for (JsonNode usual : app.get("/api/kinds").json()) {
            if (!usual.get("kind").asString().equals(spelt(kind))) continue;
            ObjectNode facts = JSON.createObjectNode();
            usual.propertyNames().forEach(name -> {
                if (!name.equals("label")) facts.set(name, usual.get(name));
            });
            facts.put("name", "Walked " + usual.get("label").asString() + which).put("leftHanded", false);
            ObjectNode body = JSON.createObjectNode()
                    .put("requestKey", "walk-" + kind + which)
                    .put("player", "Walker")
                    .put("touch", "MEDIUM")
                    .put("complaint", "");
            body.set("scope", JSON.valueToTree(List.of("relief", "nut", "action", "intonation", "pickups")));
            body.set("instrument", facts);
            Answer created = app.post("/api/jobs", body.toString());
            assertThat(created.status()).as(created.text()).isEqualTo(201);
            return created.json().get("id").asLong();
        }
        throw new AssertionError("no kind " + kind);
    }

    /**
     * Does so many things.
     *
     * @return how many of them were taken
     */
    int walk(int steps) {
        List<String> routes = new ArrayList<>();
        described.get("paths").propertyNames().forEach(path -> {
            boolean sound = path.endsWith("/hear");
            boolean shut = path.endsWith("/close") || path.contains("/stored");
            if (path.startsWith(JOB)
                    && !sound
                    && !shut
                    && described.at(pointer(path)).has("post")) routes.add(path);
        });
        int taken = 0;
        for (int i = 0; i < steps; i++) {
            // readings are most of what is done at a bench
            boolean done = switch (random.nextInt(16)) {
                case 0, 1, 2, 3, 4, 5 -> read();
                case 6, 7 -> did(JOB + "/followed");
                case 8 -> did(JOB + "/retunes");
                case 9 -> correct();
                default -> did(pick(routes));
            };
            if (done) taken++;
            shown(i % 25 == 0);
        }
        if (Boolean.getBoolean("walk.told")) tell();
        return taken;
    }

    /** What is another after something was done and taken back: the tape tells of both. */
    private static final Set<String> TOLD_OF = Set.of("seq", "tape", "canUndo", "canRedo", "mark", "now", "version");

    /**
     * Does so many things, and takes each back at once before the next is done for good.
     *
     * @return how many were taken back
     */
    int doAndUndo(int steps) {
        List<String> routes = new ArrayList<>();
        described.get("paths").propertyNames().forEach(path -> {
            boolean other = path.endsWith("/hear")
                    || path.endsWith("/undo")
                    || path.endsWith("/redo")
                    || path.contains("/stored");
            if (path.startsWith(JOB) && !other && described.at(pointer(path)).has("post")) routes.add(path);
        });
        int undone = 0;
        for (int i = 0; i < steps; i++) {
            unit = "mm";
            JsonNode before = now();
            String route = pick(routes);
            boolean done = random.nextInt(3) == 0 ? read() : did(route);
            JsonNode after = now();
            if (done && after.get("seq").asLong() > before.get("seq").asLong()) {
                ObjectNode undo = JSON.createObjectNode()
                        .put("after", after.get("seq").asLong())
                        .put("key", Long.toHexString(random.nextLong()));
                // what ends a job is taken back by opening it again
                Answer taken =
                        app.post("/api/jobs/" + job + (ends(before, after) ? "/reopen" : "/undo"), undo.toString());
                assertThat(taken.status()).as(route + ": " + taken.text()).isEqualTo(200);
                List<String> differs = new ArrayList<>();
                differing("", before, now(), differs);
                assertThat(differs).as(told.getLast() + ", and taken back").isEmpty();
                undone++;
            }
            now();
            if (random.nextBoolean()) read();
            else did(random.nextBoolean() ? JOB + "/followed" : pick(routes));
            if (now().get("closed").asBoolean()) did(JOB + "/reopen");
        }
        return undone;
    }

    private static boolean ends(JsonNode before, JsonNode after) {
        return after.get("closed").asBoolean() && !before.get("closed").asBoolean();
    }

    private static void differing(String at, JsonNode then, JsonNode now, List<String> differs) {
        if (then.isObject() && now.isObject()) {
            Set<String> names = new TreeSet<>(then.propertyNames());
            names.addAll(now.propertyNames());
            names.removeAll(TOLD_OF);
            names.forEach(name -> differing(at + "/" + name, then.path(name), now.path(name), differs));
        } else if (then.isArray() && now.isArray() && then.size() == now.size()) {
            for (int i = 0; i < then.size(); i++) differing(at + "/" + i, then.get(i), now.get(i), differs);
        } else if (!then.equals(now)) differs.add(at + ": " + then + " became " + now);
    }

    private void tell() {
        Map<String, Integer> counts = new TreeMap<>();
        told.forEach(t -> counts.merge(t.split(" ")[1].replaceFirst("/api/jobs/\\d+/", ""), 1, Integer::sum));
        System.out.println(counts);
    }

    private static String pointer(String path) {
        return "/paths/" + path.replace("~", "~0").replace("/", "~1");
    }

    /** A reading as a technician would type it, or a slip of the finger. */
    private boolean read() {
        ObjectNode body = JSON.createObjectNode()
                .put("after", seq)
                .put("key", Long.toHexString(random.nextLong()))
                .put("string", random.nextInt(1, 9));
        if (random.nextInt(5) == 0) {
            body.put("how", pick(List.of("OPEN", "FRETTED")))
                    .put("fret", whole("fret"))
                    .put("cents", pick(CENTS));
            return sent("POST", "/api/jobs/" + job + "/intonation/pitches", body);
        }
        String station = pick(List.of("RELIEF", "NUT", "ACTION"));
        List<String> likely = station.equals("action") ? HEIGHTS : GAPS;
        body.put("station", station)
                .put("text", pick(random.nextInt(12) == 0 ? ANY_TEXT : likely))
                .put("sure", random.nextInt(3) > 0);
        return sent("POST", "/api/jobs/" + job + "/readings", body);
    }

    private boolean did(String route) {
        JsonNode schema = described.at(pointer(route) + "/post/requestBody/content/application~1json/schema");
        ObjectNode body = (ObjectNode) made(schema, "", 0);
        body.put("after", seq).put("key", Long.toHexString(random.nextLong()));
        return sent("POST", route.replace("{id}", String.valueOf(job)), body);
    }

    /** Corrects one or two facts of the instrument. */
    private boolean correct() {
        ObjectNode facts = (ObjectNode) now().get("instrument");
        long version = facts.get("version").asLong();
        facts.remove(List.of("version", "kindLabel"));
        JsonNode properties = resolved(described.at(
                        pointer(JOB + "/instrument") + "/put/requestBody/content/application~1json/schema"))
                .get("properties");
        JsonNode schema = resolved(properties.get("facts")).get("properties");
        List<String> names = List.copyOf(facts.propertyNames());
        for (int i = random.nextInt(1, 3); i > 0; i--) {
            String name = pick(names);
            if (schema.has(name)) facts.set(name, made(schema.get(name), name, 0));
        }
        ObjectNode body = JSON.createObjectNode().put("version", version);
        body.set("facts", facts);
        return sent("PUT", "/api/jobs/" + job + "/instrument", body);
    }

    private boolean sent(String method, String path, ObjectNode body) {
        String there = path + "?unit=" + unit;
        Answer answer = method.equals("PUT") ? app.put(there, body.toString()) : app.post(there, body.toString());
        answered = answer.status() == 200 ? answer.text() : "";
        if (answer.status() == 200) told.add(method + " " + path + " " + body);
        assertThat(answer.status())
                .as(method + " " + path + " " + body + "\n" + answer.text() + "\nafter " + recent())
                .isLessThan(500);
        assertThat(answer.text()).as(method + " " + path + " " + body).doesNotContain("NaN");
        return answer.status() == 200;
    }

    private JsonNode now() {
        Answer shown = app.get("/api/jobs/" + job + "?unit=" + unit);
        assertThat(shown.status()).as(shown.text() + "\nafter " + recent()).isEqualTo(200);
        // who added is answered with what all others see
        if (answered.startsWith("{\"mark\""))
            assertThat(shown.text()).as("after " + recent()).isEqualTo(answered);
        answered = "";
        JsonNode view = shown.json();
        seq = view.get("seq").asLong();
        return view;
    }

    private void shown(boolean benchToo) {
        now();
        unit = pick(UNITS);
        if (!benchToo) return;
        for (JsonNode cards : List.of(
                app.get("/api/bench").json().get("open"),
                app.get("/api/bench/closed").json().get("jobs")))
            for (JsonNode card : cards)
                assertThat(card.get("nextKind").asString())
                        .as("after " + recent())
                        .isNotEqualTo("broken");
    }

    private String recent() {
        return String.join("\n", told.subList(Math.max(0, told.size() - 12), told.size()));
    }

    private JsonNode resolved(JsonNode schema) {
        return schema.has("$ref") ? described.at(schema.get("$ref").asString().substring(1)) : schema;
    }

    /** Something that its description allows. */
    private JsonNode made(JsonNode described, String name, int depth) {
        JsonNode schema = resolved(described);
        if (schema.has("enum"))
            return schema.get("enum").get(random.nextInt(schema.get("enum").size()));
        return switch (schema.path("type").asString("object")) {
            case "string" ->
                JSON.getNodeFactory()
                        .stringNode(pick(
                                random.nextInt(8) == 0
                                        ? ANY_TEXT
                                        : TEXTS.getOrDefault(name, AGREED.getOrDefault(name, ANY_TEXT))));
            case "integer" -> JSON.getNodeFactory().numberNode(whole(name));
            case "number" ->
                JSON.getNodeFactory().numberNode(pick(List.of(0.0, 0.1, 0.25, 1.0, 2.0, -0.4, 24.0, 648.0, 1e12)));
            case "boolean" -> JSON.getNodeFactory().booleanNode(name.equals("sure") || random.nextBoolean());
            case "array" -> {
                ArrayNode list = JSON.createArrayNode();
                int size = pick(List.of(0, 1, 2, 4, 5, 6, 6, 8));
                for (int i = 0; i < size; i++) list.add(made(schema.get("items"), name, depth + 1));
                yield list;
            }
            default -> {
                ObjectNode made = JSON.createObjectNode();
                List<String> required = new ArrayList<>();
                schema.path("required").forEach(field -> required.add(field.asString()));
                schema.path("properties").properties().forEach(field -> {
                    boolean left = !required.contains(field.getKey()) && random.nextInt(3) == 0;
                    if (!left && depth < 4) made.set(field.getKey(), made(field.getValue(), field.getKey(), depth + 1));
                });
                yield made;
            }
        };
    }

    private long whole(String name) {
        return switch (name) {
            case "event" -> 1 + random.nextInt(1 + told.size());
            case "string" -> random.nextInt(1, 9);
            case "fret", "gaugeFret", "heldLow", "heldHigh", "held", "frets", "bodyJointFret" ->
                pick(List.of(1, 3, 5, 7, 8, 12, 12, 14, 17, 20, 24, 36));
            default -> pick(List.of(0, 1, 1, 2, 3, 4, -1, 6, 12, 20, 100, Integer.MAX_VALUE));
        };
    }

    private <T> T pick(List<T> from) {
        return from.get(random.nextInt(from.size()));
    }
}
