package barytone.core.station.intonation;

import barytone.core.intonation.IntonationWays;
import barytone.core.intonation.Sounded;
import barytone.core.intonation.ToneForecast;
import barytone.core.job.JobEvent;
import barytone.core.job.JobState;
import barytone.core.pitch.Heard;
import barytone.core.pitch.Listening;
import barytone.core.pitch.TuneUp;
import barytone.core.quantity.Cents;
import java.util.Comparator;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * What was heard on a job: which note it is, and whether it can be taken.
 *
 * @param note the one that is heard; the expected one when none is
 * @param frequency that is wanted of it, Hz
 * @param pitch that was heard; null when there is none
 * @param cents of the first partial above the wanted frequency; 0 when there is none
 */
public record Hearing(
        Mode mode, Intonation.Wanted note, double frequency, Heard.@Nullable Pitch pitch, double cents, Call call) {
    /** A note this far off may be another one, cents. */
    private static final double OTHER = 80;

    /** So near a note is recognised that was not the expected one, cents. */
    private static final double RECOGNISED = 25;

    /** A pitch that moves more than this while it rings is not held still, cents. */
    private static final double SWINGS = 3;

    /** … and more than this is no single note, cents. */
    private static final double TOO_FAR = 30;

    /** As many moments are needed to tell a swing. */
    private static final int MOMENTS = 6;

    /** Sharper than the forecast by this, and unsteady, is a hard grip, cents. */
    private static final double GRIPPED = 8;

    /** The widest tolerance that tuning up knows, cents. */
    private static final double LOOSEST = 10;

    /** What is listened for. */
    public enum Mode {
        /** A note of the intonation ledger. */
        NOTE,
        /** The open string after it was stretched. */
        STRETCH,
        /** The loudness of the open string over a pickup. */
        LEVEL
    }

    /** What to make of it. */
    public enum Call {
        /** No pitch. */
        NOTHING,
        /** The one that was taken last still rings. */
        RINGS_ON,
        /** A pitch, and none of the notes that are wanted. */
        ANOTHER,
        /** Sharp and unsteady under a finger. */
        GRIPPED,
        /** It goes up and down, and will not settle. */
        WAVERS,
        /** The right note, not steady yet. */
        RINGING,
        /** An open string that is flat. */
        UP,
        /** An open string that is sharp. */
        DOWN,
        /** An open string that came down to its pitch. */
        DROP_AND_COME_UP,
        /** Steady, and to be recorded. */
        TAKE
    }

    /**
     * Judges what was heard.
     *
     * @param expected the note that is asked for
     * @param fresh nothing is taken before a string was plucked anew
     * @param asIs take a pitch that wavers as it is
     */
    public static Hearing of(
            JobState job, Mode mode, Listening heard, Intonation.Wanted expected, boolean fresh, boolean asIs) {
        Heard.Pitch now = heard.now();
        double asked = Tones.of(job).pitch(job.spec(), expected.string(), expected.sounded());
        boolean ringsOn = fresh && !heard.plucked();
        if (now == null || ringsOn)
            return new Hearing(mode, expected, asked, null, 0, now == null ? Call.NOTHING : Call.RINGS_ON);
        Intonation.Wanted note = mode == Mode.NOTE ? meant(job, expected, now.firstPartial()) : expected;
        double frequency = Tones.of(job).pitch(job.spec(), note.string(), note.sounded());
        double cents = Cents.above(frequency, now.firstPartial());
        if (Math.abs(cents) > OTHER) return new Hearing(mode, expected, asked, now, cents, Call.ANOTHER);
        return new Hearing(mode, note, frequency, now, cents, call(job, mode, heard, note, cents, asIs));
    }

    /** The note that is meant: the expected one, or of those still wanted the one that is heard. */
    private static Intonation.Wanted meant(JobState job, Intonation.Wanted expected, double heard) {
        if (off(job, expected, heard) <= OTHER) return expected;
        return Intonation.of(job).wanted().stream()
                .min(Comparator.comparingDouble(w -> off(job, w, heard)))
                .filter(w -> off(job, w, heard) <= RECOGNISED)
                .orElse(expected);
    }

    private static double off(JobState job, Intonation.Wanted note, double heard) {
        return Math.abs(Cents.above(Tones.of(job).pitch(job.spec(), note.string(), note.sounded()), heard));
    }

    private static Call call(
            JobState job, Mode mode, Listening heard, Intonation.Wanted note, double cents, boolean asIs) {
        if (heard.steady() == null) {
            if (gripped(job, heard, note, cents)) return Call.GRIPPED;
            return !wavers(heard) ? Call.RINGING : asIs ? Call.TAKE : Call.WAVERS;
        }
        if (mode != Mode.NOTE || note.sounded().how() != Sounded.How.OPEN) return Call.TAKE;
        IntonationWays ways = Tones.of(job).ways();
        double tolerance = Math.min(LOOSEST, ways.tolerance(note.string()));
        TuneUp plan = new TuneUp(job.spec().tuning(), ways.a4(), ways.offsets(), tolerance, ways.upToPitch());
        return switch (plan.judge(heard, heard.steady().firstPartial(), note.string())
                .call()) {
            case TAKE -> Call.TAKE;
            case UP -> Call.UP;
            case DOWN -> Call.DOWN;
            case DROP_AND_COME_UP -> Call.DROP_AND_COME_UP;
            case FAR_OFF -> Call.ANOTHER;
        };
    }

    private static boolean gripped(JobState job, Listening heard, Intonation.Wanted note, double cents) {
        if (note.sounded().how() != Sounded.How.FRETTED || heard.spread() <= SWINGS) return false;
        double[] forecast = ToneForecast.cents(
                job.spec(),
                Tones.of(job).ways().a4(),
                note.string(),
                Tones.of(job).shift(note.string()),
                job.estimate().likely(note.string()));
        return cents > forecast[note.sounded().fret()] + GRIPPED;
    }

    /** The pitch is heard all the time, and turns up and down without settling. */
    private static boolean wavers(Listening heard) {
        List<Listening.Moment> trace = heard.trace();
        if (trace.size() < MOMENTS || heard.spread() <= SWINGS || heard.spread() > TOO_FAR) return false;
        int turns = 0;
        for (int i = 2; i < trace.size(); i++) {
            double before = trace.get(i - 1).frequency() - trace.get(i - 2).frequency();
            double now = trace.get(i).frequency() - trace.get(i - 1).frequency();
            if (before * now < 0) turns++;
        }
        return turns >= 2;
    }

    /** What becomes of a level that was heard over a pickup. */
    public interface Level {
        /** The entry of a string's loudness, dB against full scale. */
        JobEvent of(int string, double decibels);
    }

    /**
     * What is to be recorded.
     *
     * @param level what becomes of a level
     * @param wavered it was taken although it did not settle
     * @throws IllegalStateException when it is not to be taken
     */
    public JobEvent event(Ear ear, Level level, boolean wavered) {
        if (call != Call.TAKE || pitch == null) throw new IllegalStateException("not to be taken: " + call);
        return switch (mode) {
            case STRETCH -> new ToneEvent.Stretched(note.string(), Math.max(0, -cents));
            case LEVEL -> level.of(note.string(), pitch.loudness());
            case NOTE ->
                new ToneEvent.PitchRead(
                        note.string(), note.sounded(), cents, ear, pitch.inharmonicity(), wavered, false, "");
        };
    }
}
