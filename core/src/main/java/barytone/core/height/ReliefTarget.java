package barytone.core.height;

import barytone.core.estimate.Band;
import barytone.core.job.JobState;
import barytone.core.neck.GapMethod;
import barytone.core.neck.StringLine;
import org.jspecify.annotations.Nullable;

/**
 * The relief wanted on both sides.
 *
 * @param school where it came from; null when the bands were set by hand
 * @param method the habit in which the bands are stated
 * @param bass band under the lowest string, mm
 * @param treble band under the highest string, mm
 */
public record ReliefTarget(@Nullable String school, GapMethod.Relief method, Band bass, Band treble) {
    /** The one of a job. */
    public static ReliefTarget of(JobState job) {
        return job.chosen().the(ReliefTarget.class);
    }

    /** The same target stated in another habit. */
    public ReliefTarget in(GapMethod.Relief other, StringLine line) {
        return new ReliefTarget(school, other, convert(bass, other, line), convert(treble, other, line));
    }

    private Band convert(Band band, GapMethod.Relief other, StringLine line) {
        return new Band(line.convert(band.low(), method, other), line.convert(band.high(), method, other));
    }
}
