package barytone.server.db;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.Arrays;
import org.springframework.core.io.Resource;
import org.springframework.core.io.support.PathMatchingResourcePatternResolver;
import org.sqlite.SQLiteConfig;
import org.sqlite.SQLiteDataSource;
import org.sqlite.SQLiteOpenMode;

/** A file that may be a database of Barytone. */
final class DatabaseFile {
    /** How to open a file that is there, by its address. */
    static final int EXISTING = SQLiteOpenMode.READWRITE.flag | SQLiteOpenMode.OPEN_URI.flag;

    private static final byte[] HEADER = "SQLite format 3\0".getBytes(StandardCharsets.US_ASCII);

    /** Up to this size all of it is looked through at each start; that takes a tenth of a second. */
    private static final long SMALL = 24L << 20;

    private static final int BUSY_MILLIS = 5_000;

    private static final String MIGRATIONS = "classpath*:db/migration/V*__*.sql";

    private DatabaseFile() {}

    /** The version that this Barytone writes. */
    static int newest() {
        try {
            return Arrays.stream(new PathMatchingResourcePatternResolver().getResources(MIGRATIONS))
                    .map(Resource::getFilename)
                    .mapToInt(name -> Integer.parseInt(String.valueOf(name).substring(1, name.indexOf("__"))))
                    .max()
                    .orElseThrow();
        } catch (IOException e) {
            throw new java.io.UncheckedIOException(e);
        }
    }

    /** A plain connection, apart from those of the running server. */
    static Connection connect(Path file, boolean readOnly) throws SQLException {
        Connection connection = source(file, false).getConnection();
        if (readOnly)
            try (Statement statement = connection.createStatement()) {
                statement.execute("PRAGMA query_only = on");
            }
        return connection;
    }

    /**
     * Plain connections, each write of which is on the disk when it is confirmed.
     *
     * @param create whether a file that is not there is made
     */
    static SQLiteDataSource source(Path file, boolean create) {
        SQLiteConfig config = new SQLiteConfig();
        config.setBusyTimeout(BUSY_MILLIS);
        config.setSynchronous(SQLiteConfig.SynchronousMode.FULL);
        if (!create) config.resetOpenMode(SQLiteOpenMode.CREATE);
        SQLiteDataSource source = new SQLiteDataSource(config);
        source.setUrl(url(file));
        return source;
    }

    /** As an address: a name with a question mark or a number sign is a name like any other. */
    static String url(Path file) {
        return "jdbc:sqlite:file:" + file.toUri().getRawPath();
    }

    /**
     * The version of a database; 0 when there is none yet or it is empty.
     *
     * @param whole whether to look through all of it, however large it is
     * @throws DataTroubleException when it is not a database of Barytone, damaged, or of a newer version. It is left as it is.
     */
    static int version(Path file, boolean whole) {
        try {
            if (!Files.exists(file) || Files.size(file) == 0) return 0;
            if (Files.isDirectory(file) || !hasHeader(file)) throw notOurs(file, "It is not a database at all");
            if (!Files.isWritable(file)
                    || !Files.isWritable(file.toAbsolutePath().getParent()))
                throw new DataTroubleException(file
                        + " cannot be written by you, so nothing could be recorded. Make it writable, and its folder.");
            try (Connection db = connect(file, true)) {
                return version(db, file, whole || Files.size(file) <= SMALL);
            }
        } catch (IOException e) {
            throw new DataTroubleException(
                    file + " cannot be read (" + e.getClass().getSimpleName() + ").", e);
        } catch (SQLException e) {
            StorageTrouble trouble = StorageTrouble.in(e);
            if (trouble == StorageTrouble.DAMAGED) throw damaged(file, e);
            if (trouble == StorageTrouble.LOCKED)
                throw new DataTroubleException("Another program has " + file + " locked. Close it and start again.", e);
            // tables of other programs, whatever their names
            if (trouble == null) throw notOurs(file, "It belongs to another program");
            throw new DataTroubleException(file + " cannot be read. " + trouble.told(), e);
        }
    }

    private static int version(Connection db, Path file, boolean look) throws SQLException {
        try (Statement sql = db.createStatement()) {
            if (!has(sql, "SELECT 1 FROM sqlite_schema")) return 0;
            if (!has(sql, "SELECT 1 FROM sqlite_schema WHERE name = 'flyway_schema_history'")
                    || !has(sql, "SELECT 1 FROM flyway_schema_history WHERE version = '1' AND script = 'V1__jobs.sql'"))
                throw notOurs(file, "It belongs to another program");
            int version;
            try (ResultSet row = sql.executeQuery(
                    "SELECT max(CAST(version AS INTEGER)) AS v FROM flyway_schema_history WHERE success")) {
                version = row.getInt("v");
            }
            if (version > newest())
                throw new DataTroubleException(file + " was written by a newer Barytone (its version is " + version
                        + ", this one knows up to " + newest() + "). Start the newer one; the file was left as it is.");
            if (look && !isSound(sql)) throw damaged(file, null);
            return version;
        }
    }

    private static boolean isSound(Statement sql) throws SQLException {
        try (ResultSet found = sql.executeQuery("PRAGMA quick_check(1)")) {
            return "ok".equals(found.getString("quick_check"));
        }
    }

    private static boolean has(Statement sql, String query) throws SQLException {
        try (ResultSet rows = sql.executeQuery(query)) {
            return rows.next();
        }
    }

    private static boolean hasHeader(Path file) throws IOException {
        try (InputStream in = Files.newInputStream(file)) {
            return Arrays.equals(in.readNBytes(HEADER.length), HEADER);
        }
    }

    private static DataTroubleException notOurs(Path file, String what) {
        return new DataTroubleException(file + " is not a database of Barytone. " + what
                + ", and was left as it is. Move it away, or restore a backup: ./barytone restore FILE");
    }

    private static DataTroubleException damaged(Path file, @org.jspecify.annotations.Nullable Throwable cause) {
        return new DataTroubleException(
                file
                        + " is damaged, and was left as it is. Restore a backup: ./barytone restore FILE (those made daily are in "
                        + file.resolveSibling(DataFolder.BACKUPS) + ").",
                cause == null ? new IOException("quick_check") : cause);
    }
}
