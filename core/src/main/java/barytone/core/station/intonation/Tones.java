package barytone.core.station.intonation;

import barytone.core.estimate.Normal;
import barytone.core.instrument.InstrumentSpec;
import barytone.core.intonation.IntonationWays;
import barytone.core.intonation.Sounded;
import barytone.core.job.JobState;
import barytone.core.quantity.Cents;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * What follows from the log about pitch.
 *
 * @param notes every pitch read, oldest first
 * @param foundBefore errors as found, per string and fret, of strings that were replaced since
 * @param sessions the session that every string is in now, string 1 first
 * @param slack strings that were taken off pitch and not brought back
 * @param shifts how far back every string's saddle was moved since as found, in mm, string 1 first
 * @param moved the same for every support, from bass to treble
 * @param screwPitch of the length screws, mm per turn
 * @param clockwiseBack whether a clockwise turn moves a saddle away from the nut
 * @param answers how each support answered its last turn
 * @param owed what a support that stayed still owes of its turn, mm back
 * @param room how far each support can still go, where it was looked at
 * @param stretches drops in cents heard after stretching, per string
 * @param places of the saddles behind the first one's, in mm, string 1 first; null when not looked at
 */
public record Tones(
        IntonationWays ways,
        List<HeardNote> notes,
        Map<Integer, Map<Integer, Double>> foundBefore,
        List<Integer> sessions,
        List<Integer> slack,
        List<Double> shifts,
        List<Double> moved,
        Normal screwPitch,
        boolean clockwiseBack,
        Map<Integer, Answer> answers,
        Map<Integer, Double> owed,
        Map<Integer, Room> room,
        StringAge age,
        Map<Integer, List<Double>> stretches,
        @Nullable List<Double> places)
        implements JobState.Heard, JobState.TunedTo {
    /** Of a job. */
    public static Tones of(JobState job) {
        return job.room(Tones.class);
    }

    @Override
    public boolean any() {
        return !notes.isEmpty();
    }

    @Override
    public double a4() {
        return ways.a4();
    }

    /** The pitch of a note in the tuning agreed on, Hz. */
    public double pitch(InstrumentSpec spec, int string, Sounded sounded) {
        return spec.tuning().get(string - 1).frequency(ways.a4())
                * Cents.ratio(ways.offsets().get(string - 1) + sounded.cents());
    }

    /** How a saddle answered a turn of its screw. */
    public enum Answer {
        FOLLOWED,
        /** The pitch hardly moved: the saddle did not go with its screw. */
        STAYED,
        /** The pitch moved the wrong way. */
        WRONG_WAY
    }

    /** How far a saddle can still go, mm. */
    public record Room(double forward, double back) {}

    /** The last note of a string in a session, sounded in a way. */
    public Optional<HeardNote> in(int session, int string, Sounded sounded) {
        return notes.reversed().stream()
                .filter(n -> !n.offPitch()
                        && n.read().string() == string
                        && n.session() == session
                        && n.read().sounded().equals(sounded))
                .findFirst();
    }

    /**
     * The open note that a later note of the string was sounded against: the last one before it in its session, for whoever sounds the open string again may
     * have tuned it in between; without one before, the first one after.
     */
    public Optional<HeardNote> openFor(HeardNote note) {
        Optional<HeardNote> before = notes.reversed().stream()
                .filter(n -> n.seq() < note.seq() && openOf(n, note))
                .findFirst();
        return before.isPresent()
                ? before
                : notes.stream().filter(n -> openOf(n, note)).findFirst();
    }

    private static boolean openOf(HeardNote open, HeardNote note) {
        return !open.offPitch()
                && open.read().string() == note.read().string()
                && open.session() == note.session()
                && open.read().sounded().equals(Sounded.OPEN);
    }

    /** Every note of a string that counts, sounded in a way, oldest first. */
    public List<HeardNote> all(int string, Sounded sounded) {
        return notes.stream()
                .filter(n -> !n.offPitch()
                        && n.read().string() == string
                        && n.read().sounded().equals(sounded))
                .toList();
    }

    /** How often the saddle of a string was moved from where a fretted note of it had been sounded. */
    public long movedOften(int string) {
        long places = notes.stream()
                .filter(n -> !n.offPitch()
                        && n.read().string() == string
                        && n.read().sounded().how() == Sounded.How.FRETTED)
                .map(HeardNote::shift)
                .distinct()
                .count();
        return Math.max(0, places - 1);
    }

    /** The last note of a string that counts, sounded in a way. */
    public Optional<HeardNote> last(int string, Sounded sounded) {
        return notes.reversed().stream()
                .filter(n -> !n.offPitch()
                        && n.read().string() == string
                        && n.read().sounded().equals(sounded))
                .findFirst();
    }

    /** The error of a fretted note as found, before the first move on the job; empty when it was not read then. */
    public Optional<Double> found(int string, int fret) {
        Map<Integer, Double> before = foundBefore.get(string);
        if (before != null) return Optional.ofNullable(before.get(fret));
        return notes.stream()
                .filter(n -> n.asFound()
                        && !n.offPitch()
                        && n.read().string() == string
                        && n.read().sounded().equals(Sounded.at(fret)))
                .findFirst()
                .map(this::error);
    }

    /** Whether fretted notes are compared with the harmonic: never on old strings, whatever was chosen. */
    public boolean againstHarmonic() {
        return ways.reference() == IntonationWays.Reference.HARMONIC && !age.provisional();
    }

    /** The session that a string is in. */
    public int session(int string) {
        return sessions.get(string - 1);
    }

    /** How far back the saddle of a string was moved since as found, mm. */
    public double shift(int string) {
        return shifts.get(string - 1);
    }

    /**
     * The error of a fretted note against its reference at the same tuning, in cents; against an open string that was not read it is
     * taken to be in tune.
     */
    public double error(HeardNote fretted) {
        int string = fretted.read().string();
        if (againstHarmonic()) {
            Optional<HeardNote> harmonic = in(fretted.session(), string, Sounded.HARMONIC);
            if (harmonic.isPresent())
                return fretted.read().cents() - harmonic.get().read().cents();
        }
        return fretted.read().cents()
                - openFor(fretted).map(n -> n.read().cents()).orElse(0.0);
    }
}
