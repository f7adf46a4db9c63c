/** The geometry of fretted strings: crowns, neck curve, string line, and every gap that is a linear function of them. */
@NullMarked
package barytone.core.neck;

import org.jspecify.annotations.NullMarked;
