package barytone.core.station.relief;

import barytone.core.job.JobState;
import barytone.core.quantity.Allowed;
import barytone.core.quantity.Turns;

/**
 * How the shop turns rods; editable per job.
 *
 * @param step largest single step, 1/16 to 1/4 turn
 * @param finishTightening when adding relief, loosen past the target and come back tightening
 * @param settleMinutes how long the neck is left after a turn before a verdict; 0 for none
 * @param limit turns tighter than found at which to stop, 1/4 to 3 turns
 */
public record RodWays(Turns step, boolean finishTightening, int settleMinutes, Turns limit) {
    public static final RodWays USUAL = new RodWays(Turns.EIGHTH, true, 10, new Turns(12));

    /** The ones of a job. */
    public static RodWays of(JobState job) {
        return job.chosen().the(RodWays.class);
    }

    public RodWays {
        Allowed.whole("step (sixteenths of a turn)", step.sixteenths(), 1, 4);
        Allowed.whole("settleMinutes", settleMinutes, 0, 24 * 60);
        Allowed.whole("limit (sixteenths of a turn)", limit.sixteenths(), 4, 48);
    }
}
