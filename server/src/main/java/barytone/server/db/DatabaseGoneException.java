package barytone.server.db;

import java.nio.file.Path;

/** The database was removed or replaced while Barytone runs: what would be written now would be lost. */
class DatabaseGoneException extends RuntimeException {
    private static final long serialVersionUID = 1L;

    DatabaseGoneException(Path database) {
        super("The database " + database + " was removed or replaced while Barytone runs, and nothing can be recorded."
                + " Stop Barytone, put the file back or restore a backup, and start it again.");
    }
}
