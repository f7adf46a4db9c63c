package barytone.server.same;

import barytone.server.portable.Chosen;
import barytone.server.portable.Known;
import barytone.server.portable.Portable;
import barytone.server.portable.Rows;
import java.util.Collection;
import java.util.Objects;
import java.util.function.Consumer;
import org.jooq.DSLContext;
import org.jooq.Field;
import org.jooq.Record;
import org.jooq.Table;
import org.jooq.UpdatableRecord;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.node.ObjectNode;

/**
 * Rows that may be told as one another, as they leave and come back: one that is here already stays, a new one keeps its number where nobody else has it, and whom
 * it is told as is said when all are in.
 */
public abstract class PortableTold<R extends UpdatableRecord<R>> implements Portable {
    private static final String SAME_AS = "sameAs";

    private final DSLContext sql;
    private final Known.What what;
    private final Columns<R> columns;

    /**
     * The table.
     *
     * @param sameAs the one that a row was found to be; null for itself
     * @param toldAs the one under which it is told in the end
     */
    public record Columns<R extends Record>(
            Table<R> table, Field<Long> id, Field<String> uid, Field<Long> sameAs, Field<Long> toldAs) {}

    protected PortableTold(DSLContext sql, Known.What what, Columns<R> columns) {
        this.sql = sql;
        this.what = what;
        this.columns = columns;
    }

    /** The numbers that were chosen. */
    protected abstract Collection<Long> chosen(Chosen all);

    /** What else goes along with a row. */
    protected void outWith(long id, ObjectNode record) {}

    /** What else comes with a new row; it must then be readable as any other. */
    protected abstract void inWith(ObjectNode record, long id);

    /** What a row that is here takes on from elsewhere. */
    protected Came grown(ObjectNode record, long id) {
        return Came.SAME;
    }

    /** A row of a file, but for its number and whom it is told as. */
    protected final R row(ObjectNode record) {
        R row = sql.newRecord(columns.table());
        Rows.in(record, row, columns.id(), columns.sameAs(), columns.toldAs());
        return row;
    }

    @Override
    public final void out(Chosen all, Consumer<ObjectNode> taker) {
        sql.selectFrom(columns.table())
                .where(all.all() ? columns.id().isNotNull() : columns.id().in(chosen(all)))
                .orderBy(columns.id())
                .forEach(row -> {
                    ObjectNode out = Rows.out(row, columns.sameAs(), columns.toldAs());
                    outWith(Objects.requireNonNull(row.get(columns.id())), out);
                    Long same = row.get(columns.sameAs());
                    if (same != null)
                        out.put(
                                SAME_AS,
                                sql.select(columns.uid())
                                        .from(columns.table())
                                        .where(columns.id().eq(same))
                                        .fetchOne(columns.uid()));
                    taker.accept(out);
                });
    }

    @Override
    public final Came in(ObjectNode record, Known known) {
        String uid = Rows.text(record, "uid");
        Long here = sql.select(columns.id())
                .from(columns.table())
                .where(columns.uid().eq(uid))
                .fetchOne(columns.id());
        if (here != null) {
            known.is(what, uid, here);
            return grown(record, here);
        }
        R row = row(record);
        Rows.number(record)
                .filter(id -> !sql.fetchExists(columns.table(), columns.id().eq(id)))
                .ifPresent(id -> row.set(columns.id(), id));
        row.insert();
        long id = Objects.requireNonNull(row.get(columns.id()));
        inWith(record, id);
        if (record.hasNonNull(SAME_AS)) {
            String same = Rows.text(record, SAME_AS);
            known.later(() -> known.find(what, same).ifPresent(as -> tell(id, as)));
        }
        known.is(what, uid, id);
        return Came.NEW;
    }

    private void tell(long id, long as) {
        sql.update(columns.table())
                .set(columns.sameAs(), as)
                .set(columns.toldAs(), head(as))
                .where(columns.id().eq(id))
                .execute();
    }

    /** At the end of the chain of who was found to be whom. */
    private long head(long of) {
        long head = of;
        for (Long next = head; next != null; next = sameAs(head)) head = next;
        return head;
    }

    private @Nullable Long sameAs(long id) {
        return sql.select(columns.sameAs())
                .from(columns.table())
                .where(columns.id().eq(id))
                .fetchOne(columns.sameAs());
    }
}
