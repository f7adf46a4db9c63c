package barytone.core.station.action;

import barytone.core.height.HeightVerdict;
import barytone.core.job.JobState;
import barytone.core.job.Station;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * Sand only for what the rod will leave: while relief and slots are still to be set, a saddle is taken down no farther than it stands too high both now and once they are where
 * they shall be. Who sands to the neck as it was found takes off what the rod would have taken, and has to raise the saddle again.
 */
final class SandForWhatTheRodLeaves {
    private final JobState job;
    private final List<Double> atTargets;

    /**
     * @param atTargets what each string needs at the saddle once relief and slots are where they shall be, mm, string 1 first
     */
    SandForWhatTheRodLeaves(JobState job, List<Double> atTargets) {
        this.job = job;
        this.atTargets = atTargets;
    }

    /** What a side needs at the saddle, mm, positive up; 0 in its band, and where now and then ask for it the opposite way. */
    double needs(@Nullable HeightVerdict side) {
        if (side == null || side.outside() == 0) return 0;
        double now = -side.surplus() / side.leverage(job.estimate());
        boolean othersDone = settledAt(Station.RELIEF) && settledAt(Station.NUT);
        double then = othersDone ? now : atTargets.get(side.string() - 1);
        return now * then <= 0 ? 0 : Math.signum(now) * Math.min(Math.abs(now), Math.abs(then));
    }

    /** Whether nothing is left to be done at a station that comes before. */
    private boolean settledAt(Station station) {
        return !job.agreed(station)
                || job.left(station)
                || job.strings(station).stream()
                        .allMatch(s -> HeightVerdict.of(job, station, s).outside() == 0);
    }
}
