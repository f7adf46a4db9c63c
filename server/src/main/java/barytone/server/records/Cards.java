package barytone.server.records;

import static barytone.server.db.gen.Tables.CARD;

import barytone.core.quantity.Units;
import barytone.server.job.JobLog;
import barytone.server.job.JobWatcher;
import java.time.Clock;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Optional;
import org.jooq.DSLContext;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.context.request.RequestContextHolder;
import org.springframework.web.servlet.support.ServletUriComponentsBuilder;
import tools.jackson.databind.json.JsonMapper;

/** The cards: of a closed job as it was when it was closed, of an open one as it stands. */
@Component
class Cards implements JobWatcher {
    private final DSLContext sql;
    private final CardMaker maker;
    private final JobLog log;
    private final Clock clock;
    private final JsonMapper mapper = JsonMapper.builder().build();

    Cards(DSLContext sql, CardMaker maker, JobLog log, Clock clock) {
        this.sql = sql;
        this.maker = maker;
        this.log = log;
        this.clock = clock;
    }

    /** Keeps the card of a job that is closed in the transaction that closes it. */
    @Override
    public void closed(long job, Units units) {
        keep(job, units);
    }

    /** A job that is worked on again gets another card when it is closed again. */
    @Override
    public void reopened(long job) {
        sql.deleteFrom(CARD).where(CARD.JOB_ID.eq(job)).execute();
    }

    /**
     * The card of a job. One that an earlier version closed gets its card now and keeps it.
     *
     * @param units of the card of an open job; a closed one keeps those it was closed with
     */
    @Transactional
    public Card of(long job, Units units) {
        // a closing that was taken back while the job could not be shown leaves a card that is none any more
        if (!log.isClosed(job)) return maker.make(job, units, base());
        return find(job).orElseGet(() -> keep(job, units));
    }

    private Card keep(long job, Units units) {
        Card card = maker.make(job, units, base());
        sql.insertInto(CARD)
                .set(CARD.JOB_ID, job)
                .set(CARD.KEPT_AT, clock.instant().truncatedTo(ChronoUnit.MILLIS))
                .set(CARD.BODY, mapper.writeValueAsString(card))
                .onConflict(CARD.JOB_ID)
                .doUpdate()
                .setAllToExcluded()
                .execute();
        return card;
    }

    private Optional<Card> find(long job) {
        return sql.select(CARD.BODY)
                .from(CARD)
                .where(CARD.JOB_ID.eq(job))
                .fetchOptional(r -> mapper.readValue(r.value1(), Card.class));
    }

    /** Takes the name of a player off the cards of these jobs. */
    void forget(List<Long> jobs, String instead) {
        for (long job : jobs)
            find(job)
                    .ifPresent(card -> sql.update(CARD)
                            .set(CARD.BODY, mapper.writeValueAsString(card.withPlayer(instead)))
                            .where(CARD.JOB_ID.eq(job))
                            .execute());
    }

    /** Where whoever asks just now reaches Barytone. */
    private static String base() {
        return RequestContextHolder.getRequestAttributes() == null
                ? ""
                : ServletUriComponentsBuilder.fromCurrentContextPath().build().toUriString();
    }
}
