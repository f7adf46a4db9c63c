/** The relief station: how its events are stored, what is done over HTTP, what its page shows and says. */
@NullMarked
package barytone.server.station.relief;

import org.jspecify.annotations.NullMarked;
