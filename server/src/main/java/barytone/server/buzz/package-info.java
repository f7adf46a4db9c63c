/** The hunt for a buzz: its words, and the hunt without a job. */
@NullMarked
package barytone.server.buzz;

import org.jspecify.annotations.NullMarked;
