/** What remains of the work: what was found and left at every visit of an instrument, whose they are, and how to find them again. */
@NullMarked
package barytone.server.records;

import org.jspecify.annotations.NullMarked;
