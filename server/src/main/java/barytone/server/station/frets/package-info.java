/** The room of frets and buzz. */
@NullMarked
package barytone.server.station.frets;

import org.jspecify.annotations.NullMarked;
