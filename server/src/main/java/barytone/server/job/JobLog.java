package barytone.server.job;

import static barytone.server.db.gen.Tables.INSTRUMENT;
import static barytone.server.db.gen.Tables.JOB;
import static barytone.server.db.gen.Tables.JOB_EVENT;
import static barytone.server.db.gen.Tables.PLAYER;

import barytone.core.bridge.BridgeKind;
import barytone.core.bridge.LengthScrews;
import barytone.core.instrument.Fittings;
import barytone.core.instrument.InstrumentKind;
import barytone.core.instrument.InstrumentSpec;
import barytone.core.instrument.NeckJoint;
import barytone.core.instrument.NutMaterial;
import barytone.core.instrument.RodAccess;
import barytone.core.instrument.RodType;
import barytone.core.instrument.Touch;
import barytone.core.joblog.JobDefaults;
import barytone.core.joblog.JobEvent;
import barytone.core.joblog.JobReplay;
import barytone.core.joblog.JobState;
import barytone.core.joblog.LoggedEvent;
import barytone.core.pickup.Pickup;
import barytone.core.plan.Station;
import barytone.core.strings.StringSet;
import java.time.Clock;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.jooq.DSLContext;
import org.jooq.Record;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** The stored log of every job: read whole, added to one event at a time, never changed. */
@Component
class JobLog {
    private final DSLContext sql;
    private final EventCodec codec;
    private final Clock clock;
    private final LiveUpdates live;

    JobLog(DSLContext sql, EventCodec codec, Clock clock, LiveUpdates live) {
        this.sql = sql;
        this.codec = codec;
        this.clock = clock;
        this.live = live;
    }

    /** Who and what a job is about. */
    record Job(
            long id,
            long ticket,
            String instrument,
            long instrumentId,
            long instrumentVersion,
            InstrumentSpec spec,
            String player,
            Touch touch,
            String complaint,
            Instant openedAt,
            Set<Station> scope,
            List<JobEvent> choices) {
        /** What held when the job was opened. */
        JobDefaults defaults() {
            return Choices.applied(JobDefaults.usual(spec, touch), choices).scope(scope);
        }
    }

    /** A job with its log and what follows from it. */
    record Opened(Job job, List<LoggedEvent> log, JobState state) {
        long seq() {
            return log.isEmpty() ? 0 : log.getLast().seq();
        }
    }

    /**
     * Reads a job.
     *
     * @throws NoSuchJobException when there is none with this number
     */
    @Transactional(readOnly = true)
    public Opened open(long id) {
        Job job = selectJobs()
                .where(JOB.ID.eq(id))
                .fetchOptional(this::job)
                .orElseThrow(() -> new NoSuchJobException(id));
        return replay(job, events(id));
    }

    /** Reads all jobs, newest ticket first. */
    @Transactional(readOnly = true)
    public List<Opened> all() {
        List<Job> jobs = selectJobs().orderBy(JOB.TICKET.desc()).fetch(this::job);
        return jobs.stream().map(j -> replay(j, events(j.id()))).toList();
    }

    /**
     * Adds an event, committed when this returns.
     *
     * @param after the place of the last event that the asker had seen
     * @param requestKey names this request: sent again it is not added twice
     * @param decide what to add, from what the log says now
     * @throws ChangedMeanwhileException when others added to the log since
     */
    @Transactional
    public Opened add(long id, long after, String requestKey, Function<Opened, JobEvent> decide) {
        Opened before = open(id);
        boolean seen = sql.fetchExists(JOB_EVENT, JOB_EVENT.REQUEST_KEY.eq(requestKey));
        if (seen) return before;
        if (before.seq() != after) throw new ChangedMeanwhileException(before.seq() - after);
        JobEvent event = decide.apply(before);
        boolean allowedWhenClosed = event instanceof JobEvent.Reopened
                || event instanceof JobEvent.NoteWritten
                || event instanceof JobEvent.Undone
                || event instanceof JobEvent.Redone;
        if (before.state().closed() && !allowedWhenClosed) throw new JobClosedException();
        insert(id, before.seq() + 1, clock.instant(), event, requestKey);
        live.afterCommit(id, before.seq() + 1);
        return open(id);
    }

    /** Stores an event in its place. */
    void insert(long id, long seq, Instant at, JobEvent event, String requestKey) {
        sql.insertInto(JOB_EVENT)
                .set(JOB_EVENT.JOB_ID, id)
                .set(JOB_EVENT.SEQ, seq)
                .set(JOB_EVENT.HAPPENED_AT, at.truncatedTo(ChronoUnit.MILLIS))
                .set(JOB_EVENT.KIND, codec.kind(event))
                .set(JOB_EVENT.BODY, codec.body(event))
                .set(JOB_EVENT.REQUEST_KEY, requestKey)
                .execute();
    }

    private static Opened replay(Job job, List<LoggedEvent> log) {
        return new Opened(job, log, JobReplay.of(job.spec(), job.defaults(), log));
    }

    private List<LoggedEvent> events(long id) {
        return sql.select(JOB_EVENT.SEQ, JOB_EVENT.HAPPENED_AT, JOB_EVENT.KIND, JOB_EVENT.BODY)
                .from(JOB_EVENT)
                .where(JOB_EVENT.JOB_ID.eq(id))
                .orderBy(JOB_EVENT.SEQ)
                .fetch(r -> new LoggedEvent(
                        r.get(JOB_EVENT.SEQ),
                        r.get(JOB_EVENT.HAPPENED_AT),
                        codec.event(r.get(JOB_EVENT.KIND), r.get(JOB_EVENT.BODY))));
    }

    private org.jooq.SelectJoinStep<Record> selectJobs() {
        return sql.select(JOB.asterisk(), INSTRUMENT.asterisk(), PLAYER.asterisk())
                .from(JOB)
                .join(INSTRUMENT)
                .on(INSTRUMENT.ID.eq(JOB.INSTRUMENT_ID))
                .join(PLAYER)
                .on(PLAYER.ID.eq(JOB.PLAYER_ID));
    }

    private Job job(Record r) {
        InstrumentKind kind = InstrumentKind.valueOf(r.get(INSTRUMENT.KIND));
        InstrumentSpec spec = new InstrumentSpec(
                kind,
                InstrumentSpec.parseTuning(r.get(INSTRUMENT.TUNING), kind),
                r.get(INSTRUMENT.SCALE_LENGTH),
                Math.toIntExact(r.get(INSTRUMENT.FRETS)),
                Math.toIntExact(r.get(INSTRUMENT.BODY_JOINT_FRET)),
                r.get(INSTRUMENT.BOARD_RADIUS),
                RodType.valueOf(r.get(INSTRUMENT.ROD)),
                RodAccess.valueOf(r.get(INSTRUMENT.ACCESS)),
                r.get(INSTRUMENT.IS_LEFT_HANDED),
                new Fittings(
                        BridgeKind.valueOf(r.get(INSTRUMENT.BRIDGE)),
                        r.get(INSTRUMENT.THREAD_PITCH),
                        NeckJoint.valueOf(r.get(INSTRUMENT.NECK_JOINT)),
                        r.get(INSTRUMENT.END_RADIUS),
                        r.get(INSTRUMENT.BRIDGE_SPREAD),
                        NutMaterial.valueOf(r.get(INSTRUMENT.NUT_MATERIAL)),
                        r.get(INSTRUMENT.NUT_WIDTH),
                        StringSet.parse(r.get(INSTRUMENT.STRINGS)),
                        new LengthScrews(
                                r.get(INSTRUMENT.LENGTH_PITCH),
                                LengthScrews.Head.valueOf(r.get(INSTRUMENT.LENGTH_HEAD)),
                                r.get(INSTRUMENT.SADDLE_THICKNESS),
                                r.get(INSTRUMENT.PLATE_RISE)),
                        Pickup.parse(r.get(INSTRUMENT.PICKUPS))));
        return new Job(
                r.get(JOB.ID),
                r.get(JOB.TICKET),
                r.get(INSTRUMENT.NAME),
                r.get(INSTRUMENT.ID),
                r.get(INSTRUMENT.VERSION),
                spec,
                r.get(PLAYER.NAME),
                Touch.valueOf(r.get(PLAYER.TOUCH).toUpperCase(Locale.ROOT)),
                r.get(JOB.COMPLAINT),
                r.get(JOB.OPENED_AT),
                Arrays.stream(r.get(JOB.SCOPE).split(" ")).map(Station::valueOf).collect(Collectors.toSet()),
                codec.kept(r.get(JOB.CHOICES)));
    }
}
