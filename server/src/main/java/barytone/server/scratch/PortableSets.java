package barytone.server.scratch;

import static barytone.server.db.gen.Tables.STRING_SET;

import barytone.core.quantity.NotAllowedException;
import barytone.core.strings.StringSet;
import barytone.server.portable.Chosen;
import barytone.server.portable.Known;
import barytone.server.portable.Portable;
import barytone.server.portable.Rows;
import java.util.function.Consumer;
import org.jooq.DSLContext;
import org.springframework.stereotype.Component;
import tools.jackson.databind.node.ObjectNode;

/** String sets as they leave and come back, to be passed between shops. A set that is called the same here and is another one stays. */
@Component
class PortableSets implements Portable {
    private final DSLContext sql;
    private final StringSets sets;

    PortableSets(DSLContext sql, StringSets sets) {
        this.sql = sql;
        this.sets = sets;
    }

    @Override
    public String section() {
        return "stringSets";
    }

    @Override
    public int order() {
        return 7;
    }

    @Override
    public void out(Chosen what, Consumer<ObjectNode> taker) {
        if (what.sets())
            sql.selectFrom(STRING_SET)
                    .orderBy(STRING_SET.ID)
                    .forEach(row -> taker.accept(Rows.out(row, STRING_SET.ID)));
    }

    @Override
    public Came in(ObjectNode record, Known known) {
        String name = Rows.text(record, "name");
        String gauges = StringSet.parse(Rows.text(record, "gauges")).text();
        for (StringSetController.SetView here : sets.all())
            if (here.name().equalsIgnoreCase(name)) {
                if (here.gauges().equals(gauges)) return Came.SAME;
                throw new NotAllowedException("A set of that name here has other strings: " + here.gauges() + ".");
            }
        sets.add(new StringSetController.SetAsked(name, gauges));
        return Came.NEW;
    }
}
