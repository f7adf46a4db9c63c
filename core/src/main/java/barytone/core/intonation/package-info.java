/** Intonation: what geometry and stiffness predict, and what readings ask of the saddle. */
@NullMarked
package barytone.core.intonation;

import org.jspecify.annotations.NullMarked;
