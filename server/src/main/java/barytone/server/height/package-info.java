/** Gaps under the strings on the page, which relief, nut and action share. */
@NullMarked
package barytone.server.height;

import org.jspecify.annotations.NullMarked;
