package barytone.server.demo;

import barytone.core.arrival.Complaint;
import barytone.core.arrival.Sign;
import barytone.core.arrival.Where;
import barytone.core.bridge.BridgeKind;
import barytone.core.buzz.Hint;
import barytone.core.buzz.Zone;
import barytone.core.instrument.InstrumentKind;
import barytone.core.instrument.Touch;
import barytone.core.job.JobEvent;
import barytone.core.job.Station;
import barytone.core.playoff.NoteMark;
import barytone.core.station.frets.FretEvent;
import barytone.server.instruments.Facts;
import barytone.server.job.Intake;
import barytone.server.job.JobLog;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Set;

/** Eight instruments that buzz, each for a reason of its own; one for two. */
final class SaltholmBuzzes {
    private static final List<Station> HUNT = List.of(Station.RELIEF, Station.NUT, Station.ACTION, Station.FRETS);

    private final Intake intake;
    private final JobLog log;
    private final Instant now;

    SaltholmBuzzes(Intake intake, JobLog log, Instant now) {
        this.intake = intake;
        this.log = log;
        this.now = now;
    }

    void tell() {
        avocet();
        sanderling();
        greenshank();
        petrel();
        stint();
        curlew();
        scoter();
        phalarope();
    }

    private Story story(Story.Taken taken, int minutesAgo) {
        return new Story(intake, log, taken, now.minus(Duration.ofMinutes(minutesAgo)));
    }

    private static Story.Taken taken(Facts facts, String player, String complaint) {
        return new Story.Taken(facts, player, Touch.MEDIUM, complaint, HUNT);
    }

    private static Facts sixSaddle(String name) {
        return DemoJobs.facts(InstrumentKind.ELECTRIC, "Six-saddle electric “" + name + "”", BridgeKind.INDIVIDUAL);
    }

    /** A high fret: 9 stands up under all strings. */
    private void avocet() {
        story(
                        new Story.Taken(
                                sixSaddle("Avocet"),
                                "Island school, loan no. 11",
                                Touch.MEDIUM,
                                "Dead notes in the solos, whatever the action.",
                                HUNT),
                        47)
                .relief(0.23, 0.20)
                .goodNut()
                .caliper(1.8, 1.7, 1.6, 1.5, 1.4, 1.3)
                .marked(NoteMark.BUZZ, 1, 6, 8, 8)
                .marked(NoteMark.BUZZ, 2, 4, 7, 7)
                .marked(NoteMark.CLEAN, 1, 6, 9, 12)
                .marked(NoteMark.CLEAN, 1, 6, 3, 4);
    }

    /** Too few wraps on the post of one string: it buzzes open, its slot is as it should be, and nobody has played it here yet. */
    private void sanderling() {
        story(
                        new Story.Taken(
                                DemoJobs.facts(
                                        InstrumentKind.ELECTRIC,
                                        "Six-saddle electric “Sanderling”",
                                        BridgeKind.INDIVIDUAL),
                                "Saltholm Ferry Band, saloon loan no. 9",
                                Touch.MEDIUM,
                                "The open D sings like a wasp.",
                                HUNT),
                        26)
                .hurts(new Complaint(
                        "The open D sings like a wasp.",
                        List.of(Sign.BUZZES, Sign.SINCE_STRINGS),
                        List.of(Where.OPEN),
                        List.of(4),
                        List.of(),
                        null,
                        ""))
                .relief(0.23, 0.20)
                .goodNut()
                .caliper(1.8, 1.7, 1.6, 1.5, 1.4, 1.3);
    }

    /** Two at once: a shallow break angle at the first string, and a plate that rattles. */
    private void greenshank() {
        story(
                        new Story.Taken(
                                DemoJobs.facts(InstrumentKind.BASS_4, "Four-string bass “Greenshank”", BridgeKind.BASS),
                                "Island school, loan no. 14",
                                Touch.MEDIUM,
                                "The G is weak and fizzes. Something rattles too.",
                                HUNT),
                        38)
                .relief(0.30, 0.26)
                .nut(0.19, 0.18, 0.17, 0.16)
                .caliper(2.5, 2.3, 2.1, 1.9)
                .marked(NoteMark.BUZZ, 1, 1, 0, 7)
                .marked(NoteMark.CLEAN, 2, 4, 0, 7)
                .add(new FretEvent.ZonesHeard(Set.of(Zone.BODY)));
    }

    /** A nut slot that was filed too low; its string buzzes open, and nobody has looked at the nut yet. */
    private void petrel() {
        story(
                        taken(
                                sixSaddle("Petrel"),
                                "Island school, loan no. 17",
                                "The open G buzzes. With a capo it is fine."),
                        19)
                .hurts(new Complaint(
                        "The open G buzzes. With a capo it is fine.",
                        List.of(Sign.BUZZES),
                        List.of(Where.OPEN),
                        List.of(3),
                        List.of(),
                        null,
                        ""))
                .relief(0.22, 0.20)
                .caliper(1.8, 1.7, 1.6, 1.5, 1.4, 1.3);
    }

    /** The end of the board kicks up over the body. */
    private void stint() {
        story(
                        taken(
                                sixSaddle("Stint"),
                                "Quayside Quartet, loan no. 3",
                                "Nothing rings past the joint, bends least of all."),
                        55)
                .relief(0.22, 0.20)
                .goodNut()
                .caliper(1.9, 1.8, 1.7, 1.6, 1.5, 1.4)
                .marked(NoteMark.CLEAN, 1, 6, 3, 10)
                .marked(NoteMark.DEAD, 1, 4, 16, 19)
                .marked(NoteMark.BUZZ, 5, 6, 16, 18);
    }

    /** Dry air and a rod that was set in summer: the neck bends backwards. */
    private void curlew() {
        story(
                        taken(
                                DemoJobs.facts(
                                        InstrumentKind.SEMI_HOLLOW,
                                        "Semi-hollow “Curlew”",
                                        InstrumentKind.SEMI_HOLLOW
                                                .usual()
                                                .fittings()
                                                .bridge()),
                                "Saltholm Ferry Band, pit loan no. 2",
                                "Buzzes all over the low frets since the stove is lit."),
                        44)
                .hurts(new Complaint(
                        "Buzzes all over the low frets since the stove is lit.",
                        List.of(Sign.BUZZES, Sign.SINCE_SEASON),
                        List.of(Where.LOW),
                        List.of(),
                        List.of(),
                        null,
                        ""))
                .add(new JobEvent.AirRead(JobEvent.AirRead.Place.ROOM, 37, 19.0))
                .relief(-0.06, -0.05)
                .marked(NoteMark.BUZZ, 1, 6, 0, 3)
                .marked(NoteMark.CLEAN, 1, 6, 7, 12);
    }

    /** A plate that is loose and rattles along with some pitches, on whatever string. */
    private void scoter() {
        story(
                        taken(
                                sixSaddle("Scoter"),
                                "Saltholm Ferry Band, saloon loan no. 4",
                                "Something rattles on A, wherever it is played."),
                        31)
                .relief(0.22, 0.20)
                .goodNut()
                .caliper(1.8, 1.7, 1.6, 1.5, 1.4, 1.3)
                .marked(NoteMark.CLEAN, 3, 6, 1, 4)
                .marked(NoteMark.BUZZ, 6, 6, 5, 5)
                .marked(NoteMark.BUZZ, 5, 5, 0, 0)
                .marked(NoteMark.BUZZ, 4, 4, 7, 7)
                .add(new FretEvent.ZonesHeard(Set.of(Zone.BODY)))
                .add(new FretEvent.HintsNoted(Set.of(Hint.SOME_PITCHES)));
    }

    /** A top that has sunk in dry air: the action fell, and it buzzes everywhere. */
    private void phalarope() {
        story(
                        taken(
                                DemoJobs.facts(
                                        InstrumentKind.FLAT_TOP,
                                        "Flat-top “Phalarope”",
                                        InstrumentKind.FLAT_TOP
                                                .usual()
                                                .fittings()
                                                .bridge()),
                                "Quayside Quartet, loan no. 8",
                                "It was fine in autumn. Now it buzzes wherever you play."),
                        62)
                .hurts(new Complaint(
                        "It was fine in autumn. Now it buzzes wherever you play.",
                        List.of(Sign.BUZZES, Sign.SINCE_SEASON),
                        List.of(Where.EVERYWHERE),
                        List.of(),
                        List.of(),
                        null,
                        ""))
                .add(new JobEvent.AirRead(JobEvent.AirRead.Place.CASE, 27, null))
                .relief(0.16, 0.14)
                .goodNut()
                .caliper(1.75, 1.7, 1.6, 1.5, 1.4, 1.3)
                .marked(NoteMark.BUZZ, 1, 6, 1, 12)
                .add(new FretEvent.HintsNoted(Set.of(Hint.SHARP_FRET_ENDS)));
    }
}
