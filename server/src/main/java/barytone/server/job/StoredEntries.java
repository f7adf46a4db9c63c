package barytone.server.job;

import static barytone.server.db.gen.Tables.JOB_EVENT;

import barytone.core.job.JobEvent;
import barytone.core.job.JobReplay;
import barytone.core.job.LoggedEvent;
import java.time.Instant;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import org.jooq.DSLContext;
import org.jooq.Record5;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;

/** The entries of jobs as they are stored, whether they can be understood or not. */
@Component
class StoredEntries {
    private static final Logger LOG = LoggerFactory.getLogger(StoredEntries.class);

    private final DSLContext sql;
    private final EventCodec codec;

    StoredEntries(DSLContext sql, EventCodec codec) {
        this.sql = sql;
        this.codec = codec;
    }

    /** An entry as it lies in the database. */
    record Row(long seq, Instant at, String kind, String body) {}

    /**
     * An entry.
     *
     * @param event null when it cannot be read
     */
    record Stored(
            long seq, Instant at, String kind, @Nullable JobEvent event) {}

    /** The entries of a job, oldest first. */
    List<Row> rows(long job) {
        return rows(List.of(job)).getOrDefault(job, List.of());
    }

    /** The entries of jobs, oldest first; a job that has none is left out. */
    Map<Long, List<Row>> rows(Collection<Long> jobs) {
        return sql.select(JOB_EVENT.SEQ, JOB_EVENT.HAPPENED_AT, JOB_EVENT.KIND, JOB_EVENT.BODY, JOB_EVENT.JOB_ID)
                .from(JOB_EVENT)
                .where(JOB_EVENT.JOB_ID.in(jobs))
                .orderBy(JOB_EVENT.JOB_ID, JOB_EVENT.SEQ)
                .fetchGroups(Record5::value5, r -> new Row(r.value1(), r.value2(), r.value3(), r.value4()));
    }

    /** The entries of a job, oldest first, as far as they can be understood. */
    List<Stored> of(long job) {
        return read(rows(job));
    }

    private List<Stored> read(List<Row> rows) {
        return rows.stream()
                .map(row -> new Stored(
                        row.seq(),
                        row.at(),
                        row.kind(),
                        readable(row.kind(), row.body()).orElse(null)))
                .toList();
    }

    /** Entries to be replayed; one that cannot be read is left out where it was undone. */
    List<LoggedEvent> events(List<Row> rows) {
        List<Stored> all = read(rows);
        Set<Long> undone = undone(all);
        return all.stream()
                .filter(e -> e.event() != null || !undone.contains(e.seq()))
                .map(e -> {
                    if (e.event() == null) throw new UnreadableEntryException(e.seq(), e.kind());
                    return new LoggedEvent(e.seq(), e.at(), e.event());
                })
                .toList();
    }

    /** An entry as it is stored; empty when this version cannot read it. */
    Optional<JobEvent> readable(String kind, String body) {
        try {
            return Optional.of(codec.event(kind, body));
        } catch (RuntimeException unreadable) {
            LOG.warn("An entry of kind {} cannot be read", kind, unreadable);
            return Optional.empty();
        }
    }

    /** Which entries do not count, whether they can be read or not. */
    static Set<Long> undone(List<Stored> all) {
        return JobReplay.undone(all.stream()
                .filter(e -> e.event() != null)
                .map(e -> new LoggedEvent(e.seq(), e.at(), Objects.requireNonNull(e.event())))
                .toList());
    }

    /** Whether the entries that count leave a job closed. */
    static boolean closes(List<Stored> all) {
        Set<Long> undone = undone(all);
        boolean closed = false;
        for (Stored entry : all) {
            if (undone.contains(entry.seq())) continue;
            if (entry.event() instanceof JobEvent.Closed) closed = true;
            if (entry.event() instanceof JobEvent.Reopened) closed = false;
        }
        return closed;
    }
}
