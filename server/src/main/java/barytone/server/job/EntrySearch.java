package barytone.server.job;

import static barytone.server.db.gen.Tables.JOB_EVENT;
import static barytone.server.db.gen.Tables.JOB_TOLD;

import barytone.core.history.Air;
import barytone.core.instrument.InstrumentSpec;
import barytone.core.job.JobEvent;
import barytone.core.job.Tending;
import barytone.core.worktime.Task;
import barytone.core.worktime.Worked;
import java.time.Instant;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.Record5;
import org.jooq.impl.DSL;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** Looks for entries of one kind over all jobs. No job is replayed, what was undone does not count, and what cannot be read is left out. */
@Component
public class EntrySearch {
    private static final String UNDONE = "undone";

    private final DSLContext sql;
    private final JobLog log;
    private final EventCodec codec;
    private final StoredEntries entries;

    EntrySearch(DSLContext sql, JobLog log, EventCodec codec, StoredEntries entries) {
        this.sql = sql;
        this.log = log;
        this.codec = codec;
        this.entries = entries;
    }

    /** An entry with the job that it is on. */
    private record Found(long job, long seq, Instant at, JobEvent event) {}

    /**
     * The air that an instrument stood in, oldest first.
     *
     * @param jobs on it: what was read in its case belongs to it alone, what was read in the room on any job to all
     */
    @Transactional(readOnly = true)
    public List<Air.Reading> air(Set<Long> jobs) {
        return find(JobEvent.AirRead.class, DSL.noCondition()).stream()
                .map(found -> {
                    JobEvent.AirRead read = (JobEvent.AirRead) found.event();
                    boolean room = read.place() == JobEvent.AirRead.Place.ROOM;
                    return room || jobs.contains(found.job())
                            ? Optional.of(new Air.Reading(found.at(), read.humidity(), room))
                            : Optional.<Air.Reading>empty();
                })
                .flatMap(Optional::stream)
                .toList();
    }

    /**
     * When something was done last around the strings of an instrument; empty when it never was.
     *
     * @param instrument the number that it is told as
     */
    @Transactional(readOnly = true)
    public Optional<Instant> lastTended(long instrument, Tending what) {
        Condition here = JOB_EVENT.JOB_ID.in(
                sql.select(JOB_TOLD.ID).from(JOB_TOLD).where(JOB_TOLD.INSTRUMENT_ID.eq(instrument)));
        return find(JobEvent.Tended.class, here).reversed().stream()
                .filter(found -> ((JobEvent.Tended) found.event()).what() == what)
                .map(Found::at)
                .findFirst();
    }

    /** The jobs on which a day was set to look again. */
    @Transactional(readOnly = true)
    public Set<Long> withFollowUp() {
        Set<Long> jobs = new HashSet<>();
        find(JobEvent.FollowUpSet.class, DSL.noCondition()).forEach(found -> jobs.add(found.job()));
        return jobs;
    }

    /** The newest entries of all jobs, as work that they end, the oldest first; what cannot be read is left out. */
    @Transactional(readOnly = true)
    public List<Worked.Entry> newest(int most) {
        Map<Long, Optional<InstrumentSpec>> specs = new HashMap<>();
        return sql
                .select(JOB_EVENT.JOB_ID, JOB_EVENT.HAPPENED_AT, JOB_EVENT.KIND, JOB_EVENT.BODY, JOB_EVENT.HANDS)
                .from(JOB_EVENT)
                .orderBy(JOB_EVENT.HAPPENED_AT.desc(), JOB_EVENT.JOB_ID.desc(), JOB_EVENT.SEQ.desc())
                .limit(most)
                .fetch()
                .reversed()
                .stream()
                .flatMap(r -> specs.computeIfAbsent(r.value1(), this::spec).stream()
                        .flatMap(spec -> worked(r, spec).stream()))
                .toList();
    }

    private Optional<Worked.Entry> worked(
            Record5<Long, Instant, String, String, @Nullable String> r, InstrumentSpec spec) {
        String hands = r.value5();
        try {
            return entries.readable(r.value3(), r.value4())
                    .map(event -> new Worked.Entry(
                            Task.of(event, spec),
                            spec.kind(),
                            spec.fittings().bridge(),
                            hands == null ? "" : hands,
                            r.value2()));
        } catch (RuntimeException broken) {
            // of an entry that is read only in part
            return Optional.empty();
        }
    }

    private Optional<InstrumentSpec> spec(long job) {
        try {
            return Optional.of(log.about(job).spec());
        } catch (RuntimeException broken) {
            return Optional.empty();
        }
    }

    private List<Found> find(Class<? extends JobEvent> kind, Condition which) {
        String name = codec.kind(kind);
        Set<Long> withUndone = new HashSet<>(sql.selectDistinct(JOB_EVENT.JOB_ID)
                .from(JOB_EVENT)
                // written out, or its index is not used; so below
                .where(JOB_EVENT.KIND.eq(DSL.inline(UNDONE)))
                .fetch(JOB_EVENT.JOB_ID));
        Map<Long, Set<Long>> undone = new HashMap<>();
        return sql
                .select(JOB_EVENT.JOB_ID, JOB_EVENT.SEQ, JOB_EVENT.HAPPENED_AT, JOB_EVENT.BODY)
                .from(JOB_EVENT)
                .where(JOB_EVENT.KIND.eq(DSL.inline(name)))
                .and(which)
                .orderBy(JOB_EVENT.HAPPENED_AT, JOB_EVENT.JOB_ID, JOB_EVENT.SEQ)
                .fetch()
                .stream()
                .filter(r -> !withUndone.contains(r.value1())
                        || !undone.computeIfAbsent(r.value1(), job -> StoredEntries.undone(entries.of(job)))
                                .contains(r.value2()))
                .flatMap(
                        r -> entries
                                .readable(name, r.value4())
                                .map(event -> new Found(r.value1(), r.value2(), r.value3(), event))
                                .stream())
                .toList();
    }
}
