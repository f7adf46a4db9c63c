package barytone.core.job;

import barytone.core.estimate.SetupEstimate;

/**
 * The last believed reading of a string at a station.
 *
 * @param then the setup as estimated just after it
 * @param touched whether a move has changed this height on purpose since
 * @param repeats readings of this height since the last move of any kind
 * @param again whether this height was read before and has not been moved since: a second look, however often the strings were brought to pitch in between
 * @param shift what the moves made since are expected to have changed of it, in mm of the reading's own method
 */
public record Look(
        TakenReading reading, SetupEstimate then, boolean touched, int repeats, boolean again, double shift) {
    /** A height that a move changed by more than this is not what was read any more, whatever the tool; mm. */
    private static final double STILL = 0.03;

    /** Its place in the log. */
    public long seq() {
        return reading.seq();
    }

    /** Whether what was read stands: nothing has moved that touches it by as much as its tool can see. */
    public boolean stands() {
        return !touched && Math.abs(shift) <= Math.min(STILL, reading.sees());
    }

    Look moved(double change) {
        return new Look(reading, then, touched, 0, again, shift + change);
    }

    Look byPurpose() {
        return new Look(reading, then, true, 0, again, shift);
    }
}
