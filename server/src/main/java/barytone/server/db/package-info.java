/** The data folder: taken, checked, migrated and backed up; the connections to its database. */
@NullMarked
package barytone.server.db;

import org.jspecify.annotations.NullMarked;
