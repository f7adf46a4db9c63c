/** The nut station: how its events are stored, what is done over HTTP, what its page shows and says. */
@NullMarked
package barytone.server.station.nut;

import org.jspecify.annotations.NullMarked;
