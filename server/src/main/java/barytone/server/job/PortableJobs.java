package barytone.server.job;

import static barytone.server.db.gen.Tables.CLOSED_JOB;
import static barytone.server.db.gen.Tables.JOB;
import static barytone.server.db.gen.Tables.JOB_EVENT;

import barytone.core.quantity.Allowed;
import barytone.core.quantity.NotAllowedException;
import barytone.server.db.gen.tables.records.ClosedJobRecord;
import barytone.server.db.gen.tables.records.JobEventRecord;
import barytone.server.db.gen.tables.records.JobRecord;
import barytone.server.instruments.Instruments;
import barytone.server.people.People;
import barytone.server.portable.Chosen;
import barytone.server.portable.Known;
import barytone.server.portable.Portable;
import barytone.server.portable.Rows;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.function.Consumer;
import org.jooq.DSLContext;
import org.jooq.Field;
import org.jooq.impl.DSL;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/**
 * Jobs as they leave and come back: with their log, and with what they were about when they were closed. One that is here already takes on the entries that were added elsewhere, unless
 * some were added here as well. What could not be shown is not taken.
 */
@Component
class PortableJobs implements Portable {
    private static final String EVENTS = "events";
    private static final String CLOSED_AS = "closedAs";
    private static final String BODY = "body";

    /** What may be added to a closed job. */
    private static final Set<String> KEEPS_THE_CARD = Set.of("note");

    private final DSLContext sql;
    private final JsonMapper mapper;
    private final EventCodec codec;
    private final JobDesk desk;
    private final JobLog log;
    private final ObjectProvider<JobWatcher> watchers;
    private final Instruments instruments;
    private final People people;
    private final JobNews news;

    PortableJobs(
            DSLContext sql,
            JsonMapper mapper,
            EventCodec codec,
            JobDesk desk,
            JobLog log,
            ObjectProvider<JobWatcher> watchers,
            Instruments instruments,
            People people,
            JobNews news) {
        this.news = news;
        this.sql = sql;
        this.mapper = mapper;
        this.codec = codec;
        this.desk = desk;
        this.log = log;
        this.watchers = watchers;
        this.instruments = instruments;
        this.people = people;
    }

    @Override
    public String section() {
        return "jobs";
    }

    @Override
    public int order() {
        return 3;
    }

    @Override
    public void out(Chosen what, Consumer<ObjectNode> taker) {
        for (long id : sql.select(JOB.ID)
                .from(JOB)
                .where(what.all() ? JOB.ID.isNotNull() : JOB.ID.in(what.jobs()))
                .orderBy(JOB.ID)
                .fetch(JOB.ID))
            sql.selectFrom(JOB).where(JOB.ID.eq(id)).fetchOptional().ifPresent(row -> taker.accept(out(row)));
    }

    private ObjectNode out(JobRecord row) {
        ObjectNode out = Rows.out(row, JOB.INSTRUMENT_ID, JOB.PLAYER_ID, JOB.CHOICES);
        out.put("instrument", instruments.uid(row.getInstrumentId()));
        out.put("player", people.uid(row.getPlayerId()));
        out.set("choices", mapper.readTree(row.getChoices()));
        Map<Long, String> said = said(row.getId());
        sql.selectFrom(JOB_EVENT)
                .where(JOB_EVENT.JOB_ID.eq(row.getId()))
                .orderBy(JOB_EVENT.SEQ)
                .forEach(event -> {
                    ObjectNode entry = Rows.out(event, JOB_EVENT.JOB_ID, JOB_EVENT.BODY);
                    if (said.containsKey(event.getSeq())) entry.put("said", said.get(event.getSeq()));
                    entry.set(BODY, mapper.readTree(event.getBody()));
                    out.withArray(EVENTS).add(entry);
                });
        ClosedJobRecord closed = sql.selectFrom(CLOSED_JOB)
                .where(CLOSED_JOB.JOB_ID.eq(row.getId()))
                .fetchOne();
        if (closed != null) {
            ObjectNode as = Rows.out(closed, CLOSED_JOB.JOB_ID, CLOSED_JOB.SCHOOLS);
            as.set("schools", mapper.readTree(closed.getSchools()));
            out.set(CLOSED_AS, as);
        }
        return out;
    }

    /** Each entry in words, with its units; a job that cannot be shown says nothing. */
    private Map<Long, String> said(long id) {
        try {
            return desk.shown(id, "mm").said();
        } catch (RuntimeException e) {
            CannotBeShownException.unlessOfTheDisk(e);
            return Map.of();
        }
    }

    @Override
    public Came in(ObjectNode record, Known known) {
        String uid = Rows.text(record, "requestKey");
        Long here = sql.select(JOB.ID).from(JOB).where(JOB.REQUEST_KEY.eq(uid)).fetchOne(JOB.ID);
        Came came = here == null ? added(record, known, uid) : grown(record, here);
        long id = here == null
                ? sql.select(JOB.ID).from(JOB).where(JOB.REQUEST_KEY.eq(uid)).fetchSingle(JOB.ID)
                : here;
        if (came != Came.SAME) {
            try {
                desk.shown(id, "mm");
            } catch (CannotBeShownException e) {
                throw new NotAllowedException(Objects.requireNonNullElse(e.getMessage(), "It could not be shown."));
            }
        }
        known.is(Known.What.JOB, uid, id);
        return came;
    }

    private Came added(ObjectNode record, Known known, String uid) {
        JobRecord row = sql.newRecord(JOB);
        Rows.in(record, row, JOB.ID, JOB.INSTRUMENT_ID, JOB.PLAYER_ID, JOB.CHOICES);
        row.setInstrumentId(known.id(Known.What.INSTRUMENT, Rows.text(record, "instrument")));
        row.setPlayerId(known.id(Known.What.PLAYER, Rows.text(record, "player")));
        row.setChoices(mapper.writeValueAsString(record.path("choices")));
        row.setRequestKey(uid);
        // the log says so, entry by entry
        row.setIsClosed(false);
        Rows.number(record).filter(id -> !sql.fetchExists(JOB, JOB.ID.eq(id))).ifPresent(row::setId);
        if (sql.fetchExists(JOB, JOB.TICKET.eq(row.getTicket())))
            row.setTicket(
                    1 + sql.select(DSL.max(JOB.TICKET)).from(JOB).fetchSingle().value1());
        row.insert();
        long id = Objects.requireNonNull(row.getId());
        insert(Rows.objects(record, EVENTS), id);
        settled(record, id);
        return Came.NEW;
    }

    /** What follows from the log is worked out from it, whatever the file says: whether it is closed, and what hurts as lists tell it. */
    private void settled(ObjectNode record, long id) {
        sql.deleteFrom(CLOSED_JOB).where(CLOSED_JOB.JOB_ID.eq(id)).execute();
        if (log.closedByLog(id)) {
            if (record.path(CLOSED_AS) instanceof ObjectNode as) {
                ClosedJobRecord row = sql.newRecord(CLOSED_JOB);
                Rows.in(as, row, CLOSED_JOB.JOB_ID, CLOSED_JOB.SCHOOLS);
                row.setJobId(id);
                row.setSchools(mapper.writeValueAsString(as.path("schools")));
                row.insert();
            } else log.keepClosed(List.of(id));
        }
        log.keepComplaint(id);
    }

    private void insert(List<ObjectNode> events, long id) {
        if (events.isEmpty()) return;
        List<JobEventRecord> rows = new ArrayList<>();
        long last = last(id);
        for (ObjectNode event : events) rows.add(read(event, id, ++last));
        Set<String> taken = new HashSet<>(sql.select(JOB_EVENT.REQUEST_KEY)
                .from(JOB_EVENT)
                .where(JOB_EVENT.REQUEST_KEY.in(
                        rows.stream().map(JobEventRecord::getRequestKey).toList()))
                .fetch(JOB_EVENT.REQUEST_KEY));
        for (JobEventRecord row : rows)
            if (!taken.add(row.getRequestKey()))
                throw Allowed.broken(
                        "requestKey of entry " + row.getSeq(), row.getRequestKey(), "one that no other entry has");
        Field<?>[] columns = JOB_EVENT.fields();
        // written as text once
        sql.batch(sql.insertInto(JOB_EVENT, columns).values(Collections.nCopies(columns.length, null)))
                .bind(rows.stream().map(JobEventRecord::intoArray).toArray(Object[][]::new))
                .execute();
    }

    private JobEventRecord read(ObjectNode event, long id, long seq) {
        JobEventRecord row = sql.newRecord(JOB_EVENT);
        Rows.in(event, row, JOB_EVENT.JOB_ID, JOB_EVENT.BODY);
        row.setJobId(id);
        row.setBody(mapper.writeValueAsString(event.path(BODY)));
        if (row.getSeq() != seq) throw Allowed.broken("seq of an entry", row.getSeq(), seq + ", the next one");
        try {
            codec.event(row.getKind(), row.getBody());
        } catch (RuntimeException e) {
            throw Allowed.broken(
                    "entry " + row.getSeq(),
                    "“" + row.getKind() + "” with " + shortened(row.getBody()),
                    "an entry that this version can read");
        }
        return row;
    }

    private static String shortened(String body) {
        return body.length() > 120 ? body.substring(0, 120) + "…" : body;
    }

    private long last(long id) {
        Long last = sql.select(DSL.max(JOB_EVENT.SEQ))
                .from(JOB_EVENT)
                .where(JOB_EVENT.JOB_ID.eq(id))
                .fetchOne(0, Long.class);
        return last == null ? 0 : last;
    }

    private Came grown(ObjectNode record, long id) {
        long last = last(id);
        List<ObjectNode> events = Rows.objects(record, EVENTS);
        for (ObjectNode event : events) {
            String key = Rows.text(event, "requestKey");
            long seq = event.path("seq").asLong(0);
            if (seq > last) continue;
            if (!sql.fetchExists(
                    JOB_EVENT,
                    JOB_EVENT.JOB_ID.eq(id).and(JOB_EVENT.SEQ.eq(seq)).and(JOB_EVENT.REQUEST_KEY.eq(key))))
                throw new NotAllowedException("It went on here and there since it left: entry " + seq
                        + " is another one in each. Nothing was overwritten.");
        }
        List<ObjectNode> more =
                events.stream().filter(e -> e.path("seq").asLong(0) > last).toList();
        if (more.isEmpty()) return Came.SAME;
        insert(more, id);
        news.afterCommit(id, last(id));
        settled(record, id);
        // a card is that of its closing: opened again since, another one comes with the file or is made when it is
        // asked for
        if (more.stream().anyMatch(e -> !KEEPS_THE_CARD.contains(e.path("kind").asString(""))))
            watchers.forEach(watcher -> watcher.reopened(id));
        return Came.MORE;
    }
}
