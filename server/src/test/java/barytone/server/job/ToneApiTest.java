package barytone.server.job;

import static org.assertj.core.api.Assertions.assertThat;

import barytone.core.pitch.PluckedSound;
import barytone.server.RunningBarytone;
import barytone.server.RunningBarytone.Answer;
import barytone.server.TestClock;
import barytone.server.sound.Wav;
import java.nio.file.Path;
import java.time.Instant;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;

/** Intonation and pickups over HTTP: typed, heard from sound, and played by the stand-in. */
@Order(5)
class ToneApiTest {
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

    private static long open(String bridge, String scope, String more) {
        Answer created = app.post("/api/jobs", """
                {"requestKey":"%s","player":"Deck crew","touch":"MEDIUM","complaint":"","scope":["%s"],
                 "instrument":{"name":"Loan","kind":"ELECTRIC","tuning":"E A D G B E","scaleLength":"648","frets":21,
                   "bodyJointFret":16,"boardRadius":"305","rod":"SINGLE","access":"HEADSTOCK","leftHanded":false,
                   "bridge":"%s"%s}}
                """.formatted(UUID.randomUUID(), scope, bridge, more));
        assertThat(created.status()).as(created.text()).isEqualTo(201);
        return created.json().get("id").asLong();
    }

    private static long intonation() {
        return open("INDIVIDUAL", "INTONATION", "");
    }

    private static JsonNode job(long job) {
        return app.get("/api/jobs/" + job).json();
    }

    private static Answer post(long job, String what, String more) {
        return app.post(
                "/api/jobs/" + job + "/" + what,
                "{\"after\":" + app.seq(job) + ",\"key\":\"" + UUID.randomUUID() + "\"" + more + "}");
    }

    private static JsonNode done(long job, String what, String more) {
        Answer answer = post(job, what, more);
        assertThat(answer.status()).as(answer.text()).isEqualTo(200);
        return answer.json();
    }

    private static JsonNode typed(long job, int string, int fret, String cents) {
        return done(
                job,
                "intonation/pitches",
                ",\"string\":%d,\"how\":\"%s\",\"fret\":%d,\"cents\":\"%s\""
                        .formatted(string, fret == 0 ? "OPEN" : "FRETTED", fret, cents));
    }

    private static String headline(JsonNode job) {
        return job.get("advice").get("headline").asString();
    }

    private static JsonNode row(JsonNode job, int string) {
        for (JsonNode row : job.get("intonation").get("rows"))
            if (row.get("string").asInt() == string) return row;
        throw new AssertionError("no string " + string);
    }

    private static Answer hear(long job, byte[] wav, int string, String more) {
        return app.postSound(
                "/api/jobs/" + job + "/hear?after=" + app.seq(job) + "&key=" + UUID.randomUUID() + "&string=" + string
                        + more,
                wav);
    }

    private static byte[] string(double frequency) {
        return Wav.write(PluckedSound.of(frequency, 1e-4).noise(40).sound(2.2, 44_100, 5));
    }

    @Test
    void whatIsTypedFromATunerBecomesTurnsOfTheScrewdriver() {
        long job = intonation();
        assertThat(headline(job(job))).isEqualTo("Sound the notes of all strings, 6 E to 1 e");
        double[] cents = {7, 4.2, 1.1, -3.1, 2.4, 0.6};
        JsonNode now = job(job);
        for (int s = 6; s >= 1; s--) now = typed(job, s, 12, String.format(Locale.ROOT, "%+.1f", cents[6 - s]));
        assertThat(headline(now)).isEqualTo("Move 4 saddles");
        JsonNode first = now.get("advice").get("steps").get(0);
        assertThat(first.get("where").asString()).isEqualTo("Saddle 6");
        // 7 cents at 648 mm and 4 mm of compensation ask for 2.7 mm, at about 0.6 mm per turn
        assertThat(first.get("amount").asString()).isEqualTo("4 1/2 turns clockwise");
        assertThat(first.get("more").asString()).isEqualTo("2.70 mm back");
        assertThat(first.get("expected").asString()).matches("[+−]?0\\.[01]");
        assertThat(now.get("advice").get("steps").get(2).get("amount").asString())
                .contains("anticlockwise");
        assertThat(now.get("advice").get("why").toString())
                .contains("push the saddle home")
                .contains("usual, not learned yet");
        assertThat(now.get("advice").get("caution").asString()).contains("slacken");
        assertThat(row(now, 6).get("found").asString()).isEqualTo("+7.0");
        assertThat(row(now, 6).get("verdict").asString()).isEqualTo("high");
        assertThat(row(now, 6).get("curve")).hasSize(21);
        assertThat(row(now, 6).get("after")).hasSize(21);
        assertThat(row(now, 4).get("verdict").asString()).isEqualTo("in");

        now = done(job, "followed", "");
        assertThat(headline(now)).isEqualTo("Retune, tuning up to pitch");
        assertThat(row(now, 6).get("verdict").asString()).isEqualTo("stale");
        assertThat(row(now, 6).get("spread").asDouble()).isBetween(0.3, 4.0);
        assertThat(now.at("/closing/rows").toString()).containsPattern("reckoned [^\"]* cents ± \\d");
        Answer slack =
                post(job, "intonation/pitches", ",\"string\":6,\"how\":\"FRETTED\",\"fret\":12,\"cents\":\"0.4\"");
        assertThat(slack.status()).as("a question").isEqualTo(422);
        assertThat(slack.json().get("detail").asString()).contains("Is it back at pitch?");
        done(job, "retunes", "");
        for (int s : new int[] {6, 5, 3, 2}) now = typed(job, s, 12, s == 6 ? "1.4" : "0.4");
        assertThat(now.get("advice").get("kind").asString()).isEqualTo("done");
        assertThat(now.get("intonation").get("saddles").get("screw").asString()).contains("learned");
        assertThat(now.get("closing").get("rows").toString())
                .contains("Intonation, string 6 E")
                .contains("+7.0 cents")
                .contains("+1.4 cents");
        // what was typed is on the tape
        assertThat(now.get("tape").toString()).contains("String 6 at 12: +1.4 cents, typed");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "intonation/pitches | ,\"string\":6,\"how\":\"FRETTED\",\"fret\":12,\"cents\":\"seven\" | a number such as 3, +1.5 or -2",
                "intonation/pitches | ,\"string\":6,\"how\":\"FRETTED\",\"fret\":12,\"cents\":\"80\" | Is it this note?",
                "intonation/pitches | ,\"string\":7,\"how\":\"OPEN\",\"fret\":0,\"cents\":\"0\" | 1 to 6",
                "intonation/pitches | ,\"string\":6,\"how\":\"FRETTED\",\"fret\":22,\"cents\":\"0\" | 1 to 21",
                "intonation/saddles | ,\"turns\":[\"0\",\"\",\"\",\"\",\"\",\"\"] | a move of at least one",
                "intonation/saddles | ,\"turns\":[\"1/16\",\"1/8\"] | 6",
                "pickups/gaps | ,\"pickup\":5,\"side\":\"BASS\",\"text\":\"2.4\" | 0 to 1",
                "pickups/gaps | ,\"pickup\":0,\"side\":\"BASS\",\"text\":\"24\" | 15",
                "intonation/travel | ,\"support\":0,\"forward\":\"-1\",\"back\":\"2\" | 0 to 30",
                "intonation/stretches | ,\"string\":1,\"drop\":\"\" | a number",
            })
    void whatCannotBeIsNamedWithWhatIsAllowed(String what, String more, String said) {
        Answer answer = post(intonation(), what, more);
        assertThat(answer.status()).isEqualTo(said.endsWith("?") ? 422 : 400);
        assertThat(answer.json().get("detail").asString()).contains(said);
    }

    @Test
    void aSteadyNoteIsRecordedAndTheNextIsAskedFor() {
        long job = intonation();
        JsonNode heard =
                hear(job, string(82.407), 6, "&how=OPEN&fret=0&ear=MICROPHONE").json();
        assertThat(heard.get("taken").asBoolean()).as(heard.toString()).isTrue();
        assertThat(heard.get("headline").asString()).isEqualTo("6 E open taken");
        JsonNode next = heard.get("job").get("intonation").get("next");
        assertThat(next.get("label").asString()).isEqualTo("6 E at 12");
        // sharp by five cents, and heard without being asked which note it is
        JsonNode fretted = hear(job, string(164.814 * Math.pow(2, 5 / 1200.0)), 6, "&how=FRETTED&fret=12")
                .json();
        assertThat(fretted.get("centsText").asString()).isEqualTo("+5.1");
        assertThat(row(fretted.get("job"), 6).get("now").asString()).isEqualTo("+5.0");
        JsonNode other = hear(job, string(110), 6, "&how=FRETTED&fret=12").json();
        assertThat(other.get("label").asString()).as("recognised").isEqualTo("5 A open");
        assertThat(other.get("taken").asBoolean()).isTrue();
    }

    @Test
    void anOpenStringOutOfTuneIsTunedUpFirstAndAFarNoteIsNotTaken() {
        long job = intonation();
        JsonNode flat = hear(job, string(81.7), 6, "&how=OPEN").json();
        assertThat(flat.get("headline").asString()).isEqualTo("6 E open is flat: tighten");
        assertThat(flat.get("taken").asBoolean()).isFalse();
        JsonNode far = hear(job, string(300), 6, "&how=OPEN").json();
        assertThat(far.get("detail").asString()).contains("another string, fret or octave?");
        assertThat(job(job).get("seq").asLong()).isZero();
    }

    @ParameterizedTest
    @ValueSource(strings = {"silence", "loud", "noise", "talk", "text", "cut"})
    void badSoundIsExplainedAndNeverANumber(String what) {
        long job = intonation();
        byte[] good = string(82.407);
        java.util.SplittableRandom random = new java.util.SplittableRandom(4);
        double[] samples = new double[88_200];
        for (int i = 0; i < samples.length; i++)
            samples[i] = switch (what) {
                case "loud" -> Math.clamp(6 * Math.sin(i * 2 * Math.PI * 82.4 / 44_100), -1, 1);
                case "noise" -> 0.2 * random.nextGaussian();
                // a voice: its pitch glides all the time
                case "talk" -> 0.3 * Math.sin(2 * Math.PI * (120 + 40 * Math.sin(i / 9000.0)) * i / 44_100);
                default -> 0;
            };
        byte[] wav = switch (what) {
            case "text" -> "no sound at all".getBytes(java.nio.charset.StandardCharsets.US_ASCII);
            case "cut" -> java.util.Arrays.copyOf(good, 30);
            default -> Wav.write(new barytone.core.pitch.Sound(samples, 44_100));
        };
        Answer answer = hear(job, wav, 6, "&how=OPEN");
        JsonNode said = answer.json();
        if (answer.status() == 400) assertThat(said.get("detail").asString()).contains("WAV");
        else {
            assertThat(said.get("taken").asBoolean()).isFalse();
            assertThat(said.get("detail").asString()).isNotBlank();
        }
        assertThat(job(job).get("seq").asLong()).isZero();
    }

    @ParameterizedTest
    @ValueSource(strings = {"INDIVIDUAL", "BARRELS", "FIXED", "FLOATING"})
    void theStandInIsIntonatedByFollowingWhatIsSaid(String bridge) {
        long job = open(bridge, "INTONATION", ",\"lengthPitch\":\"0.5\",\"saddleThickness\":\"6\"");
        for (int i = 0; i < 90; i++) {
            JsonNode now = job(job);
            JsonNode advice = now.get("advice");
            String kind = advice.get("kind").asString();
            if (kind.equals("done")) {
                if (bridge.equals("INDIVIDUAL"))
                    for (JsonNode row : now.get("intonation").get("rows"))
                        assertThat(row.get("verdict").asString()).isEqualTo("in");
                assertThat(now.get("tape").toString()).contains("stand-in");
                return;
            }
            JsonNode note = now.get("intonation").get("next");
            if (kind.equals("move")) done(job, "followed", "");
            else if (kind.equals("limit")) done(job, "declined", "");
            else {
                String how = "&how=" + note.get("how").asString() + "&fret=" + note.get("fret");
                byte[] played = app.bytes("/api/jobs/" + job + "/stand-in?string=" + note.get("string") + how);
                JsonNode heard = hear(job, played, note.get("string").asInt(), how + "&ear=STAND_IN")
                        .json();
                assertThat(heard.get("taken").asBoolean()).as(heard.toString()).isTrue();
            }
        }
        throw new AssertionError("It was never done: " + headline(job(job)));
    }

    @Test
    void howItIsReadIsChosenAndPairsAreFavoured() {
        long job = open("BARRELS", "INTONATION", "");
        JsonNode ways = done(job, "intonation/ways", """
                ,"frets":[5,19],"where":"HIGH","reference":"HARMONIC","tolerances":["1","1","1","1","2","2"],
                "pairs":["SPLIT","FAVOUR_SECOND","SPLIT"],"a4":"442","offsets":"-2 0 0 0 0 1","upToPitch":false""").get("intonation");
        assertThat(ways.get("method").asString()).isEqualTo("frets 5, 12, 19 against the harmonic");
        assertThat(ways.get("ways").get("offsets").asString()).isEqualTo("-2 0 0 0 0 1");
        assertThat(ways.get("ways").get("pairs").get(1).get("rule").asString()).isEqualTo("favour-second");
        // at 442 Hz and two cents down
        JsonNode heard = hear(job, string(82.407 * 442 / 440), 6, "&how=OPEN").json();
        assertThat(heard.get("centsText").asString()).isEqualTo("+2.1");
        JsonNode old = done(job, "intonation/strings-on", ",\"age\":\"OLD\"").get("intonation");
        assertThat(old.get("method").asString()).endsWith("against the open string, provisional");
        assertThat(old.get("warnings").toString()).contains("never the harmonic");
    }

    @Test
    void stretchesAreLoggedFromWhatIsHeard() {
        long job = intonation();
        JsonNode heard = hear(job, string(82.407 * Math.pow(2, -18 / 1200.0)), 6, "&mode=STRETCH")
                .json();
        assertThat(heard.get("headline").asString()).startsWith("6 E open gave −17.9 cents");
        JsonNode stretch = heard.get("job")
                .get("intonation")
                .get("strings")
                .get("stretches")
                .get(0);
        assertThat(stretch.get("rounds").asInt()).isEqualTo(1);
        assertThat(stretch.get("settled").asBoolean()).isFalse();
        assertThat(heard.get("job").get("intonation").get("warnings").toString())
                .contains("still gives");
        JsonNode after = done(job, "intonation/stretches", ",\"string\":6,\"drop\":\"2\"");
        assertThat(after.get("intonation")
                        .get("strings")
                        .get("stretches")
                        .get(0)
                        .get("settled")
                        .asBoolean())
                .isTrue();
    }

    /** A string whose pitch swings around a mean, as a hand that grips or a false string makes it. */
    private static byte[] swinging(double frequency, double mean, double by, double perSecond) {
        double[] samples = new double[(int) (2.2 * 44_100)];
        double phase = 0;
        for (int i = 0; i < samples.length; i++) {
            double t = i / 44_100.0;
            double cents = mean + by * Math.sin(2 * Math.PI * perSecond * t);
            phase += 2 * Math.PI * frequency * Math.pow(2, cents / 1200) / 44_100;
            for (int j = 1; j <= 8; j++) samples[i] += 0.15 / j * Math.sin(j * phase) * Math.exp(-t);
        }
        return Wav.write(new barytone.core.pitch.Sound(samples, 44_100));
    }

    @Test
    void aHardGripIsNotTakenAndAWaveringStringOnlyWhenAsked() {
        long job = intonation();
        JsonNode gripped = hear(job, swinging(164.814, 26, 5, 0.9), 6, "&how=FRETTED&fret=12")
                .json();
        assertThat(gripped.get("headline").asString()).contains("a hard grip?");
        assertThat(gripped.get("taken").asBoolean()).isFalse();
        JsonNode wavers = hear(job, swinging(110, 0, 5, 0.9), 5, "&how=OPEN").json();
        assertThat(wavers.get("headline").asString()).contains("wavers").contains("the string is false");
        assertThat(wavers.get("taken").asBoolean()).isFalse();
        JsonNode taken =
                hear(job, swinging(110, 0, 5, 0.9), 5, "&how=OPEN&asIs=true").json();
        assertThat(taken.get("taken").asBoolean()).isTrue();
        assertThat(taken.get("job").get("intonation").get("warnings").toString())
                .contains("String 5 A may be false or dead: its pitch wavers.");
    }

    @Test
    void pickupsAreReadTurnedAndHeard() {
        long job = open("INDIVIDUAL", "PICKUPS", ",\"pickups\":\"neck usual springs, bridge strong wood\"");
        assertThat(headline(job(job))).isEqualTo("Read the gaps of the neck pickup and the bridge pickup");
        for (var gap : Map.of("0,BASS", "3.4", "0,TREBLE", "2.0", "1,BASS", "3.0", "1,TREBLE", "3.3")
                .entrySet()) {
            String[] at = gap.getKey().split(",");
            done(
                    job,
                    "pickups/gaps",
                    ",\"pickup\":" + at[0] + ",\"side\":\"" + at[1] + "\",\"text\":\"" + gap.getValue() + "\"");
        }
        JsonNode now = job(job);
        assertThat(headline(now)).isEqualTo("Raise the neck pickup");
        assertThat(now.at("/closing/rows").toString()).contains("Neck pickup, bass side, under 6 E");
        assertThat(now.at("/advice/steps/0/amount").asString()).isEqualTo("1 1/2 turns clockwise");
        assertThat(now.at("/advice/steps/0/more").asString()).isEqualTo("raises");
        now = done(job, "declined", "");
        assertThat(headline(now)).isEqualTo("Lower the bridge pickup");
        assertThat(now.at("/advice/steps/0/amount").asString()).endsWith("turns clockwise");
        assertThat(now.at("/advice/steps/0/more").asString())
                .as("screwed into the wood")
                .isEqualTo("lowers");
        JsonNode turned = done(job, "followed", "");
        assertThat(turned.at("/closing/rows").toString()).containsPattern("reckoned [0-9.]+ mm ± 0\\.[0-9]");
        done(job, "undo", "");
        now = done(job, "pickups/down", ",\"down\":true");
        assertThat(headline(now)).startsWith("Read again the gaps");
        for (int s = 6; s >= 1; s--) {
            double frequency = new double[] {329.63, 246.94, 196, 146.83, 110, 82.41}[s - 1];
            JsonNode heard =
                    hear(job, string(frequency), s, "&mode=LEVEL&pickup=1").json();
            assertThat(heard.get("taken").asBoolean()).as(heard.toString()).isTrue();
        }
        JsonNode bridge = job(job).get("pickups").get("pickups").get(1);
        assertThat(bridge.get("levels")).hasSize(6);
        assertThat(bridge.get("balance").toString()).contains("dB");
        now = done(job, "pickups/signs", ",\"pickup\":0,\"signs\":[\"WEAK_SPRING\"]");
        assertThat(headline(now)).isEqualTo("Neck pickup does not follow its screw");
    }

    @Test
    void howItIsReadAndThePickupGapsAreKeptForTheShop() {
        long job = open("INDIVIDUAL", "INTONATION", "");
        done(job, "intonation/ways", """
                ,"frets":[12,19],"where":"HIGH","reference":"OPEN","tolerances":["1","1","1","1","2","2"],
                "pairs":[],"a4":"415","offsets":"","upToPitch":true""");
        done(job, "pickups/target", """
                ,"usualBass":{"low":"3","high":"3.4"},"usualTreble":{"low":"2.5","high":"3"},
                "strongBass":{"low":"4","high":"4.5"},"strongTreble":{"low":"3.5","high":"4"}""");
        for (String what : List.of("intonation", "pickups"))
            assertThat(app.put("/api/jobs/" + job + "/wishes", "{\"what\":\"" + what + "\",\"scope\":\"SHOP\"}")
                            .status())
                    .isLessThan(300);
        JsonNode next = job(open("BARRELS", "PICKUPS", ""));
        assertThat(next.get("intonation").get("ways").get("a4").asString()).isEqualTo("415");
        assertThat(next.get("pickups")
                        .get("pickups")
                        .get(0)
                        .get("gaps")
                        .get(0)
                        .get("target")
                        .asString())
                .isEqualTo("3.00 – 3.40");
        assertThat(post(job, "pickups/target", """
                ,"usualBass":{"low":"3","high":"2"},"usualTreble":{"low":"2.5","high":"3"},
                "strongBass":{"low":"4","high":"4.5"},"strongTreble":{"low":"3.5","high":"4"}""").status()).isEqualTo(400);
        // the others of this test start with what is usual
        String back = "{\"what\":\"%s\",\"scope\":\"SHOP\"}";
        long usual = open("INDIVIDUAL", "INTONATION", "");
        done(usual, "intonation/ways", """
                ,"frets":[12],"where":"TWELFTH","reference":"OPEN","tolerances":["1.5","1.5","1.5","1.5","1.5","3"],
                "pairs":[],"a4":"440","offsets":"","upToPitch":true""");
        done(usual, "pickups/target", """
                ,"usualBass":{"low":"2.2","high":"2.8"},"usualTreble":{"low":"1.7","high":"2.3"},
                "strongBass":{"low":"3.4","high":"4"},"strongTreble":{"low":"3","high":"3.6"}""");
        for (String what : List.of("intonation", "pickups"))
            app.put("/api/jobs/" + usual + "/wishes", back.formatted(what));
    }

    @Test
    void aPatternWithoutItsStepAndAnInstrumentWithoutPickupsAreNamed() {
        long job = open("INDIVIDUAL", "INTONATION", ",\"pickups\":\"none\"");
        JsonNode saddles = done(job, "intonation/places", ",\"places\":[\"0\",\"0.5\",\"1\",\"1.4\",\"1.9\",\"2.6\"]")
                .get("intonation")
                .get("saddles");
        assertThat(saddles.get("pattern").get(0).asString()).contains("does not step back");
        assertThat(saddles.get("starts").get(5).asString()).isEqualTo("1 e: at the scale length");
        assertThat(post(job, "pickups/down", ",\"down\":true").status()).isEqualTo(400);
        JsonNode moved = done(job, "intonation/saddles", ",\"back\":[\"0.5\",\"\",\"\",\"\",\"\",\"-1/64in\"]");
        assertThat(moved.get("intonation")
                        .get("saddles")
                        .get("saddles")
                        .get(0)
                        .get("moved")
                        .asString())
                .isEqualTo("0.50 mm back since as found");
        assertThat(moved.get("tape").get(0).get("text").asString())
                .isEqualTo("Saddle 6 0.50 mm back, Saddle 1 0.40 mm to the nut");
        JsonNode travel = done(job, "intonation/travel", ",\"support\":0,\"forward\":\"2\",\"back\":\"1\"");
        assertThat(travel.get("intonation")
                        .get("saddles")
                        .get("saddles")
                        .get(0)
                        .get("room")
                        .asString())
                .isEqualTo("2.00 mm towards the nut, 1.00 mm back");
        JsonNode other = done(job, "intonation/direction", ",\"clockwiseBack\":false");
        assertThat(other.get("intonation").get("saddles").get("screw").asString())
                .endsWith("towards the nut");
        done(job, "intonation/strings-renewed", ",\"string\":2");
        assertThat(job(job).get("tape").get(0).get("text").asString()).isEqualTo("String 2 replaced");
    }
}
