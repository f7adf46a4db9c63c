package barytone.server.job;

import static barytone.server.db.gen.Tables.INSTRUMENT;
import static barytone.server.db.gen.Tables.JOB;
import static barytone.server.db.gen.Tables.PLAYER;

import barytone.core.bridge.BridgeKind;
import barytone.core.bridge.LengthScrews;
import barytone.core.instrument.FactsDoubt;
import barytone.core.instrument.Fittings;
import barytone.core.instrument.InstrumentKind;
import barytone.core.instrument.InstrumentSpec;
import barytone.core.instrument.NeckJoint;
import barytone.core.instrument.NutMaterial;
import barytone.core.instrument.RodAccess;
import barytone.core.instrument.RodType;
import barytone.core.instrument.Touch;
import barytone.core.job.Station;
import barytone.core.pickup.Pickup;
import barytone.core.quantity.Allowed;
import barytone.core.quantity.Length;
import barytone.core.quantity.LengthUnit;
import barytone.core.quantity.PlainNumber;
import barytone.core.strings.StringSet;
import barytone.server.web.RequestKey;
import java.time.Clock;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import org.jooq.DSLContext;
import org.jooq.Field;
import org.jooq.impl.DSL;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** Takes in an instrument: instrument, player and job are stored in one transaction. */
@Component
public class Intake {
    private static final int LONGEST_NAME = 120;
    private static final int LONGEST_COMPLAINT = 2000;
    private static final long FIRST_TICKET = 101;

    private final DSLContext sql;
    private final Clock clock;
    private final Choices choices;

    Intake(DSLContext sql, Clock clock, Choices choices) {
        this.sql = sql;
        this.clock = clock;
        this.choices = choices;
    }

    /**
     * The facts of an instrument as they are typed.
     *
     * @param tuning as spoken, lowest string first
     * @param scaleLength any length text; a bare number is mm
     * @param boardRadius any length text; {@code flat} or 0 for a flat board
     * @param bridge how the saddles are raised; what is usual for the kind when null, and so for all that follow
     * @param threadPitch of the height screws, any length text; {@code unknown} to learn it
     * @param endRadius board radius at the last fret; {@code same} when it is not compound
     * @param strings the set, string 1 first, in thou
     * @param lengthPitch of the length screws, any length text; {@code unknown} to learn it
     * @param lengthHead the end at which their heads are
     * @param saddleThickness of a fixed saddle along the string, any length text
     * @param plateRise how far the plate rises per mm towards the tail; a plain number
     * @param pickups from the neck, as in {@code neck usual springs, bridge strong wood}; {@code none} for none
     */
    public record Facts(
            String name,
            InstrumentKind kind,
            String tuning,
            String scaleLength,
            int frets,
            int bodyJointFret,
            String boardRadius,
            RodType rod,
            RodAccess access,
            boolean leftHanded,
            @Nullable BridgeKind bridge,
            @Nullable String threadPitch,
            @Nullable NeckJoint joint,
            @Nullable String endRadius,
            @Nullable String bridgeSpread,
            @Nullable NutMaterial nut,
            @Nullable String nutWidth,
            @Nullable String strings,
            @Nullable String lengthPitch,
            LengthScrews.@Nullable Head lengthHead,
            @Nullable String saddleThickness,
            @Nullable String plateRise,
            @Nullable String pickups) {
        /** The facts of an instrument that is as usual at both ends. */
        public Facts(InstrumentSpec usual, String name, RodType rod, RodAccess access, BridgeKind bridge) {
            this(
                    name,
                    usual.kind(),
                    usual.tuningText(),
                    Allowed.plain(usual.scaleLength()),
                    usual.frets(),
                    usual.bodyJointFret(),
                    Allowed.plain(usual.boardRadius()),
                    rod,
                    access,
                    usual.leftHanded(),
                    bridge,
                    null,
                    null,
                    null,
                    null,
                    null,
                    null,
                    null,
                    null,
                    null,
                    null,
                    null,
                    null);
        }

        /** The same instrument for the other hand. */
        public Facts mirrored() {
            return new Facts(
                    name,
                    kind,
                    tuning,
                    scaleLength,
                    frets,
                    bodyJointFret,
                    boardRadius,
                    rod,
                    access,
                    !leftHanded,
                    bridge,
                    threadPitch,
                    joint,
                    endRadius,
                    bridgeSpread,
                    nut,
                    nutWidth,
                    strings,
                    lengthPitch,
                    lengthHead,
                    saddleThickness,
                    plateRise,
                    pickups);
        }

        private Fittings fittings() {
            Fittings usual = kind.usualFittings();
            return new Fittings(
                    bridge == null ? usual.bridge() : bridge,
                    mm(threadPitch, "unknown", usual.threadPitch()),
                    joint == null ? usual.joint() : joint,
                    mm(endRadius, "same", usual.endRadius()),
                    mm(bridgeSpread, "", usual.bridgeSpread()),
                    nut == null ? usual.nut() : nut,
                    mm(nutWidth, "", usual.nutWidth()),
                    strings == null || strings.isBlank() ? usual.strings() : StringSet.parse(strings),
                    length(usual.length()),
                    pickups == null
                            ? usual.pickups()
                            : Pickup.parse(pickups.strip().equalsIgnoreCase("none") ? "" : pickups));
        }

        private LengthScrews length(LengthScrews usual) {
            return new LengthScrews(
                    mm(lengthPitch, "unknown", usual.pitch()),
                    lengthHead == null ? usual.head() : lengthHead,
                    saddleThickness == null || saddleThickness.isBlank()
                            ? usual.thickness()
                            : Length.parse(saddleThickness, LengthUnit.MM).mm(),
                    plateRise == null || plateRise.isBlank()
                            ? usual.plateRise()
                            : PlainNumber.parse("plateRise", plateRise, "mm per mm, such as 0 or 0.05"));
        }

        private static double mm(@Nullable String text, String nothing, double usual) {
            if (text == null) return usual;
            String clean = text.strip().toLowerCase(Locale.ROOT);
            return clean.equals(nothing) || clean.equals("0")
                    ? 0
                    : Length.parse(clean, LengthUnit.MM).mm();
        }

        public InstrumentSpec spec() {
            return new InstrumentSpec(
                    kind,
                    InstrumentSpec.parseTuning(tuning, kind),
                    Length.parse(scaleLength, LengthUnit.MM).mm(),
                    frets,
                    bodyJointFret,
                    boardRadius.strip().toLowerCase(Locale.ROOT).equals("flat")
                            ? 0
                            : Length.parse(boardRadius, LengthUnit.MM).mm(),
                    rod,
                    access,
                    leftHanded,
                    fittings());
        }
    }

    /**
     * A new job.
     *
     * @param requestKey names this request: sent again it opens no second job
     * @param scope the stations agreed on; all when null
     * @param sure odd strings were asked about already
     */
    public record NewJob(
            @RequestKey String requestKey,
            Facts instrument,
            String player,
            Touch touch,
            String complaint,
            @Nullable List<Station> scope,
            @Nullable Boolean sure) {}

    /**
     * Opens a job and returns its number.
     *
     * @throws OddValueException when its strings are odd and were not asked about
     */
    @Transactional
    public long open(NewJob asked) {
        if (!Boolean.TRUE.equals(asked.sure())) askAbout(asked.instrument(), null);
        return openAt(asked, clock.instant());
    }

    public long openAt(NewJob asked, Instant at) {
        Long known = sql.select(JOB.ID)
                .from(JOB)
                .where(JOB.REQUEST_KEY.eq(asked.requestKey()))
                .fetchOne(JOB.ID);
        if (known != null) return known;
        Instant now = at.truncatedTo(ChronoUnit.MILLIS);
        String complaint = text("complaint", asked.complaint(), 0, LONGEST_COMPLAINT);
        Set<Station> scope = asked.scope() == null ? EnumSet.allOf(Station.class) : Set.copyOf(asked.scope());
        if (scope.isEmpty()) throw Allowed.broken("scope", "nothing", "at least one station");
        long instrument = Objects.requireNonNull(sql.insertInto(INSTRUMENT)
                .set(columns(asked.instrument()))
                .set(INSTRUMENT.VERSION, 1L)
                .set(INSTRUMENT.CREATED_AT, now)
                .returning(INSTRUMENT.ID)
                .fetchOne(INSTRUMENT.ID));
        long player = Objects.requireNonNull(sql.insertInto(PLAYER)
                .set(PLAYER.NAME, text("player", asked.player(), 1, LONGEST_NAME))
                .set(PLAYER.TOUCH, asked.touch().name().toLowerCase(Locale.ROOT))
                .set(PLAYER.CREATED_AT, now)
                .returning(PLAYER.ID)
                .fetchOne(PLAYER.ID));
        Long last = sql.select(DSL.max(JOB.TICKET)).from(JOB).fetchOne(DSL.max(JOB.TICKET));
        return Objects.requireNonNull(sql.insertInto(JOB)
                .set(JOB.TICKET, last == null ? FIRST_TICKET : last + 1)
                .set(JOB.INSTRUMENT_ID, instrument)
                .set(JOB.PLAYER_ID, player)
                .set(JOB.COMPLAINT, complaint)
                .set(JOB.REQUEST_KEY, asked.requestKey())
                .set(JOB.OPENED_AT, now)
                .set(
                        JOB.SCOPE,
                        String.join(
                                " ", scope.stream().map(Station::name).sorted().toList()))
                .set(
                        JOB.CHOICES,
                        choices.forNewJob(
                                asked.instrument().name(),
                                asked.player(),
                                asked.instrument().spec(),
                                asked.touch()))
                .returning(JOB.ID)
                .fetchOne(JOB.ID));
    }

    /**
     * Corrects the facts of an instrument; the estimate of its jobs is computed anew from the same readings.
     *
     * @param version the version of the facts that was corrected
     * @throws ChangedMeanwhileException when another window corrected them since
     */
    @Transactional
    public void correct(long instrument, long version, Facts facts) {
        int corrected = sql.update(INSTRUMENT)
                .set(columns(facts))
                .set(INSTRUMENT.VERSION, INSTRUMENT.VERSION.plus(1L))
                .where(INSTRUMENT.ID.eq(instrument).and(INSTRUMENT.VERSION.eq(version)))
                .execute();
        if (corrected == 0)
            throw new ChangedMeanwhileException(
                    "Another window corrected this instrument meanwhile. Nothing was overwritten: look at it again, then correct it.");
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

    /** Notes which strings are on an instrument now. */
    void restring(long instrument, StringSet set) {
        sql.update(INSTRUMENT)
                .set(INSTRUMENT.STRINGS, set.text())
                .set(INSTRUMENT.VERSION, INSTRUMENT.VERSION.plus(1L))
                .where(INSTRUMENT.ID.eq(instrument))
                .execute();
    }

    /** The facts as the table keeps them, checked. */
    private static Map<Field<?>, Object> columns(Facts facts) {
        InstrumentSpec spec = facts.spec();
        Fittings fittings = spec.fittings();
        return Map.ofEntries(
                Map.entry(INSTRUMENT.NAME, text("instrument name", facts.name(), 1, LONGEST_NAME)),
                Map.entry(INSTRUMENT.KIND, spec.kind().name()),
                Map.entry(INSTRUMENT.TUNING, spec.tuningText()),
                Map.entry(INSTRUMENT.SCALE_LENGTH, spec.scaleLength()),
                Map.entry(INSTRUMENT.FRETS, (long) spec.frets()),
                Map.entry(INSTRUMENT.BODY_JOINT_FRET, (long) spec.bodyJointFret()),
                Map.entry(INSTRUMENT.BOARD_RADIUS, spec.boardRadius()),
                Map.entry(INSTRUMENT.ROD, spec.rod().name()),
                Map.entry(INSTRUMENT.ACCESS, spec.access().name()),
                Map.entry(INSTRUMENT.IS_LEFT_HANDED, spec.leftHanded()),
                Map.entry(INSTRUMENT.BRIDGE, fittings.bridge().name()),
                Map.entry(INSTRUMENT.THREAD_PITCH, fittings.threadPitch()),
                Map.entry(INSTRUMENT.NECK_JOINT, fittings.joint().name()),
                Map.entry(INSTRUMENT.END_RADIUS, fittings.endRadius()),
                Map.entry(INSTRUMENT.BRIDGE_SPREAD, fittings.bridgeSpread()),
                Map.entry(INSTRUMENT.NUT_MATERIAL, fittings.nut().name()),
                Map.entry(INSTRUMENT.NUT_WIDTH, fittings.nutWidth()),
                Map.entry(INSTRUMENT.STRINGS, fittings.strings().text()),
                Map.entry(INSTRUMENT.LENGTH_PITCH, fittings.length().pitch()),
                Map.entry(INSTRUMENT.LENGTH_HEAD, fittings.length().head().name()),
                Map.entry(INSTRUMENT.SADDLE_THICKNESS, fittings.length().thickness()),
                Map.entry(INSTRUMENT.PLATE_RISE, fittings.length().plateRise()),
                Map.entry(INSTRUMENT.PICKUPS, Pickup.text(fittings.pickups())));
    }

    private static String text(String field, String given, int least, int most) {
        String clean = given.strip();
        if (clean.length() < least) throw Allowed.broken(field, "nothing", "1 to " + most + " characters");
        if (clean.length() > most)
            throw Allowed.broken(field, clean.length() + " characters", least + " to " + most + " characters");
        return clean;
    }
}
