/** Plumbing between jOOQ and SQLite. */
@NullMarked
package barytone.server.db;

import org.jspecify.annotations.NullMarked;
