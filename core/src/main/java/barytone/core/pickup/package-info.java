/** Pickups: how near they stand, and which way their screws turn. */
@NullMarked
package barytone.core.pickup;

import org.jspecify.annotations.NullMarked;
