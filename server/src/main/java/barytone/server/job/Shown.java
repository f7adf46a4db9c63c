package barytone.server.job;

import barytone.core.advice.Advice;
import barytone.core.estimate.SetupEstimate;
import barytone.core.instrument.Touch;
import barytone.core.job.JobState;
import org.jspecify.annotations.Nullable;

/**
 * What a page is made from.
 *
 * @param voices what all stations say of the job
 * @param touch how the player plays
 * @param advice the next move
 * @param after the setup as expected when it is followed; null when it moves nothing
 */
public record Shown(
        JobState state,
        Words words,
        Bench bench,
        Voices voices,
        Touch touch,
        Advice advice,
        @Nullable SetupEstimate after) {}
