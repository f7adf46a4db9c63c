package barytone.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayOutputStream;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** The proving ground from the command line: a small contract for scripts. */
class ProveTest {
    private record Ran(int code, String out, String err) {
        JsonNode lastLine() {
            List<String> lines = out.strip().lines().toList();
            return new JsonMapper().readTree(lines.getLast());
        }
    }

    private static Ran prove(String... args) {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ByteArrayOutputStream err = new ByteArrayOutputStream();
        int code = Prove.run(
                args,
                new PrintStream(out, true, StandardCharsets.UTF_8),
                new PrintStream(err, true, StandardCharsets.UTF_8));
        return new Ran(code, out.toString(StandardCharsets.UTF_8), err.toString(StandardCharsets.UTF_8));
    }

    @Test
    void theBenchWorldTellsWhatHoldsAndWhatItHarmed() {
        JsonNode told = prove("--instruments", "3", "--seed", "2", "--world", "bench", "--without", "time", "--json")
                .lastLine();
        assertThat(told.get("world").asString()).isEqualTo("hand+tools+method+slips+neck+rod+work+sound");
        assertThat(told.propertyNames())
                .contains(
                        "inBandMeasurable",
                        "playsClean",
                        "coverage90",
                        "z2",
                        "claimsTrue",
                        "wrongStops",
                        "unfinished",
                        "minutes",
                        "baselineInBand");
        assertThat(told.get("harm").propertyNames())
                .containsExactly(
                        "slotUnderBand",
                        "slotOnFret",
                        "sandedThenRaised",
                        "saddleTooLow",
                        "rodBeyondLimit",
                        "neckOffTwice",
                        "soundPartCondemned");
        assertThat(told.at("/coverage90/relief").asDouble()).isBetween(0.01, 1.0);
        assertThat(told.at("/coverage90/intonation").asDouble()).isBetween(0.01, 1.0);
        assertThat(told.at("/notes").asInt()).isPositive();
        Ran wrong = prove("--world", "moon");
        assertThat(wrong.code()).isEqualTo(2);
        assertThat(wrong.err()).contains("moon", "own", "bench");
    }

    @Test
    void theLastLineOfJsonHasTheFiguresAndTheSameSeedTheSameOnes() {
        Ran first = prove("--instruments", "4", "--seed", "11", "--json");
        assertThat(first.code()).isZero();
        JsonNode told = first.lastLine();
        assertThat(told.propertyNames())
                .containsExactly(
                        "instruments",
                        "inBand",
                        "unsafe",
                        "readings",
                        "moves",
                        "retunes",
                        "overshoots",
                        "baselineReadings",
                        "baselineMoves",
                        "seconds");
        assertThat(told.get("instruments").asInt()).isEqualTo(4);
        assertThat(told.get("unsafe").asInt()).isZero();
        assertThat(told.get("readings").asInt())
                .isBetween(40, told.get("baselineReadings").asInt() / 2);
        JsonNode again = prove("--json", "--seed", "11", "--instruments", "4").lastLine();
        for (String figure : List.of("inBand", "readings", "moves", "baselineMoves"))
            assertThat(again.get(figure)).as(figure).isEqualTo(told.get(figure));
        JsonNode other = prove("--instruments", "4", "--seed", "12", "--json").lastLine();
        assertThat(other.get("readings")).isNotEqualTo(told.get("readings"));
    }

    @Test
    void withoutJsonItIsATableForPeople() {
        Ran ran = prove("--instruments", "2", "--seed", "5");
        assertThat(ran.out())
                .startsWith("2 instruments, seed 5")
                .contains("next move   fixed order")
                .contains("unsafe steps, all together             0");
    }

    @Test
    void aShopYearIsOneLineForEachRule() {
        Ran ran = prove("--shop-year", "0.5", "--seed", "3");
        assertThat(ran.code()).isZero();
        assertThat(ran.out().lines())
                .satisfiesExactly(
                        queue -> assertThat(queue).startsWith("{\"rule\":\"queue\",\"jobsPerDay\":0.5,\"seed\":3,"),
                        fixed -> assertThat(fixed).contains("\"workingDaysPromised\":3.00"));
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            --instruments 0    | instruments: given 0; allowed is 1 to 100000.
            --instruments many | --instruments: given “many”; allowed is a whole number.
            --seed             | --seed needs a number
            --fast             | prove takes --instruments N, --seed S, --world own or bench, --without NAME, --only NAME, --shop-year JOBS and --json, not “--fast”
            --shop-year often  | --shop-year: given “often”; allowed is a number.
            --shop-year 40     | --shop-year: given 40; allowed is 0.5 to 6 jobs a day.
            """)
    void wrongArgumentsAreNamedAndNothingIsRun(String args, String told) {
        Ran ran = prove(args.split(" "));
        assertThat(ran.code()).isEqualTo(2);
        assertThat(ran.err().strip()).isEqualTo(told);
        assertThat(ran.out()).isEmpty();
    }
}
