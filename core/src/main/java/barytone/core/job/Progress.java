package barytone.core.job;

import barytone.core.estimate.Move;
import barytone.core.estimate.SetupEstimate;
import java.time.Instant;
import java.util.List;
import java.util.Map;

/** A job while its log is replayed, as the stations see and move it. */
public interface Progress {
    /** The setup as it is known by now. */
    SetupEstimate estimate();

    /** The setup between moves. */
    Setups setups();

    /** What holds on the job by now. */
    JobDefaults chosen();

    /** The last believed readings of a station, by string. */
    Map<Integer, Look> looks(Station station);

    /** Lets the time until an entry pass. */
    void pass(Instant at);

    /** Something was moved that changes every height. */
    void move(Move move);

    /** What is known changes, though nothing was moved. */
    void learn(SetupEstimate better);

    /** The moves until now only cured a bent back neck or a loose rod: what is read next counts as found. */
    void cured();

    /** These heights were moved on purpose, at this station. */
    void touched(Station station, List<Integer> strings);

    /** Every string is at pitch. */
    void atPitch();

    /** Whether something took the strings off pitch, and nothing brought them back since. */
    boolean offPitch();

    /** An advice is answered by what was noted. */
    void answered(Topic topic, boolean done);
}
