/** Jobs: taking in an instrument, the event log, the view of a job, the bench. */
@NullMarked
package barytone.server.job;

import org.jspecify.annotations.NullMarked;
