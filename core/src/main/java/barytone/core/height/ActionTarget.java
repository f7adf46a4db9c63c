package barytone.core.height;

import barytone.core.estimate.Band;
import barytone.core.job.JobState;
import barytone.core.neck.GapMethod;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * The action wanted.
 *
 * @param school where it came from; null when set by hand or taken from a favourite
 * @param method how the bands are stated: which fret, open or with a capo at 1
 * @param bands in mm, string 1 first
 */
public record ActionTarget(@Nullable String school, GapMethod method, List<Band> bands) {
    /** The one of a job. */
    public static ActionTarget of(JobState job) {
        return job.chosen().the(ActionTarget.class);
    }

    public ActionTarget {
        bands = List.copyOf(bands);
    }

    /** The band of a string, 1 being the highest. */
    public Band band(int string) {
        return bands.get(string - 1);
    }
}
