package barytone.server.job;

import static org.assertj.core.api.Assertions.assertThat;

import barytone.server.RunningBarytone;
import barytone.server.TestClock;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.sql.SQLException;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.zip.GZIPInputStream;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

/**
 * What the page says of jobs in databases of earlier versions, the first release among them, is what the version before the rooms said of them, whatever
 * rooms it comes from now. Kept are the words and figures of every view; where they stand in the answer, and how names are spelt in it, has changed since.
 */
class EarlierViewsTest {
    /** Not said then; or another at every start. */
    private static final Set<String> NEWER = Set.of(
            "mark",
            "at",
            "follow",
            "does",
            "turned",
            "handOver",
            "air",
            "agreement",
            "benchLog",
            "arrival",
            "playOff",
            "frets",
            "waits",
            "promise",
            "reliefKnown",
            "row",
            "goOn",
            "engraved",
            "otherwise");

    /** What was said of the station of frets before there was one. */
    private static final Set<String> EMPTY_STATION =
            Set.of("key: frets", "label: Frets", "note: not on this job", "state: later");

    /** What is said in other words since. */
    private static final Map<String, String> SAID_OTHERWISE = Map.of(
            "decline: Not before the work", "decline: Leave it until its turn",
            "decline: Leave the relief and go on", "decline: Leave the relief");

    @ParameterizedTest
    @CsvSource({"1, 5", "3, 10", "4, 12", "7, 12"})
    void everyViewOfEveryJobSaysWhatItSaid(int version, int jobs, @TempDir Path folder)
            throws IOException, SQLException {
        TestClock.set(Instant.parse("2031-02-03T10:20:00Z"));
        EarlierDatabaseTest.write(version, folder, "");
        List<String> now = new ArrayList<>();
        try (RunningBarytone app = RunningBarytone.in(folder, TestClock.standing())) {
            for (int id = 1; id <= jobs; id++) {
                now.add("## " + id);
                List<String> said = new ArrayList<>();
                say("", app.get("/api/jobs/" + id).json(), said);
                now.addAll(said.stream().sorted().toList());
            }
        }
        List<String> then = then(version);
        // what differs first, for the whole is too long to be told
        for (int i = 0; i < Math.min(now.size(), then.size()); i++)
            assertThat(now.get(i)).as("line " + i).isEqualTo(then.get(i));
        assertThat(now).hasSameSizeAs(then);
    }

    private static List<String> then(int version) throws IOException {
        try (InputStream kept = EarlierViewsTest.class.getResourceAsStream("/earlier/v" + version + ".views.gz");
                GZIPInputStream text = new GZIPInputStream(Objects.requireNonNull(kept))) {
            return new String(text.readAllBytes(), StandardCharsets.UTF_8)
                    .lines()
                    .filter(line -> !EMPTY_STATION.contains(line))
                    // no way to leave it any more, but one to go on all the same
                    .filter(line -> !line.equals("decline: Sand it without looking"))
                    // a question was closed with a full stop as well
                    .map(line -> line.endsWith("?.") ? line.substring(0, line.length() - 1) : line)
                    // a number stood without its unit
                    .map(line -> line.replaceAll("(\\d) (too (?:high|low|much|little))", "$1 mm $2")
                            .replaceAll("(± [0-9.]+) was expected", "$1 mm was expected")
                            .replace("Still out, in mm: ", "Still out: "))
                    .map(line -> SAID_OTHERWISE.getOrDefault(line, line))
                    .toList();
        }
    }

    private static void say(String key, JsonNode node, List<String> said) {
        // the station of frets stood empty then
        if (NEWER.contains(key) || node.path("key").asString("").equals("frets")) return;
        if (node.isString()) {
            String text = node.asString();
            // what is to be read, and what waits, as a set: not said then
            if (text.startsWith("Still waits: ") || text.startsWith("Missing as ")) return;
            // the clock
            if (key.equals("now") && text.matches("\\d{4}-.*")) return;
            // which move it is
            if (key.equals("move") && text.matches("[0-9a-f]{8}-[0-9a-f]{4}")) return;
            said.add(key + ": " + (text.matches("[A-Z][A-Z0-9_]*") ? spelt(text) : text));
        } else if (node.isBoolean()) said.add(key + ": " + node.asBoolean());
        node.properties().forEach(member -> {
            // an amount and what it comes to were one text
            if (member.getKey().equals("amount") && node.has("more"))
                said.add("amount: " + node.get("amount").asString() + ", "
                        + node.get("more").asString());
            else if (!member.getKey().equals("more") || !node.has("amount"))
                say(member.getKey(), member.getValue(), said);
        });
        node.valueStream().filter(element -> node.isArray()).forEach(element -> say(key, element, said));
    }

    private static String spelt(String name) {
        return name.toLowerCase(Locale.ROOT).replace('_', '-');
    }
}
