/** Clearance of a vibrating string over the crowns ahead of it. */
@NullMarked
package barytone.core.clearance;

import org.jspecify.annotations.NullMarked;
