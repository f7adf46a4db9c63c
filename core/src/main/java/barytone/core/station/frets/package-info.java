/** The room of frets and buzz: what is heard on the board, the hunt for its cause, and what was done about it. */
@NullMarked
package barytone.core.station.frets;

import org.jspecify.annotations.NullMarked;
