/** The one list of the stations. */
@NullMarked
package barytone.server.station;

import org.jspecify.annotations.NullMarked;
