package barytone.server.people;

import static barytone.server.db.gen.Tables.PLAYER;

import barytone.server.db.gen.tables.records.PlayerRecord;
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

/** Players as they leave and come back. One that is here already stays as it is. */
@Component
class PortablePeople implements Portable {
    private static final String SAME_AS = "sameAs";

    private final DSLContext sql;
    private final People people;

    PortablePeople(DSLContext sql, People people) {
        this.sql = sql;
        this.people = people;
    }

    @Override
    public String section() {
        return "players";
    }

    @Override
    public int order() {
        return 1;
    }

    @Override
    public void out(Chosen what, Consumer<ObjectNode> taker) {
        sql.selectFrom(PLAYER)
                .where(what.all() ? PLAYER.ID.isNotNull() : PLAYER.ID.in(what.players()))
                .orderBy(PLAYER.ID)
                .forEach(row -> {
                    ObjectNode out = Rows.out(row, PLAYER.SAME_AS, PLAYER.TOLD_AS);
                    String same = uid(row.getSameAs());
                    taker.accept(same == null ? out : out.put(SAME_AS, same));
                });
    }

    private @Nullable String uid(@Nullable Long id) {
        return id == null
                ? null
                : sql.select(PLAYER.UID).from(PLAYER).where(PLAYER.ID.eq(id)).fetchOne(PLAYER.UID);
    }

    @Override
    public Came in(ObjectNode record, Known known) {
        String uid = Rows.text(record, "uid");
        Long here = sql.select(PLAYER.ID).from(PLAYER).where(PLAYER.UID.eq(uid)).fetchOne(PLAYER.ID);
        if (here != null) {
            known.is(Known.What.PLAYER, uid, here);
            return Came.SAME;
        }
        PlayerRecord row = sql.newRecord(PLAYER);
        Rows.in(record, row, PLAYER.ID, PLAYER.SAME_AS, PLAYER.TOLD_AS);
        Rows.number(record)
                .filter(id -> !sql.fetchExists(PLAYER, PLAYER.ID.eq(id)))
                .ifPresent(row::setId);
        row.insert();
        long id = Objects.requireNonNull(row.getId());
        if (record.hasNonNull(SAME_AS)) {
            String same = Rows.text(record, SAME_AS);
            known.later(() -> known.find(Known.What.PLAYER, same)
                    .ifPresent(as -> sql.update(PLAYER)
                            .set(PLAYER.SAME_AS, as)
                            .set(PLAYER.TOLD_AS, people.toldAs(as))
                            .where(PLAYER.ID.eq(id))
                            .execute()));
        }
        // it must be readable as any other
        people.find(id);
        known.is(Known.What.PLAYER, uid, id);
        return Came.NEW;
    }
}
