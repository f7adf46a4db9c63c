package barytone.server.db;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import barytone.server.MadeBefore;
import barytone.server.RunningBarytone;
import barytone.server.TestClock;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.FileTime;
import java.nio.file.attribute.PosixFilePermissions;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** What is backed up comes back as it was. */
class BackupTest {
    @BeforeEach
    void morning() {
        TestClock.set(MadeBefore.MORNING);
    }

    private static Map<Long, String> everyJob(RunningBarytone app) {
        Map<Long, String> all = new TreeMap<>();
        for (long id = 1; id <= 12; id++)
            all.put(id, app.get("/api/jobs/" + id).json().get("tape").toString());
        return all;
    }

    @Test
    void madeWhileItRunsAndPutBackItIsAllThere(@TempDir Path folder) throws IOException {
        Path data = folder.resolve("data");
        Path file = folder.resolve("kept/away.zip");
        Map<Long, String> then;
        try (RunningBarytone app = RunningBarytone.demo(data)) {
            app.note(2, "before");
            Files.createDirectories(data.resolve("pictures"));
            Files.writeString(data.resolve("pictures/nut.txt"), "as found");
            then = everyJob(app);
            assertThat(Backup.byHand(data, file)).isEqualTo(file);
            app.note(2, "after");
            assertThatThrownBy(() -> Restore.restore(data, file))
                    .hasMessageContaining("Another Barytone is working on");
        }
        assertThat(PosixFilePermissions.toString(Files.getPosixFilePermissions(file)))
                .isEqualTo("rw-------");
        assertThatThrownBy(() -> Backup.byHand(data, file)).hasMessageContaining("overwrites nothing");
        Files.writeString(data.resolve("pictures/nut.txt"), "as left");
        assertThat(Restore.restore(data, file))
                .startsWith("Restored away.zip: 42 jobs, ")
                .contains("What was there before is kept as ");
        assertThat(data.resolve("pictures/nut.txt")).hasContent("as found");
        try (RunningBarytone app = RunningBarytone.demo(data)) {
            assertThat(everyJob(app)).isEqualTo(then);
        }
        // and what was there before can be had again
        Path before = Backup.in(data).getFirst();
        assertThat(before.getFileName().toString()).startsWith("before-restore-");
        Restore.restore(data, before);
        try (RunningBarytone app = RunningBarytone.demo(data)) {
            assertThat(app.get("/api/jobs/2").json().get("tape").toString()).contains("after");
        }
        try (var left = Files.list(data)) {
            assertThat(left.map(f -> f.getFileName().toString()))
                    .noneMatch(name -> name.startsWith(".restore") || name.endsWith(".part"));
        }
    }

    @Test
    void aDayUnderTheServerHasABackupAndOneCanBeAskedFor(@TempDir Path data) {
        try (RunningBarytone app = RunningBarytone.in(data, "--barytone.backup.after=PT1H")) {
            assertThat(app.get("/api/shop/backups").json().get("count").asInt()).isZero();
            app.bean(DailyBackup.class).daily();
            app.bean(DailyBackup.class).daily();
            // of the day and of its week
            assertThat(app.get("/api/shop/backups").json().get("count").asInt()).isEqualTo(2);
            RunningBarytone.Answer more = app.post("/api/shop/backups", "");
            assertThat(more.status()).as(more.text()).isEqualTo(200);
            assertThat(more.json().get("count").asInt()).isEqualTo(3);
            assertThat(more.json().hasNonNull("failure")).isFalse();
        }
    }

    @Test
    void aBackupThatCannotBeMadeIsSaidOnThePage(@TempDir Path data) throws IOException {
        Files.writeString(data.resolve("backups"), "a file where a folder should be");
        try (RunningBarytone app = RunningBarytone.in(data, "--barytone.backup.after=PT1H")) {
            app.bean(DailyBackup.class).daily();
            assertThat(app.get("/api/shop/backups").json().get("failure").asString())
                    .startsWith("No backup was made");
        }
    }

    @Test
    void whatIsNoBackupChangesNothing(@TempDir Path folder) throws IOException {
        Path data = folder.resolve("data");
        RunningBarytone.demo(data).close();
        byte[] before = Files.readAllBytes(data.resolve("barytone.db"));
        Path none = Files.writeString(folder.resolve("letter.txt"), "Dear diary");
        Path cut = folder.resolve("cut.zip");
        Path whole = Backup.byHand(data, null);
        byte[] bytes = Files.readAllBytes(whole);
        Files.write(cut, java.util.Arrays.copyOf(bytes, bytes.length / 2));
        for (Path bad : List.of(none, cut, folder.resolve("missing.zip")))
            assertThatThrownBy(() -> Restore.restore(data, bad)).isInstanceOf(DataTroubleException.class);
        assertThat(Files.readAllBytes(data.resolve("barytone.db"))).isEqualTo(before);
    }

    @Test
    void aDamagedDatabaseIsKeptAsideWhenABackupTakesItsPlace(@TempDir Path folder) throws IOException {
        Path data = folder.resolve("data");
        RunningBarytone.demo(data).close();
        Path file = Backup.byHand(data, null);
        Files.writeString(data.resolve("barytone.db"), "spilt finish");
        assertThat(Restore.restore(data, file))
                .contains("could not be backed up")
                .contains("is not a database of Barytone")
                .contains("Its files are kept in");
        try (RunningBarytone app = RunningBarytone.demo(data)) {
            assertThat(everyJob(app)).hasSize(12);
        }
    }

    @Test
    void sevenDaysAndEightWeeksAreKept(@TempDir Path folder) throws IOException {
        RunningBarytone.in(folder).close();
        Files.createDirectories(folder.resolve("backups"));
        Files.writeString(folder.resolve("backups/by-hand-2031-01-01-120000.zip"), "never given up");
        Path left = Files.writeString(folder.resolve("backups/.daily-2031-01-01.zip.7.part"), "interrupted");
        Files.setLastModifiedTime(left, FileTime.from(Instant.now().minus(Duration.ofDays(9))));
        LocalDate first = LocalDate.of(2031, 1, 1);
        for (int day = 0; day < 70; day++) {
            LocalDate today = first.plusDays(day);
            assertThat(Backup.daily(folder, today)).isPresent();
            assertThat(Backup.daily(folder, today)).as("once a day").isEmpty();
        }
        List<String> names =
                Backup.in(folder).stream().map(f -> f.getFileName().toString()).toList();
        assertThat(names).filteredOn(n -> n.startsWith("daily-")).hasSize(7).contains("daily-2031-03-11.zip");
        assertThat(names).filteredOn(n -> n.startsWith("weekly-")).hasSize(8).contains("weekly-2031-W11.zip");
        assertThat(left).doesNotExist();
        assertThat(names).contains("by-hand-2031-01-01-120000.zip");
    }
}
