package barytone.server.job;

import static barytone.server.db.gen.Tables.INSTRUMENT;
import static barytone.server.db.gen.Tables.JOB;
import static barytone.server.db.gen.Tables.PLAYER;

import barytone.core.instrument.InstrumentKind;
import barytone.core.instrument.InstrumentSpec;
import barytone.core.instrument.RodAccess;
import barytone.core.instrument.RodType;
import barytone.core.instrument.Touch;
import barytone.core.neck.Allowed;
import barytone.core.quantity.Length;
import barytone.core.quantity.LengthUnit;
import java.time.Clock;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import org.jooq.DSLContext;
import org.jooq.Field;
import org.jooq.impl.DSL;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** Takes in an instrument: instrument, player and job are stored in one transaction. */
@Component
class Intake {
    private static final int LONGEST_NAME = 120;
    private static final int LONGEST_COMPLAINT = 2000;
    private static final long FIRST_TICKET = 101;

    private final DSLContext sql;
    private final Clock clock;

    Intake(DSLContext sql, Clock clock) {
        this.sql = sql;
        this.clock = clock;
    }

    /**
     * The facts of an instrument as they are typed.
     *
     * @param tuning as spoken, lowest string first
     * @param scaleLength any length text; a bare number is mm
     * @param boardRadius any length text; {@code flat} or 0 for a flat board
     */
    record Facts(
            String name,
            InstrumentKind kind,
            String tuning,
            String scaleLength,
            int frets,
            int bodyJointFret,
            String boardRadius,
            RodType rod,
            RodAccess access,
            boolean leftHanded) {
        InstrumentSpec spec() {
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
                    leftHanded);
        }
    }

    /**
     * A new job.
     *
     * @param requestKey names this request: sent again it opens no second job
     */
    record NewJob(String requestKey, Facts instrument, String player, Touch touch, String complaint) {}

    /** Opens a job and returns its number. */
    @Transactional
    public long open(NewJob asked) {
        return openAt(asked, clock.instant());
    }

    long openAt(NewJob asked, Instant at) {
        Long known = sql.select(JOB.ID)
                .from(JOB)
                .where(JOB.REQUEST_KEY.eq(asked.requestKey()))
                .fetchOne(JOB.ID);
        if (known != null) return known;
        Instant now = at.truncatedTo(ChronoUnit.MILLIS);
        String complaint = text("complaint", asked.complaint(), 0, LONGEST_COMPLAINT);
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

    /** The facts as the table keeps them, checked. */
    private static Map<Field<?>, Object> columns(Facts facts) {
        InstrumentSpec spec = facts.spec();
        return Map.of(
                INSTRUMENT.NAME, text("instrument name", facts.name(), 1, LONGEST_NAME),
                INSTRUMENT.KIND, spec.kind().name(),
                INSTRUMENT.TUNING, spec.tuningText(),
                INSTRUMENT.SCALE_LENGTH, spec.scaleLength(),
                INSTRUMENT.FRETS, (long) spec.frets(),
                INSTRUMENT.BODY_JOINT_FRET, (long) spec.bodyJointFret(),
                INSTRUMENT.BOARD_RADIUS, spec.boardRadius(),
                INSTRUMENT.ROD, spec.rod().name(),
                INSTRUMENT.ACCESS, spec.access().name(),
                INSTRUMENT.IS_LEFT_HANDED, spec.leftHanded());
    }

    private static String text(String field, String given, int least, int most) {
        String clean = given.strip();
        if (clean.length() < least) throw Allowed.broken(field, "nothing", "1 to " + most + " characters");
        if (clean.length() > most)
            throw Allowed.broken(field, clean.length() + " characters", least + " to " + most + " characters");
        return clean;
    }
}
