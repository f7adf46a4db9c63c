/** An instrument over the years: what its visits tell of how it drifts, what the air does to it, and what has changed since last time. */
@NullMarked
package barytone.core.history;

import org.jspecify.annotations.NullMarked;
