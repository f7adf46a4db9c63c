import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.sql.Statement;

/** Makes an old shop of the demo's database: its closed job over and over. Arguments: database, how many closed jobs, how many events in each. */
public final class OldShop {
    public static void main(String[] args) throws SQLException {
        long jobs = Long.parseLong(args[1]);
        long events = Long.parseLong(args[2]);
        try (Connection connection = DriverManager.getConnection("jdbc:sqlite:" + args[0]);
                Statement sql = connection.createStatement()) {
            sql.execute("PRAGMA journal_mode=WAL");
            sql.execute("PRAGMA synchronous=OFF");
            connection.setAutoCommit(false);
            sql.execute("CREATE TEMP TABLE n AS WITH RECURSIVE c(i) AS (SELECT 1 UNION ALL SELECT i + 1 FROM c WHERE i < " + jobs
                    + ") SELECT i FROM c");
            sql.execute("CREATE TEMP TABLE k AS WITH RECURSIVE c(i) AS (SELECT 1 UNION ALL SELECT i + 1 FROM c WHERE i < " + events
                    + ") SELECT i FROM c");
            // tickets of before the demo's: the newest closed job stays the demo's own
            sql.execute("UPDATE job SET ticket = ticket + " + (jobs + 1000));
            sql.execute("INSERT INTO job (id, ticket, instrument_id, player_id, complaint, request_key, opened_at, scope, choices, is_closed, touch) SELECT 1000 + n.i, 100 + n.i, j.instrument_id, j.player_id, j.complaint || ' ' || n.i, 'old-' || n.i,"
                    + " j.opened_at, j.scope, j.choices, 1, j.touch FROM job j, n WHERE j.id = 1");
            // notes in between, so that every job is as long as asked for; its closing comes last
            sql.execute("INSERT INTO job_event (job_id, seq, happened_at, kind, body, request_key) SELECT 1000 + n.i, k.i, '2026-02-02T07:00:00.000Z',"
                    + " CASE WHEN k.i = " + events + " THEN 'closed' ELSE 'note' END,"
                    + " CASE WHEN k.i = " + events + " THEN '{}' ELSE '{\"text\":\"noted\"}' END, 'old-' || n.i || '-' || k.i FROM n, k");
            sql.execute("INSERT INTO closed_job SELECT 1000 + n.i, " + columns(sql) + " FROM closed_job c, n WHERE c.job_id = 1");
            connection.commit();
        }
    }

    private static String columns(Statement sql) throws SQLException {
        StringBuilder names = new StringBuilder();
        try (var rows = sql.executeQuery("SELECT name FROM pragma_table_info('closed_job') WHERE name <> 'job_id' ORDER BY cid")) {
            while (rows.next()) names.append(names.isEmpty() ? "c." : ", c.").append(rows.getString(1));
        }
        return names.toString();
    }
}
