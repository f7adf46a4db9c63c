/** The room of the bridge: action. */
@NullMarked
package barytone.core.station.action;

import org.jspecify.annotations.NullMarked;
