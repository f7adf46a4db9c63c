/** Instruments: their facts, stated and corrected version by version, what is known of them besides, and which of them are one and the same. */
@NullMarked
package barytone.server.instruments;

import org.jspecify.annotations.NullMarked;
