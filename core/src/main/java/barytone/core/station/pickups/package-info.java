/** The room of the pickups. */
@NullMarked
package barytone.core.station.pickups;

import org.jspecify.annotations.NullMarked;
