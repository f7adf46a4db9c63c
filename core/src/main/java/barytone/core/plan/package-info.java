/** Deciding the next move: targets, verdicts, advice, stop rules. */
@NullMarked
package barytone.core.plan;

import org.jspecify.annotations.NullMarked;
