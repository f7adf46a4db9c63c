/** Which rows of a table are one and the same: players and instruments that were taken down twice. */
@NullMarked
package barytone.server.same;

import org.jspecify.annotations.NullMarked;
