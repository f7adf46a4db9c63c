/** What an instrument is: kind, strings, scale, rod; sensible defaults for each kind. */
@NullMarked
package barytone.core.instrument;

import org.jspecify.annotations.NullMarked;
