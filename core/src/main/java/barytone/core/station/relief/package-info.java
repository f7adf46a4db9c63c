/** The room of the rod: relief. */
@NullMarked
package barytone.core.station.relief;

import org.jspecify.annotations.NullMarked;
