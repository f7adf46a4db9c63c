package barytone.core.height;

import barytone.core.estimate.Band;
import barytone.core.estimate.Normal;
import barytone.core.estimate.SetupEstimate;
import barytone.core.estimate.Verdict;
import barytone.core.instrument.RodType;
import barytone.core.job.JobEvent;
import barytone.core.job.JobState;
import barytone.core.job.Look;
import barytone.core.job.Station;
import barytone.core.neck.GapMethod;
import barytone.core.neck.LinearForm;
import barytone.core.neck.StringLine;
import barytone.core.neck.StringState;
import barytone.core.reading.Evidence;
import barytone.core.reading.Position;
import barytone.core.reading.Tool;
import java.util.Objects;
import org.jspecify.annotations.Nullable;

/**
 * One string at one station, judged as it was read while the reading stands, and as it is reckoned after a move.
 *
 * @param method of the ledger, in which value and band are
 * @param value now, mm: what was read with the spread of its tool, or what is reckoned
 * @param reckoned what all readings and moves together say of it, mm
 * @param band by the same method, mm
 * @param look the last reading; null when there is none
 * @param between a string between the outer ones of a rigid saddle, reckoned from those two
 */
public record HeightVerdict(
        Station station,
        int string,
        GapMethod method,
        Normal value,
        Normal reckoned,
        Band band,
        @Nullable Look look,
        boolean between) {
    /** A slot floor stands at least this far above the level of the frets, mm. */
    private static final double LEAST_SLOT = 0.02;

    /** Half of the last digit that is shown, mm: what reads as the edge of its band is in it, however the band was carried over. */
    private static final double SHOWN = 0.005 + 1e-9;

    /** A pressed gap of less than this stands near the frets, mm. */
    private static final double NEAR_FRETS = 0.03;

    /** A height has drifted when it is known so many times worse than when it was read. */
    private static final double DRIFTED = 1.2;

    /** A tool that tells no less than this share of a band says nothing about it. */
    private static final double COARSE = 0.75;

    /** Judges a string at a station as the job stands. */
    public static HeightVerdict of(JobState job, Station station, int string) {
        GapMethod method = method(job, station);
        Look look = job.look(station, string).orElse(null);
        boolean between = look == null && Rigid.carries(job, station, string);
        Normal reckoned =
                between ? Rigid.between(job, string, method) : job.estimate().now(string, method);
        Normal value = look != null && look.stands() && look.reading().method().equals(method) && !bent(look)
                ? new Normal(look.reading().mm(), spread(look.reading().evidence(), reckoned))
                : reckoned;
        return new HeightVerdict(station, string, method, value, reckoned, band(job, station, string), look, between);
    }

    /** The spread of what was read: never less than what tool and position leave open; a limit alone does not tell how far beyond it the gap lies. */
    private static double spread(Evidence evidence, Normal reckoned) {
        return Math.max(evidence.sd(), reckoned.sd());
    }

    /** How a station is judged: by the way of reading in use. */
    public static GapMethod method(JobState job, Station station) {
        if (!station.height()) throw noGaps(station);
        return job.method(station);
    }

    private static IllegalArgumentException noGaps(Station station) {
        return new IllegalArgumentException(station.label() + " is not judged by gaps under the strings.");
    }

    /** The band of a string in the way of reading in use: just as it was typed where it was typed for that, carried over otherwise. */
    public static Band band(JobState job, Station station, int string) {
        return switch (station) {
            case RELIEF -> reliefBand(job, string);
            case NUT -> aboveFrets(job, string, nutBand(job, string));
            case ACTION ->
                carried(
                        job,
                        string,
                        job.chosen().the(ActionTarget.class).band(string),
                        job.chosen().the(ActionTarget.class).method(),
                        method(job, Station.ACTION));
            default -> throw noGaps(station);
        };
    }

    private static Band reliefBand(JobState job, int string) {
        ReliefTarget target =
                ReliefTarget.of(job).in(job.habit().method(), job.spec().line());
        return string == 1 ? target.treble() : target.bass();
    }

    private static Band nutBand(JobState job, int string) {
        Band wanted = job.chosen().the(NutTarget.class).band(string);
        GapMethod stated = job.chosen().the(NutTarget.class).method();
        GapMethod shown = method(job, Station.NUT);
        // an open band includes the slope to the saddle: as a pressed gap it is what goes with relief and action at
        // their targets
        if (stated instanceof GapMethod.NutOpen && shown instanceof GapMethod.NutPressed)
            return new Band(pressed(job, string, wanted.low(), shown), pressed(job, string, wanted.high(), shown));
        return carried(job, string, wanted, stated, shown);
    }

    /** A band as another way of reading shows it now, if only the station's own height were changed. */
    private static Band carried(JobState job, int string, Band band, GapMethod stated, GapMethod shown) {
        if (stated.equals(shown)) return band;
        SetupEstimate now = job.estimate();
        StringLine line = now.model().line(string);
        double ratio = own(shown, line) / own(stated, line);
        double from = now.now(string, stated).mean();
        double at = now.now(string, shown).mean();
        return new Band(at + (band.low() - from) * ratio, at + (band.high() - from) * ratio);
    }

    /** The curvature under a string once relief is in the middle of its bands. */
    private static double wantedCurvature(JobState job, int string) {
        ReliefTarget relief = ReliefTarget.of(job);
        double share =
                job.spec().strings() == 1 ? 0 : (string - 1) / (job.spec().strings() - 1.0);
        double middle = relief.treble().middle() * (1 - share) + relief.bass().middle() * share;
        return job.estimate().model().line(string).curvatureFor(relief.method(), middle);
    }

    /** A string's state once relief and nut are where they shall be, as far as they will be set on this job; its saddle as it is. */
    public static StringState wanted(JobState job, int string) {
        StringState now = job.estimate().likely(string);
        boolean rod = job.agreed(Station.RELIEF)
                && !job.left(Station.RELIEF)
                && job.spec().rod() != RodType.NONE;
        double k = rod ? wantedCurvature(job, string) : now.curvature();
        double h = now.slotHeight();
        if (job.agreed(Station.NUT)
                && !job.left(Station.NUT)
                && job.look(Station.NUT, string).isPresent()) {
            HeightVerdict slot = of(job, Station.NUT, string);
            h -= slot.outside() / slot.leverage(job.estimate());
        }
        return new StringState(k, h, now.saddleHeight());
    }

    /** No wish goes below the level of the frets: a band that would is moved up until its lower end stands just above it. */
    private static Band aboveFrets(JobState job, int string, Band band) {
        double saddle = job.estimate().likely(string).saddleHeight();
        double floor = job.estimate()
                .model()
                .line(string)
                .gap(method(job, Station.NUT), new StringState(wantedCurvature(job, string), LEAST_SLOT, saddle));
        double up = Math.max(0, floor - band.low());
        return up == 0 ? band : new Band(band.low() + up, band.high() + up);
    }

    private static double pressed(JobState job, int string, double open, GapMethod shown) {
        StringLine line = job.estimate().model().line(string);
        double k = wantedCurvature(job, string);
        LinearForm nut = line.form(job.chosen().the(NutTarget.class).method());
        LinearForm action = line.form(job.chosen().the(ActionTarget.class).method());
        double wanted = job.chosen().the(ActionTarget.class).band(string).middle();
        // n.h h + n.y y = rn, a.h h + a.y y = ra
        double rn = open - nut.offset() - nut.curvature() * k;
        double ra = wanted - action.offset() - action.curvature() * k;
        double determinant = nut.slotHeight() * action.saddleHeight() - nut.saddleHeight() * action.slotHeight();
        double h = (rn * action.saddleHeight() - nut.saddleHeight() * ra) / determinant;
        return line.gap(shown, new StringState(k, h, 0));
    }

    /** Whether it was read on this job. */
    public boolean read() {
        return look != null;
    }

    /** Whether anything can be said of it: it was read, or lies between two strings that were. */
    public boolean known() {
        return look != null || between;
    }

    /** Whether what was read stands: nothing that touches it has moved since. */
    public boolean stands() {
        return look != null && look.stands();
    }

    /** Whether the value is what was read, by the way of reading in use and as it is played. */
    public boolean asRead() {
        return look != null && look.stands() && look.reading().method().equals(method) && !bent(look);
    }

    /** Whether it was read with the neck bent otherwise than it is played: flat on the bench, where a pressed slot alone reads the same. */
    private static boolean bent(Look look) {
        JobEvent.ReadingTaken read = look.reading().reading();
        return read.position() == Position.FLAT && !(read.method() instanceof GapMethod.NutPressed);
    }

    /** Whether it was read as having no gap: how much is missing is unknown. */
    public boolean noGap() {
        return look != null && look.reading().noGap();
    }

    /** Nothing moved it since it was read, but necks drift: it is known much less well than it was then. */
    public boolean drifted() {
        if (look == null || !look.stands() || noGap()) return false;
        return reckoned.sd() > DRIFTED * look.then().now(string, method).sd();
    }

    /** Readings since the last move of any kind. */
    public int repeats() {
        return look == null ? 0 : look.repeats();
    }

    /** What can be said against the band: it is out when it lies outside by more than can be told from being inside. */
    public Verdict verdict() {
        double outside = band.outside(value.mean());
        if (asRead()) {
            Evidence evidence = Objects.requireNonNull(look).reading().evidence();
            // a limit tells only against what lies on its far side
            if (evidence instanceof Evidence.Above && outside <= 0) return Verdict.CANNOT_TELL;
            if (evidence instanceof Evidence.Below && outside >= 0)
                return station == Station.RELIEF && noGap() && band.low() > 0 ? Verdict.LOW : Verdict.CANNOT_TELL;
        }
        // no gap is no number: that it is nearly enough cannot be told
        if (Math.abs(outside) <= SHOWN) return asRead() && noGap() ? Verdict.CANNOT_TELL : Verdict.IN;
        if (Math.abs(outside) <= told()) return Verdict.CANNOT_TELL;
        return outside > 0 ? Verdict.HIGH : Verdict.LOW;
    }

    /** How far outside of its band it must be for that to be told, mm. */
    private double told() {
        return asRead() ? Objects.requireNonNull(look).reading().sees() : value.sd();
    }

    /** The chance, after all readings and moves together, that it is in its band as far as can be told by hand. */
    public double chanceIn() {
        return reckoned.between(lowest(0), band.high());
    }

    /** Whether it is out of its band with more than this chance, after all readings and moves together; where no gap was found that stands. */
    public boolean outWith(double chance) {
        return noGap() || 1 - reckoned.between(band.low(), band.high()) > chance;
    }

    /** Under this something would be done: a slot is raised only near the frets, whatever the school's band; mm. */
    private double lowest(double tells) {
        return station == Station.NUT ? Math.min(NEAR_FRETS, band.low() - tells) : band.low() - tells;
    }

    /** Whether what it was read with cannot see a band like this at all. */
    boolean tooCoarse() {
        return asRead() && told() > COARSE * band.width();
    }

    /**
     * The chance that it is clearly outside of its band, after all readings and moves together, where the last reading alone does not show it. Where a gauge
     * found nothing it would find nothing again.
     */
    public double contradicted() {
        if (look == null || outside() != 0 || noGap()) return 0;
        // as it was known when it was read: what has drifted since contradicts nothing
        return 1 - look.then().now(string, method).between(lowest(told()), band.high() + told());
    }

    /** Whether the last reading is farther from what was to be expected than both of them are vague. */
    public boolean disagrees() {
        if (look == null) return false;
        Normal expected = look.reading().expected();
        double spread = Math.hypot(expected.sd(), look.reading().evidence().sd());
        return Math.abs(look.reading().mm() - expected.mean()) > spread;
    }

    /**
     * The chance that another look with a tool would find it clearly outside of its band. What the position or the habit is off by is off again; what the tool was off by
     * is, unless it is another.
     */
    double chanceOut(Tool other) {
        if (look == null) return 0;
        double tells = other.sees();
        Tool tool = look.reading().reading().tool();
        double sd = Math.hypot(look.reading().evidence().sd(), other == tool ? 0 : tool.offset());
        return 1 - new Normal(value.mean(), sd).between(lowest(tells), band.high() + tells);
    }

    /** Moved since it was read, and now known too loosely to be judged. */
    public boolean stale() {
        return read() && !stands() && (noGap() || band.stale(value));
    }

    /** The value that stands there was reckoned, not read, since something moved. */
    public boolean unconfirmed() {
        return read() && !stands();
    }

    /** How far it is above the middle of its band, mm. */
    public double surplus() {
        return value.mean() - band.middle();
    }

    /** How far it is outside of its band, where that can be told, mm: negative below, 0 inside or when it cannot be told. */
    public double outside() {
        return switch (verdict()) {
            case HIGH, LOW -> noGap() && asRead() ? Math.min(band.outside(0), -1e-6) : band.outside(value.mean());
            case IN, CANNOT_TELL -> 0;
        };
    }

    /**
     * How much of this gap is owed to relief and action that are still to come to their targets, mm: an open reading at the nut includes the slope to
     * the saddle.
     */
    public double passing(JobState job) {
        if (!(method instanceof GapMethod.NutOpen)) return 0;
        StringLine line = job.estimate().model().line(string);
        StringState now = job.estimate().likely(string);
        double k = job.agreed(Station.RELIEF) && !job.left(Station.RELIEF)
                ? wantedCurvature(job, string)
                : now.curvature();
        double y = now.saddleHeight();
        if (job.agreed(Station.ACTION) && !job.left(Station.ACTION)) {
            LinearForm action = line.form(method(job, Station.ACTION));
            double wanted = band(job, Station.ACTION, string).middle();
            y = (wanted - action.at(new StringState(k, now.slotHeight(), 0))) / action.saddleHeight();
        }
        return line.gap(method, now) - line.gap(method, new StringState(k, now.slotHeight(), y));
    }

    /** The band as another way of reading would show it now, for drawing. */
    public Band inTerms(GapMethod shown, SetupEstimate estimate) {
        if (shown.equals(method)) return band;
        StringLine line = estimate.model().line(string);
        double ratio = own(shown, line) / own(method, line);
        double at = estimate.now(string, shown).mean();
        return new Band(at + (band.low() - reckoned.mean()) * ratio, at + (band.high() - reckoned.mean()) * ratio);
    }

    /** What a millimetre of the height that its station sets does to a gap. */
    private static double own(GapMethod method, StringLine line) {
        LinearForm form = line.form(method);
        return Station.of(method) == Station.NUT ? form.slotHeight() : form.saddleHeight();
    }

    /** What a millimetre of this station's own height does to the judged gap. */
    public double leverage(SetupEstimate estimate) {
        LinearForm form = estimate.model().line(string).form(method);
        return station == Station.NUT ? form.slotHeight() : form.saddleHeight();
    }
}
