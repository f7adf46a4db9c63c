package barytone.core.pitch;

import barytone.core.quantity.Cents;
import java.util.List;
import java.util.stream.DoubleStream;
import org.jspecify.annotations.Nullable;

/**
 * Hears whether a note rings, buzzes or is cut short. The upper partials of a free string die away faster than the lower ones from the first moment on. A string that
 * strikes a crown is given new ones at every swing: they stay up, or grow, while it strikes, and the note is brighter than the same string's others. How bright a free
 * string is differs so much from one to the next that without three of its other notes only what is plain is told. What is not one string that rings is not judged.
 */
public final class NoteEar {
    /** So many other notes of a string tell how bright it is. */
    public static final int ENOUGH = 3;

    /** A note below this ring is cut short, s. */
    private static final double SHORT = 0.22;

    /** So is one that rings for less than this share of what the string's others do. */
    private static final double SHARE = 1 / 3.0;

    /** Below this ring it may be cut short, s. */
    private static final double MAY_BE_SHORT = 0.4;

    /** So it may below so many swings: a low string that is damped by a hand rings longer than a high one that is free. */
    private static final double FEW_SWINGS = 170;

    /** However low it is, a note that rings so long is not cut short, s. */
    private static final double LONG = 0.9;

    /** Farther off than this it is another note, cents. */
    public static final double ANOTHER = 60;

    /** Whether it is the note that is expected is told by a pitch that would not do for tuning: what strikes, or is cut short, wavers. */
    private static final double RECOGNISED = 0.25;

    /** Told as a buzz from here on, as clean below there. */
    private static final double BUZZES = 0.9;

    private static final double CLEAN = 0.15;

    /** The power of a pluck rises by this over what rang before. */
    private static final double PLUCKED = 3;

    /** What rises so soon after a pluck is the same one, s. */
    private static final double AGAIN = 0.2;

    /** Hum and what else is below the string's partials does not matter to the fallback. */
    private static final double LOWEST_PARTIALS = 4;

    /** How a note sounds. */
    public enum Verdict {
        CLEAN,
        BUZZ,
        CHOKED,
        UNSURE
    }

    /**
     * What is remembered of a note to compare others of its string with; nothing of its sound is.
     *
     * @param brightness upper partials against lower ones shortly after the pluck, dB
     * @param ring how long it takes to fall by 20 dB, s; 0 where it is not known
     */
    public record Shape(double brightness, double ring) {}

    /**
     * A note that was listened to.
     *
     * @param frequency of the first partial, Hz; null where no one note was heard
     * @param confidence of the verdict, 0 to 1
     * @param shape null where it was not judged
     * @param why it is not judged; null where it is
     */
    public record Note(
            @Nullable Double frequency,
            Verdict verdict,
            double confidence,
            @Nullable Shape shape,
            Heard.@Nullable Reason why) {
        /** Nothing was listened to. */
        public static final Note NONE = unheard(null);

        private static Note unheard(Heard.@Nullable Reason why) {
            return new Note(null, Verdict.UNSURE, 0, null, why);
        }

        /** What others of its string are compared with; null for a note that was not judged, or that buzzes or is cut short. */
        public @Nullable Shape other() {
            return verdict == Verdict.CLEAN || verdict == Verdict.UNSURE ? shape : null;
        }

        /** How long it takes to fall by 20 dB, s; 0 where it is not known. */
        public double ring() {
            return shape == null ? 0 : shape.ring;
        }
    }

    private NoteEar() {}

    /** How long ago a string was plucked last, s; negative where none was while it was listened. */
    public static double pluckedAgo(Sound sound) {
        Envelope envelope = new Envelope(PitchEstimator.level(sound.samples()), sound.rate());
        int last = -1;
        for (int at = envelope.rise(0, PLUCKED);
                at >= 0;
                at = envelope.rise(at + (int) (AGAIN * sound.rate()), PLUCKED)) last = at;
        return last < 0 ? -1 : sound.seconds() - last / sound.rate();
    }

    /**
     * Listens to a recording of one note.
     *
     * @param near the frequency that is expected, Hz; 0 for none
     * @param others notes of the same string that were heard before and did not buzz
     */
    public static Note hear(Sound sound, double near, List<Shape> others) {
        Heard heard = pitch(NoteBands.note(sound), near);
        if (!(heard instanceof Heard.Pitch pitch)) return Note.unheard(((Heard.Nothing) heard).reason());
        double f = pitch.firstPartial();
        NoteBands bands = NoteBands.of(sound, f);
        Shape shape = new Shape(bands.brightness(), bands.ring());
        double tooShort = Math.max(SHORT, SHARE * usualRing(others));
        boolean cutShort = shape.ring > 0 && shape.ring < tooShort;
        if (pitch.confidence() < (near > 0 ? RECOGNISED : Heard.BELIEVED)) return Note.unheard(Heard.Reason.UNSTEADY);
        if (near > 0 && Math.abs(Cents.above(near, f)) > ANOTHER) return new Note(f, Verdict.UNSURE, 0, null, null);
        if (cutShort) return new Note(f, Verdict.CHOKED, 1 - shape.ring / tooShort / 2, shape, null);
        boolean mayBe = shape.ring > 0 && shape.ring < mayBeShort(f, others);
        if (mayBe || !bands.tells()) return new Note(f, Verdict.UNSURE, 0, shape, null);
        double buzz = buzz(bands, f, others);
        if (buzz > BUZZES) return new Note(f, Verdict.BUZZ, buzz, shape, null);
        return buzz < CLEAN
                ? new Note(f, Verdict.CLEAN, 1 - buzz, shape, null)
                : new Note(f, Verdict.UNSURE, Math.abs(2 * buzz - 1), shape, null);
    }

    /** What other notes of its string ring for tells it better than what strings usually do. */
    private static double mayBeShort(double f, List<Shape> others) {
        return others.size() < ENOUGH
                ? Math.max(MAY_BE_SHORT, Math.min(LONG, FEW_SWINGS / f))
                : Math.max(MAY_BE_SHORT, 1.5 * SHARE * usualRing(others));
    }

    /** A string that strikes may hide its pitch among its upper partials: then the lower ones are asked. */
    private static Heard pitch(Sound sound, double near) {
        Heard heard = PitchEstimator.hear(sound, near);
        boolean unsteady = heard instanceof Heard.Nothing nothing
                ? nothing.reason() == Heard.Reason.UNSTEADY
                : heard.believed() == null;
        if (near == 0 || !unsteady) return heard;
        double[] low = Biquad.below(LOWEST_PARTIALS * near, sound.rate()).twice(sound.samples());
        Heard lower = PitchEstimator.hear(new Sound(low, sound.rate()), near);
        return lower instanceof Heard.Pitch ? lower : heard;
    }

    /** How likely it strikes something: by what no free string does, and by how much brighter it is than the string's others. */
    private static double buzz(NoteBands bands, double f, List<Shape> others) {
        double growth = bands.growth();
        double plain = 0.6 * growth + 0.35 * (bands.brightness() - NoteBands.usual(f) - 6);
        if (others.size() < ENOUGH) return odds(plain);
        double brighter = bands.brightness() - median(others.stream().mapToDouble(Shape::brightness));
        double compared = 0.8 * (brighter - 5) + 0.25 * (growth + 4);
        return Math.max(odds(compared), odds(plain) > BUZZES ? odds(plain) : 0);
    }

    private static double odds(double log) {
        return 1 / (1 + Math.exp(-log));
    }

    private static double usualRing(List<Shape> others) {
        return others.size() < ENOUGH
                ? 0
                : median(others.stream().mapToDouble(Shape::ring).filter(r -> r > 0));
    }

    private static double median(DoubleStream values) {
        double[] sorted = values.sorted().toArray();
        return sorted.length == 0 ? 0 : sorted[sorted.length / 2];
    }
}
