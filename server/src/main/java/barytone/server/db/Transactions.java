package barytone.server.db;

import java.sql.Connection;
import java.sql.SQLException;
import java.sql.Statement;
import org.springframework.jdbc.datasource.JdbcTransactionObjectSupport;
import org.springframework.jdbc.support.JdbcTransactionManager;
import org.springframework.transaction.TransactionDefinition;
import org.springframework.transaction.TransactionException;
import org.springframework.transaction.support.DefaultTransactionStatus;
import org.sqlite.SQLiteConnection;

/** Transactions that write take the write lock at once, and confirm nothing that would not be found again. */
final class Transactions extends JdbcTransactionManager {
    private static final long serialVersionUID = 1L;

    /** Changes nothing, but as a statement that could it takes the lock. */
    private static final String TAKE_LOCK = "UPDATE setting SET version = version WHERE 0";

    private final transient Connections connections;
    private final transient DataFolder folder;

    Transactions(Connections connections, DataFolder folder) {
        super(connections);
        this.connections = connections;
        this.folder = folder;
        setRollbackOnCommitFailure(true);
    }

    @Override
    protected void doBegin(Object transaction, TransactionDefinition definition) {
        connections.writing(!definition.isReadOnly());
        try {
            super.doBegin(transaction, definition);
        } catch (RuntimeException e) {
            connections.renew();
            throw e;
        } finally {
            connections.writing(false);
        }
    }

    @Override
    protected void prepareTransactionalConnection(Connection connection, TransactionDefinition definition)
            throws SQLException {
        if (definition.isReadOnly()) return;
        try (Statement lock = connection.createStatement()) {
            lock.executeUpdate(TAKE_LOCK);
        } catch (SQLException refused) {
            // given back as it came, or the next would write outside of any transaction
            connection.rollback();
            connection.setAutoCommit(true);
            throw refused;
        }
    }

    @Override
    protected void doCommit(DefaultTransactionStatus status) {
        if (!status.isReadOnly()) folder.mustBeThere();
        try {
            super.doCommit(status);
        } catch (RuntimeException e) {
            connections.renew();
            throw e;
        }
    }

    @Override
    protected void doRollback(DefaultTransactionStatus status) {
        try {
            super.doRollback(status);
        } catch (TransactionException e) {
            // a full disk has it rolled back already; whatever it was, closed it is rolled back for certain, and what
            // went wrong before is what is told
            logger.debug("A rollback failed", e);
            connections.renew();
            close(((JdbcTransactionObjectSupport) status.getTransaction())
                    .getConnectionHolder()
                    .getConnection());
        }
    }

    private void close(Connection connection) {
        try {
            connection.unwrap(SQLiteConnection.class).close();
        } catch (SQLException e) {
            logger.debug("A connection could not be closed", e);
        }
    }
}
