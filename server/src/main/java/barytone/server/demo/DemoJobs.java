package barytone.server.demo;

import barytone.core.bridge.BridgeKind;
import barytone.core.estimate.Band;
import barytone.core.height.ReliefTarget;
import barytone.core.instrument.InstrumentKind;
import barytone.core.instrument.InstrumentSpec;
import barytone.core.instrument.RodAccess;
import barytone.core.instrument.RodType;
import barytone.core.instrument.Touch;
import barytone.core.intonation.Sounded;
import barytone.core.job.JobEvent;
import barytone.core.job.Station;
import barytone.core.neck.GapMethod;
import barytone.core.pickup.Pickup;
import barytone.core.quantity.Turns;
import barytone.core.reading.Gap;
import barytone.core.reading.Position;
import barytone.core.reading.Tool;
import barytone.core.station.intonation.Ear;
import barytone.core.station.intonation.ToneEvent;
import barytone.core.station.pickups.PickupEvent;
import barytone.core.station.relief.ReliefEvent;
import barytone.server.job.Intake;
import barytone.server.job.JobLog;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionTemplate;

/**
 * The demo: loan instruments of the invented ferry band and school of Saltholm, in different states of their jobs. Seeded
 * once into an empty database.
 */
@Component
@Order(1)
class DemoJobs implements ApplicationRunner {
    private final Intake intake;
    private final JobLog log;
    private final Clock clock;
    private final TransactionTemplate transaction;
    private final boolean demo;

    DemoJobs(
            Intake intake,
            JobLog log,
            Clock clock,
            TransactionTemplate transaction,
            @Value("${barytone.demo:false}") boolean demo) {
        this.intake = intake;
        this.log = log;
        this.clock = clock;
        this.transaction = transaction;
        this.demo = demo;
    }

    @Override
    public void run(ApplicationArguments args) {
        if (!demo || !log.empty()) return;
        transaction.executeWithoutResult(status -> {
            knot();
            turnstone();
            sandpiper();
            ruff();
            wigeon();
            dotterel();
            cormorant();
            bittern();
            plover();
            eider();
            redshank();
            lapwing();
        });
    }

    /** Who brings what, and what was agreed. */
    private record Taken(
            Intake.Facts facts,
            String player,
            Touch touch,
            String complaint,
            @Nullable List<Station> scope) {
        Taken(InstrumentKind kind, String name, String player, Touch touch, String complaint) {
            this(
                    DemoJobs.facts(kind, name, kind.usual().fittings().bridge()),
                    player,
                    touch,
                    complaint,
                    Station.HEIGHTS);
        }
    }

    private static Intake.Facts facts(InstrumentKind kind, String name, BridgeKind bridge) {
        InstrumentSpec usual = kind.usual();
        return new Intake.Facts(usual, name, usual.rod(), usual.access(), bridge);
    }

    /** Writes one job's events at their times. */
    private final class Story {
        private final long job;
        private final InstrumentSpec spec;
        private Instant at;
        private long seq;

        Story(Taken taken, Duration ago) {
            at = clock.instant().minus(ago);
            spec = taken.facts().spec();
            job = intake.openAt(
                    new Intake.NewJob(
                            "demo-" + taken.facts().name(),
                            taken.facts(),
                            taken.player(),
                            taken.touch(),
                            taken.complaint(),
                            taken.scope(),
                            null),
                    at);
        }

        Story after(int minutes) {
            at = at.plus(Duration.ofMinutes(minutes));
            return this;
        }

        Story add(JobEvent event) {
            seq++;
            log.insert(job, seq, at, event, "demo-" + job + "-" + seq, null);
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

        /** Nut readings, held behind 3, lowest string first. */
        Story nut(double... mm) {
            for (int i = 0; i < mm.length; i++)
                add(new JobEvent.ReadingTaken(
                        spec.strings() - i,
                        new GapMethod.NutPressed(3),
                        Tool.LEAF,
                        new Gap.Between(mm[i] - 0.01, mm[i] + 0.01),
                        Position.PLAYING,
                        "leaves"));
            return this;
        }

        /** Action at 12 by card, lowest string first. */
        Story action(double... mm) {
            return each(new GapMethod.Action(12), Tool.CARD, mm);
        }

        Story each(GapMethod method, Tool tool, double... mm) {
            for (int i = 0; i < mm.length; i++)
                add(new JobEvent.ReadingTaken(
                        spec.strings() - i, method, tool, new Gap.Of(mm[i]), Position.PLAYING, String.valueOf(mm[i])));
            return this;
        }

        /** The open string in tune and a fret against it, from the technician's own tuner, lowest string first. */
        Story sounded(int fret, double... cents) {
            for (int i = 0; i < cents.length; i++)
                pitch(spec.strings() - i, Sounded.OPEN, 0).pitch(spec.strings() - i, Sounded.at(fret), cents[i]);
            return this;
        }

        private Story pitch(int string, Sounded sounded, double cents) {
            return add(new ToneEvent.PitchRead(
                    string, sounded, cents, Ear.TUNER, null, false, false, String.valueOf(cents)));
        }

        /** Pickup gaps, bass and treble side, from the neck. */
        Story gaps(double... mm) {
            for (int i = 0; i < mm.length; i++)
                add(new PickupEvent.PickupRead(i / 2, Pickup.Side.values()[i % 2], mm[i], String.valueOf(mm[i])));
            return this;
        }

        /** Relief on both sides, with a capo at 1 and a finger at the joint. */
        Story relief(double bass, double treble) {
            GapMethod.Relief held = held(spec.bodyJointFret());
            return read(held, spec.bassString(), bass).read(held, 1, treble);
        }

        /** Some thought, a turn of the rod, the retuning, and some minutes to settle. */
        Story tightened(int sixteenths, int minutes) {
            return after(3).add(new ReliefEvent.RodTurned(new Turns(sixteenths), false, false))
                    .after(1)
                    .add(new JobEvent.Retuned())
                    .after(minutes);
        }
    }

    private static GapMethod.Relief held(int joint) {
        return new GapMethod.Relief(1, joint, joint / 2);
    }

    private void cormorant() {
        GapMethod.Relief held = held(16);
        new Story(
                        new Taken(
                                InstrumentKind.BARITONE,
                                "Long-scale baritone “Cormorant”",
                                "Saltholm Ferry Band, pit loan no. 6",
                                Touch.MEDIUM,
                                "Rattles above the fifth fret since the winter crossing. Stiff to play."),
                        Duration.ofMinutes(90))
                .note("New strings, stretched 8 times")
                .add(new ReliefEvent.TargetSet(
                        new ReliefTarget(null, held, new Band(0.20, 0.28), new Band(0.16, 0.26))))
                .after(6)
                .relief(0.53, 0.47)
                .nut(0.26, 0.22, 0.18, 0.16, 0.15, 0.14)
                .action(2.7, 2.6, 2.5, 2.3, 2.2, 2.1)
                .tightened(2, 12)
                .relief(0.44, 0.38)
                .tightened(2, 12)
                .relief(0.36, 0.30);
    }

    private void turnstone() {
        InstrumentSpec usual = InstrumentKind.ELECTRIC.usual();
        new Story(
                        new Taken(
                                new Intake.Facts(
                                        usual,
                                        "Three-barrel electric “Turnstone”",
                                        RodType.SINGLE,
                                        RodAccess.HEEL,
                                        BridgeKind.BARRELS),
                                "Saltholm Ferry Band, deck loan no. 2",
                                Touch.LIGHT,
                                "Feels high in the middle.",
                                List.of(Station.values())),
                        Duration.ofMinutes(40))
                .relief(0.20, 0.17)
                .nut(0.15, 0.145, 0.14, 0.135, 0.13, 0.125)
                .action(2.1, 2.0, 2.1, 1.9, 1.6, 1.5)
                .sounded(12, 4.5, 2.0, 3.5, -2.0, 2.5, 0.5)
                .gaps(2.6, 2.1, 2.4, 1.9);
    }

    private static Taken electric(String name, BridgeKind bridge, String player, String complaint) {
        return new Taken(
                facts(InstrumentKind.ELECTRIC, name, bridge),
                player,
                Touch.MEDIUM,
                complaint,
                List.of(Station.values()));
    }

    private void redshank() {
        new Story(
                        electric(
                                "Six-saddle electric “Redshank”",
                                BridgeKind.INDIVIDUAL,
                                "Island school, loan no. 7",
                                "Out of tune up the neck. Sounds fine open."),
                        Duration.ofMinutes(83))
                .note("New strings, stretched")
                .relief(0.23, 0.20)
                .nut(0.15, 0.145, 0.14, 0.135, 0.13, 0.125)
                .each(new GapMethod.Action(12), Tool.CALIPER, 1.8, 1.7, 1.6, 1.5, 1.4, 1.3)
                .sounded(12, 7.0, 4.2, 1.1, -3.1, 2.4, 0.6)
                .gaps(2.5, 2.0, 2.4, 2.0);
    }

    private void lapwing() {
        new Story(
                        electric(
                                "Three-barrel electric “Lapwing”",
                                BridgeKind.BARRELS,
                                "Island school, loan no. 8",
                                "Never quite in tune with the band."),
                        Duration.ofMinutes(58))
                .relief(0.23, 0.20)
                .nut(0.15, 0.145, 0.14, 0.135, 0.13, 0.125)
                .each(new GapMethod.Action(12), Tool.CALIPER, 1.8, 1.7, 1.6, 1.5, 1.4, 1.3);
    }

    private void knot() {
        Intake.Facts right = facts(InstrumentKind.ELECTRIC, "Left-handed electric “Knot”", BridgeKind.INDIVIDUAL);
        new Story(
                        new Taken(
                                right.mirrored(),
                                "Island school, loan no. 9",
                                Touch.LIGHT,
                                "Only the neck this time: rattles on the deck, fine at home.",
                                List.of(Station.RELIEF)),
                        Duration.ofHours(27))
                .relief(0.33, 0.30)
                .tightened(2, 11)
                .relief(0.24, 0.21)
                .tightened(1, 12)
                .relief(0.19, 0.17)
                .note("Played off on deck, no rattle.")
                .add(new JobEvent.Closed());
    }

    private void sandpiper() {
        new Story(
                        new Taken(
                                InstrumentKind.SEMI_HOLLOW,
                                "Two-post semi-hollow “Sandpiper”",
                                "Saltholm Ferry Band, saloon loan no. 3",
                                Touch.MEDIUM,
                                "Sinks on the bass side, buzzes when strummed."),
                        Duration.ofMinutes(64))
                .relief(0.18, 0.15)
                .nut(0.15, 0.145, 0.14, 0.135, 0.13, 0.125)
                .action(1.3, 1.3, 1.3, 1.3, 1.35, 1.35);
    }

    private void bittern() {
        new Story(
                        new Taken(
                                InstrumentKind.BASS_5,
                                "Five-string bass “Bittern”",
                                "Island school, loan no. 12",
                                Touch.HEAVY,
                                "Low B flaps. Hands dig in."),
                        Duration.ofMinutes(19))
                .relief(0.49, 0.44)
                .nut(0.21, 0.20, 0.19, 0.18, 0.17)
                .action(2.3, 2.4, 2.3, 2.2, 2.1)
                .after(3)
                .tightened(2, 1)
                .relief(0.27, 0.24);
    }

    private void plover() {
        new Story(
                        new Taken(
                                InstrumentKind.NYLON,
                                "Nylon-string “Plover”",
                                "Island school, loan no. 4",
                                Touch.MEDIUM,
                                "Hard to press past the seventh fret."),
                        Duration.ofMinutes(52))
                .relief(0.42, 0.38)
                .nut(0.19, 0.18, 0.17, 0.16, 0.15, 0.15)
                .action(4.3, 4.2, 4.1, 3.9, 3.8, 3.6);
    }

    private void eider() {
        new Story(
                new Taken(
                        InstrumentKind.FLAT_TOP,
                        "Flat-top “Eider”",
                        "Saltholm Ferry Band, saloon loan no. 1",
                        Touch.MEDIUM,
                        "Buzzes since the heating came on. Sharp fret ends."),
                Duration.ofMinutes(18));
    }

    private void wigeon() {
        new Story(
                        new Taken(
                                InstrumentKind.FLAT_TOP,
                                "Flat-top “Wigeon”",
                                "Island school, loan no. 2",
                                Touch.MEDIUM,
                                "High on the bass side since the summer."),
                        Duration.ofMinutes(71))
                .relief(0.18, 0.15)
                .nut(0.15, 0.145, 0.14, 0.135, 0.13, 0.125)
                .action(2.9, 2.75, 2.6, 2.35, 2.15, 1.9);
    }

    private void dotterel() {
        new Story(
                        new Taken(
                                InstrumentKind.MANDOLIN,
                                "Mandolin “Dotterel”",
                                "Saltholm Ferry Band, deck loan no. 5",
                                Touch.MEDIUM,
                                "Sharp in the first frets, sore fingertips."),
                        Duration.ofMinutes(33))
                .relief(0.115, 0.085)
                .nut(0.24, 0.23, 0.20, 0.21, 0.18, 0.19, 0.16, 0.11)
                .action(1.45, 1.42, 1.4, 1.35, 1.3, 1.25, 1.2, 1.15);
    }

    private void ruff() {
        new Story(
                        new Taken(
                                InstrumentKind.TWELVE_STRING,
                                "Twelve-string “Ruff”",
                                "Saltholm Ferry Band, saloon loan no. 7",
                                Touch.MEDIUM,
                                "Heavy to fret, never quite in tune."),
                        Duration.ofMinutes(12))
                .relief(0.21, 0.19)
                .nut(0.16, 0.15, 0.15, 0.14);
    }
}
