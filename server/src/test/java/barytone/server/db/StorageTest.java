package barytone.server.db;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import barytone.server.MadeBefore;
import barytone.server.RunningBarytone;
import barytone.server.RunningBarytone.Answer;
import barytone.server.TestClock;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.Statement;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.TimeUnit;
import org.jooq.DSLContext;
import org.jooq.impl.DSL;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;

/** Locks, full disks, readers that take their time and a database that is taken away, under a running server. */
class StorageTest {
    private static Path data;
    private static RunningBarytone app;

    @BeforeAll
    static void start(@TempDir Path folder) {
        // a name like any other
        data = folder.resolve("Währung #1? 100% mine");
        TestClock.set(MadeBefore.MORNING);
        app = RunningBarytone.demo(data, "--barytone.patience=PT0.2S");
    }

    @AfterAll
    static void stop() {
        app.close();
    }

    private static String tape(long job) {
        return app.get("/api/jobs/" + job).json().get("tape").toString();
    }

    @Test
    void aFolderWithAnOddNameHoldsTheDatabase() throws IOException {
        assertThat(data.resolve("barytone.db")).exists();
        try (var there = Files.list(data.getParent())) {
            assertThat(there.map(f -> f.getFileName().toString())).containsExactly("Währung #1? 100% mine");
        }
    }

    @Test
    void whileAnotherProgramHasTheLockNothingIsWrittenAndAfterwardsAllIsWell() throws Exception {
        try (Connection foreign = DatabaseFile.connect(data.resolve("barytone.db"), false);
                Statement sql = foreign.createStatement()) {
            sql.execute("BEGIN IMMEDIATE");
            for (int i = 0; i < 4; i++) {
                Answer refused = app.note(2, "refused " + i);
                assertThat(refused.status()).as(refused.text()).isEqualTo(503);
                assertThat(refused.json().get("detail").asString())
                        .contains("Another program")
                        .contains("Nothing of this was recorded");
                // who reads does not care
                assertThat(app.get("/api/bench").status()).isEqualTo(200);
                assertThat(app.get("/api/shop/tools").status()).isEqualTo(200);
            }
            sql.execute("ROLLBACK");
        }
        for (int i = 0; i < 4; i++)
            assertThat(app.note(2, "taken " + i).status()).isEqualTo(200);
        assertThat(tape(2)).contains("taken 3").doesNotContain("refused");
    }

    @Test
    void aReaderThatTakesItsTimeSeesOneMomentAndHoldsNobodyUp() throws Exception {
        CountDownLatch reading = new CountDownLatch(1);
        CountDownLatch written = new CountDownLatch(1);
        TransactionTemplate slowly = new TransactionTemplate(app.bean(PlatformTransactionManager.class));
        slowly.setReadOnly(true);
        try (ExecutorService reader = Executors.newSingleThreadExecutor()) {
            Future<int[]> counted = reader.submit(() -> slowly.execute(status -> {
                int before = entries();
                reading.countDown();
                await(written);
                return new int[] {before, entries()};
            }));
            assertThat(reading.await(20, TimeUnit.SECONDS)).isTrue();
            assertThat(app.note(3, "meanwhile").status()).isEqualTo(200);
            assertThat(tape(3)).contains("meanwhile");
            written.countDown();
            assertThat(counted.get()[1]).isEqualTo(counted.get()[0]);
        }
    }

    private static int entries() {
        return app.bean(DSLContext.class).fetchCount(DSL.table("job_event"));
    }

    private static void await(CountDownLatch latch) {
        try {
            latch.await(20, TimeUnit.SECONDS);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }

    @Test
    void nothingButATransactionThatWritesCanWrite() {
        assertThatThrownBy(() -> app.bean(DSLContext.class).execute("UPDATE job SET complaint = 'lost'"))
                .hasStackTraceContaining("readonly");
    }

    @Test
    void aFullDiskIsToldAndForgottenOnceThereIsRoom() {
        app.sql(sql -> sql.execute("PRAGMA max_page_count = 1"));
        String long2000 = "x".repeat(1900);
        Answer last = app.note(4, long2000);
        for (int i = 0; i < 60 && last.status() == 200; i++) last = app.note(4, i + long2000);
        assertThat(last.status()).as(last.text()).isEqualTo(507);
        assertThat(last.json().get("detail").asString())
                .contains("The disk is full")
                .contains("make room");
        assertThat(app.note(4, "there is room again").status()).isEqualTo(200);
        assertThat(tape(4)).contains("there is room again");
    }

    @Test
    void aDatabaseThatIsTakenAwayIsNoticedBeforeAnythingIsConfirmed() throws Exception {
        Path file = data.resolve("barytone.db");
        Path away = data.resolveSibling("away.db");
        Files.move(file, away);
        try {
            Answer lost = app.note(5, "into the void");
            assertThat(lost.status()).as(lost.text()).isEqualTo(503);
            assertThat(lost.json().get("detail").asString()).contains("removed or replaced");
            Files.copy(away, file);
            assertThat(app.note(5, "beside the copy").status()).isEqualTo(503);
            Files.delete(file);
        } finally {
            Files.move(away, file);
        }
        assertThat(app.note(5, "back again").status()).isEqualTo(200);
        assertThat(tape(5)).contains("back again").doesNotContain("void").doesNotContain("beside");
    }

    @Test
    void aSecondBarytoneOnTheSameFolderIsRefused() {
        assertThatThrownBy(() -> RunningBarytone.in(data, "--barytone.demo=true"))
                .isInstanceOf(DataTroubleException.class)
                .hasMessageContaining("Another Barytone is working on " + data);
    }
}
