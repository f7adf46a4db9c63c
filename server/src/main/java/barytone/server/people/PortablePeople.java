package barytone.server.people;

import static barytone.server.db.gen.Tables.PLAYER;

import barytone.server.db.gen.tables.records.PlayerRecord;
import barytone.server.portable.Chosen;
import barytone.server.portable.Known;
import barytone.server.same.PortableTold;
import java.util.Collection;
import org.jooq.DSLContext;
import org.springframework.stereotype.Component;
import tools.jackson.databind.node.ObjectNode;

/** Players as they leave and come back. One that is here already stays as it is. */
@Component
class PortablePeople extends PortableTold<PlayerRecord> {
    private final People people;

    PortablePeople(DSLContext sql, People people) {
        super(sql, Known.What.PLAYER, new Columns<>(PLAYER, PLAYER.ID, PLAYER.UID, PLAYER.SAME_AS, PLAYER.TOLD_AS));
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
    protected Collection<Long> chosen(Chosen all) {
        return all.players();
    }

    @Override
    protected void inWith(ObjectNode record, long id) {
        people.find(id);
    }
}
