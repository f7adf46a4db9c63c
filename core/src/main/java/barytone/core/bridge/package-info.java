/** Heights at the bridge: from wanted string heights to posts, screws and shims. */
@NullMarked
package barytone.core.bridge;

import org.jspecify.annotations.NullMarked;
