/** The log of a job, event by event, and what follows from replaying it. */
@NullMarked
package barytone.core.joblog;

import org.jspecify.annotations.NullMarked;
