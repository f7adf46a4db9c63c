package barytone.server.job;

import barytone.core.estimate.Band;
import barytone.core.instrument.InstrumentKind;
import barytone.core.instrument.InstrumentSpec;
import barytone.core.instrument.RodAccess;
import barytone.core.instrument.RodType;
import barytone.core.instrument.Touch;
import barytone.core.joblog.JobEvent;
import barytone.core.neck.Allowed;
import barytone.core.neck.GapMethod;
import barytone.core.plan.ReliefTarget;
import barytone.core.quantity.Turns;
import barytone.core.reading.Gap;
import barytone.core.reading.Position;
import barytone.core.reading.Tool;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.boot.autoconfigure.condition.ConditionalOnBooleanProperty;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionTemplate;

/**
 * The demo: loan instruments of the invented ferry band and school of Saltholm, in different states of a relief job. Seeded
 * once into an empty database.
 */
@Component
@ConditionalOnBooleanProperty("barytone.demo")
class DemoJobs implements ApplicationRunner {
    private final Intake intake;
    private final JobLog log;
    private final Clock clock;
    private final TransactionTemplate transaction;

    DemoJobs(Intake intake, JobLog log, Clock clock, TransactionTemplate transaction) {
        this.intake = intake;
        this.log = log;
        this.clock = clock;
        this.transaction = transaction;
    }

    @Override
    public void run(ApplicationArguments args) {
        if (!log.all().isEmpty()) return;
        transaction.executeWithoutResult(status -> {
            turnstone();
            cormorant();
            bittern();
            plover();
            eider();
        });
    }

    /** Writes one job's events at their times. */
    private final class Story {
        private final long job;
        private Instant at;
        private long seq;

        Story(
                InstrumentKind kind,
                String name,
                RodType rod,
                RodAccess access,
                String player,
                Touch touch,
                String complaint,
                Duration ago) {
            InstrumentSpec usual = kind.usual();
            at = clock.instant().minus(ago);
            job = intake.openAt(
                    new Intake.NewJob(
                            "demo-" + name,
                            new Intake.Facts(
                                    name,
                                    kind,
                                    usual.tuningText(),
                                    Allowed.plain(usual.scaleLength()),
                                    usual.frets(),
                                    usual.bodyJointFret(),
                                    Allowed.plain(usual.boardRadius()),
                                    rod,
                                    access,
                                    false),
                            player,
                            touch,
                            complaint),
                    at);
        }

        Story after(int minutes) {
            at = at.plus(Duration.ofMinutes(minutes));
            return this;
        }

        Story add(JobEvent event) {
            seq++;
            log.insert(job, seq, at, event, "demo-" + job + "-" + seq);
            at = at.plusSeconds(25);
            return this;
        }

        Story note(String text) {
            return add(new JobEvent.NoteWritten(text));
        }

        Story read(GapMethod.Relief method, int string, double mm) {
            return add(new JobEvent.ReadingTaken(
                    string, method, Tool.LEAF, new Gap.Of(mm), Position.PLAYING, String.valueOf(mm)));
        }

        Story tighten(int sixteenths) {
            return add(new JobEvent.RodTurned(new Turns(sixteenths), false, false));
        }

        Story retune() {
            return add(new JobEvent.Retuned());
        }
    }

    private static GapMethod.Relief capoAndFinger(int joint) {
        return new GapMethod.Relief(1, joint, 8);
    }

    private void cormorant() {
        GapMethod.Relief held = capoAndFinger(16);
        new Story(
                        InstrumentKind.BARITONE,
                        "Long-scale baritone “Cormorant”",
                        RodType.DOUBLE,
                        RodAccess.HEADSTOCK,
                        "Saltholm Ferry Band, pit loan no. 6",
                        Touch.MEDIUM,
                        "Rattles above the fifth fret since the winter crossing. Stiff to play.",
                        Duration.ofMinutes(86))
                .note("New strings, stretched 8 times")
                .add(new JobEvent.TargetSet(new ReliefTarget(null, held, new Band(0.20, 0.28), new Band(0.16, 0.26))))
                .after(6)
                .read(held, 6, 0.53)
                .read(held, 1, 0.47)
                .after(2)
                .tighten(2)
                .after(1)
                .retune()
                .after(12)
                .read(held, 6, 0.44)
                .read(held, 1, 0.38)
                .after(3)
                .tighten(2)
                .after(1)
                .retune()
                .after(12)
                .read(held, 6, 0.36)
                .read(held, 1, 0.30);
    }

    private void turnstone() {
        GapMethod.Relief held = capoAndFinger(16);
        new Story(
                        InstrumentKind.ELECTRIC,
                        "Three-barrel electric “Turnstone”",
                        RodType.SINGLE,
                        RodAccess.HEEL,
                        "Saltholm Ferry Band, deck loan no. 2",
                        Touch.LIGHT,
                        "Feels high in the middle.",
                        Duration.ofHours(27))
                .read(held, 6, 0.33)
                .read(held, 1, 0.30)
                .after(2)
                .tighten(2)
                .after(1)
                .retune()
                .after(11)
                .read(held, 6, 0.24)
                .read(held, 1, 0.21)
                .after(3)
                .tighten(1)
                .after(1)
                .retune()
                .after(12)
                .read(held, 6, 0.19)
                .read(held, 1, 0.17)
                .note("Played off on deck, no rattle.")
                .add(new JobEvent.Closed());
    }

    private void bittern() {
        GapMethod.Relief held = capoAndFinger(16);
        new Story(
                        InstrumentKind.BASS_5,
                        "Five-string bass “Bittern”",
                        RodType.DOUBLE,
                        RodAccess.HEADSTOCK,
                        "Island school, loan no. 12",
                        Touch.HEAVY,
                        "Low B flaps. Hands dig in.",
                        Duration.ofMinutes(14))
                .read(held, 5, 0.49)
                .read(held, 1, 0.44)
                .after(6)
                .tighten(2)
                .after(1)
                .retune()
                .after(1)
                .read(held, 5, 0.34)
                .read(held, 1, 0.30);
    }

    private void plover() {
        new Story(
                        InstrumentKind.NYLON,
                        "Nylon-string “Plover”",
                        RodType.NONE,
                        RodAccess.SOUND_HOLE,
                        "Island school, loan no. 4",
                        Touch.MEDIUM,
                        "Hard to press past the seventh fret.",
                        Duration.ofMinutes(52))
                .read(new GapMethod.Relief(1, 12, 6), 6, 0.42)
                .read(new GapMethod.Relief(1, 12, 6), 1, 0.38);
    }

    private void eider() {
        new Story(
                InstrumentKind.FLAT_TOP,
                "Flat-top “Eider”",
                RodType.SINGLE,
                RodAccess.SOUND_HOLE,
                "Saltholm Ferry Band, saloon loan no. 1",
                Touch.MEDIUM,
                "Buzzes since the heating came on. Sharp fret ends.",
                Duration.ofMinutes(18));
    }
}
