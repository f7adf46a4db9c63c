/** The stations of the work, each a room with one door, their one list, and the next move of a whole job. */
@NullMarked
package barytone.core.station;

import org.jspecify.annotations.NullMarked;
