/** Pitches and strings. */
@NullMarked
package barytone.core.strings;

import org.jspecify.annotations.NullMarked;
