package barytone.core.station.relief;

import barytone.core.estimate.Normal;
import barytone.core.height.Mistaken;
import barytone.core.job.JobState;
import barytone.core.job.Station;
import barytone.core.neck.GapMethod;
import barytone.core.neck.StringLine;
import java.util.Comparator;
import java.util.Optional;
import java.util.stream.IntStream;

/** Relief and action that the rod did not move together: what would explain it. It is told as a guess and changes nothing. */
public final class ReliefMisfit {
    /** A misfit is spoken of when what fits lies so many spreads, and so great a share, from what is said. */
    private static final double SURE = 2;

    private static final double MUCH = 0.2;

    /** How near the share of another habit, or joint, must come to what fits. */
    private static final double NEAR = 0.15;

    /** Necks join between these frets. */
    private static final int LEAST_JOINT = 10;

    private static final int MOST_JOINT = 22;

    private ReliefMisfit() {}

    /** Whether turns of the rod moved relief and action otherwise than they move together as relief is said to be read, and as the neck is said to be made. */
    public static boolean misfits(JobState job) {
        Normal share = ReliefState.of(job).reliefShare();
        return share != null && Math.abs(share.mean() - 1) >= Math.max(MUCH, SURE * share.sd());
    }

    /**
     * In what habit relief seems to be read, where turns of the rod moved relief and action otherwise than they move together in the habit that is said. Empty while
     * they fit.
     */
    public static Optional<GapMethod.Relief> habit(JobState job) {
        Normal share = ReliefState.of(job).reliefShare();
        if (share == null || !misfits(job)) return Optional.empty();
        GapMethod.Relief said = (GapMethod.Relief) job.method(Station.RELIEF);
        double fits = share.mean();
        return Mistaken.reliefWays(job, said).stream()
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
        Normal fits = ReliefState.of(job).reliefShare();
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
}
