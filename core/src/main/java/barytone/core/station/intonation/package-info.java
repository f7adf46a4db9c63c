/** The room of the saddles along their strings: intonation. */
@NullMarked
package barytone.core.station.intonation;

import org.jspecify.annotations.NullMarked;
