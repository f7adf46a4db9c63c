package barytone.server.records;

import static barytone.server.db.gen.Tables.CARD;

import barytone.server.job.JobLog;
import barytone.server.portable.Chosen;
import barytone.server.portable.Known;
import barytone.server.portable.Portable;
import barytone.server.portable.Rows;
import java.util.function.Consumer;
import org.jooq.DSLContext;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** Cards of closed jobs as they leave and come back: as they were frozen. */
@Component
class PortableCards implements Portable {
    private final DSLContext sql;
    private final JsonMapper mapper;
    private final JobLog log;

    PortableCards(DSLContext sql, JsonMapper mapper, JobLog log) {
        this.sql = sql;
        this.mapper = mapper;
        this.log = log;
    }

    @Override
    public String section() {
        return "cards";
    }

    @Override
    public int order() {
        return 4;
    }

    @Override
    public void out(Chosen what, Consumer<ObjectNode> taker) {
        for (long job : sql.select(CARD.JOB_ID)
                .from(CARD)
                .where(what.all() ? CARD.JOB_ID.isNotNull() : CARD.JOB_ID.in(what.jobs()))
                .orderBy(CARD.JOB_ID)
                .fetch(CARD.JOB_ID))
            sql.selectFrom(CARD).where(CARD.JOB_ID.eq(job)).forEach(row -> {
                ObjectNode out = Rows.out(row, CARD.JOB_ID, CARD.BODY);
                out.put("job", log.uid(job));
                out.set("card", mapper.readTree(row.getBody()));
                taker.accept(out);
            });
    }

    @Override
    public Came in(ObjectNode record, Known known) {
        long job = known.id(Known.What.JOB, Rows.text(record, "job"));
        if (!log.isClosed(job) || sql.fetchExists(CARD, CARD.JOB_ID.eq(job))) return Came.SAME;
        Card card = mapper.treeToValue(record.path("card"), Card.class);
        sql.insertInto(CARD)
                .set(CARD.JOB_ID, job)
                .set(CARD.KEPT_AT, Rows.moment("keptAt", Rows.text(record, "keptAt")))
                .set(CARD.BODY, mapper.writeValueAsString(card))
                .execute();
        return Came.NEW;
    }
}
