/** The day at the bench: what can be done now, what waits, what was promised and whether it will be kept, and the calendar of it. */
@NullMarked
package barytone.server.day;

import org.jspecify.annotations.NullMarked;
