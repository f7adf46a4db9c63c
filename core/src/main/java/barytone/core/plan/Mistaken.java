package barytone.core.plan;

import barytone.core.estimate.Normal;
import barytone.core.estimate.SetupEstimate;
import barytone.core.joblog.JobEvent;
import barytone.core.joblog.JobState;
import barytone.core.joblog.TakenReading;
import barytone.core.neck.GapMethod;
import barytone.core.neck.StringLine;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;

/**
 * What a reading that does not fit would fit: made in another way than was said, or under another string. It is told as a guess and changes nothing.
 *
 * @param string under which it would fit
 * @param method by which it would fit
 */
public record Mistaken(int string, GapMethod method) {
    /** It would fit when it lies within so many spreads of what another reading would be. */
    private static final double FITS = 1.5;

    /** A habit is spoken of when what fits lies so many spreads, and so great a share, from what is said. */
    private static final double SURE = 2;

    private static final double MUCH = 0.2;

    /** How near the share of another habit must come to what fits. */
    private static final double NEAR = 0.15;

    /** Necks join between these frets. */
    private static final int LEAST_JOINT = 10;

    private static final int MOST_JOINT = 22;

    /** The likeliest way in which a doubted reading came about, where one fits well. */
    public static Optional<Mistaken> of(JobState job, TakenReading doubted) {
        JobEvent.ReadingTaken read = doubted.reading();
        List<Mistaken> others = new ArrayList<>();
        for (GapMethod other : otherWays(job, read.method())) {
            boolean known = job.look(Station.of(other), read.string()).isPresent();
            if (known) others.add(new Mistaken(read.string(), other));
        }
        for (int s : List.of(read.string() - 1, read.string() + 1)) {
            boolean there = s >= 1 && s <= job.spec().strings();
            if (there && job.look(doubted.station(), s).isPresent()) others.add(new Mistaken(s, read.method()));
        }
        SetupEstimate estimate = job.estimate();
        return others.stream()
                .filter(m -> m.surprise(estimate, doubted) < FITS)
                .min(Comparator.comparingDouble(m -> m.surprise(estimate, doubted)));
    }

    private double surprise(SetupEstimate estimate, TakenReading doubted) {
        return estimate.surprise(string, method, doubted.reading().means(), doubted.evidence());
    }

    /** Whether turns of the rod moved relief and action otherwise than they move together as relief is said to be read, and as the neck is said to be made. */
    public static boolean misfits(JobState job) {
        Normal share = job.reliefShare();
        return share != null && Math.abs(share.mean() - 1) >= Math.max(MUCH, SURE * share.sd());
    }

    /**
     * In what habit relief seems to be read, where turns of the rod moved relief and action otherwise than they move together in the habit that is said. Empty while
     * they fit.
     */
    public static Optional<GapMethod.Relief> habit(JobState job) {
        Normal share = job.reliefShare();
        if (share == null || !misfits(job)) return Optional.empty();
        GapMethod.Relief said = (GapMethod.Relief) job.method(Station.RELIEF);
        double fits = share.mean();
        return reliefWays(job, said).stream()
                .filter(other -> Math.abs(share(job, said, other) - fits) < NEAR)
                .min(Comparator.comparingDouble(other -> Math.abs(share(job, said, other) - fits)));
    }

    /** What another habit reads for one that is read as said. */
    private static double share(JobState job, GapMethod.Relief said, GapMethod.Relief other) {
        StringLine line = job.spec().line();
        return line.form(other).curvature() / line.form(said).curvature();
    }

    /**
     * At which fret the neck seems to join the body, where turns of the rod moved relief and action as they move together on a neck that joins elsewhere than is said:
     * the part beyond the joint does not bend, and what the action gains by relief depends on where that begins. Empty while they fit.
     */
    public static Optional<Integer> joint(JobState job) {
        Normal fits = job.reliefShare();
        if (fits == null || !misfits(job)) return Optional.empty();
        int said = job.spec().bodyJointFret();
        double atSaid = reliefForAction(job, said);
        return IntStream.rangeClosed(
                        LEAST_JOINT, Math.min(MOST_JOINT, job.spec().frets()))
                .filter(fret -> fret != said && Math.abs(reliefForAction(job, fret) / atSaid - fits.mean()) < NEAR)
                .boxed()
                .min(Comparator.comparingDouble(fret -> Math.abs(reliefForAction(job, fret) / atSaid - fits.mean())));
    }

    /** What relief moves by for each millimetre of action on a neck that joins there. */
    private static double reliefForAction(JobState job, int joint) {
        StringLine said = job.spec().line();
        StringLine line = StringLine.of(said.scale(), joint, said.compensation());
        return line.form(job.method(Station.RELIEF)).curvature()
                / line.form(job.method(Station.ACTION)).curvature();
    }

    /**
     * Two neighbours whose readings stand in doubt and would each fit under the other: typed, or measured, in the wrong order. The lower number first; empty where there
     * are none.
     */
    public static Optional<Integer> swapped(JobState job) {
        List<TakenReading> doubts = job.doubts();
        return doubts.stream()
                .filter(d -> doubts.stream()
                        .anyMatch(o -> o.station() == d.station()
                                && o.string() == d.string() + 1
                                && fitsUnder(job, d, o.string())
                                && fitsUnder(job, o, d.string())))
                .map(TakenReading::string)
                .findFirst();
    }

    private static boolean fitsUnder(JobState job, TakenReading doubted, int string) {
        return of(job, doubted).filter(m -> m.string() == string).isPresent();
    }

    private static List<GapMethod> otherWays(JobState job, GapMethod method) {
        return switch (method) {
            case GapMethod.NutPressed ignored -> List.of(new GapMethod.NutOpen());
            case GapMethod.NutOpen ignored -> List.of(new GapMethod.NutPressed(3));
            case GapMethod.Action m -> List.of(new GapMethod.ActionCapo(Math.max(2, m.gaugeFret())));
            case GapMethod.ActionCapo m -> List.of(new GapMethod.Action(m.gaugeFret()));
            case GapMethod.Relief m -> List.copyOf(reliefWays(job, m));
        };
    }

    /** Held at the last fret, held at 12, gauged a fret beside. */
    private static List<GapMethod.Relief> reliefWays(JobState job, GapMethod.Relief said) {
        List<GapMethod.Relief> ways = new ArrayList<>();
        for (int high : List.of(job.spec().frets(), 12))
            if (high != said.heldHigh() && high > said.gaugeFret())
                ways.add(new GapMethod.Relief(said.heldLow(), high, said.gaugeFret()));
        for (int gauge : List.of(said.gaugeFret() - 1, said.gaugeFret() + 1))
            if (gauge > said.heldLow() && gauge < said.heldHigh())
                ways.add(new GapMethod.Relief(said.heldLow(), said.heldHigh(), gauge));
        return ways;
    }
}
