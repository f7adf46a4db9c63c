/** What an instrument on the bench waits for, and until when. */
@NullMarked
package barytone.core.wait;

import org.jspecify.annotations.NullMarked;
