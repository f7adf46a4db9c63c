package barytone.server.instruments;

import static barytone.server.db.gen.Tables.INSTRUMENT;
import static barytone.server.db.gen.Tables.INSTRUMENT_FACTS;

import barytone.server.db.gen.tables.records.InstrumentFactsRecord;
import barytone.server.db.gen.tables.records.InstrumentRecord;
import barytone.server.portable.Chosen;
import barytone.server.portable.Known;
import barytone.server.portable.Rows;
import barytone.server.same.PortableTold;
import java.util.Collection;
import org.jooq.DSLContext;
import org.springframework.stereotype.Component;
import tools.jackson.databind.node.ObjectNode;

/** Instruments as they leave and come back, with every version of their facts. One that is here already takes on the versions that it did not have. */
@Component
class PortableInstruments extends PortableTold<InstrumentRecord> {
    private static final String FACTS = "facts";

    private final DSLContext sql;
    private final Instruments instruments;

    PortableInstruments(DSLContext sql, Instruments instruments) {
        super(
                sql,
                Known.What.INSTRUMENT,
                new Columns<>(INSTRUMENT, INSTRUMENT.ID, INSTRUMENT.UID, INSTRUMENT.SAME_AS, INSTRUMENT.TOLD_AS));
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
    protected Collection<Long> chosen(Chosen all) {
        return all.instruments();
    }

    @Override
    protected void outWith(long id, ObjectNode record) {
        sql.selectFrom(INSTRUMENT_FACTS)
                .where(INSTRUMENT_FACTS.INSTRUMENT_ID.eq(id))
                .orderBy(INSTRUMENT_FACTS.VERSION)
                .forEach(facts -> record.withArray(FACTS).add(Rows.out(facts, INSTRUMENT_FACTS.INSTRUMENT_ID)));
    }

    @Override
    protected void inWith(ObjectNode record, long id) {
        for (ObjectNode facts : Rows.objects(record, FACTS)) version(facts, id);
        instruments.find(id);
    }

    private void version(ObjectNode facts, long id) {
        InstrumentFactsRecord row = sql.newRecord(INSTRUMENT_FACTS);
        Rows.in(facts, row, INSTRUMENT_FACTS.INSTRUMENT_ID);
        row.setInstrumentId(id);
        Instruments.read(row);
        row.insert();
    }

    /** The versions of its facts that were stated elsewhere since; the newest holds. */
    @Override
    protected Came grown(ObjectNode record, long id) {
        long version = instruments.version(id);
        long theirs = record.path("version").asLong(0);
        if (theirs <= version) return Came.SAME;
        for (ObjectNode facts : Rows.objects(record, FACTS))
            if (facts.path("version").asLong(0) > version) version(facts, id);
        sql.update(INSTRUMENT)
                .set(Instruments.columns(Instruments.read(row(record))))
                .set(INSTRUMENT.VERSION, theirs)
                .where(INSTRUMENT.ID.eq(id))
                .execute();
        return Came.MORE;
    }
}
