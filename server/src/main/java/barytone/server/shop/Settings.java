package barytone.server.shop;

import static barytone.server.db.gen.Tables.SETTING;

import barytone.core.quantity.Allowed;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** Settings as stored: one JSON document for each name, of the shop, a player or an instrument. */
@Component
public class Settings {
    private final DSLContext sql;

    Settings(DSLContext sql) {
        this.sql = sql;
    }

    /** Whose setting it is; later ones go before earlier ones. */
    public enum Scope {
        SHOP,
        PLAYER,
        INSTRUMENT;

        String stored() {
            return name().toLowerCase(Locale.ROOT);
        }
    }

    /**
     * A stored document.
     *
     * @param version counts changes; 0 while nothing is stored
     */
    public record Stored(String body, long version) {}

    /** Reads a document; empty while nothing is stored. */
    @Transactional(readOnly = true)
    public Optional<Stored> find(Scope scope, String owner, String name) {
        return sql.select(SETTING.BODY, SETTING.VERSION)
                .from(SETTING)
                .where(SETTING.SCOPE.eq(scope.stored()))
                .and(SETTING.OWNER.eq(folded(owner)))
                .and(SETTING.NAME.eq(name))
                .fetchOptional(r -> new Stored(r.get(SETTING.BODY), r.get(SETTING.VERSION)));
    }

    /**
     * Stores a document.
     *
     * @param version the version that was seen
     * @return the new version
     * @throws StaleSettingException when another window changed it since
     */
    @Transactional
    public long store(Scope scope, String owner, String name, long version, String body) {
        long now = find(scope, owner, name).map(Stored::version).orElse(0L);
        if (now != version) throw new StaleSettingException();
        put(scope, owner, name, version + 1, body);
        return version + 1;
    }

    /** Stores a document whatever stood there. */
    @Transactional
    public void replace(Scope scope, String owner, String name, String body) {
        put(scope, owner, name, find(scope, owner, name).map(Stored::version).orElse(0L) + 1, body);
    }

    private void put(Scope scope, String owner, String name, long version, String body) {
        sql.insertInto(SETTING)
                .set(SETTING.SCOPE, scope.stored())
                .set(SETTING.OWNER, folded(owner))
                .set(SETTING.NAME, name)
                .set(SETTING.BODY, body)
                .set(SETTING.VERSION, version)
                .onConflict(SETTING.SCOPE, SETTING.OWNER, SETTING.NAME)
                .doUpdate()
                .set(SETTING.BODY, body)
                .set(SETTING.VERSION, version)
                .execute();
    }

    /** Documents of one owner by their names; what is not stored is left out. */
    @Transactional(readOnly = true)
    public Map<String, Stored> find(Scope scope, String owner, Set<String> names) {
        return sql.select(SETTING.NAME, SETTING.BODY, SETTING.VERSION)
                .from(SETTING)
                .where(SETTING.SCOPE.eq(scope.stored()))
                .and(SETTING.OWNER.eq(folded(owner)))
                .and(SETTING.NAME.in(names))
                .fetchMap(SETTING.NAME, r -> new Stored(r.get(SETTING.BODY), r.get(SETTING.VERSION)));
    }

    /**
     * Every document of a name in the order in which they take precedence: instrument, player, shop.
     *
     * @param instrument the names under which its documents may be kept, the better one first
     */
    @Transactional(readOnly = true)
    public List<Stored> inOrder(List<String> instrument, List<String> player, String name) {
        Map<Whose, Stored> found = sql.select(SETTING.SCOPE, SETTING.OWNER, SETTING.BODY, SETTING.VERSION)
                .from(SETTING)
                .where(SETTING.NAME.eq(name))
                .and(of(Scope.INSTRUMENT, instrument)
                        .or(of(Scope.PLAYER, player))
                        .or(of(Scope.SHOP, List.of(""))))
                .fetchMap(
                        r -> new Whose(r.get(SETTING.SCOPE), r.get(SETTING.OWNER)),
                        r -> new Stored(r.get(SETTING.BODY), r.get(SETTING.VERSION)));
        return Stream.of(
                        better(found, Scope.INSTRUMENT, instrument),
                        better(found, Scope.PLAYER, player),
                        better(found, Scope.SHOP, List.of("")))
                .flatMap(Optional::stream)
                .toList();
    }

    private record Whose(String scope, String owner) {}

    private static Condition of(Scope scope, List<String> owners) {
        return SETTING.SCOPE
                .eq(scope.stored())
                .and(SETTING.OWNER.in(owners.stream().map(Settings::folded).toList()));
    }

    private static Optional<Stored> better(Map<Whose, Stored> found, Scope scope, List<String> owners) {
        return owners.stream()
                .map(owner -> found.get(new Whose(scope.stored(), folded(owner))))
                .filter(Objects::nonNull)
                .findFirst();
    }

    /** Removes every document of an owner. */
    @Transactional
    public void forget(Scope scope, String owner) {
        sql.deleteFrom(SETTING)
                .where(SETTING.SCOPE.eq(scope.stored()))
                .and(SETTING.OWNER.eq(folded(owner)))
                .execute();
    }

    /** Owners are known by name: two spellings that differ in case alone are the same. */
    private static String folded(String owner) {
        String folded = owner.strip().toLowerCase(Locale.ROOT);
        if (folded.length() > 200)
            throw Allowed.broken("owner", folded.length() + " characters", "at most 200 characters");
        return folded;
    }
}
