/** What a technician reads off: where, with what tool, in which position, and how sure that makes the number. */
@NullMarked
package barytone.core.reading;

import org.jspecify.annotations.NullMarked;
