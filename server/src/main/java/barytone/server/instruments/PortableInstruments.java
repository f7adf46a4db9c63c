package barytone.server.instruments;

import static barytone.server.db.gen.Tables.INSTRUMENT;
import static barytone.server.db.gen.Tables.INSTRUMENT_FACTS;

import barytone.server.db.gen.tables.records.InstrumentFactsRecord;
import barytone.server.db.gen.tables.records.InstrumentRecord;
import barytone.server.portable.Chosen;
import barytone.server.portable.Known;
import barytone.server.portable.Portable;
import barytone.server.portable.Rows;
import java.util.Objects;
import java.util.function.Consumer;
import org.jooq.DSLContext;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import tools.jackson.databind.node.ObjectNode;

/** Instruments as they leave and come back, with every version of their facts. One that is here already takes on the versions that it did not have. */
@Component
class PortableInstruments implements Portable {
    private static final String SAME_AS = "sameAs";
    private static final String FACTS = "facts";

    private final DSLContext sql;
    private final Instruments instruments;

    PortableInstruments(DSLContext sql, Instruments instruments) {
        this.sql = sql;
        this.instruments = instruments;
    }

    @Override
    public String section() {
        return "instruments";
    }

    @Override
    public int order() {
        return 2;
    }

    @Override
    public void out(Chosen what, Consumer<ObjectNode> taker) {
        sql.selectFrom(INSTRUMENT)
                .where(what.all() ? INSTRUMENT.ID.isNotNull() : INSTRUMENT.ID.in(what.instruments()))
                .orderBy(INSTRUMENT.ID)
                .forEach(row -> {
                    ObjectNode out = Rows.out(row, INSTRUMENT.SAME_AS, INSTRUMENT.TOLD_AS);
                    sql.selectFrom(INSTRUMENT_FACTS)
                            .where(INSTRUMENT_FACTS.INSTRUMENT_ID.eq(row.getId()))
                            .orderBy(INSTRUMENT_FACTS.VERSION)
                            .forEach(
                                    facts -> out.withArray(FACTS).add(Rows.out(facts, INSTRUMENT_FACTS.INSTRUMENT_ID)));
                    String same = uid(row.getSameAs());
                    taker.accept(same == null ? out : out.put(SAME_AS, same));
                });
    }

    private @Nullable String uid(@Nullable Long id) {
        return id == null
                ? null
                : sql.select(INSTRUMENT.UID)
                        .from(INSTRUMENT)
                        .where(INSTRUMENT.ID.eq(id))
                        .fetchOne(INSTRUMENT.UID);
    }

    @Override
    public Came in(ObjectNode record, Known known) {
        String uid = Rows.text(record, "uid");
        Long here = sql.select(INSTRUMENT.ID)
                .from(INSTRUMENT)
                .where(INSTRUMENT.UID.eq(uid))
                .fetchOne(INSTRUMENT.ID);
        if (here != null) {
            known.is(Known.What.INSTRUMENT, uid, here);
            return grown(record, here);
        }
        InstrumentRecord row = sql.newRecord(INSTRUMENT);
        Rows.in(record, row, INSTRUMENT.ID, INSTRUMENT.SAME_AS, INSTRUMENT.TOLD_AS);
        Rows.number(record)
                .filter(id -> !sql.fetchExists(INSTRUMENT, INSTRUMENT.ID.eq(id)))
                .ifPresent(row::setId);
        row.insert();
        long id = Objects.requireNonNull(row.getId());
        for (ObjectNode facts : Rows.objects(record, FACTS)) version(facts, id);
        if (record.hasNonNull(SAME_AS)) {
            String same = Rows.text(record, SAME_AS);
            known.later(() -> known.find(Known.What.INSTRUMENT, same)
                    .ifPresent(as -> sql.update(INSTRUMENT)
                            .set(INSTRUMENT.SAME_AS, as)
                            .set(INSTRUMENT.TOLD_AS, instruments.toldAs(as))
                            .where(INSTRUMENT.ID.eq(id))
                            .execute()));
        }
        // it must be readable as any other
        instruments.find(id);
        known.is(Known.What.INSTRUMENT, uid, id);
        return Came.NEW;
    }

    private void version(ObjectNode facts, long id) {
        InstrumentFactsRecord row = sql.newRecord(INSTRUMENT_FACTS);
        Rows.in(facts, row, INSTRUMENT_FACTS.INSTRUMENT_ID);
        row.setInstrumentId(id);
        Instruments.read(row);
        row.insert();
    }

    /** The versions of its facts that were stated elsewhere since; the newest holds. */
    private Came grown(ObjectNode record, long id) {
        long version = instruments.version(id);
        long theirs = record.path("version").asLong(0);
        if (theirs <= version) return Came.SAME;
        for (ObjectNode facts : Rows.objects(record, FACTS))
            if (facts.path("version").asLong(0) > version) version(facts, id);
        InstrumentRecord row = sql.newRecord(INSTRUMENT);
        Rows.in(record, row, INSTRUMENT.ID, INSTRUMENT.SAME_AS, INSTRUMENT.TOLD_AS);
        Instruments.Named named = Instruments.read(row);
        sql.update(INSTRUMENT)
                .set(Instruments.columns(named))
                .set(INSTRUMENT.VERSION, theirs)
                .where(INSTRUMENT.ID.eq(id))
                .execute();
        return Came.MORE;
    }
}
