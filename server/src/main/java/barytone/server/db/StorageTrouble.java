package barytone.server.db;

import java.sql.SQLException;
import java.sql.SQLTransientConnectionException;
import java.util.Arrays;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;

/** What can keep the disk or the database from taking an entry, and what the technician can do about it. */
public enum StorageTrouble {
    FULL(
            HttpStatus.INSUFFICIENT_STORAGE,
            "The disk is full. Nothing of this was recorded: make room on the disk that holds Barytone's data folder.",
            13),
    READ_ONLY(
            HttpStatus.SERVICE_UNAVAILABLE,
            "Barytone may not write to its database. Nothing of this was recorded: see that its data folder can be written.",
            8),
    LOCKED(
            HttpStatus.SERVICE_UNAVAILABLE,
            "Another program has Barytone's database locked. Nothing of this was recorded: close the other program.",
            5,
            6),
    FAILING(
            HttpStatus.SERVICE_UNAVAILABLE,
            "The disk does not answer as it should. Nothing of this was recorded: see whether it is full, taken out or failing.",
            10,
            14),
    DAMAGED(
            HttpStatus.SERVICE_UNAVAILABLE,
            "The database is damaged. Nothing of this was recorded: stop Barytone and restore a backup (./barytone restore).",
            11,
            26),
    BUSY(HttpStatus.SERVICE_UNAVAILABLE, "Barytone is busy with other entries. Nothing of this was recorded."),
    GONE(
            HttpStatus.SERVICE_UNAVAILABLE,
            "The database was removed or replaced while Barytone runs, and nothing can be recorded. Stop Barytone, put the file back or"
                    + " restore a backup, and start it again.");

    private static final int PRIMARY = 0xff;

    private final HttpStatus status;
    private final String told;
    /** SQLite's primary result codes. */
    private final int[] codes;

    StorageTrouble(HttpStatus status, String told, int... codes) {
        this.status = status;
        this.told = told;
        this.codes = codes;
    }

    public HttpStatus status() {
        return status;
    }

    /** A sentence for the technician. */
    public String told() {
        return told;
    }

    /** The trouble behind an error; null when it is of another kind. */
    public static @Nullable StorageTrouble in(@Nullable Throwable error) {
        int deep = 0;
        for (Throwable cause = error; cause != null && deep < 20; cause = cause.getCause(), deep++) {
            if (cause instanceof DatabaseGoneException) return GONE;
            if (cause instanceof SQLTransientConnectionException) {
                // what kept the pool from a connection stands behind it
                StorageTrouble behind = in(cause.getCause());
                return behind == null ? BUSY : behind;
            }
            if (cause instanceof SQLException sql) {
                for (StorageTrouble trouble : values())
                    if (Arrays.stream(trouble.codes).anyMatch(code -> code == (sql.getErrorCode() & PRIMARY)))
                        return trouble;
            }
        }
        return null;
    }
}
