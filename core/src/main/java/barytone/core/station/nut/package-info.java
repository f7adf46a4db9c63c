/** The room of the nut. */
@NullMarked
package barytone.core.station.nut;

import org.jspecify.annotations.NullMarked;
