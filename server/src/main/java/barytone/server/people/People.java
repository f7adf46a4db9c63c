package barytone.server.people;

import static barytone.server.db.gen.Tables.PLAYER;

import barytone.core.instrument.Touch;
import barytone.core.quantity.NotAllowedException;
import barytone.server.db.gen.tables.records.PlayerRecord;
import barytone.server.same.SameAs;
import barytone.server.web.ChangedMeanwhileException;
import barytone.server.web.NotThereException;
import barytone.server.web.Texts;
import java.time.Clock;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.Collection;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.impl.DSL;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** The players and lenders that the shop knows. */
@Component
public class People {
    /** What a player is called whose name was forgotten on request. */
    public static final String FORGOTTEN = "Forgotten player";

    private static final int LONGEST_NAME = 120;
    private static final int LONGEST_TEXT = 2000;

    private final DSLContext sql;
    private final Clock clock;
    private final SameAs same;

    People(DSLContext sql, Clock clock) {
        this.sql = sql;
        this.clock = clock;
        this.same = new SameAs(sql, "player", PLAYER, PLAYER.ID, PLAYER.NAME, PLAYER.SAME_AS, PLAYER.TOLD_AS);
    }

    /**
     * A player.
     *
     * @param touch how they usually play
     * @param contact how they are reached, in the shop's words
     * @param version counts changes
     * @param archivedAt since when they are no longer shown in lists; null when they are
     * @param forgottenAt when name and contact were removed; null while they are kept
     */
    public record Player(
            long id,
            long version,
            String name,
            Touch touch,
            String contact,
            String notes,
            @Nullable Instant archivedAt,
            @Nullable Instant forgottenAt) {}

    /** Takes down a new player. */
    @Transactional
    public long add(String name, Touch touch, Instant at) {
        return Objects.requireNonNull(sql.insertInto(PLAYER)
                .set(PLAYER.NAME, Texts.of("player", name, 1, LONGEST_NAME))
                .set(PLAYER.TOUCH, stored(touch))
                .set(PLAYER.CREATED_AT, at)
                .returning(PLAYER.ID)
                .fetchOne(PLAYER.ID));
    }

    private static String stored(Touch touch) {
        return touch.name().toLowerCase(Locale.ROOT);
    }

    /** The player of this very name, small and capital letters alike; empty when there is none, or nobody can tell which of several. */
    @Transactional(readOnly = true)
    public Optional<Player> called(String name) {
        String folded = name.strip().toLowerCase(Locale.ROOT);
        List<Player> all = list(true).stream()
                .filter(p -> p.forgottenAt() == null
                        && p.name().strip().toLowerCase(Locale.ROOT).equals(folded))
                .toList();
        return all.size() == 1 ? Optional.of(all.getFirst()) : Optional.empty();
    }

    /**
     * A player by number.
     *
     * @throws NotThereException when there is none
     */
    @Transactional(readOnly = true, noRollbackFor = RuntimeException.class)
    public Player find(long id) {
        return sql.selectFrom(PLAYER)
                .where(PLAYER.ID.eq(id))
                .fetchOptional(People::player)
                .orElseThrow(() -> new NotThereException("player", id));
    }

    /** The names of some of them; those that are not there are left out. */
    @Transactional(readOnly = true, noRollbackFor = RuntimeException.class)
    public Map<Long, String> names(Collection<Long> ids) {
        if (ids.isEmpty()) return Map.of();
        return sql.select(PLAYER.ID, PLAYER.NAME)
                .from(PLAYER)
                .where(PLAYER.ID.in(ids))
                .fetchMap(PLAYER.ID, PLAYER.NAME);
    }

    private static Player player(PlayerRecord r) {
        return new Player(
                r.getId(),
                r.getVersion(),
                r.getName(),
                Touch.valueOf(r.getTouch().toUpperCase(Locale.ROOT)),
                r.getContact(),
                r.getNotes(),
                r.getArchivedAt(),
                r.getForgottenAt());
    }

    /** All that are told, by name; archived ones too when they are asked for. */
    @Transactional(readOnly = true)
    public List<Player> list(boolean archived) {
        Condition which = PLAYER.TOLD_AS.eq(PLAYER.ID);
        if (!archived) which = which.and(PLAYER.ARCHIVED_AT.isNull());
        return sql.selectFrom(PLAYER)
                .where(which)
                .orderBy(PLAYER.NAME, PLAYER.ID)
                .fetch(People::player);
    }

    /**
     * Writes down how a player is called and reached, and what is known of them.
     *
     * @param player with the version that was seen
     * @throws ChangedMeanwhileException when another window wrote meanwhile
     */
    @Transactional
    public void write(Player player) {
        Player before = find(player.id());
        if (before.forgottenAt() != null)
            throw new NotAllowedException(
                    "This player was forgotten on request. Whoever comes with the instrument now is a player of their own.");
        int written = sql.update(PLAYER)
                .set(PLAYER.NAME, Texts.of("name", player.name(), 1, LONGEST_NAME))
                .set(PLAYER.TOUCH, stored(player.touch()))
                .set(PLAYER.CONTACT, Texts.of("contact", player.contact(), 0, LONGEST_TEXT))
                .set(PLAYER.NOTES, Texts.of("notes", player.notes(), 0, LONGEST_TEXT))
                .set(PLAYER.VERSION, PLAYER.VERSION.plus(1L))
                .where(PLAYER.ID.eq(player.id()).and(PLAYER.VERSION.eq(player.version())))
                .execute();
        if (written == 0)
            throw new ChangedMeanwhileException(
                    "Another window wrote about this player meanwhile. Nothing was overwritten: look at it again, then write.");
    }

    /** Takes a player out of the lists, or puts them back; nothing is lost. */
    @Transactional
    public void archive(long id, boolean away) {
        find(id);
        sql.update(PLAYER)
                .set(PLAYER.ARCHIVED_AT, away ? now() : null)
                .where(PLAYER.ID.eq(id))
                .execute();
    }

    private Instant now() {
        return clock.instant().truncatedTo(ChronoUnit.MILLIS);
    }

    /** Removes name, contact and notes of a player, and of all that were found to be the same, for good. */
    @Transactional
    public void forget(long id) {
        find(id);
        sql.update(PLAYER)
                .set(PLAYER.NAME, FORGOTTEN)
                .set(PLAYER.CONTACT, "")
                .set(PLAYER.NOTES, "")
                .set(PLAYER.FORGOTTEN_AT, now())
                .set(PLAYER.ARCHIVED_AT, DSL.coalesce(PLAYER.ARCHIVED_AT, DSL.val(now(), PLAYER.ARCHIVED_AT)))
                .set(PLAYER.VERSION, PLAYER.VERSION.plus(1L))
                .where(PLAYER.TOLD_AS.eq(id))
                .execute();
    }

    /** Whom this player is told as: themselves, or the one that they were found to be. */
    @Transactional(readOnly = true)
    public long toldAs(long id) {
        return same.toldAs(id);
    }

    /** Those that were found to be this one. */
    @Transactional(readOnly = true)
    public List<SameAs.One> sameAs(long id) {
        return same.of(id);
    }

    /**
     * Says that one is the same as another: both histories are told together from now on. Their jobs stay with them, so that it can be taken back.
     *
     * @throws NotAllowedException when they are one already
     */
    @Transactional
    public void merge(long id, long into) {
        same.merge(id, into);
    }

    /** Takes back that a player is the same as another. */
    @Transactional
    public void unmerge(long id) {
        same.separate(id);
    }

    /** The name that holds on every machine. */
    @Transactional(readOnly = true)
    public String uid(long id) {
        return sql.select(PLAYER.UID)
                .from(PLAYER)
                .where(PLAYER.ID.eq(id))
                .fetchOptional(PLAYER.UID)
                .orElseThrow(() -> new NotThereException("player", id));
    }

    /** The number of one by the name that holds on every machine; empty when it is not here. */
    @Transactional(readOnly = true)
    public Optional<Long> ofUid(String uid) {
        return sql.select(PLAYER.ID).from(PLAYER).where(PLAYER.UID.eq(uid)).fetchOptional(PLAYER.ID);
    }
}
