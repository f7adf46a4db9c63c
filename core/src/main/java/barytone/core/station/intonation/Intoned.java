package barytone.core.station.intonation;

import barytone.core.estimate.Band;
import barytone.core.estimate.Normal;
import barytone.core.estimate.SetupEstimate;
import barytone.core.height.HeightVerdict;
import barytone.core.intonation.Finger;
import barytone.core.intonation.IntonationWays;
import barytone.core.intonation.NutOrSaddle;
import barytone.core.intonation.SaddleFit;
import barytone.core.intonation.Sounded;
import barytone.core.intonation.ToneForecast;
import barytone.core.job.JobState;
import barytone.core.job.Station;
import barytone.core.neck.StringLine;
import barytone.core.neck.StringState;
import barytone.core.quantity.Cents;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * How the intonation of a string stands: what was read, what has changed since, and what the readings together ask of its saddle.
 *
 * @param errors at the frets that were read, lowest first
 * @param offset what the saddle must take away, as cents at fret 12; positive is sharp; 0 when nothing was read
 * @param saddleBack the move that does it best, in mm, positive away from the nut
 * @param centsPerMm what a millimetre back changes at 12, in cents; negative
 * @param tolerance what is good enough, in cents at 12
 */
public record Intoned(
        int string, List<FretError> errors, double offset, double saddleBack, double centsPerMm, double tolerance) {
    /** A height that has changed the error by this share of the tolerance makes it stale. */
    private static final double SHIFTED = 0.5;

    /** A forecast of what a change of heights does to a note is right to this share of it (1 sd). */
    private static final double FORECAST = 0.35;

    /** One saddle in ten does not go with its screw, which is so much of the whole way (1 sd). */
    private static final double STAYS = 0.3;

    /** How well a crown is filed or a foot pushed, as a share of the way (1 sd). */
    private static final double BY_HAND = 0.1;

    /** Open string and harmonic may disagree by this besides inharmonicity, cents. */
    private static final double FALSE = 2;

    /** The nut is to blame when it is this many standard errors too high. */
    private static final double SURE = 2.5;

    /** No slot is known better than this by hand, mm. */
    private static final double LEAST_SLOT_SD = 0.015;

    /** … and by this much at least, mm. */
    private static final double NUT_MATTERS = 0.05;

    /**
     * The error of a fretted note against its reference, in cents; positive is sharp.
     *
     * @param now what is expected after what was moved since
     * @param byHeights how much of that is owed to relief, nut and action
     * @param bySaddle how much of it to what the saddle was moved since
     * @param moved whether its saddle was moved since
     * @param sounded how well it was read, cents (1 sd)
     */
    public record FretError(int fret, double now, double byHeights, double bySaddle, boolean moved, double sounded) {}

    /** A string of a job. */
    public static Intoned of(JobState job, int string) {
        Tones tones = Tones.of(job);
        StringState likely = job.estimate().likely(string);
        double[] now = forecast(job, string, tones.shift(string), likely);
        List<FretError> errors = new ArrayList<>();
        for (int fret : tones.ways().frets()) {
            Optional<HeardNote> note = tones.last(string, Sounded.at(fret));
            if (note.isEmpty()) continue;
            HeardNote then = note.get();
            double read = tones.error(then);
            double[] was = forecast(job, string, then.shift(), then.setup());
            double[] heights = forecast(job, string, then.shift(), likely);
            errors.add(new FretError(
                    fret,
                    read + now[fret] - was[fret],
                    heights[fret] - was[fret],
                    now[fret] - heights[fret],
                    then.shift() != tones.shift(string),
                    then.read().ear().spread()));
        }
        StringLine line = ToneForecast.line(job.spec(), string, tones.shift(string));
        double perMm = SaddleFit.centsPerMm(line.scale(), line.compensation(), 12);
        double back = 0;
        double offset = 0;
        if (!errors.isEmpty()) {
            SaddleFit fit = SaddleFit.of(line.scale(), line.compensation(), weighted(errors, tones.ways()));
            back = fit.saddleBack();
            offset = -back * perMm;
        }
        return new Intoned(
                string, List.copyOf(errors), offset, back, perMm, tones.ways().tolerance(string));
    }

    private static List<SaddleFit.Reading> weighted(List<FretError> errors, IntonationWays ways) {
        return errors.stream()
                .map(e -> new SaddleFit.Reading(
                        e.fret(), Math.clamp(e.now(), -200, 200), ways.where().weight(e.fret())))
                .toList();
    }

    private static double[] forecast(JobState job, int string, double shift, StringState setup) {
        return ToneForecast.cents(job.spec(), Tones.of(job).ways().a4(), string, shift, setup);
    }

    /**
     * What a change of relief, nut or action does to the error at 12, in cents.
     *
     * @param after the setup expected after it
     */
    public double shift(JobState job, SetupEstimate after) {
        double moved = Tones.of(job).shift(string);
        return forecast(job, string, moved, after.likely(string))[12]
                - forecast(job, string, moved, job.estimate().likely(string))[12];
    }

    public boolean read() {
        return !errors.isEmpty();
    }

    /**
     * How far what is reckoned may be off, cents (1 sd): the note as it was sounded, the heights' share of the change and the saddle's, which is known as well as the
     * thread of its screw, and one in ten stays where it was; of all frets the worst.
     */
    public double spread(JobState job) {
        return errors.stream().mapToDouble(e -> spread(job, e)).max().orElse(0);
    }

    private static double spread(JobState job, FretError error) {
        Normal pitch = Tones.of(job).screwPitch();
        double went =
                job.spec().fittings().bridge().lengthScrewed() ? Math.hypot(pitch.sd() / pitch.mean(), STAYS) : BY_HAND;
        return Math.hypot(error.sounded(), Math.hypot(FORECAST * error.byHeights(), went * error.bySaddle()));
    }

    /** Whether all frets that were chosen are read. */
    public boolean complete(IntonationWays ways) {
        return errors.size() == ways.frets().size();
    }

    /** Whether what stands there is predicted, and must be read again before it is believed. */
    public boolean stale() {
        return errors.stream().anyMatch(this::stale);
    }

    /** Whether one fret must be read again. */
    public boolean stale(FretError error) {
        return error.moved() || Math.abs(error.byHeights()) > SHIFTED * tolerance;
    }

    /**
     * Whether its saddle was moved at least twice and all that was sounded over its places says together that it is within its tolerance: what a single note says
     * otherwise is the finger's and the tuner's, and is not chased any farther.
     */
    public boolean chased(JobState job) {
        Tones tones = Tones.of(job);
        if (!read() || tones.movedOften(string) < 2) return false;
        int main = errors.getLast().fret();
        double[] now = forecast(job, string, tones.shift(string), job.estimate().likely(string));
        double sum = 0;
        double weights = 0;
        for (HeardNote note : tones.all(string, Sounded.at(main))) {
            double[] was = forecast(job, string, note.shift(), note.setup());
            double[] heights =
                    forecast(job, string, note.shift(), job.estimate().likely(string));
            double sd = spread(
                    job,
                    new FretError(
                            main,
                            0,
                            heights[main] - was[main],
                            now[main] - heights[main],
                            true,
                            note.read().ear().spread()));
            sum += (tones.error(note) + now[main] - was[main]) / (sd * sd);
            weights += 1 / (sd * sd);
        }
        return Math.abs(sum / weights) <= tolerance;
    }

    /** How far outside of its tolerance, in cents at 12; 0 within. */
    public double outside() {
        return read() ? new Band(-tolerance, tolerance).outside(offset) : 0;
    }

    /**
     * The error expected at every fret up to the last after the saddle was moved once more: what was read is met as well as the model can, in
     * between its shape is the forecast's.
     *
     * @param back mm
     */
    public static List<Double> curve(JobState job, Intoned at, double back) {
        double shift = Tones.of(job).shift(at.string());
        StringState likely = job.estimate().likely(at.string());
        double[] now = forecast(job, at.string(), shift, likely);
        double[] then = forecast(job, at.string(), shift + back, likely);
        List<Double> curve = new ArrayList<>();
        StringLine line = ToneForecast.line(job.spec(), at.string(), shift);
        double wanted = at.errors().stream()
                .mapToDouble(e -> (e.now() - now[e.fret()])
                        * SaddleFit.centsPerMm(line.scale(), line.compensation(), e.fret())
                        * Tones.of(job).ways().where().weight(e.fret()))
                .sum();
        double power = at.errors().stream()
                .mapToDouble(e -> Math.pow(SaddleFit.centsPerMm(line.scale(), line.compensation(), e.fret()), 2)
                        * Tones.of(job).ways().where().weight(e.fret()))
                .sum();
        // the saddle place at which the forecast meets the readings best
        double hidden = power == 0 ? 0 : wanted / power;
        for (int n = 1; n <= job.spec().frets(); n++)
            curve.add(then[n] + hidden * SaddleFit.centsPerMm(line.scale(), line.compensation(), n));
        return List.copyOf(curve);
    }

    /**
     * Whether nut or saddle is to blame; empty while fewer than two frets are read. What the finger adds is taken off first, and a slot is never told to go lower than
     * it stands.
     *
     * @param finger how deep the player's finger presses, mm
     */
    public Optional<NutOrSaddle> split(JobState job, Normal finger) {
        return asHeard(job, finger)
                .map(s -> s.noLowerThan(job.estimate().slotHeight(string).mean()));
    }

    private Optional<NutOrSaddle> asHeard(JobState job, Normal finger) {
        if (errors.size() < 2) return Optional.empty();
        Finger.Read read = forFinger(job);
        double[] adds = Finger.adds(read, Math.max(0, finger.mean()));
        return Optional.of(NutOrSaddle.of(
                read.line(),
                read.setup(),
                read.wire(),
                read.tension(),
                read.readings().stream()
                        .map(r -> new SaddleFit.Reading(r.fret(), r.cents() - adds[r.fret()], r.weight()))
                        .toList()));
    }

    /** What its notes say of the finger. */
    Finger.Read forFinger(JobState job) {
        return new Finger.Read(
                ToneForecast.line(job.spec(), string, Tones.of(job).shift(string)),
                job.estimate().likely(string),
                job.spec().string(string),
                ToneForecast.tension(job.spec(), Tones.of(job).ways().a4(), string),
                Math.max(LEAST_SLOT_SD, job.estimate().slotHeight(string).sd()),
                errors.stream()
                        .map(e -> new SaddleFit.Reading(e.fret(), Math.clamp(e.now(), -200, 200), 1))
                        .toList());
    }

    /** Whether the notes say that the nut is clearly too high, so that no saddle can put it right; a slot that was read and is in its band is not. */
    public boolean nutToBlame(JobState job, Normal finger) {
        boolean goodSlot = job.look(Station.NUT, string).isPresent()
                && HeightVerdict.of(job, Station.NUT, string).outside() <= 0;
        return !goodSlot
                && asHeard(job, finger)
                        .filter(s -> s.nutLower() != null
                                && s.nutLower() > NUT_MATTERS
                                && s.nutLower() > SURE * s.nutError())
                        .isPresent();
    }

    /**
     * How far the harmonic over 12 stands above the open string, beyond what the string's stiffness explains, in cents; empty when they were not
     * read together. The harmonic is the second partial, {@code f_2 = 2 f sqrt(1 + 4B)}; the open string is heard at {@code f sqrt(1 + B)}.
     */
    public static Optional<Double> disagreement(JobState job, int string) {
        Tones tones = Tones.of(job);
        Optional<HeardNote> harmonic = tones.last(string, Sounded.HARMONIC);
        if (harmonic.isEmpty()) return Optional.empty();
        Optional<HeardNote> open = tones.in(harmonic.get().session(), string, Sounded.OPEN);
        if (open.isEmpty()) return Optional.empty();
        return Optional.of(harmonic.get().read().cents() - open.get().read().cents() - stiffness(job, string));
    }

    /** What its stiffness raises the harmonic over 12 above the open string, cents; a real winding raises it less than a model of its core says. */
    private static double stiffness(JobState job, int string) {
        Double heard = Tones.of(job)
                .last(string, Sounded.HARMONIC)
                .flatMap(h -> Tones.of(job).in(h.session(), string, Sounded.OPEN))
                .map(open -> open.read().inharmonicity())
                .orElse(null);
        double b = heard != null
                ? heard
                : ToneForecast.inharmonicity(job.spec(), Tones.of(job).ways().a4(), string);
        return Cents.PER_LOG / 2 * Math.log((1 + 4 * b) / (1 + b));
    }

    /** Whether the string is false or dead: open and harmonic disagree, or its pitch wavers. */
    public static boolean falseString(JobState job, int string) {
        return disagreement(job, string)
                        .filter(d -> d > FALSE || d < -FALSE - stiffness(job, string))
                        .isPresent()
                || Tones.of(job)
                        .last(string, Sounded.OPEN)
                        .filter(n -> n.read().wavered())
                        .isPresent();
    }
}
