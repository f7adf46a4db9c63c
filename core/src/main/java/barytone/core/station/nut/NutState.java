package barytone.core.station.nut;

import barytone.core.buzz.BuzzTest;
import barytone.core.buzz.Outcome;
import barytone.core.buzz.SeenElsewhere;
import barytone.core.buzz.TestResult;
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
public record NutState(Map<Integer, List<SlotFlaw>> slots, Map<Integer, Integer> strokes, boolean temporary)
        implements SeenElsewhere {
    public NutState {
        slots = Map.copyOf(slots);
        strokes = Map.copyOf(strokes);
    }

    /** A slot that was looked at through a glass is not looked at again for a buzz. */
    @Override
    public List<TestResult> answered() {
        return slots.entrySet().stream()
                .sorted(Map.Entry.comparingByKey())
                .map(slot -> new TestResult(BuzzTest.LOOK_SLOT, shown(slot.getValue()), slot.getKey(), null))
                .toList();
    }

    private static Outcome shown(List<SlotFlaw> flaws) {
        for (SlotFlaw flaw : flaws)
            switch (flaw) {
                case CHIPPED, LEAVES_BEHIND_EDGE, FLAT_FLOOR -> {
                    return Outcome.CHIPPED;
                }
                case TOO_WIDE -> {
                    return Outcome.WIDE;
                }
                case TOO_TIGHT -> {
                    return Outcome.TIGHT;
                }
                case OPEN_BUZZES, TOO_DEEP -> {}
            }
        return Outcome.FINE;
    }

    /** Of a job. */
    public static NutState of(JobState job) {
        return job.room(NutState.class);
    }
}
