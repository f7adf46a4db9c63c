package barytone.server.sound;

import barytone.core.pitch.Sound;
import barytone.core.quantity.Allowed;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import javax.sound.sampled.AudioFileFormat;
import javax.sound.sampled.AudioFormat;
import javax.sound.sampled.AudioInputStream;
import javax.sound.sampled.AudioSystem;
import javax.sound.sampled.UnsupportedAudioFileException;

/** WAV files. */
public final class Wav {
    private static final String FIELD = "sound";
    private static final String ALLOWED =
            "a WAV file, 16-bit PCM or float, mono or stereo, 8 to 192 kHz, up to " + (int) Sound.LONGEST + " s";
    private static final int FLOAT_BITS = 32;

    private Wav() {}

    /**
     * Reads one. Of a stereo file both sides are added.
     *
     * @throws barytone.core.quantity.OutOfRangeException when it is none, another kind, cut off or too long
     */
    public static Sound read(byte[] file) {
        if (file.length == 0) throw Allowed.broken(FIELD, "nothing", ALLOWED);
        try (AudioInputStream in = AudioSystem.getAudioInputStream(new ByteArrayInputStream(file))) {
            AudioFormat format = in.getFormat();
            if (!AudioFileFormat.Type.WAVE.equals(AudioSystem.getAudioFileFormat(new ByteArrayInputStream(file))
                    .getType())) throw Allowed.broken(FIELD, "another kind of sound file", ALLOWED);
            boolean whole =
                    AudioFormat.Encoding.PCM_SIGNED.equals(format.getEncoding()) && format.getSampleSizeInBits() >= 16;
            if (!whole && !AudioFormat.Encoding.PCM_FLOAT.equals(format.getEncoding()))
                throw Allowed.broken(
                        FIELD, format.getEncoding() + ", " + format.getSampleSizeInBits() + " bits", ALLOWED);
            if (format.getChannels() > 2) throw Allowed.broken(FIELD, format.getChannels() + " channels", ALLOWED);
            Allowed.number("rate", format.getSampleRate(), 8000, 192_000, "Hz");
            long frames = in.getFrameLength();
            double seconds = frames / (double) format.getSampleRate();
            if (seconds > Sound.LONGEST) throw Allowed.broken(FIELD, Math.round(seconds * 10) / 10.0 + " s", ALLOWED);
            return mono(in, format, frames);
        } catch (UnsupportedAudioFileException e) {
            throw Allowed.broken(FIELD, "something else or a file cut off in its head", ALLOWED);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static Sound mono(AudioInputStream in, AudioFormat format, long frames) throws IOException {
        int channels = format.getChannels();
        AudioFormat floats = new AudioFormat(
                AudioFormat.Encoding.PCM_FLOAT,
                format.getSampleRate(),
                FLOAT_BITS,
                channels,
                channels * Float.BYTES,
                format.getSampleRate(),
                false);
        byte[] bytes;
        try (AudioInputStream converted = AudioSystem.getAudioInputStream(floats, in)) {
            bytes = converted.readAllBytes();
        }
        int found = bytes.length / (channels * Float.BYTES);
        if (frames > 0 && found < frames)
            throw Allowed.broken(
                    FIELD,
                    "a file cut off: " + found + " of " + frames + " samples",
                    "a whole file; record or copy it again");
        ByteBuffer buffer = ByteBuffer.wrap(bytes).order(ByteOrder.LITTLE_ENDIAN);
        double[] samples = new double[found];
        for (int i = 0; i < found; i++) {
            for (int c = 0; c < channels; c++) samples[i] += buffer.getFloat() / channels;
            if (!Double.isFinite(samples[i]) || Math.abs(samples[i]) > 8)
                throw Allowed.broken(FIELD, "samples that are no sound", ALLOWED);
        }
        return new Sound(samples, format.getSampleRate());
    }

    /** Writes one: 16-bit PCM, mono. */
    public static byte[] write(Sound sound) {
        ByteBuffer pcm =
                ByteBuffer.allocate(sound.samples().length * Short.BYTES).order(ByteOrder.LITTLE_ENDIAN);
        for (double s : sound.samples()) pcm.putShort((short) Math.round(Math.clamp(s, -1, 1) * Short.MAX_VALUE));
        AudioFormat format = new AudioFormat((float) sound.rate(), Short.SIZE, 1, true, false);
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try (AudioInputStream in =
                new AudioInputStream(new ByteArrayInputStream(pcm.array()), format, sound.samples().length)) {
            AudioSystem.write(in, AudioFileFormat.Type.WAVE, out);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return out.toByteArray();
    }
}
