package barytone.server.job;

import static barytone.server.db.gen.Tables.CLOSED_JOB;
import static barytone.server.db.gen.Tables.INSTRUMENT;
import static barytone.server.db.gen.Tables.JOB;
import static barytone.server.db.gen.Tables.PLAYER;

import java.time.Instant;
import java.util.List;
import java.util.Locale;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.Field;
import org.jooq.Record5;
import org.jooq.SelectConditionStep;
import org.jooq.impl.DSL;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** Jobs in lists, newest ticket first. Only those that are told are replayed, and one that cannot be takes no other along. */
@Component
class JobList {
    private static final Logger LOG = LoggerFactory.getLogger(JobList.class);

    /** Written out, not bound: only so are the indexes of open and of closed jobs used. */
    static final Condition OPEN = DSL.condition("job.is_closed = 0");

    private static final Condition CLOSED = DSL.condition("job.is_closed = 1");

    /** A closed job is told and found under the names it was closed with. */
    private static final Field<String> NAME = DSL.coalesce(CLOSED_JOB.NAME, INSTRUMENT.NAME);

    private static final Field<String> WHOSE = DSL.coalesce(CLOSED_JOB.PLAYER, PLAYER.NAME);

    private final DSLContext sql;
    private final JobLog log;

    JobList(DSLContext sql, JobLog log) {
        this.sql = sql;
        this.log = log;
    }

    /**
     * A job of a list.
     *
     * @param opened null when it cannot be shown; the reason is in the log
     */
    record Listed(
            long id, long ticket, String instrument, String player, Instant openedAt, JobLog.@Nullable Opened opened) {}

    /** Closed jobs, how many there are, and some of them. */
    record Closed(int count, List<Listed> some) {}

    /** All open jobs. */
    @Transactional(readOnly = true)
    public List<Listed> open() {
        return jobs(OPEN).orderBy(JOB.TICKET.desc()).fetch(this::listed);
    }

    /**
     * Closed jobs in whose ticket, instrument, player or complaint all words occur.
     *
     * @param words separated by blanks; blank for all
     * @param from how many newer ones to leave out, 0 or more
     * @param most how many to read
     */
    @Transactional(readOnly = true)
    public Closed closed(String words, int from, int most) {
        Condition found = CLOSED;
        for (String word : words.strip().split("\\s+")) {
            if (word.isEmpty()) continue;
            found = found.and(containing(NAME, word)
                    .or(containing(WHOSE, word))
                    .or(containing(JOB.COMPLAINT, word))
                    .or(JOB.TICKET.cast(String.class).eq(word.replaceFirst("^0+(?=.)", ""))));
        }
        int count = words.isBlank() ? sql.fetchCount(JOB, CLOSED) : sql.fetchCount(jobs(found));
        return new Closed(
                count,
                jobs(found).orderBy(JOB.TICKET.desc()).offset(from).limit(most).fetch(this::listed));
    }

    private static Condition containing(Field<String> text, String word) {
        // the database knows the small letters of English alone
        return DSL.lower(text).contains(word.toLowerCase(Locale.ROOT)).or(text.contains(word));
    }

    private SelectConditionStep<Record5<Long, Long, String, String, Instant>> jobs(Condition which) {
        return sql.select(JOB.ID, JOB.TICKET, NAME, WHOSE, JOB.OPENED_AT)
                .from(JOB)
                .join(INSTRUMENT)
                .on(INSTRUMENT.ID.eq(JOB.INSTRUMENT_ID))
                .join(PLAYER)
                .on(PLAYER.ID.eq(JOB.PLAYER_ID))
                .leftJoin(CLOSED_JOB)
                .on(CLOSED_JOB.JOB_ID.eq(JOB.ID))
                .where(which);
    }

    private Listed listed(Record5<Long, Long, String, String, Instant> row) {
        long id = row.value1();
        JobLog.Opened opened = null;
        try {
            opened = log.open(id);
        } catch (RuntimeException e) {
            CannotBeShownException.unlessOfTheDisk(e);
            LOG.error("Job {} cannot be shown", id, e);
        }
        return new Listed(id, row.value2(), row.value3(), row.value4(), row.value5(), opened);
    }
}
