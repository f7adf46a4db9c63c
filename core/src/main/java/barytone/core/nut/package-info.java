/** The nut: where the slots belong. */
@NullMarked
package barytone.core.nut;

import org.jspecify.annotations.NullMarked;
