package barytone.server.job;

import static barytone.server.db.gen.Tables.JOB;
import static barytone.server.db.gen.Tables.JOB_TOLD;

import java.time.Instant;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jooq.DSLContext;
import org.jooq.Field;
import org.jooq.impl.DSL;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** Which jobs there are: on an instrument, of a player, under a ticket. None of them is replayed. */
@Component
public class JobRegister {
    private final DSLContext sql;

    JobRegister(DSLContext sql) {
        this.sql = sql;
    }

    /** All jobs on an instrument, oldest first, whatever it was told as when they were opened. */
    @Transactional(readOnly = true)
    public List<Long> on(long instrument) {
        return sql.select(JOB_TOLD.ID)
                .from(JOB_TOLD)
                .where(JOB_TOLD.INSTRUMENT_ID.eq(instrument))
                .orderBy(JOB_TOLD.OPENED_AT, JOB_TOLD.ID)
                .fetch(JOB_TOLD.ID);
    }

    /** All jobs of a player. */
    @Transactional(readOnly = true)
    public List<Long> of(long player) {
        return sql.select(JOB_TOLD.ID)
                .from(JOB_TOLD)
                .where(JOB_TOLD.PLAYER_ID.eq(player))
                .fetch(JOB_TOLD.ID);
    }

    /** The jobs that were closed, those with the newest tickets first. */
    @Transactional(readOnly = true)
    public List<Long> newestClosed(int most) {
        return sql.select(JOB.ID)
                .from(JOB)
                .where(JobList.CLOSED)
                .orderBy(JOB.TICKET.desc())
                .limit(most)
                .fetch(JOB.ID);
    }

    /** The latest job on an instrument, or of a player. */
    public record Latest(long job, String instrument, String player) {}

    /** The latest job on every instrument, by the number that it is told as. */
    @Transactional(readOnly = true)
    public Map<Long, Latest> latestByInstrument() {
        return latest(JOB_TOLD.INSTRUMENT_ID);
    }

    /** The latest job of every player, by the number that they are told as. */
    @Transactional(readOnly = true)
    public Map<Long, Latest> latestByPlayer() {
        return latest(JOB_TOLD.PLAYER_ID);
    }

    private Map<Long, Latest> latest(Field<Long> by) {
        Map<Long, Latest> all = new HashMap<>();
        // a later one takes the place of an earlier one
        sql.select(by, JOB_TOLD.ID, JOB_TOLD.NAME, JOB_TOLD.PLAYER)
                .from(JOB_TOLD)
                // what was taken over from elsewhere may be older than what was here
                .orderBy(JOB_TOLD.OPENED_AT, JOB_TOLD.ID)
                .forEach(r -> all.put(r.value1(), new Latest(r.value2(), r.value3(), r.value4())));
        return all;
    }

    /** The job of a ticket. */
    @Transactional(readOnly = true)
    public Optional<Latest> ofTicket(long ticket) {
        return sql.select(JOB_TOLD.ID, JOB_TOLD.NAME, JOB_TOLD.PLAYER)
                .from(JOB_TOLD)
                .where(JOB_TOLD.TICKET.eq(ticket))
                .fetchOptional(r -> new Latest(r.value1(), r.value2(), r.value3()));
    }

    /** A job as a list of a player's tells it. */
    public record Work(long job, long ticket, String instrument, String complaint, Instant openedAt, boolean closed) {}

    /**
     * What a player brought.
     *
     * @param instruments the numbers that they are told as, the latest first
     * @param count of all jobs
     */
    public record Works(List<Long> instruments, List<Work> newest, int count) {}

    /** What a player brought, and the newest of their jobs. */
    @Transactional(readOnly = true)
    public Works worksOf(long player, int most) {
        return new Works(
                sql.select(JOB_TOLD.INSTRUMENT_ID)
                        .from(JOB_TOLD)
                        .where(JOB_TOLD.PLAYER_ID.eq(player))
                        .groupBy(JOB_TOLD.INSTRUMENT_ID)
                        .orderBy(
                                DSL.max(JOB_TOLD.OPENED_AT).desc(),
                                DSL.max(JOB_TOLD.ID).desc())
                        .fetch(JOB_TOLD.INSTRUMENT_ID),
                sql.selectFrom(JOB_TOLD)
                        .where(JOB_TOLD.PLAYER_ID.eq(player))
                        .orderBy(JOB_TOLD.OPENED_AT.desc(), JOB_TOLD.ID.desc())
                        .limit(most)
                        .fetch(r -> new Work(
                                r.getId(),
                                r.getTicket(),
                                r.getName(),
                                r.getComplaint(),
                                r.getOpenedAt(),
                                r.getIsClosed())),
                sql.fetchCount(JOB_TOLD, JOB_TOLD.PLAYER_ID.eq(player)));
    }

    /** Whose instrument it was. */
    @Transactional(readOnly = true)
    public long playerOf(long id) {
        return sql.select(JOB.PLAYER_ID)
                .from(JOB)
                .where(JOB.ID.eq(id))
                .fetchOptional(JOB.PLAYER_ID)
                .orElseThrow(() -> new NoSuchJobException(id));
    }
}
