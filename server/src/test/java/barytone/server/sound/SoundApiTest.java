package barytone.server.sound;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import barytone.core.pitch.PluckedSound;
import barytone.core.pitch.Sound;
import barytone.server.RunningBarytone;
import barytone.server.RunningBarytone.Answer;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.Locale;
import javax.sound.sampled.AudioFileFormat;
import javax.sound.sampled.AudioFormat;
import javax.sound.sampled.AudioInputStream;
import javax.sound.sampled.AudioSystem;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

/** Sound files over HTTP: the pitch in them, the tuner's judgement, and every kind of bad sound. */
class SoundApiTest {
    private static final String TUNING = "/api/listen?tuning=E2%20A2%20D3%20G3%20B3%20E4";
    private static RunningBarytone app;

    @BeforeAll
    static void start(@TempDir Path data) {
        app = RunningBarytone.in(data);
    }

    @AfterAll
    static void stop() {
        app.close();
    }

    private static byte[] string(double frequency) {
        return Wav.write(PluckedSound.of(frequency, 1e-4).noise(30).sound(1.6, 44_100, 2));
    }

    /** A file of another make: bits, channels, rate. */
    private static byte[] wav(Sound sound, int bits, int channels, AudioFormat.Encoding encoding) throws IOException {
        int bytes = bits / 8;
        ByteBuffer data =
                ByteBuffer.allocate(sound.samples().length * bytes * channels).order(ByteOrder.LITTLE_ENDIAN);
        for (double s : sound.samples())
            for (int c = 0; c < channels; c++) {
                // the string is on the left side alone
                double v = c == 0 ? s : 0;
                switch (bits) {
                    case 8 -> data.put((byte) Math.round(v * 127 + 128));
                    case 16 -> data.putShort((short) Math.round(v * 32767));
                    default -> data.putFloat((float) v);
                }
            }
        AudioFormat format = new AudioFormat(
                encoding, (float) sound.rate(), bits, channels, bytes * channels, (float) sound.rate(), false);
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        AudioSystem.write(
                new AudioInputStream(new ByteArrayInputStream(data.array()), format, sound.samples().length),
                AudioFileFormat.Type.WAVE,
                out);
        return out.toByteArray();
    }

    @Test
    void aNoteMayBeAsLongAsAPitchAndMustBeSound() {
        byte[] file = Wav.write(PluckedSound.of(196, 1e-4).noise(30).sound(5, 44_100, 2));
        JsonNode told = app.postSound("/api/scratch/note?near=196", file).json();
        assertThat(told.get("verdict").asString()).isEqualTo("clean");
        assertThat(app.post("/api/scratch/note", "{}").status()).isEqualTo(415);
    }

    @ParameterizedTest
    @CsvSource({"16, 1, 44100", "16, 2, 48000", "32, 1, 96000", "32, 2, 8000"})
    void thePitchOfAFileIsTold(int bits, int channels, double rate) throws IOException {
        Sound sound = PluckedSound.of(110, 1e-4).noise(30).sound(1.2, rate, 4);
        byte[] file = wav(
                sound, bits, channels, bits == 32 ? AudioFormat.Encoding.PCM_FLOAT : AudioFormat.Encoding.PCM_SIGNED);
        JsonNode told = app.postSound("/api/scratch/pitch?near=110.5", file).json();
        assertThat(told.get("frequency").asDouble()).isCloseTo(110, within(0.005));
        assertThat(told.get("cents").asDouble()).isCloseTo(-7.85, within(0.1));
        assertThat(told.get("inharmonicity").asDouble()).isCloseTo(1e-4, within(1e-5));
        assertThat(told.get("confidence").asDouble()).isBetween(0.9, 1.0);
        assertThat(app.postSound("/api/scratch/pitch", file).json().hasNonNull("cents"))
                .isFalse();
    }

    @Test
    void badSoundGetsAClearMessageAndNeverANumber() throws IOException {
        byte[] good = string(110);
        refused(new byte[0], "sound: given nothing");
        refused("not a sound".getBytes(StandardCharsets.US_ASCII), "something else or a file cut off");
        refused(Arrays.copyOf(good, 20), "something else or a file cut off");
        refused(Arrays.copyOf(good, good.length / 2), "a file cut off");
        refused(wav(new Sound(new double[44_100], 44_100), 16, 1, AudioFormat.Encoding.PCM_SIGNED), "Nothing is heard");
        refused(
                wav(PluckedSound.of(110, 0).sound(1, 44_100, 1), 8, 1, AudioFormat.Encoding.PCM_UNSIGNED),
                "8 bits; allowed is a WAV file, 16-bit PCM or float");
        refused(
                wav(new Sound(new double[21 * 8000], 8000), 16, 1, AudioFormat.Encoding.PCM_SIGNED),
                "21.0 s; allowed is a WAV file");
        double[] loud = PluckedSound.of(110, 0).sound(1, 44_100, 1).samples();
        for (int i = 0; i < loud.length; i++) loud[i] = Math.clamp(loud[i] * 8, -1, 1);
        refused(wav(new Sound(loud, 44_100), 16, 1, AudioFormat.Encoding.PCM_SIGNED), "The input is overdriven");
        assertThat(app.postSound("/api/scratch/pitch?near=3", good)
                        .json()
                        .get("detail")
                        .asString())
                .contains("near: given 3; allowed is 20 to 2000 Hz");
    }

    private static void refused(byte[] file, String told) {
        Answer answer = app.postSound("/api/scratch/pitch", file);
        assertThat(answer.status()).as(answer.text()).isEqualTo(400);
        assertThat(answer.type()).contains("problem+json");
        assertThat(answer.json().get("detail").asString()).contains(told);
    }

    @ParameterizedTest
    @CsvSource({
        "82.407, 6 E is in tune, true",
        "109.5,  5 A is flat: tighten, false",
        "148,    '4 D is sharp: loosen below pitch, then come up', false",
        "330,    '1 e is sharp', false"
    })
    void aStringIsRecognisedAndItsTuningTold(double frequency, String headline, boolean take) {
        JsonNode told = app.postSound(TUNING, string(frequency)).json();
        assertThat(told.get("state").asString()).isEqualTo("steady");
        assertThat(told.get("headline").asString().toLowerCase(Locale.ROOT))
                .startsWith(headline.toLowerCase(Locale.ROOT));
        assertThat(told.get("take").asBoolean()).isEqualTo(take);
        assertThat(told.get("trace").size()).isGreaterThan(2);
        assertThat(told.get("detail").asString()).contains("cents").contains("Hz; wanted");
    }

    @Test
    void referenceOffsetsAndTheExpectedStringAreMinded() {
        JsonNode low = app.postSound(TUNING + "&reference=415", string(82.407 * 415 / 440))
                .json();
        assertThat(low.get("take").asBoolean()).isTrue();
        JsonNode off = app.postSound(TUNING + "&offsets=-3%200%200%200%200%200", string(82.407))
                .json();
        // what a tuner shows is the first partial, a tenth of a cent above f on this string
        assertThat(off.get("centsText").asString()).isEqualTo("+3.1");
        JsonNode other = app.postSound(TUNING + "&string=5", string(82.407)).json();
        assertThat(other.get("headline").asString()).contains("far off: another string or octave?");
        assertThat(app.postSound(TUNING + "&offsets=high", string(110))
                        .json()
                        .get("detail")
                        .asString())
                .contains("“high”");
        JsonNode silent = app.postSound(TUNING, Wav.write(new Sound(new double[30_000], 44_100)))
                .json();
        assertThat(silent.get("state").asString()).isEqualTo("nothing");
        assertThat(silent.get("detail").asString()).startsWith("Nothing is heard");
    }

    /** Hands-free: the string that was taken rings on while the next one is expected. */
    @Test
    void whatRingsOnIsNotTakenForTheNextString() {
        Sound rung =
                PluckedSound.of(82.407, 1e-4).noise(40).sound(3.5, 44_100, 2).part(1.2, 3.2);
        JsonNode waiting =
                app.postSound(TUNING + "&string=5&fresh=true", Wav.write(rung)).json();
        assertThat(waiting.get("headline").asString()).isEqualTo("Now pluck 5 A");
        assertThat(waiting.get("take").asBoolean()).isFalse();
        // a pair in unison: the same ringing string would be right for both
        String pair = "/api/listen?kind=MANDOLIN&tuning=G3%20G3%20D4%20D4%20A4%20A4%20E5%20E5&taken=8&fresh=true";
        Sound g = PluckedSound.of(196, 1e-4).noise(40).sound(3.5, 44_100, 2).part(1.2, 3.2);
        JsonNode twin = app.postSound(pair, Wav.write(g)).json();
        assertThat(twin.get("string").asInt()).isEqualTo(7);
        assertThat(twin.get("take").asBoolean()).isFalse();
        // not fresh: the first of all, which may have been plucked long before it came to pitch
        assertThat(app.postSound(TUNING, Wav.write(rung)).json().get("take").asBoolean())
                .isTrue();
    }

    @Test
    void theTuningIsListedAndTheStandInPlaysIt() {
        JsonNode tuning =
                app.get("/api/tuning?tuning=B1%20E2%20A2%20D3%20F%233%20B3").json();
        assertThat(tuning.at("/strings/0/number").asInt()).isEqualTo(6);
        assertThat(tuning.at("/strings/0/target").asString()).isEqualTo("61.74 Hz");
        assertThat(app.get("/api/tuning?tuning=E%20A%20D%20H2")
                        .json()
                        .get("detail")
                        .asString())
                .contains("is not a note");
        assertThat(app.get("/api/stand-in?frequency=110").type()).startsWith("audio/wav");
        assertThat(app.get("/api/stand-in?frequency=9").status()).isEqualTo(400);
    }
}
