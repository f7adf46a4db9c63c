/** Photos of an instrument as it came, kept in the database like everything else: one file is the whole shop. */
@NullMarked
package barytone.server.photos;

import org.jspecify.annotations.NullMarked;
