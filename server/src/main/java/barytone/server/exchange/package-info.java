/** A shop, a job, an instrument or a player as an open file: what leaves with them, and what is taken in. The format is described in {@code docs/formats}. */
@NullMarked
package barytone.server.exchange;

import org.jspecify.annotations.NullMarked;
