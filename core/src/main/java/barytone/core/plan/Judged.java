package barytone.core.plan;

import barytone.core.estimate.Band;
import barytone.core.estimate.Normal;
import barytone.core.estimate.SetupEstimate;
import barytone.core.estimate.Verdict;
import barytone.core.joblog.JobState;
import barytone.core.joblog.Look;
import barytone.core.neck.GapMethod;
import barytone.core.neck.LinearForm;
import barytone.core.neck.StringLine;
import barytone.core.neck.StringState;
import java.util.Optional;

/**
 * One string at one station, judged.
 *
 * @param method by which it is judged
 * @param value now, mm
 * @param band by the same method, mm
 * @param read whether it was ever read on this job
 * @param touched whether it was moved on purpose since it was last read
 * @param repeats readings since the last move of any kind
 * @param drift how far the expectation has moved since it was last read, mm
 */
public record Judged(
        Station station,
        int string,
        GapMethod method,
        Normal value,
        Band band,
        boolean read,
        boolean touched,
        int repeats,
        double drift) {
    /** An open nut reading depends on the saddle, so nut heights are judged pressed at this fret. */
    private static final GapMethod.NutPressed SLOT_ALONE = new GapMethod.NutPressed(3);

    /** A slot floor stands at least this far above the level of the frets, mm. */
    private static final double LEAST_SLOT = 0.02;

    /** A change of a quantity that was not meant by the move counts as one from this share of its band on. */
    private static final double DRIFTED = 0.25;

    /** Judges a string at a station as the job stands. */
    public static Judged of(JobState job, Station station, int string) {
        GapMethod method = method(job, station);
        Normal value = job.estimate().now(string, method);
        Optional<Look> look = job.look(station, string);
        return new Judged(
                station,
                string,
                method,
                value,
                band(job, station, string),
                look.isPresent(),
                look.map(Look::touched).orElse(false),
                look.map(Look::repeats).orElse(0),
                look.map(l -> value.mean() - l.then().now(string, method).mean())
                        .orElse(0.0));
    }

    /** How a station is judged. */
    public static GapMethod method(JobState job, Station station) {
        return switch (station) {
            case RELIEF -> job.habit().method();
            case NUT -> job.chosen().nut().method() instanceof GapMethod.NutPressed pressed ? pressed : SLOT_ALONE;
            case ACTION -> job.chosen().action().method();
            case INTONATION, PICKUPS -> throw noGaps(station);
        };
    }

    private static IllegalArgumentException noGaps(Station station) {
        return new IllegalArgumentException(station.label() + " is not judged by gaps under the strings.");
    }

    /** The band of a string in the method by which its station is judged. */
    public static Band band(JobState job, Station station, int string) {
        return switch (station) {
            case RELIEF -> RodAdvisor.band(job, string);
            case NUT ->
                aboveFrets(
                        job,
                        string,
                        job.chosen().nut().method() instanceof GapMethod.NutPressed
                                ? job.chosen().nut().band(string)
                                : pressed(job, string));
            case ACTION -> job.chosen().action().band(string);
            case INTONATION, PICKUPS -> throw noGaps(station);
        };
    }

    /** An open band as the pressed gap that goes with it once relief and action are at their targets. */
    private static Band pressed(JobState job, int string) {
        Band open = job.chosen().nut().band(string);
        return new Band(pressed(job, string, open.low()), pressed(job, string, open.high()));
    }

    /** The curvature under a string once relief is in the middle of its bands. */
    private static double wantedCurvature(JobState job, int string) {
        ReliefTarget relief = job.target();
        double share =
                job.spec().strings() == 1 ? 0 : (string - 1) / (job.spec().strings() - 1.0);
        double middle = relief.treble().middle() * (1 - share) + relief.bass().middle() * share;
        return job.estimate().model().line(string).curvatureFor(relief.method(), middle);
    }

    /** No wish goes below the level of the frets: a band that would is moved up until its lower end stands just above it. */
    private static Band aboveFrets(JobState job, int string, Band band) {
        double floor = job.estimate()
                .model()
                .line(string)
                .gap(method(job, Station.NUT), new StringState(wantedCurvature(job, string), LEAST_SLOT, 0));
        double up = Math.max(0, floor - band.low());
        return up == 0 ? band : new Band(band.low() + up, band.high() + up);
    }

    private static double pressed(JobState job, int string, double open) {
        StringLine line = job.estimate().model().line(string);
        double k = wantedCurvature(job, string);
        LinearForm nut = line.form(job.chosen().nut().method());
        LinearForm action = line.form(job.chosen().action().method());
        double wanted = job.chosen().action().band(string).middle();
        // n.h h + n.y y = rn, a.h h + a.y y = ra
        double rn = open - nut.offset() - nut.curvature() * k;
        double ra = wanted - action.offset() - action.curvature() * k;
        double determinant = nut.slotHeight() * action.saddleHeight() - nut.saddleHeight() * action.slotHeight();
        double h = (rn * action.saddleHeight() - nut.saddleHeight() * ra) / determinant;
        return line.gap(SLOT_ALONE, new StringState(k, h, 0));
    }

    /** What can be said against the band. */
    public Verdict verdict() {
        return band.verdict(value);
    }

    /** Moved since it was read, and now known too loosely to be judged. */
    public boolean stale() {
        return read && (touched || drifted()) && band.stale(value);
    }

    /** Changed without being meant to, by more than a little of its band. */
    public boolean drifted() {
        return Math.abs(drift) > DRIFTED * band.width();
    }

    /** The value that stands on record was predicted, not read. */
    public boolean unconfirmed() {
        return touched || drifted();
    }

    /** How far it is above the middle of its band, mm. */
    public double surplus() {
        return value.mean() - band.middle();
    }

    /** The chance that it is in its band. */
    public double chance() {
        return value.between(band.low(), band.high());
    }

    /** How far the mean is outside of the band, mm: negative below, 0 inside. */
    public double outside() {
        return band.outside(value.mean());
    }

    /**
     * The band as another way of reading would show it, if only this station's own height were changed.
     *
     * @param shown a method of the same station
     */
    public Band shownBy(GapMethod shown, SetupEstimate estimate) {
        if (shown.equals(method) || station == Station.RELIEF) return band;
        StringLine line = estimate.model().line(string);
        double ratio = own(line.form(shown)) / own(line.form(method));
        double at = estimate.now(string, shown).mean();
        return new Band(at + (band.low() - value.mean()) * ratio, at + (band.high() - value.mean()) * ratio);
    }

    /** What a millimetre of this station's own height does to a gap. */
    private double own(LinearForm form) {
        return station == Station.NUT ? form.slotHeight() : form.saddleHeight();
    }

    /** What a millimetre of this station's own height does to the judged gap. */
    public double leverage(SetupEstimate estimate) {
        return own(estimate.model().line(string).form(method));
    }
}
