/** The causes of a buzz, a class each. */
@NullMarked
package barytone.core.buzz.cause;

import org.jspecify.annotations.NullMarked;
