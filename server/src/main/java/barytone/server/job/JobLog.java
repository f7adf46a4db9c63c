package barytone.server.job;

import static barytone.server.db.gen.Tables.CLOSED_JOB;
import static barytone.server.db.gen.Tables.JOB;
import static barytone.server.db.gen.Tables.JOB_EVENT;
import static barytone.server.db.gen.Tables.JOB_TOLD;

import barytone.core.arrival.Complaint;
import barytone.core.instrument.InstrumentSpec;
import barytone.core.instrument.Touch;
import barytone.core.job.JobDefaults;
import barytone.core.job.JobEvent;
import barytone.core.job.LoggedEvent;
import barytone.core.job.Station;
import barytone.core.station.Stations;
import barytone.server.db.gen.tables.records.ClosedJobRecord;
import barytone.server.instruments.Instruments;
import barytone.server.shop.Shop;
import barytone.server.web.ChangedMeanwhileException;
import java.time.Clock;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.function.BiConsumer;
import java.util.function.Function;
import org.jooq.DSLContext;
import org.jooq.Record;
import org.jooq.impl.DSL;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** The stored log of every job: read whole, added to one event at a time, never changed. */
@Component
public class JobLog {
    private static final Logger LOG = LoggerFactory.getLogger(JobLog.class);

    private final DSLContext sql;
    private final EventCodec codec;
    private final StoredEntries entries;
    private final Replays replays;
    private final Clock clock;
    private final JobNews news;
    private final Shop shop;
    private final AboutJobs about;

    JobLog(
            DSLContext sql,
            EventCodec codec,
            StoredEntries entries,
            Replays replays,
            Clock clock,
            JobNews news,
            Shop shop,
            AboutJobs about) {
        this.shop = shop;
        this.about = about;
        this.sql = sql;
        this.codec = codec;
        this.entries = entries;
        this.replays = replays;
        this.clock = clock;
        this.news = news;
    }

    /**
     * Who and what a job is about; of a closed job as it was when it was closed.
     *
     * @param schoolsAtClosing the shop's schools on that day; null while it is open
     */
    public record Job(
            long id,
            long ticket,
            String instrument,
            long instrumentId,
            long instrumentVersion,
            InstrumentSpec spec,
            String player,
            long playerId,
            Touch touch,
            String complaint,
            Instant openedAt,
            Set<Station> scope,
            List<JobEvent> choices,
            @Nullable String schoolsAtClosing) {
        /** What held when the job was opened. */
        JobDefaults defaults() {
            return Choices.applied(Stations.usual(spec, touch), spec, choices).scope(scope);
        }
    }

    /**
     * Reads a job.
     *
     * @throws NoSuchJobException when there is none with this number
     */
    @Transactional(readOnly = true, noRollbackFor = RuntimeException.class)
    public OpenedJob open(long id) {
        return opened(about.of(id), entries.rows(id));
    }

    private OpenedJob opened(Job of, List<StoredEntries.Row> rows) {
        return replays.of(of, rows, () -> replay(of, entries.events(rows)));
    }

    /** So many jobs are read together. */
    private static final int TOGETHER = 50;

    /**
     * Reads jobs, each of which fails for itself.
     *
     * @param cannot is told which could not be read, and why
     * @return the others by their numbers
     */
    @Transactional(readOnly = true, noRollbackFor = RuntimeException.class)
    public Map<Long, OpenedJob> openAll(List<Long> ids, BiConsumer<Long, RuntimeException> cannot) {
        Map<Long, OpenedJob> opened = new HashMap<>();
        for (int from = 0; from < ids.size(); from += TOGETHER) {
            List<Long> some = ids.subList(from, Math.min(ids.size(), from + TOGETHER));
            Function<Long, OpenedJob> reading = together(some);
            for (long id : some)
                try {
                    opened.put(id, reading.apply(id));
                } catch (RuntimeException e) {
                    cannot.accept(id, e);
                }
        }
        return opened;
    }

    /** What reads each of these: four questions for all of them, unless one has something that cannot even be fetched. */
    private Function<Long, OpenedJob> together(List<Long> ids) {
        try {
            AboutJobs.Some jobs = about.of(ids);
            Map<Long, List<StoredEntries.Row>> rows = entries.rows(ids);
            return id -> opened(jobs.of(id), rows.getOrDefault(id, List.of()));
        } catch (RuntimeException oneOfThem) {
            CannotBeShownException.unlessOfTheDisk(oneOfThem);
            return this::open;
        }
    }

    /** Whether no job was ever taken in. */
    @Transactional(readOnly = true)
    public boolean empty() {
        return !sql.fetchExists(JOB);
    }

    /**
     * Adds an event, committed when this returns.
     *
     * @param after the place of the last event that the asker had seen
     * @param request sent again it is not added twice
     * @param decide what to add, from what the log says now; what it changes besides the log belongs to {@link #changesMore}
     * @throws ChangedMeanwhileException when others added to the log since
     * @throws KeyUsedException when its key came with another request before
     */
    @Transactional
    public Added add(long id, long after, Request request, Function<OpenedJob, JobEvent> decide) {
        if (seen(id, request)) {
            OpenedJob now = open(id);
            return new Added(now.state().closed(), now);
        }
        OpenedJob before = open(id);
        if (before.seq() != after) throw changedMeanwhile(before.seq() - after);
        JobEvent event = decide.apply(before);
        boolean wasClosed = before.state().closed();
        boolean allowedWhenClosed = event instanceof JobEvent.Reopened || event instanceof JobEvent.NoteWritten;
        if (wasClosed && !allowedWhenClosed) throw new JobClosedException();
        insert(id, before.seq() + 1, clock.instant(), event, request.key(), request.content());
        news.afterCommit(id, before.seq() + 1);
        if (changesComplaint(event)) keepComplaint(id);
        OpenedJob now = changesMore(event) ? open(id) : opened(before.job(), entries.rows(id));
        if (now.state().closed() == wasClosed) return new Added(wasClosed, now);
        if (now.state().closed()) freeze(now.job());
        else sql.deleteFrom(CLOSED_JOB).where(CLOSED_JOB.JOB_ID.eq(id)).execute();
        return new Added(wasClosed, open(id));
    }

    /**
     * A job that an entry was added to.
     *
     * @param wasClosed whether it was closed before
     */
    public record Added(boolean wasClosed, OpenedJob now) {}

    /** Whether an entry changes more than the log of a job: what it is about is read anew then. */
    private static boolean changesMore(JobEvent event) {
        return changesComplaint(event) || event instanceof JobEvent.StringsChanged;
    }

    private static boolean changesComplaint(JobEvent event) {
        return event instanceof JobEvent.HurtSaid
                || event instanceof JobEvent.Undone
                || event instanceof JobEvent.Redone;
    }

    /** What hurts, as lists and searches tell it, follows what the log says. */
    @Transactional
    public void keepComplaint(long id) {
        List<StoredEntries.Stored> all = entries.of(id);
        Set<Long> undone = StoredEntries.undone(all);
        Complaint said = null;
        for (StoredEntries.Stored entry : all)
            if (entry.event() instanceof JobEvent.HurtSaid hurt && !undone.contains(entry.seq()))
                said = hurt.complaint();
        sql.update(JOB)
                .set(JOB.COMPLAINT_SAID, said == null ? null : ArrivalWords.complaint(said))
                .where(JOB.ID.eq(id))
                .execute();
    }

    private static ChangedMeanwhileException changedMeanwhile(long added) {
        return new ChangedMeanwhileException(
                added > 0
                        ? "Another window added " + (added == 1 ? "one entry" : added + " entries")
                                + " to this job meanwhile. Nothing was overwritten and yours is not saved yet: look at the tape, then enter it again."
                        : "This window is ahead of the stored job. Load the page again.");
    }

    private boolean seen(long id, Request request) {
        Record earlier = sql.select(JOB_EVENT.JOB_ID, JOB_EVENT.REQUEST)
                .from(JOB_EVENT)
                .where(JOB_EVENT.REQUEST_KEY.eq(request.key()))
                .fetchOne();
        if (earlier == null) return false;
        String content = earlier.get(JOB_EVENT.REQUEST);
        if (earlier.get(JOB_EVENT.JOB_ID) != id || (content != null && !content.equals(request.content())))
            throw new KeyUsedException();
        return true;
    }

    /**
     * A request to add an entry.
     *
     * @param key names it
     * @param content what it says, to tell it from another one with the same key
     */
    record Request(String key, String content) {}

    /** Adds an event to a job that cannot be shown, without a look at what follows from it. */
    @Transactional
    public void addUnseen(long id, long after, Request request, JobEvent event) {
        if (seen(id, request)) return;
        List<StoredEntries.Stored> before = entries.of(id);
        long seq = before.isEmpty() ? 0 : before.getLast().seq();
        if (seq != after) throw changedMeanwhile(seq - after);
        insert(id, seq + 1, clock.instant(), event, request.key(), request.content());
        news.afterCommit(id, seq + 1);
        // what was undone may be the closing
        if (!closedByLog(id))
            sql.deleteFrom(CLOSED_JOB).where(CLOSED_JOB.JOB_ID.eq(id)).execute();
        keepComplaint(id);
    }

    /** Whether the entries of a job leave it closed, whatever else is kept of it. */
    @Transactional(readOnly = true)
    public boolean closedByLog(long id) {
        return StoredEntries.closes(entries.of(id));
    }

    /** Whether a job is closed; false when there is none. */
    @Transactional(readOnly = true)
    public boolean isClosed(long id) {
        return sql.fetchExists(JOB, JOB.ID.eq(id).and(JOB.IS_CLOSED.isTrue()));
    }

    /** Whether a job is shown as it was when it was closed. */
    @Transactional(readOnly = true)
    public boolean keptAsClosed(long id) {
        return sql.fetchExists(CLOSED_JOB, CLOSED_JOB.JOB_ID.eq(id));
    }

    /** Who and what a job is about, without its log. */
    @Transactional(readOnly = true, noRollbackFor = RuntimeException.class)
    public Job about(long id) {
        return about.of(id);
    }

    /** Whether a job of this name is here. */
    @Transactional(readOnly = true)
    public boolean known(String uid) {
        return sql.fetchExists(JOB, JOB.REQUEST_KEY.eq(uid));
    }

    /** The name of a job that holds on every machine. */
    @Transactional(readOnly = true)
    public String uid(long id) {
        return sql.select(JOB.REQUEST_KEY)
                .from(JOB)
                .where(JOB.ID.eq(id))
                .fetchOptional(JOB.REQUEST_KEY)
                .orElseThrow(() -> new NoSuchJobException(id));
    }

    /** The place of a job's last entry; 0 before the first. */
    public long lastSeq(long id) {
        return news.seq(id, job -> {
            Long seq = sql.select(DSL.max(JOB_EVENT.SEQ))
                    .from(JOB_EVENT)
                    .where(JOB_EVENT.JOB_ID.eq(job))
                    .fetchOne(0, Long.class);
            if (seq == null && !sql.fetchExists(JOB, JOB.ID.eq(job))) throw new NoSuchJobException(job);
            return seq == null ? 0 : seq;
        });
    }

    /** The instrument that a job is on. */
    @Transactional(readOnly = true)
    public long instrumentOf(long id) {
        return sql.select(JOB.INSTRUMENT_ID)
                .from(JOB)
                .where(JOB.ID.eq(id))
                .fetchOptional(JOB.INSTRUMENT_ID)
                .orElseThrow(() -> new NoSuchJobException(id));
    }

    /** The jobs on an instrument that follow its facts: all that are not closed. */
    @Transactional(readOnly = true)
    public List<Long> openOn(long instrument) {
        return sql.select(JOB.ID)
                .from(JOB)
                .where(JOB.INSTRUMENT_ID.eq(instrument))
                .and(JobList.OPEN)
                .fetch(JOB.ID);
    }

    /** Removes the name of a player from what their closed jobs keep. */
    @Transactional
    public void forget(long player, String instead) {
        sql.update(CLOSED_JOB)
                .set(CLOSED_JOB.PLAYER, instead)
                .where(CLOSED_JOB.JOB_ID.in(
                        sql.select(JOB_TOLD.ID).from(JOB_TOLD).where(JOB_TOLD.PLAYER_ID.eq(player))))
                .execute();
    }

    /** The jobs that earlier versions closed without keeping what they were about; some may have been reopened since. */
    @Transactional(readOnly = true)
    public List<Long> closedAndNotKept() {
        return sql.selectDistinct(JOB_EVENT.JOB_ID)
                .from(JOB_EVENT)
                // written out, or the index of closing entries is not used
                .where(JOB_EVENT.KIND.eq(DSL.inline(codec.kind(new JobEvent.Closed()))))
                .andNotExists(sql.selectOne().from(CLOSED_JOB).where(CLOSED_JOB.JOB_ID.eq(JOB_EVENT.JOB_ID)))
                .fetch(JOB_EVENT.JOB_ID);
    }

    /** Keeps what these are about as it is now, those that are closed. */
    @Transactional
    public void keepClosed(List<Long> jobs) {
        for (long id : jobs) {
            try {
                OpenedJob job = open(id);
                if (job.state().closed()) freeze(job.job());
            } catch (RuntimeException e) {
                CannotBeShownException.unlessOfTheDisk(e);
                LOG.error("Job {} cannot be kept as it was closed", id, e);
            }
        }
    }

    /** Keeps what a job is about as it is on the day it is closed. */
    private void freeze(Job job) {
        ClosedJobRecord closed = sql.newRecord(CLOSED_JOB);
        Instruments.columns(new Instruments.Named(job.instrument(), job.spec()))
                .forEach((column, value) -> closed.from(Map.of(column.getName(), value)));
        closed.setJobId(job.id());
        closed.setPlayer(job.player());
        closed.setTouch(job.touch().name().toLowerCase(Locale.ROOT));
        closed.setSchools(shop.schoolsText());
        closed.insert();
    }

    /** Stores an event in its place. */
    public void insert(long id, long seq, Instant at, JobEvent event, String requestKey, @Nullable String content) {
        sql.insertInto(JOB_EVENT)
                .set(JOB_EVENT.JOB_ID, id)
                .set(JOB_EVENT.SEQ, seq)
                .set(JOB_EVENT.HAPPENED_AT, at.truncatedTo(ChronoUnit.MILLIS))
                .set(JOB_EVENT.KIND, codec.kind(event))
                .set(JOB_EVENT.BODY, codec.body(event))
                .set(JOB_EVENT.REQUEST_KEY, requestKey)
                .set(JOB_EVENT.REQUEST, content)
                .set(JOB_EVENT.HANDS, Hands.now())
                .execute();
    }

    private static OpenedJob replay(Job job, List<LoggedEvent> log) {
        return new OpenedJob(job, log, Stations.replay(job.spec(), job.defaults(), log));
    }
}
