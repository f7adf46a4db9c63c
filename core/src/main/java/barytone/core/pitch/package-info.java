/** Hears the pitch of a plucked string, and makes the sound of one. */
@NullMarked
package barytone.core.pitch;

import org.jspecify.annotations.NullMarked;
