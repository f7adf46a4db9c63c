package barytone.core.job;

import java.time.Instant;

/**
 * An event with its place and time in the log.
 *
 * @param seq 1 for the first event of a job, without gaps
 */
public record LoggedEvent(long seq, Instant at, JobEvent event) {}
