package barytone.core.job;

import barytone.core.estimate.SetupEstimate;
import barytone.core.reading.Evidence;

/**
 * The surprise test: a reading that lies far from what all readings and moves before it say is not averaged in; it is measured again. A slip of the keyboard, the neighbour
 * string, an open number in the pressed field would otherwise move every height a little, and nobody would know why.
 */
public final class SurpriseTest {
    /**
     * A reading this many standard deviations from the expected one is measured again before it is believed: one honest reading in four hundred is, and nearly every
     * slip.
     */
    public static final double SURPRISE = 3;

    private SurpriseTest() {}

    /** Whether a reading is to be measured again. */
    public static boolean surprising(SetupEstimate expected, JobEvent.ReadingTaken reading, Evidence evidence) {
        return expected.surprise(reading.string(), reading.method(), reading.means(), evidence) > SURPRISE;
    }
}
