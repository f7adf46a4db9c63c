package barytone.server.db;

import com.zaxxer.hikari.HikariConfig;
import com.zaxxer.hikari.HikariDataSource;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.SQLException;
import java.time.Duration;
import java.util.List;
import java.util.Properties;
import org.springframework.jdbc.datasource.AbstractDataSource;

/**
 * The connections to the database. One writes, for SQLite has one writer: who wants to write waits for it. Whatever is not a transaction that writes gets one of
 * several that can only read, and sees what was committed when it began, without waiting and without being waited for.
 */
final class Connections extends AbstractDataSource implements AutoCloseable {
    private static final int READERS = 6;
    private static final long WAIT_MILLIS = 15_000;

    private final HikariDataSource writer;
    private final HikariDataSource readers;
    private final ThreadLocal<Boolean> writing = ThreadLocal.withInitial(() -> false);

    /**
     * @param patience how long to wait for another program that has the database locked
     */
    Connections(Path database, Duration patience) {
        writer = pool(database, "writer", 1, patience);
        readers = pool(database, "readers", READERS, patience);
    }

    private static HikariDataSource pool(Path database, String name, int size, Duration patience) {
        Properties pragmas = new Properties();
        pragmas.setProperty("journal_mode", "WAL");
        // a confirmed entry survives the loss of power
        pragmas.setProperty("synchronous", "FULL");
        pragmas.setProperty("foreign_keys", "on");
        pragmas.setProperty("busy_timeout", String.valueOf(patience.toMillis()));
        // begun without a lock, which cannot fail; who writes takes the lock with a statement of its own, which can
        // fail and be rolled back
        pragmas.setProperty("transaction_mode", "DEFERRED");
        // one that was taken away is not made anew, empty
        pragmas.setProperty("open_mode", String.valueOf(DatabaseFile.EXISTING));
        HikariConfig config = new HikariConfig();
        config.setPoolName(name);
        config.setJdbcUrl(DatabaseFile.url(database));
        config.setDataSourceProperties(pragmas);
        config.setMaximumPoolSize(size);
        config.setMinimumIdle(1);
        config.setConnectionTimeout(WAIT_MILLIS);
        if (size > 1) config.setConnectionInitSql("PRAGMA query_only = on");
        return new HikariDataSource(config);
    }

    /** Once trouble with the disk or a lock was met, every connection is made anew when it is given back. */
    void renew() {
        for (HikariDataSource pool : List.of(writer, readers))
            pool.getHikariPoolMXBean().softEvictConnections();
    }

    /** Whether this thread asks for its next connection in order to write. */
    void writing(boolean writes) {
        if (writes) writing.set(true);
        else writing.remove();
    }

    @Override
    public Connection getConnection() throws SQLException {
        return (writing.get() ? writer : readers).getConnection();
    }

    @Override
    public Connection getConnection(String user, String password) throws SQLException {
        return getConnection();
    }

    @Override
    public void close() {
        readers.close();
        writer.close();
    }
}
