/** Typed quantities: lengths in the units of the bench, what a technician types for them, turns of a wrench or screw. */
@NullMarked
package barytone.core.quantity;

import org.jspecify.annotations.NullMarked;
