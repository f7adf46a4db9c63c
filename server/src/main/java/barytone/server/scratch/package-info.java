/** Scratch sums: the stable routes for a sum without a job, and the shop's table of string sets. */
@NullMarked
package barytone.server.scratch;

import org.jspecify.annotations.NullMarked;
