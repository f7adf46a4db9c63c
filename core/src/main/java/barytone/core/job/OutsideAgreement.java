package barytone.core.job;

import java.util.Optional;

/**
 * Only authorised work is done: an instrument's owner may want it as it is. Work at a station that was not agreed on is asked about before it goes on record, so that somebody asks the
 * player before it is done.
 */
public final class OutsideAgreement {
    private OutsideAgreement() {}

    /** The station that was not agreed on, when an entry is work there. */
    public static Optional<Station> of(JobState job, JobEvent next) {
        return next instanceof Adjustment work && !job.chosen().scope().contains(work.station())
                ? Optional.of(work.station())
                : Optional.empty();
    }
}
