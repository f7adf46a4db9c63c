package barytone.server.demo;

import barytone.core.bridge.BridgeKind;
import barytone.core.estimate.Band;
import barytone.core.height.ReliefTarget;
import barytone.core.instrument.InstrumentKind;
import barytone.core.instrument.InstrumentSpec;
import barytone.core.instrument.RodAccess;
import barytone.core.instrument.RodType;
import barytone.core.instrument.Touch;
import barytone.core.job.JobEvent;
import barytone.core.job.Station;
import barytone.core.neck.GapMethod;
import barytone.core.reading.Tool;
import barytone.core.station.relief.ReliefEvent;
import barytone.server.instruments.Facts;
import barytone.server.instruments.Instruments;
import barytone.server.job.Intake;
import barytone.server.job.JobLog;
import barytone.server.job.JobRegister;
import barytone.server.people.People;
import barytone.server.shop.PriceList;
import java.time.Clock;
import java.time.Duration;
import java.util.List;
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
    /** The heights, and a buzz. */
    private final Intake intake;

    private final JobLog log;
    private final JobRegister register;
    private final Instruments instruments;
    private final People people;
    private final PriceList prices;
    private final Clock clock;
    private final TransactionTemplate transaction;
    private final boolean demo;

    DemoJobs(
            Intake intake,
            JobLog log,
            JobRegister register,
            Instruments instruments,
            People people,
            PriceList prices,
            Clock clock,
            TransactionTemplate transaction,
            @Value("${barytone.demo:false}") boolean demo) {
        this.intake = intake;
        this.log = log;
        this.register = register;
        this.instruments = instruments;
        this.people = people;
        this.prices = prices;
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
            prices.keep(0, SaltholmPrices.LIST);
            new SaltholmYears(intake, log, instruments, people, clock.instant()).tell();
            new SaltholmBuzzes(intake, log, clock.instant()).tell();
            new SaltholmTuesday(intake, log, register, clock.instant()).tell();
        });
    }

    private Story story(Story.Taken taken, Duration ago) {
        return new Story(intake, log, taken, clock.instant().minus(ago));
    }

    static Facts facts(InstrumentKind kind, String name, BridgeKind bridge) {
        InstrumentSpec usual = kind.usual();
        return new Facts(usual, name, usual.rod(), usual.access(), bridge);
    }

    private void cormorant() {
        GapMethod.Relief held = Story.held(16);
        story(
                        new Story.Taken(
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
        story(
                        new Story.Taken(
                                new Facts(
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

    private static Story.Taken electric(String name, BridgeKind bridge, String player, String complaint) {
        return new Story.Taken(
                facts(InstrumentKind.ELECTRIC, name, bridge),
                player,
                Touch.MEDIUM,
                complaint,
                List.of(Station.values()));
    }

    private void redshank() {
        story(
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
        story(
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
        Facts right = facts(InstrumentKind.ELECTRIC, "Left-handed electric “Knot”", BridgeKind.INDIVIDUAL);
        story(
                        new Story.Taken(
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
        story(
                        new Story.Taken(
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
        story(
                        new Story.Taken(
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
        story(
                        new Story.Taken(
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
        story(
                new Story.Taken(
                        InstrumentKind.FLAT_TOP,
                        "Flat-top “Eider”",
                        "Saltholm Ferry Band, saloon loan no. 1",
                        Touch.MEDIUM,
                        "Buzzes since the heating came on. Sharp fret ends."),
                Duration.ofMinutes(18));
    }

    private void wigeon() {
        story(
                        new Story.Taken(
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
        story(
                        new Story.Taken(
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
        story(
                        new Story.Taken(
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
