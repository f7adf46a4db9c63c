package barytone.core.trial;

import barytone.core.height.ActionTarget;
import barytone.core.height.NutTarget;
import barytone.core.height.ReliefTarget;
import barytone.core.job.JobDefaults;
import barytone.core.job.JobEvent;

/** A setup that was tried is wanted: one choice, undone as one. */
public record TargetsTaken(ReliefTarget relief, NutTarget nut, ActionTarget action) implements JobEvent.Choosing {
    @Override
    public JobDefaults chosen(JobDefaults before) {
        return before.choosing(relief).choosing(nut).choosing(action);
    }
}
