package barytone.server.demo;

import barytone.core.arrival.Complaint;
import barytone.core.instrument.InstrumentKind;
import barytone.core.instrument.InstrumentSpec;
import barytone.core.instrument.Touch;
import barytone.core.intonation.Sounded;
import barytone.core.job.JobEvent;
import barytone.core.job.Station;
import barytone.core.neck.GapMethod;
import barytone.core.pickup.Pickup;
import barytone.core.playoff.NoteMark;
import barytone.core.playoff.PlayedNote;
import barytone.core.playoff.Pluck;
import barytone.core.quantity.Turns;
import barytone.core.reading.Gap;
import barytone.core.reading.Position;
import barytone.core.reading.Tool;
import barytone.core.station.intonation.Ear;
import barytone.core.station.intonation.ToneEvent;
import barytone.core.station.pickups.PickupEvent;
import barytone.core.station.relief.ReliefEvent;
import barytone.server.instruments.Facts;
import barytone.server.job.Intake;
import barytone.server.job.JobLog;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** One job of the demo: its events at their times. */
final class Story {
    private final JobLog log;
    private final long job;
    private final InstrumentSpec spec;
    private Instant at;
    private long seq;

    Story(Intake intake, JobLog log, Taken taken, Instant at) {
        this.log = log;
        this.at = at;
        spec = taken.facts().spec();
        job = intake.openAt(
                new Intake.NewJob(
                        "demo-" + taken.facts().name(),
                        taken.facts(),
                        taken.player(),
                        taken.touch(),
                        taken.complaint(),
                        taken.scope()),
                at);
    }

    /** A visit of one that is known. */
    Story(Intake intake, JobLog log, Intake.NewJob known, Instant at, long ticket) {
        this.log = log;
        this.at = at;
        spec = known.instrument().spec();
        job = intake.openAt(known, at, ticket);
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

    /** What was said to hurt stands with the job in lists and searches too. */
    Story hurts(Complaint complaint) {
        add(new JobEvent.HurtSaid(complaint));
        log.keepComplaint(job);
        return this;
    }

    Story note(String text) {
        return add(new JobEvent.NoteWritten(text));
    }

    /** Notes of strings and frets, from and to, that sound alike. */
    Story marked(NoteMark mark, int fromString, int toString, int fromFret, int toFret) {
        List<PlayedNote> notes = new ArrayList<>();
        for (int string = fromString; string <= toString; string++)
            for (int fret = fromFret; fret <= toFret; fret++)
                notes.add(new PlayedNote(string, fret, mark, Pluck.NORMAL, false));
        return add(new JobEvent.NotesHeard(notes));
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

    /** Every nut slot with the same gap behind 3. */
    Story pressed(double mm) {
        double[] all = new double[spec.strings()];
        Arrays.fill(all, mm);
        return nut(all);
    }

    /** Action at 12 by card, lowest string first. */
    Story action(double... mm) {
        return each(new GapMethod.Action(12), Tool.CARD, mm);
    }

    /** The same by caliper. */
    Story caliper(double... mm) {
        return each(new GapMethod.Action(12), Tool.CALIPER, mm);
    }

    /** The nut of a six-string as it should be, held behind 3. */
    Story goodNut() {
        return nut(0.15, 0.145, 0.14, 0.135, 0.13, 0.125);
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
        return add(
                new ToneEvent.PitchRead(string, sounded, cents, Ear.TUNER, null, false, false, String.valueOf(cents)));
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

    static GapMethod.Relief held(int joint) {
        return new GapMethod.Relief(1, joint, joint / 2);
    }

    /** Who brings what, and what was agreed. */
    record Taken(
            Facts facts,
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
}
