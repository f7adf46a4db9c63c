package barytone.server.same;

import barytone.core.quantity.NotAllowedException;
import barytone.server.web.NotThereException;
import java.util.List;
import java.util.Objects;
import org.jooq.DSLContext;
import org.jooq.Field;
import org.jooq.Table;

/**
 * Which of a table's rows are one and the same. Nothing is moved: each row says whom it is told as, so that it can be taken back (decision 0022). Whoever calls
 * holds the transaction.
 *
 * @param what it is, as in “There is no player number 7”
 * @param sameAs the one that a row was found to be; null for itself
 * @param toldAs the one under which it is told in the end
 */
public record SameAs(
        DSLContext sql,
        String what,
        Table<?> table,
        Field<Long> id,
        Field<String> name,
        Field<Long> sameAs,
        Field<Long> toldAs) {
    /** One that was found to be another. */
    public record One(long id, String name) {}

    /**
     * Whom a row is told as.
     *
     * @throws NotThereException when there is none
     */
    public long toldAs(long row) {
        return sql.select(toldAs)
                .from(table)
                .where(id.eq(row))
                .fetchOptional(toldAs)
                .orElseThrow(() -> new NotThereException(what, row));
    }

    /** Those that were found to be this one. */
    public List<One> of(long row) {
        return sql.select(id, name)
                .from(table)
                .where(sameAs.eq(row))
                .orderBy(id)
                .fetch(r -> new One(Objects.requireNonNull(r.value1()), Objects.requireNonNull(r.value2())));
    }

    /**
     * Says that a row is another one: both are told together from now on.
     *
     * @throws NotAllowedException when they are one already, or told as a third
     */
    public void merge(long row, long into) {
        if (toldAs(row) != row)
            throw new NotAllowedException(
                    "The " + what + " number " + row + " is told as another one already. Take that back first.");
        long head = toldAs(into);
        if (head == row)
            throw new NotAllowedException("A " + what + " cannot be the same as one that is told as itself.");
        if (head != into)
            throw new NotAllowedException(
                    "The " + what + " number " + into + " is told as number " + head + ": choose that one.");
        sql.update(table).set(sameAs, into).where(id.eq(row)).execute();
        sql.update(table).set(toldAs, into).where(toldAs.eq(row)).execute();
    }

    /** Takes back that a row is another one; those that were found to be it come along. */
    public void separate(long row) {
        toldAs(row);
        sql.update(table).setNull(sameAs).where(id.eq(row)).execute();
        tell(row, row);
    }

    private void tell(long row, long as) {
        sql.update(table).set(toldAs, as).where(id.eq(row)).execute();
        for (One same : of(row)) tell(same.id(), as);
    }
}
