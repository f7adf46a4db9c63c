/** What of a shop can leave and come back: each room gives and takes its own tables, row by row, under names that hold on every machine. */
@NullMarked
package barytone.server.portable;

import org.jspecify.annotations.NullMarked;
