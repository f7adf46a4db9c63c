package barytone.server.scratch;

import static barytone.server.db.gen.Tables.STRING_SET;

import barytone.core.quantity.Allowed;
import barytone.core.strings.StringSet;
import barytone.server.web.NotThereException;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import org.jooq.DSLContext;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** The stored sets. */
@Component
class StringSets {
    private static final int LONGEST_NAME = 80;

    private final DSLContext sql;

    StringSets(DSLContext sql) {
        this.sql = sql;
    }

    @Transactional(readOnly = true)
    public List<StringSetController.SetView> all() {
        return sql.select(STRING_SET.ID, STRING_SET.NAME, STRING_SET.GAUGES)
                .from(STRING_SET)
                .orderBy(STRING_SET.NAME)
                .fetch(r -> view(r.value1(), r.value2(), r.value3()));
    }

    @Transactional
    public StringSetController.SetView add(StringSetController.SetAsked asked) {
        String gauges = StringSet.parse(asked.gauges()).text();
        String name = name(asked.name(), -1);
        long id = Objects.requireNonNull(sql.insertInto(STRING_SET)
                .set(STRING_SET.NAME, name)
                .set(STRING_SET.GAUGES, gauges)
                .returning(STRING_SET.ID)
                .fetchOne(STRING_SET.ID));
        return view(id, name, gauges);
    }

    @Transactional
    public StringSetController.SetView change(long id, StringSetController.SetAsked asked) {
        String gauges = StringSet.parse(asked.gauges()).text();
        String name = name(asked.name(), id);
        int changed = sql.update(STRING_SET)
                .set(STRING_SET.NAME, name)
                .set(STRING_SET.GAUGES, gauges)
                .where(STRING_SET.ID.eq(id))
                .execute();
        if (changed == 0) throw new NotThereException("string set", id);
        return view(id, name, gauges);
    }

    @Transactional
    public void remove(long id) {
        int removed = sql.deleteFrom(STRING_SET).where(STRING_SET.ID.eq(id)).execute();
        if (removed == 0) throw new NotThereException("string set", id);
    }

    private String name(String given, long except) {
        String name = given.strip();
        if (name.isEmpty() || name.length() > LONGEST_NAME)
            throw Allowed.broken("name", name.length() + " characters", "1 to " + LONGEST_NAME + " characters");
        boolean taken = sql
                .select(STRING_SET.NAME)
                .from(STRING_SET)
                .where(STRING_SET.ID.ne(except))
                .fetch(STRING_SET.NAME)
                .stream()
                .anyMatch(n -> n.toLowerCase(Locale.ROOT).equals(name.toLowerCase(Locale.ROOT)));
        if (taken) throw Allowed.broken("name", "“" + name + "”", "a name that no other set has");
        return name;
    }

    private static StringSetController.SetView view(long id, String name, String gauges) {
        return new StringSetController.SetView(
                id, name, gauges, StringSet.parse(gauges).strings().size());
    }
}
