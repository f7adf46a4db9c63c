package barytone.server.db;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import barytone.server.MadeBefore;
import barytone.server.RunningBarytone;
import barytone.server.TestClock;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.sql.Statement;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** What Barytone does not start on, it says in a sentence and leaves as it is. */
class StartTest {
    private static Path good;

    @BeforeAll
    static void demo(@TempDir Path folder) {
        TestClock.set(MadeBefore.MORNING);
        RunningBarytone.demo(folder).close();
        good = folder.resolve("barytone.db");
    }

    private static void refused(Path data, String why) throws IOException {
        Path file = data.resolve("barytone.db");
        byte[] before = Files.readAllBytes(file);
        assertThatThrownBy(() -> RunningBarytone.in(data))
                .isInstanceOf(DataTroubleException.class)
                .hasMessageContaining(why);
        assertThat(Files.readAllBytes(file)).isEqualTo(before);
        assertThat(data.resolve("backups")).doesNotExist();
    }

    @Test
    void garbage(@TempDir Path data) throws IOException {
        Files.writeString(data.resolve("barytone.db"), "Dear diary, today I filed a nut.".repeat(200));
        refused(data, "is not a database of Barytone");
    }

    @Test
    void theDatabaseOfAnotherProgram(@TempDir Path data) throws IOException, SQLException {
        try (Connection db = DriverManager.getConnection("jdbc:sqlite:" + data.resolve("barytone.db"));
                Statement sql = db.createStatement()) {
            sql.execute("CREATE TABLE ledger (id INTEGER PRIMARY KEY, amount REAL)");
        }
        refused(data, "It belongs to another program");
    }

    @Test
    void theDatabaseOfANewerBarytone(@TempDir Path data) throws IOException, SQLException {
        Files.copy(good, data.resolve("barytone.db"));
        try (Connection db = DatabaseFile.connect(data.resolve("barytone.db"), false);
                Statement sql = db.createStatement()) {
            sql.execute(
                    "INSERT INTO flyway_schema_history SELECT installed_rank + 100, '99', 'later', type, 'V99__later.sql',"
                            + " checksum, installed_by, installed_on, execution_time, success FROM flyway_schema_history WHERE version = '1'");
            sql.execute("PRAGMA wal_checkpoint(TRUNCATE)");
        }
        refused(
                data,
                "was written by a newer Barytone (its version is 99, this one knows up to " + DatabaseFile.newest());
    }

    @Test
    void aDamagedDatabase(@TempDir Path data) throws IOException {
        byte[] bytes = Files.readAllBytes(good);
        byte[] noise = "no page of a tree ".repeat(400).getBytes(StandardCharsets.US_ASCII);
        System.arraycopy(noise, 0, bytes, bytes.length / 2, noise.length);
        Files.write(data.resolve("barytone.db"), bytes);
        refused(data, "is damaged, and was left as it is. Restore a backup");
    }

    @Test
    void aFolderThatIsNone(@TempDir Path data) throws IOException {
        Path file = Files.writeString(data.resolve("shop"), "a file");
        assertThatThrownBy(() -> RunningBarytone.in(file))
                .isInstanceOf(DataTroubleException.class)
                .hasMessageContaining("is not a folder");
    }
}
