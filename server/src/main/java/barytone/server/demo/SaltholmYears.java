package barytone.server.demo;

import barytone.core.agreement.Agreement;
import barytone.core.agreement.Money;
import barytone.core.arrival.Condition;
import barytone.core.arrival.ConditionMark;
import barytone.core.arrival.Side;
import barytone.core.arrival.Spot;
import barytone.core.arrival.SpotLook;
import barytone.core.arrival.SpotState;
import barytone.core.instrument.InstrumentKind;
import barytone.core.instrument.Touch;
import barytone.core.job.JobEvent;
import barytone.core.job.Station;
import barytone.server.instruments.Facts;
import barytone.server.instruments.Instruments;
import barytone.server.job.Days;
import barytone.server.job.Intake;
import barytone.server.job.JobLog;
import barytone.server.people.People;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;

/** Two years of visits of five of the loan instruments: seasons, drift, and what was put right. */
final class SaltholmYears {
    /** Before the jobs that are on the bench. */
    private static final long FIRST_TICKET = 41;

    private final Intake intake;
    private final JobLog log;
    private final Instruments instruments;
    private final People people;
    private final Instant now;
    private long ticket = FIRST_TICKET;

    /** The island's own money. */
    static final Money SHELLS = new Money("shells", 2);

    SaltholmYears(Intake intake, JobLog log, Instruments instruments, People people, Instant now) {
        this.intake = intake;
        this.log = log;
        this.instruments = instruments;
        this.people = people;
        this.now = now;
    }

    /** A card under a low nut: it holds for a season. */
    private void temporary() {
        Facts facts = DemoJobs.facts(
                InstrumentKind.MANDOLIN,
                "Mandolin “Dunlin”",
                InstrumentKind.MANDOLIN.usualFittings().bridge());
        Instant at = now.minus(Duration.ofDays(100));
        new Story(
                        intake,
                        log,
                        new Intake.NewJob(
                                "demo-Dunlin",
                                facts,
                                "Island school, loan no. 11",
                                Touch.MEDIUM,
                                "Buzzes open.",
                                Station.HEIGHTS),
                        at,
                        ticket++)
                .relief(0.10, 0.08)
                .note("Card under the nut until the new one is here.")
                .add(new JobEvent.FollowUpSet(
                        Days.of(now.minus(Duration.ofDays(3))), "card under the nut: it will not last"))
                .add(new JobEvent.Closed());
    }

    void tell() {
        // the winter's heating dries the flat-tops, the summer's crossings make them swell
        flatTop("Eider", 0.012, 0.16, 2.2, 1.6);
        flatTop("Wigeon", 0.009, 0.18, 2.3, 1.7);
        // bolted necks care little for the air; their relief creeps from year to year
        solid("Turnstone", 0.24, 0.02, 1.8, 1.4, "Goes out on deck, comes back stiff.");
        solid("Cormorant", 0.24, 0.03, 2.0, 1.7, "Low tuning, much travelling.");
        solid("Bittern", 0.26, 0.025, 2.4, 2.0, "Slapped every Friday.");
        temporary();
        about();
    }

    private void flatTop(String name, double perPoint, double relief, double bass, double treble) {
        int[] days = {715, 540, 352, 176};
        double[] air = {33, 58, 36, 56};
        for (int i = 0; i < days.length; i++) {
            double rise = perPoint * (air[i] - 45);
            boolean dry = air[i] < 40;
            Story visit = visit(
                    name,
                    days[i],
                    dry ? "Buzzes since the heating came on." : "Stiff since the summer crossings.",
                    air[i]);
            if (dry)
                visit.add(new JobEvent.ConditionMarked(
                                new ConditionMark(
                                        Condition.EARLIER_REPAIR, Side.FRONT, 0.87, 0.68, "cleated crack, sound"),
                                null))
                        .add(new JobEvent.SpotLooked(new SpotLook(Spot.FRETS, SpotState.WRONG, "ends stand out")))
                        .add(new JobEvent.SpotLooked(new SpotLook(Spot.STRAP, SpotState.FIXED, "longer screw")));
            visit.relief(relief + 0.01 * i, relief - 0.03 + 0.01 * i)
                    .nut(0.15, 0.145, 0.14, 0.135, 0.13, 0.125)
                    .action(spread(bass + rise, treble + rise))
                    .note(
                            dry
                                    ? "Kept in the case with a humidifier for four days."
                                    : "Aired in the saloon for three days.")
                    .add(agreed(dry))
                    .after(4 * 24 * 60)
                    .add(new JobEvent.AirRead(JobEvent.AirRead.Place.CASE, 46, null))
                    .action(spread(bass + perPoint, treble + perPoint))
                    .add(new JobEvent.Closed());
        }
    }

    /** What the island pays, and what it puts off. */
    private static JobEvent agreed(boolean dry) {
        List<Agreement.Line> lines = new ArrayList<>(List.of(
                new Agreement.Line(Agreement.Kind.SERVICE, "Setup: relief, nut, action, intonation", 6500, ""),
                new Agreement.Line(Agreement.Kind.GOODWILL, "Loose screws tightened", 0, "")));
        if (!dry)
            lines.add(new Agreement.Line(
                    Agreement.Kind.OFFER, "Fret ends dressed", 3500, "they stand out in winter only"));
        return new JobEvent.AgreementSet(
                new Agreement(SHELLS, 0, true, lines, null, 50, null, "the boatswain", "at the counter"));
    }

    private void solid(String name, double relief, double creep, double bass, double treble, String complaint) {
        int[] days = {690, 470, 250};
        double[] air = {38, 55, 41};
        for (int i = 0; i < days.length; i++)
            visit(name, days[i], complaint, air[i])
                    .relief(relief + creep * (i + 1), relief - 0.03 + creep * (i + 1))
                    .tightened(1, 12)
                    .relief(relief, relief - 0.03)
                    .pressed(0.15)
                    .action(evenly(bass, treble))
                    .add(new JobEvent.Closed());
    }

    /** A visit of one that is on the bench now as well. */
    private Story visit(String name, int daysAgo, String complaint, double air) {
        Instruments.Listed known = instruments.list(false).stream()
                .filter(i -> i.name().contains(name))
                .findFirst()
                .orElseThrow();
        Instruments.Stated stated = instruments.find(known.id());
        Instant at = now.minus(Duration.ofDays(daysAgo));
        Facts facts = Facts.of(stated.named());
        Story story = new Story(
                intake,
                log,
                new Intake.NewJob(
                        "demo-" + name + "-" + daysAgo,
                        facts,
                        ownerOf(name),
                        Touch.MEDIUM,
                        complaint,
                        Station.HEIGHTS,
                        true,
                        known.id(),
                        stated.version(),
                        null),
                at,
                ticket++);
        strings = stated.named().spec().strings();
        return story.add(new JobEvent.AirRead(JobEvent.AirRead.Place.ROOM, air, 20.0));
    }

    private int strings;

    private String ownerOf(String name) {
        return people.list(false).stream()
                .map(People.Player::name)
                .filter(owner -> owner.endsWith(
                        switch (name) {
                            case "Eider" -> "saloon loan no. 1";
                            case "Wigeon" -> "school, loan no. 2";
                            case "Turnstone" -> "deck loan no. 2";
                            case "Cormorant" -> "pit loan no. 6";
                            default -> "loan no. 12";
                        }))
                .findFirst()
                .orElseThrow();
    }

    /** Six actions, lowest string first. */
    private static double[] spread(double bass, double treble) {
        double[] all = new double[6];
        for (int i = 0; i < 6; i++) all[i] = rounded(bass + (treble - bass) * i / 5);
        return all;
    }

    private double[] evenly(double bass, double treble) {
        double[] all = new double[strings];
        for (int i = 0; i < strings; i++) all[i] = rounded(bass + (treble - bass) * i / (strings - 1));
        return all;
    }

    private static double rounded(double mm) {
        return Math.round(mm * 20) / 20.0;
    }

    private void about() {
        write(
                "Eider",
                "Island luthier, no. 14",
                "varnish at the shoulder",
                "Comes dry every winter. Ask for the case.");
        write("Turnstone", "Harbour workshop", "", "");
        write("Cormorant", "Saltholm workshop", "the worn edge of the board: the player likes it", "");
    }

    private void write(String name, String make, String doNotTouch, String notes) {
        Instruments.Listed known = instruments.list(false).stream()
                .filter(i -> i.name().contains(name))
                .findFirst()
                .orElseThrow();
        instruments.write(known.id(), new Instruments.About(1, make, notes, doNotTouch, null));
    }
}
