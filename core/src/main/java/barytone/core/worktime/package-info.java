/** How long work at the bench takes: learned from the tapes, expected of a job from what its readings say is still to be done, and laid out over the shop's hours. */
@NullMarked
package barytone.core.worktime;

import org.jspecify.annotations.NullMarked;
