package barytone.server.job;

import static org.assertj.core.api.Assertions.assertThat;

import barytone.server.RunningBarytone;
import barytone.server.TestClock;
import java.nio.file.Path;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.LongStream;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** What follows from a log is kept, and never longer than what it follows from. */
class ReplaysTest {
    private static RunningBarytone app;

    @BeforeAll
    static void start(@TempDir Path data) {
        TestClock.set(Instant.parse("2031-02-03T10:20:00Z"));
        app = RunningBarytone.demo(data);
    }

    @AfterAll
    static void stop() {
        app.close();
    }

    private static OpenedJob open(long id) {
        return app.bean(JobLog.class).open(id);
    }

    @Test
    void aJobThatNobodyTouchedIsNotReplayedAgain() {
        assertThat(open(2)).isSameAs(open(2));
    }

    @Test
    void anEntryIsSeenAtOnce() {
        OpenedJob before = open(3);
        assertThat(app.note(3, "looked at").status()).isEqualTo(200);
        assertThat(open(3).log()).hasSize(before.log().size() + 1);
    }

    @Test
    void whatIsChangedBehindItsBackIsSeenToo() {
        String found = before(7);
        app.sql(sql -> sql.execute(
                "UPDATE job_event SET body = replace(body, '0.53', '0.51') WHERE job_id = 7 AND kind = 'reading'"));
        assertThat(before(7)).isNotEqualTo(found);
        app.sql(
                sql -> sql.execute(
                        "UPDATE instrument SET name = 'Renamed since' WHERE id = (SELECT instrument_id FROM job WHERE id = 7)"));
        assertThat(open(7).job().instrument()).isEqualTo("Renamed since");
    }

    private static String before(long id) {
        return open(id).state().readings().getFirst().toString();
    }

    @Test
    void moreJobsThanAreReadAtOnceAreAllRead() {
        // those that are there lie on both sides of the fiftieth
        List<Long> all = LongStream.rangeClosed(1, 60).boxed().toList().reversed();
        List<Long> cannot = new ArrayList<>();
        Map<Long, OpenedJob> read = app.bean(JobLog.class).openAll(all, (id, why) -> {
            assertThat(why).isInstanceOf(NoSuchJobException.class);
            cannot.add(id);
        });
        assertThat(read).hasSize(42);
        assertThat(cannot).hasSize(18).allMatch(id -> id > 42);
        read.forEach((id, job) -> {
            assertThat(job.job()).as("job " + id).isEqualTo(open(id).job());
            assertThat(job.log()).as("job " + id).isEqualTo(open(id).log());
        });
    }

    @Test
    void aClosedJobTakesNoPlaceOfOneOnTheBench() {
        assertThat(open(1).state().closed()).isTrue();
        assertThat(open(1)).isNotSameAs(open(1));
    }

    @Test
    void whatWasNotCommittedIsNotKept() {
        int before = open(4).log().size();
        List<Integer> within = new ArrayList<>();
        try {
            app.sql(sql -> {
                sql.execute(
                        "DELETE FROM job_event WHERE job_id = 4 AND seq = (SELECT MAX(seq) FROM job_event WHERE job_id = 4)");
                within.add(open(4).log().size());
                throw new IllegalStateException("on purpose");
            });
        } catch (IllegalStateException onPurpose) {
            within.add(open(4).log().size());
        }
        assertThat(within).containsExactly(before - 1, before);
    }
}
