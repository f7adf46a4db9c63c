package barytone.core.height;

import barytone.core.estimate.Band;
import barytone.core.job.JobState;
import barytone.core.neck.GapMethod;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * The nut heights wanted.
 *
 * @param school where they came from; null when set by hand
 * @param method how the bands are stated: open, or pressed at 2 or 3
 * @param bands in mm, string 1 first
 */
public record NutTarget(@Nullable String school, GapMethod method, List<Band> bands) {
    /** The one of a job. */
    public static NutTarget of(JobState job) {
        return job.chosen().the(NutTarget.class);
    }

    public NutTarget {
        bands = List.copyOf(bands);
    }

    /** The band of a string, 1 being the highest. */
    public Band band(int string) {
        return bands.get(string - 1);
    }
}
