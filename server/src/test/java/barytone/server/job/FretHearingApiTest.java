package barytone.server.job;

import static org.assertj.core.api.Assertions.assertThat;

import barytone.core.pitch.PluckedSound;
import barytone.core.pitch.Sound;
import barytone.core.pitch.StrikingString;
import barytone.server.RunningBarytone.Answer;
import barytone.server.sound.Wav;
import java.util.Arrays;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** The board is filled by ear, over HTTP. */
class FretHearingApiTest extends JobsOverHttp {
    private static final double RATE = 44_100;
    private static final double LOW_E = 82.407;

    private static double at(int fret) {
        return LOW_E * Math.pow(2, fret / 12.0);
    }

    private static Sound note(double frequency, double gap) {
        return StrikingString.of(frequency, 8e-5, gap).noise(45).sound(1.5, RATE, 3);
    }

    /** As a microphone hears it: the room, then the note, as far as it went. */
    private static Sound heardLive(Sound note, double seconds) {
        int quiet = (int) (0.3 * RATE);
        double[] x = Arrays.copyOf(new double[quiet], quiet + (int) (seconds * RATE));
        System.arraycopy(note.samples(), 0, x, quiet, x.length - quiet);
        for (int i = 0; i < quiet; i++) x[i] = 1e-4 * Math.sin(i * 1.7);
        return new Sound(x, RATE);
    }

    private static JsonNode hear(long job, Sound sound, int fret, String more) {
        Answer answer = app().postSound(
                        "/api/jobs/%d/frets/hear?after=%d&key=%s&string=6&fret=%d%s"
                                .formatted(job, app().seq(job), UUID.randomUUID(), fret, more),
                        Wav.write(sound));
        assertThat(answer.status()).as(answer.text()).isEqualTo(200);
        return answer.json();
    }

    private static JsonNode marks(long job) {
        return job(job).at("/frets/marks");
    }

    @Test
    void aNoteIsMarkedWhenItIsSureAndOnlyThen() {
        long job = electric("By ear");
        JsonNode waiting = hear(job, new Sound(new double[(int) RATE], RATE), 3, "");
        assertThat(waiting.get("call").asString()).isEqualTo("waiting");
        assertThat(waiting.get("fresh").asBoolean()).isFalse();
        JsonNode soon = hear(job, heardLive(note(at(3), 1), 0.5), 3, "");
        assertThat(soon.get("call").asString()).isEqualTo("listening");
        assertThat(marks(job)).isEmpty();
        JsonNode clean = hear(job, heardLive(note(at(3), 1), 1.2), 3, "");
        assertThat(clean.get("call").asString()).isEqualTo("take");
        assertThat(clean.at("/job/frets/marks/0/mark").asString()).isEqualTo("clean");
        assertThat(clean.get("headline").asString().replace('\u00a0', ' ')).isEqualTo("6 E at 3 rings clean");
        assertThat(clean.get("brightness").asDouble()).isNegative();
        JsonNode buzz = hear(job, heardLive(note(at(4), 0.3), 1.2), 4, "");
        assertThat(buzz.get("mark").asString()).isEqualTo("buzz");
        assertThat(buzz.get("percent").asInt()).isGreaterThan(89);
        // what buzzes is nothing to compare others with
        assertThat(buzz.hasNonNull("brightness")).isFalse();
        assertThat(marks(job)).hasSize(2);
    }

    @Test
    void anotherFretOfTheStringIsRecognisedAndWhatItDoesNotHaveIsNot() {
        long job = electric("Another fret");
        JsonNode heard = hear(job, heardLive(note(at(7), 1), 1.2), 3, "");
        assertThat(heard.get("fret").asInt()).isEqualTo(7);
        assertThat(marks(job).get(0).get("fret").asInt()).isEqualTo(7);
        // a low string that this one has not, and a pitch between two frets
        assertThat(hear(job, heardLive(note(61.7, 1), 1.2), 3, "").get("call").asString())
                .isEqualTo("another");
        assertThat(hear(job, heardLive(note(at(7) * 1.028, 1), 1.2), 3, "")
                        .get("call")
                        .asString())
                .isEqualTo("another");
        assertThat(marks(job)).hasSize(1);
    }

    @Test
    void theLastPluckIsTheOneThatIsMeant() {
        long job = electric("Last pluck");
        Sound first = heardLive(note(at(2), 1), 0.9);
        double[] x = Arrays.copyOf(first.samples(), first.samples().length + (int) (1.0 * RATE));
        System.arraycopy(note(at(3), 1).samples(), 0, x, first.samples().length, (int) (1.0 * RATE));
        assertThat(hear(job, new Sound(x, RATE), 3, "").get("fret").asInt()).isEqualTo(3);
    }

    @Test
    void othersOfTheStringDecideWhatIsBright() {
        long job = electric("Bright strings");
        // a bright new string: unsure by itself, clean beside others like it, a buzz beside duller ones
        Sound bright =
                heardLive(PluckedSound.of(at(5), 1e-5).pluckedAt(0.03).noise(45).sound(1.5, RATE, 1), 1.2);
        JsonNode alone = hear(job, bright, 5, "");
        assertThat(alone.get("call").asString()).as(alone.toString()).isEqualTo("unsure");
        String brightness = alone.get("brightness").asString();
        String like = "&brightness=%1$s,%1$s,%1$s&ring=1.5,1.5,1.5".formatted(brightness);
        assertThat(hear(job, bright, 5, like).get("mark").asString()).isEqualTo("clean");
        String duller = "&brightness=-28,-27,-28&ring=1.5,1.5,1.5";
        assertThat(hear(job, bright, 5, duller).get("mark").asString()).isEqualTo("buzz");
        Answer odd = app().postSound(
                        "/api/jobs/%d/frets/hear?after=0&key=k&string=6&fret=5&brightness=-20&ring=".formatted(job),
                        Wav.write(bright));
        assertThat(odd.status()).isEqualTo(400);
        assertThat(odd.text()).contains("one for each brightness, 1");
    }

    @Test
    void theStandInHasOneHighFretWhichSpoilsTheNotesBelowItAlone() {
        long job = electric("Stand-in");
        readAll(job, 1.8, 1.7, 1.6, 1.5, 1.4, 1.3);
        int high = 5 + (int) Math.floorMod(job, 7L);
        for (int fret : new int[] {high - 1, high, high + 2}) {
            byte[] wav = app().bytes("/api/jobs/" + job + "/frets/stand-in?string=6&fret=" + fret);
            Answer answer = app().postSound("/api/scratch/note?near=" + at(fret), wav);
            assertThat(answer.json().get("verdict").asString())
                    .as("%s of high fret %s: %s", fret, high, answer.text())
                    .isIn(fret == high - 1 ? new String[] {"buzz", "unsure"} : new String[] {"clean"});
        }
    }

    @Test
    void aFileWithoutAJobIsJudgedOrHonestlyNot() {
        JsonNode buzz = app().postSound("/api/scratch/note?near=82.4", Wav.write(note(LOW_E, 0.3)))
                .json();
        assertThat(buzz.get("verdict").asString()).isEqualTo("buzz");
        assertThat(buzz.get("frequency").asDouble()).isBetween(82.0, 83.0);
        assertThat(buzz.get("ring").asDouble()).isBetween(0.3, 4.0);
        JsonNode silence = app().postSound("/api/scratch/note", Wav.write(new Sound(new double[20_000], RATE)))
                .json();
        assertThat(silence.get("verdict").asString()).isEqualTo("unsure");
        assertThat(silence.hasNonNull("frequency")).isFalse();
        assertThat(app().postSound("/api/scratch/note", new byte[] {1, 2}).status())
                .isEqualTo(400);
    }
}
