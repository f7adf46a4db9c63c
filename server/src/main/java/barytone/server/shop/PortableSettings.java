package barytone.server.shop;

import static barytone.server.db.gen.Tables.SETTING;

import barytone.core.quantity.NotAllowedException;
import barytone.server.db.gen.tables.records.SettingRecord;
import barytone.server.instruments.Instruments;
import barytone.server.people.People;
import barytone.server.portable.Chosen;
import barytone.server.portable.Known;
import barytone.server.portable.Portable;
import barytone.server.portable.Rows;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Consumer;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.impl.DSL;
import org.springframework.stereotype.Component;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** Settings as they leave and come back: tools, schools, prices, and what is wanted for a player or an instrument. What is set otherwise here stays so. */
@Component
class PortableSettings implements Portable {
    private static final String OF = "of";
    private static final String BODY = "body";
    private static final String NUMBERED = "#";

    private final DSLContext sql;
    private final JsonMapper mapper;
    private final Instruments instruments;
    private final People people;
    private final Shop shop;
    private final PriceList prices;

    PortableSettings(
            DSLContext sql, JsonMapper mapper, Instruments instruments, People people, Shop shop, PriceList prices) {
        this.prices = prices;
        this.sql = sql;
        this.mapper = mapper;
        this.instruments = instruments;
        this.people = people;
        this.shop = shop;
    }

    @Override
    public String section() {
        return "settings";
    }

    @Override
    public int order() {
        return 6;
    }

    @Override
    public void out(Chosen what, Consumer<ObjectNode> taker) {
        Condition which = what.all()
                ? DSL.noCondition()
                : what.sets()
                        ? SETTING.SCOPE.eq(Settings.Scope.SHOP.stored()).and(SETTING.NAME.eq(Shop.SCHOOLS))
                        : owned(Settings.Scope.PLAYER, what.players())
                                .or(owned(Settings.Scope.INSTRUMENT, what.instruments()));
        sql.selectFrom(SETTING)
                .where(which)
                .orderBy(SETTING.SCOPE, SETTING.OWNER, SETTING.NAME)
                .forEach(row -> taker.accept(out(row)));
    }

    private static Condition owned(Settings.Scope scope, Iterable<Long> ids) {
        Condition any = DSL.falseCondition();
        for (long id : ids) any = any.or(SETTING.OWNER.eq(NUMBERED + id));
        return SETTING.SCOPE.eq(scope.stored()).and(any);
    }

    private ObjectNode out(SettingRecord row) {
        ObjectNode out = Rows.out(row, SETTING.BODY, SETTING.VERSION);
        out.set(BODY, mapper.readTree(row.getBody()));
        if (row.getOwner().startsWith(NUMBERED)) {
            long id = Long.parseLong(row.getOwner().substring(NUMBERED.length()));
            out.put(OF, row.getScope().equals(Settings.Scope.PLAYER.stored()) ? people.uid(id) : instruments.uid(id));
        }
        return out;
    }

    @Override
    public Came in(ObjectNode record, Known known) {
        SettingRecord row = sql.newRecord(SETTING);
        Rows.in(record, row, SETTING.BODY, SETTING.VERSION);
        Settings.Scope scope = Settings.Scope.valueOf(row.getScope().toUpperCase(Locale.ROOT));
        if (record.hasNonNull(OF))
            row.setOwner(NUMBERED
                    + known.id(
                            scope == Settings.Scope.PLAYER ? Known.What.PLAYER : Known.What.INSTRUMENT,
                            Rows.text(record, OF)));
        JsonNode body = record.path(BODY);
        Optional<SettingRecord> here = sql.selectFrom(SETTING)
                .where(SETTING.SCOPE.eq(row.getScope()))
                .and(SETTING.OWNER.eq(row.getOwner()))
                .and(SETTING.NAME.eq(row.getName()))
                .fetchOptional();
        if (here.isPresent()) {
            if (mapper.readTree(here.get().getBody()).equals(body)) return Came.SAME;
            throw new NotAllowedException("It is set otherwise here, and stays so.");
        }
        row.setBody(mapper.writeValueAsString(body));
        row.setVersion(1L);
        row.insert();
        if (scope == Settings.Scope.SHOP) {
            // what could not be read is not kept
            shop.means();
            shop.schools();
            prices.prices();
        }
        return Came.NEW;
    }
}
