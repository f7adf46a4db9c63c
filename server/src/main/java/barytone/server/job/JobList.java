package barytone.server.job;

import static barytone.server.db.gen.Tables.JOB;
import static barytone.server.db.gen.Tables.JOB_TOLD;

import barytone.core.instrument.InstrumentKind;
import java.time.Instant;
import java.util.List;
import java.util.Locale;
import java.util.Map;
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
    static final Condition OPEN = DSL.condition("is_closed = 0");

    static final Condition CLOSED = DSL.condition("is_closed = 1");

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
            long id,
            long ticket,
            String instrument,
            String player,
            Instant openedAt,
            @Nullable OpenedJob opened) {}

    /** Closed jobs, how many there are, and some of them. */
    record Closed(int count, List<Listed> some) {}

    /** A time of the year. */
    enum Season {
        WINTER("12", "01", "02"),
        SPRING("03", "04", "05"),
        SUMMER("06", "07", "08"),
        AUTUMN("09", "10", "11");

        private final List<String> months;

        Season(String... months) {
            this.months = List.of(months);
        }

        List<String> months() {
            return months;
        }
    }

    /** Which closed jobs are asked for; null for any. */
    record Of(@Nullable InstrumentKind kind, @Nullable Season season) {
        static final Of ALL = new Of(null, null);
    }

    /** The month in which it was taken in, as times are stored. */
    private static final Field<String> MONTH = DSL.substring(JOB_TOLD.OPENED_AT.cast(String.class), 6, 2);

    /** All open jobs. */
    @Transactional(readOnly = true)
    public List<Listed> open() {
        return listed(jobs(OPEN).orderBy(JOB_TOLD.TICKET.desc()).fetch());
    }

    /** How many are closed. */
    @Transactional(readOnly = true)
    public int countClosed() {
        return sql.fetchCount(JOB, CLOSED);
    }

    /**
     * Closed jobs in whose ticket, instrument, player or complaint all words occur.
     *
     * @param words separated by blanks; blank for all
     * @param of which of them
     * @param from how many newer ones to leave out, 0 or more
     * @param most how many to read
     */
    @Transactional(readOnly = true)
    public Closed closed(String words, Of of, int from, int most) {
        Condition found = CLOSED;
        if (of.kind() != null) found = found.and(JOB_TOLD.KIND.eq(of.kind().name()));
        if (of.season() != null) found = found.and(MONTH.in(of.season().months()));
        for (String word : words.strip().split("\\s+")) {
            if (word.isEmpty()) continue;
            found = found.and(containing(JOB_TOLD.NAME, word)
                    .or(containing(JOB_TOLD.PLAYER, word))
                    .or(containing(JOB_TOLD.COMPLAINT, word))
                    .or(JOB_TOLD.TICKET.cast(String.class).eq(word.replaceFirst("^0+(?=.)", ""))));
        }
        int count = words.isBlank() && of.equals(Of.ALL) ? countClosed() : sql.fetchCount(jobs(found));
        return new Closed(
                count,
                listed(jobs(found)
                        .orderBy(JOB_TOLD.TICKET.desc())
                        .offset(from)
                        .limit(most)
                        .fetch()));
    }

    private static Condition containing(Field<String> text, String word) {
        // the database knows the small letters of English alone
        return DSL.lower(text).contains(word.toLowerCase(Locale.ROOT)).or(text.contains(word));
    }

    private SelectConditionStep<Record5<Long, Long, String, String, Instant>> jobs(Condition which) {
        return sql.select(JOB_TOLD.ID, JOB_TOLD.TICKET, JOB_TOLD.NAME, JOB_TOLD.PLAYER, JOB_TOLD.OPENED_AT)
                .from(JOB_TOLD)
                .where(which);
    }

    private List<Listed> listed(List<Record5<Long, Long, String, String, Instant>> rows) {
        Map<Long, OpenedJob> opened =
                log.openAll(rows.stream().map(Record5::value1).toList(), (id, e) -> {
                    CannotBeShownException.unlessOfTheDisk(e);
                    LOG.error("Job {} cannot be shown", id, e);
                });
        return rows.stream()
                .map(row -> new Listed(
                        row.value1(), row.value2(), row.value3(), row.value4(), row.value5(), opened.get(row.value1())))
                .toList();
    }
}
