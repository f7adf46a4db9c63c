package barytone.core.station.nut;

import barytone.core.job.JobState;
import java.util.List;
import java.util.Map;

/**
 * What follows from the log about the nut.
 *
 * @param slots what was found on looking at slots
 * @param strokes of the last pass in each slot, light ones as they were made
 * @param temporary a temporary repair was made
 */
public record NutState(Map<Integer, List<SlotFlaw>> slots, Map<Integer, Integer> strokes, boolean temporary) {
    public NutState {
        slots = Map.copyOf(slots);
        strokes = Map.copyOf(strokes);
    }

    /** Of a job. */
    public static NutState of(JobState job) {
        return job.room(NutState.class);
    }
}
