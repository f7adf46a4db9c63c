package barytone.server.job;

import static barytone.server.db.gen.Tables.JOB;

import barytone.core.instrument.FactsDoubt;
import barytone.core.instrument.InstrumentSpec;
import barytone.core.instrument.Touch;
import barytone.core.job.Station;
import barytone.core.quantity.Allowed;
import barytone.core.strings.StringSet;
import barytone.server.instruments.Facts;
import barytone.server.instruments.Instruments;
import barytone.server.people.People;
import barytone.server.web.RequestKey;
import barytone.server.web.Texts;
import java.time.Clock;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import org.jooq.DSLContext;
import org.jooq.impl.DSL;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** Takes in an instrument, one that was here before or a new one: instrument, player and job are stored in one transaction. */
@Component
public class Intake {
    private static final int LONGEST_COMPLAINT = 20_000;
    private static final long FIRST_TICKET = 101;

    /** Who brought what nobody wrote down. */
    private static final String NOT_ON_RECORD = "Not on record";

    private final DSLContext sql;
    private final Clock clock;
    private final Choices choices;
    private final Instruments instruments;
    private final People people;

    Intake(DSLContext sql, Clock clock, Choices choices, Instruments instruments, People people) {
        this.sql = sql;
        this.clock = clock;
        this.choices = choices;
        this.instruments = instruments;
        this.people = people;
    }

    /**
     * A new job.
     *
     * @param requestKey names this request: sent again it opens no second job
     * @param instrument its facts; of one that was here before they are corrected where they differ
     * @param player a name that is known means the one who is known by it, unless a number says who it is
     * @param scope the stations agreed on; all when null
     * @param sure what is odd was asked about already: strings, or an instrument that is on the bench
     * @param instrumentId which instrument it is that was here before; null for a new one
     * @param instrumentVersion the version of its facts that was seen
     * @param playerId who it is that was here before; 0 for somebody new whatever the name
     */
    public record NewJob(
            @RequestKey String requestKey,
            Facts instrument,
            String player,
            Touch touch,
            String complaint,
            @Nullable List<Station> scope,
            @Nullable Boolean sure,
            @Nullable Long instrumentId,
            @Nullable Long instrumentVersion,
            @Nullable Long playerId) {
        /** One that was never here. */
        public NewJob(
                String requestKey,
                Facts instrument,
                String player,
                Touch touch,
                String complaint,
                @Nullable List<Station> scope) {
            this(requestKey, instrument, player, touch, complaint, scope, null, null, null, null);
        }
    }

    /**
     * Opens a job and returns its number.
     *
     * @throws OddValueException when its strings are odd, or it is on the bench, and that was not asked about
     */
    @Transactional
    public long open(NewJob asked) {
        if (!Boolean.TRUE.equals(asked.sure()) && !opened(asked.requestKey())) {
            if (asked.instrumentId() == null) askAbout(asked.instrument(), null);
            else {
                long known = instruments.toldAs(asked.instrumentId());
                askAbout(asked.instrument(), instruments.find(known).named().spec());
                askAboutBench(known);
            }
        }
        return openAt(asked, clock.instant());
    }

    private boolean opened(String requestKey) {
        return sql.fetchExists(JOB, JOB.REQUEST_KEY.eq(requestKey));
    }

    private void askAboutBench(long instrument) {
        Long ticket = sql.select(DSL.max(JOB.TICKET))
                .from(JOB)
                .where(JOB.INSTRUMENT_ID.in(instruments.all(instrument)))
                .and(JobList.OPEN)
                .fetchOne(DSL.max(JOB.TICKET));
        if (ticket != null)
            throw new OddValueException(String.format(
                    Locale.ROOT,
                    "“%s” is on the bench already, ticket %04d. Take it in once more all the same?",
                    instruments.find(instrument).named().name(),
                    ticket));
    }

    /** Opens a job as of a moment, under the next ticket. */
    @Transactional
    public long openAt(NewJob asked, Instant at) {
        return openAt(asked, at, nextTicket());
    }

    /** Opens a job as of a moment, under a ticket that no other has. */
    @Transactional
    public long openAt(NewJob asked, Instant at, long ticket) {
        Long known = sql.select(JOB.ID)
                .from(JOB)
                .where(JOB.REQUEST_KEY.eq(asked.requestKey()))
                .fetchOne(JOB.ID);
        if (known != null) return known;
        Instant now = at.truncatedTo(ChronoUnit.MILLIS);
        String complaint = Texts.of("complaint", asked.complaint(), 0, LONGEST_COMPLAINT);
        Set<Station> scope = asked.scope() == null ? EnumSet.allOf(Station.class) : Set.copyOf(asked.scope());
        if (scope.isEmpty()) throw Allowed.broken("scope", "nothing", "at least one station");
        return insert(
                asked.requestKey(),
                ticket,
                instrument(asked, now),
                player(asked, now),
                asked.touch(),
                complaint,
                scope,
                now);
    }

    /**
     * Opens a job of the past on an instrument that is here, whose facts stay as they are.
     *
     * @param player 0 when nobody knows whose it was
     */
    @Transactional
    public long openOfThePast(String requestKey, long instrument, long player, Set<Station> scope, Instant at) {
        Instant then = at.truncatedTo(ChronoUnit.MILLIS);
        long who = player != 0
                ? player
                : people.called(NOT_ON_RECORD)
                        .map(People.Player::id)
                        .orElseGet(() -> people.add(NOT_ON_RECORD, Touch.MEDIUM, then));
        return insert(
                requestKey, nextTicket(), instrument, who, people.find(who).touch(), "", scope, then);
    }

    private long nextTicket() {
        Long last = sql.select(DSL.max(JOB.TICKET)).from(JOB).fetchOne(DSL.max(JOB.TICKET));
        return last == null ? FIRST_TICKET : last + 1;
    }

    private long insert(
            String requestKey,
            long ticket,
            long instrument,
            long player,
            Touch touch,
            String complaint,
            Set<Station> scope,
            Instant now) {
        Instruments.Named named = instruments.find(instrument).named();
        return Objects.requireNonNull(sql.insertInto(JOB)
                .set(JOB.TICKET, ticket)
                .set(JOB.INSTRUMENT_ID, instrument)
                .set(JOB.PLAYER_ID, player)
                .set(JOB.TOUCH, touch.name().toLowerCase(Locale.ROOT))
                .set(JOB.COMPLAINT, complaint)
                .set(JOB.REQUEST_KEY, requestKey)
                .set(JOB.OPENED_AT, now)
                .set(
                        JOB.SCOPE,
                        String.join(
                                " ", scope.stream().map(Station::name).sorted().toList()))
                .set(
                        JOB.CHOICES,
                        choices.forNewJob(
                                new Choices.Whose(
                                        instrument,
                                        named.name(),
                                        player,
                                        people.find(player).name()),
                                named.spec(),
                                touch))
                .returning(JOB.ID)
                .fetchOne(JOB.ID));
    }

    private long instrument(NewJob asked, Instant now) {
        if (asked.instrumentId() == null) return instruments.add(asked.instrument(), now);
        long known = instruments.toldAs(asked.instrumentId());
        Instruments.Stated stated = instruments.find(known);
        Instruments.Named typed = asked.instrument().named();
        if (!typed.equals(stated.named()))
            instruments.correct(
                    known,
                    asked.instrumentVersion() == null ? stated.version() : asked.instrumentVersion(),
                    asked.instrument());
        instruments.archive(known, false);
        return known;
    }

    private long player(NewJob asked, Instant now) {
        if (asked.playerId() != null && asked.playerId() != 0) {
            long known = people.toldAs(asked.playerId());
            people.archive(known, false);
            return known;
        }
        return (asked.playerId() == null
                        ? people.called(asked.player()).map(People.Player::id)
                        : Optional.<Long>empty())
                .orElseGet(() -> people.add(named(asked.player()), asked.touch(), now));
    }

    /** A reading that was typed with the eyes on the gauge is nobody's name; whoever is known already stays known. */
    private static String named(String player) {
        boolean named = player.isBlank() || player.chars().anyMatch(Character::isLetter);
        if (!named) throw Allowed.broken("player", "“" + player.strip() + "”", "a name, with a letter in it");
        return player;
    }

    /**
     * Asks about odd strings, unless they were as odd before.
     *
     * @param before the facts that are corrected; null when they cannot be read
     * @throws OddValueException when they are odd
     */
    static void askAbout(Facts facts, @Nullable InstrumentSpec before) {
        // the set that is usual for the kind was typed by nobody
        if (facts.strings() == null || facts.strings().isBlank()) return;
        askAbout(facts.spec(), before);
    }

    /** Asks about the strings of an instrument in the same way. */
    static void askAbout(InstrumentSpec now, @Nullable InstrumentSpec before) {
        Optional<FactsDoubt> doubt = FactsDoubt.of(now);
        if (before == null || !doubt.equals(FactsDoubt.of(before))) doubt.ifPresent(Intake::ask);
    }

    private static void ask(FactsDoubt doubt) {
        StringSet meant = doubt.meant();
        throw meant == null
                ? new OddValueException(doubt.question())
                : new OddValueException(doubt.question(), meant.text(), "turned round: " + meant.text());
    }
}
