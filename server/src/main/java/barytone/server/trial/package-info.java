/** Another setup tried on the lit section of a job, and how low it could go. */
@NullMarked
package barytone.server.trial;

import org.jspecify.annotations.NullMarked;
