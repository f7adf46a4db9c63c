/** Simulated instruments with a hidden true state, noisy tools, and technicians who work on them: the proving ground of the next move. */
@NullMarked
package barytone.core.workshop;

import org.jspecify.annotations.NullMarked;
