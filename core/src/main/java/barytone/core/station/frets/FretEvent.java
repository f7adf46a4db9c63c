package barytone.core.station.frets;

import barytone.core.buzz.Hint;
import barytone.core.buzz.TestResult;
import barytone.core.buzz.Zone;
import barytone.core.job.JobEvent;
import java.util.Set;

/** What happened in the hunt for a buzz. */
public sealed interface FretEvent extends JobEvent {
    /** Where else a noise seems to come from; takes the place of what was said before. */
    record ZonesHeard(Set<Zone> zones) implements FretEvent {
        public ZonesHeard {
            zones = Set.copyOf(zones);
        }
    }

    /** What else is known of the noise; takes the place of what was said before. */
    record HintsNoted(Set<Hint> hints) implements FretEvent {
        public HintsNoted {
            hints = Set.copyOf(hints);
        }
    }

    /** A test was made. */
    record BuzzTested(TestResult result) implements FretEvent {}

    /**
     * Something was done about a cause: what sounded wrong is played again.
     *
     * @param cause its stable code
     * @param string 1 is the highest; 0 where it is no one string
     * @param fret 0 where it is no one fret
     */
    record CauseRemedied(String cause, int string, int fret) implements FretEvent {}
}
