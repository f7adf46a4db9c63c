package barytone.server.instruments;

import static barytone.server.db.gen.Tables.INSTRUMENT;
import static barytone.server.db.gen.Tables.INSTRUMENT_FACTS;

import barytone.core.bridge.BridgeKind;
import barytone.core.bridge.LengthScrews;
import barytone.core.instrument.Fittings;
import barytone.core.instrument.InstrumentKind;
import barytone.core.instrument.InstrumentSpec;
import barytone.core.instrument.NeckJoint;
import barytone.core.instrument.NutMaterial;
import barytone.core.instrument.RodAccess;
import barytone.core.instrument.RodType;
import barytone.core.pickup.Pickup;
import barytone.core.quantity.NotAllowedException;
import barytone.core.strings.StringSet;
import barytone.server.db.gen.tables.records.InstrumentRecord;
import barytone.server.same.SameAs;
import barytone.server.web.ChangedMeanwhileException;
import barytone.server.web.NotThereException;
import barytone.server.web.Texts;
import java.time.Clock;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.Arrays;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Stream;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.Field;
import org.jooq.Record;
import org.jooq.impl.DSL;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** The instruments that were ever here. Facts are stated in versions, none of which is lost. */
@Component
public class Instruments {
    private static final int LONGEST_NAME = 120;
    private static final int LONGEST_TEXT = 2000;

    private final DSLContext sql;
    private final Clock clock;
    private final SameAs same;

    Instruments(DSLContext sql, Clock clock) {
        this.sql = sql;
        this.clock = clock;
        this.same = new SameAs(
                sql, "instrument", INSTRUMENT, INSTRUMENT.ID, INSTRUMENT.NAME, INSTRUMENT.SAME_AS, INSTRUMENT.TOLD_AS);
    }

    /** What an instrument is called, and its facts. */
    public record Named(String name, InstrumentSpec spec) {}

    /**
     * The facts of an instrument as they stand.
     *
     * @param version counts corrections
     */
    public record Stated(long id, long version, Named named) {}

    /** A version of the facts, since when. */
    public record Version(long version, Instant statedAt, Named named) {}

    /**
     * What is known of an instrument besides its facts.
     *
     * @param version counts changes of these
     * @param make maker and model, in the shop's words
     * @param doNotTouch what its player does not want touched
     * @param archivedAt since when it is no longer shown in lists; null when it is
     */
    public record About(
            long version,
            String make,
            String notes,
            String doNotTouch,
            @Nullable Instant archivedAt) {}

    /** An instrument by its name, for lists and for finding it. */
    public record Listed(
            long id,
            String name,
            InstrumentKind kind,
            String tuning,
            String make,
            @Nullable Instant archivedAt) {}

    /**
     * Takes down a new one.
     *
     * @throws barytone.core.quantity.NotAllowedException when its facts cannot be
     */
    @Transactional
    public long add(Facts facts, Instant at) {
        long id = Objects.requireNonNull(sql.insertInto(INSTRUMENT)
                .set(columns(facts.named()))
                .set(INSTRUMENT.VERSION, 1L)
                .set(INSTRUMENT.CREATED_AT, at)
                .returning(INSTRUMENT.ID)
                .fetchOne(INSTRUMENT.ID));
        keepVersion(id, at);
        return id;
    }

    /**
     * Corrects the facts.
     *
     * @param version the version that was corrected
     * @throws ChangedMeanwhileException when another window corrected them since
     */
    @Transactional
    public void correct(long id, long version, Facts facts) {
        int corrected = sql.update(INSTRUMENT)
                .set(columns(facts.named()))
                .set(INSTRUMENT.VERSION, INSTRUMENT.VERSION.plus(1L))
                .where(INSTRUMENT.ID.eq(id).and(INSTRUMENT.VERSION.eq(version)))
                .execute();
        if (corrected == 0)
            throw new ChangedMeanwhileException(
                    "Another window corrected this instrument meanwhile. Nothing was overwritten: look at it again, then correct it.");
        keepVersion(id, now());
    }

    /** Notes which strings are on it now. */
    @Transactional
    public void restring(long id, StringSet set) {
        sql.update(INSTRUMENT)
                .set(INSTRUMENT.STRINGS, set.text())
                .set(INSTRUMENT.VERSION, INSTRUMENT.VERSION.plus(1L))
                .where(INSTRUMENT.ID.eq(id))
                .execute();
        keepVersion(id, now());
    }

    private Instant now() {
        return clock.instant().truncatedTo(ChronoUnit.MILLIS);
    }

    private void keepVersion(long id, Instant at) {
        Field<?>[] facts = Arrays.stream(INSTRUMENT_FACTS.fields())
                .filter(f -> !f.equals(INSTRUMENT_FACTS.INSTRUMENT_ID)
                        && !f.equals(INSTRUMENT_FACTS.VERSION)
                        && !f.equals(INSTRUMENT_FACTS.STATED_AT))
                .map(INSTRUMENT::field)
                .toArray(Field[]::new);
        sql.insertInto(INSTRUMENT_FACTS)
                .columns(INSTRUMENT_FACTS.fields())
                .select(sql.select(INSTRUMENT.ID, INSTRUMENT.VERSION, DSL.val(at, INSTRUMENT_FACTS.STATED_AT))
                        .select(facts)
                        .from(INSTRUMENT)
                        .where(INSTRUMENT.ID.eq(id)))
                .execute();
    }

    /**
     * The facts as they stand.
     *
     * @throws NotThereException when there is no such instrument
     */
    @Transactional(readOnly = true, noRollbackFor = RuntimeException.class)
    public Stated find(long id) {
        return some(List.of(id)).find(id);
    }

    /** Some instruments as they stood when they were read together. */
    public static final class Some {
        private final Map<Long, InstrumentRecord> rows;

        private Some(Map<Long, InstrumentRecord> rows) {
            this.rows = rows;
        }

        /**
         * The facts of one of them.
         *
         * @throws NotThereException when there is no such instrument
         */
        public Stated find(long id) {
            InstrumentRecord row = rows.get(id);
            if (row == null) throw new NotThereException("instrument", id);
            return new Stated(id, row.getVersion(), read(row));
        }
    }

    /** Reads some of them together; those that are not there are left out. */
    @Transactional(readOnly = true, noRollbackFor = RuntimeException.class)
    public Some some(Collection<Long> ids) {
        if (ids.isEmpty()) return new Some(Map.of());
        return new Some(sql.selectFrom(INSTRUMENT).where(INSTRUMENT.ID.in(ids)).fetchMap(INSTRUMENT.ID));
    }

    /** The version of the facts of one as it stands, whether they can be read or not. */
    @Transactional(readOnly = true, noRollbackFor = RuntimeException.class)
    public long version(long id) {
        return Optional.ofNullable(versions(List.of(id)).get(id))
                .orElseThrow(() -> new NotThereException("instrument", id));
    }

    /** The versions of the facts of some of them as they stand, whether they can be read or not; those that are not there are left out. */
    @Transactional(readOnly = true, noRollbackFor = RuntimeException.class)
    public Map<Long, Long> versions(Collection<Long> ids) {
        if (ids.isEmpty()) return Map.of();
        return sql.select(INSTRUMENT.ID, INSTRUMENT.VERSION)
                .from(INSTRUMENT)
                .where(INSTRUMENT.ID.in(ids))
                .fetchMap(INSTRUMENT.ID, INSTRUMENT.VERSION);
    }

    /** Every version of the facts of an instrument and of those that are the same, newest first; one that cannot be read is left out. */
    @Transactional(readOnly = true)
    public List<Version> versions(long id) {
        return sql
                .select(INSTRUMENT_FACTS.fields())
                .from(INSTRUMENT_FACTS)
                .join(INSTRUMENT)
                .on(INSTRUMENT.ID.eq(INSTRUMENT_FACTS.INSTRUMENT_ID))
                .where(INSTRUMENT.TOLD_AS.eq(id))
                .orderBy(
                        INSTRUMENT_FACTS.STATED_AT.desc(),
                        INSTRUMENT_FACTS.INSTRUMENT_ID.desc(),
                        INSTRUMENT_FACTS.VERSION.desc())
                .fetch()
                .stream()
                .flatMap(r -> {
                    try {
                        return Stream.of(new Version(
                                r.get(INSTRUMENT_FACTS.VERSION), r.get(INSTRUMENT_FACTS.STATED_AT), read(r)));
                    } catch (IllegalArgumentException unreadable) {
                        return Stream.<Version>empty();
                    }
                })
                .toList();
    }

    /** What is known of it besides its facts. */
    @Transactional(readOnly = true)
    public About about(long id) {
        return sql.selectFrom(INSTRUMENT)
                .where(INSTRUMENT.ID.eq(id))
                .fetchOptional(r ->
                        new About(r.getAboutVersion(), r.getMake(), r.getNotes(), r.getDoNotTouch(), r.getArchivedAt()))
                .orElseThrow(() -> new NotThereException("instrument", id));
    }

    /**
     * Writes down what is known of it besides.
     *
     * @param about with the version that was seen
     * @throws ChangedMeanwhileException when another window wrote meanwhile
     */
    @Transactional
    public void write(long id, About about) {
        find(id);
        int written = sql.update(INSTRUMENT)
                .set(INSTRUMENT.MAKE, Texts.of("make", about.make(), 0, LONGEST_NAME))
                .set(INSTRUMENT.NOTES, Texts.of("notes", about.notes(), 0, LONGEST_TEXT))
                .set(INSTRUMENT.DO_NOT_TOUCH, Texts.of("doNotTouch", about.doNotTouch(), 0, LONGEST_TEXT))
                .set(INSTRUMENT.ABOUT_VERSION, INSTRUMENT.ABOUT_VERSION.plus(1L))
                .where(INSTRUMENT.ID.eq(id).and(INSTRUMENT.ABOUT_VERSION.eq(about.version())))
                .execute();
        if (written == 0)
            throw new ChangedMeanwhileException(
                    "Another window wrote about this instrument meanwhile. Nothing was overwritten: look at it again, then write.");
    }

    /** Takes it out of the lists, or puts it back; nothing of it is lost. */
    @Transactional
    public void archive(long id, boolean away) {
        find(id);
        sql.update(INSTRUMENT)
                .set(INSTRUMENT.ARCHIVED_AT, away ? now() : null)
                .where(INSTRUMENT.ID.eq(id))
                .execute();
    }

    /** Which instrument this one is told as: itself, or the one that it was found to be the same as. */
    @Transactional(readOnly = true)
    public long toldAs(long id) {
        return same.toldAs(id);
    }

    /** The numbers of an instrument and of all that are the same. */
    @Transactional(readOnly = true)
    public List<Long> all(long id) {
        return sql.select(INSTRUMENT.ID)
                .from(INSTRUMENT)
                .where(INSTRUMENT.TOLD_AS.eq(toldAs(id)))
                .fetch(INSTRUMENT.ID);
    }

    /** Those that were found to be this one. */
    @Transactional(readOnly = true)
    public List<SameAs.One> sameAs(long id) {
        return same.of(id);
    }

    /**
     * Says that one is the same as another: both histories are told together from now on. Their jobs stay with them, so that it can be taken back.
     *
     * @throws barytone.core.quantity.NotAllowedException when the two have different numbers of strings, or are one already
     */
    @Transactional
    public void merge(long id, long into) {
        Stated one = find(id);
        Stated other = find(into);
        if (one.named().spec().strings() != other.named().spec().strings())
            throw new NotAllowedException("“" + one.named().name() + "” has "
                    + one.named().spec().strings() + " strings and “"
                    + other.named().name() + "” has " + other.named().spec().strings()
                    + ": they cannot be the same. Correct the facts first.");
        same.merge(id, into);
    }

    /** Takes back that it is the same as another. */
    @Transactional
    public void unmerge(long id) {
        same.separate(id);
    }

    /** All that are told, by name; archived ones too when they are asked for. */
    @Transactional(readOnly = true)
    public List<Listed> list(boolean archived) {
        Condition which = INSTRUMENT.TOLD_AS.eq(INSTRUMENT.ID);
        if (!archived) which = which.and(INSTRUMENT.ARCHIVED_AT.isNull());
        return sql.select(
                        INSTRUMENT.ID,
                        INSTRUMENT.NAME,
                        INSTRUMENT.KIND,
                        INSTRUMENT.TUNING,
                        INSTRUMENT.MAKE,
                        INSTRUMENT.ARCHIVED_AT)
                .from(INSTRUMENT)
                .where(which)
                .orderBy(INSTRUMENT.NAME, INSTRUMENT.ID)
                .fetch(r -> new Listed(
                        r.value1(),
                        r.value2(),
                        InstrumentKind.valueOf(r.value3()),
                        r.value4(),
                        r.value5(),
                        r.value6()));
    }

    /**
     * The facts in a row of any table that has them.
     *
     * @throws IllegalArgumentException when they cannot be those of any instrument
     */
    public static Named read(Record row) {
        Record facts = row.into(INSTRUMENT);
        InstrumentKind kind = InstrumentKind.valueOf(facts.get(INSTRUMENT.KIND));
        InstrumentSpec spec = new InstrumentSpec(
                kind,
                InstrumentSpec.parseTuning(facts.get(INSTRUMENT.TUNING), kind),
                facts.get(INSTRUMENT.SCALE_LENGTH),
                Math.toIntExact(facts.get(INSTRUMENT.FRETS)),
                Math.toIntExact(facts.get(INSTRUMENT.BODY_JOINT_FRET)),
                facts.get(INSTRUMENT.BOARD_RADIUS),
                RodType.valueOf(facts.get(INSTRUMENT.ROD)),
                RodAccess.valueOf(facts.get(INSTRUMENT.ACCESS)),
                facts.get(INSTRUMENT.IS_LEFT_HANDED),
                new Fittings(
                        BridgeKind.valueOf(facts.get(INSTRUMENT.BRIDGE)),
                        facts.get(INSTRUMENT.THREAD_PITCH),
                        NeckJoint.valueOf(facts.get(INSTRUMENT.NECK_JOINT)),
                        facts.get(INSTRUMENT.END_RADIUS),
                        facts.get(INSTRUMENT.BRIDGE_SPREAD),
                        NutMaterial.valueOf(facts.get(INSTRUMENT.NUT_MATERIAL)),
                        facts.get(INSTRUMENT.NUT_WIDTH),
                        StringSet.parse(facts.get(INSTRUMENT.STRINGS)),
                        new LengthScrews(
                                facts.get(INSTRUMENT.LENGTH_PITCH),
                                LengthScrews.Head.valueOf(facts.get(INSTRUMENT.LENGTH_HEAD)),
                                facts.get(INSTRUMENT.SADDLE_THICKNESS),
                                facts.get(INSTRUMENT.PLATE_RISE)),
                        Pickup.parse(facts.get(INSTRUMENT.PICKUPS))));
        return new Named(facts.get(INSTRUMENT.NAME), spec);
    }

    /** The facts as tables keep them, by the names of their columns. */
    public static Map<Field<?>, Object> columns(Named named) {
        InstrumentSpec spec = named.spec();
        Fittings fittings = spec.fittings();
        return Map.ofEntries(
                Map.entry(INSTRUMENT.NAME, Texts.of("instrument name", named.name(), 1, LONGEST_NAME)),
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

    /** The name that holds on every machine. */
    @Transactional(readOnly = true)
    public String uid(long id) {
        return sql.select(INSTRUMENT.UID)
                .from(INSTRUMENT)
                .where(INSTRUMENT.ID.eq(id))
                .fetchOptional(INSTRUMENT.UID)
                .orElseThrow(() -> new NotThereException("instrument", id));
    }

    /** The number of one by the name that holds on every machine; empty when it is not here. */
    @Transactional(readOnly = true)
    public Optional<Long> ofUid(String uid) {
        return sql.select(INSTRUMENT.ID)
                .from(INSTRUMENT)
                .where(INSTRUMENT.UID.eq(uid))
                .fetchOptional(INSTRUMENT.ID);
    }
}
