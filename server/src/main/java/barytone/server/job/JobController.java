package barytone.server.job;

import barytone.core.instrument.InstrumentSpec;
import barytone.core.job.JobEvent;
import barytone.core.job.JobReplay;
import barytone.core.job.LoggedEvent;
import barytone.core.job.Station;
import barytone.core.quantity.Allowed;
import barytone.core.quantity.NotAllowedException;
import barytone.core.strings.StringSet;
import barytone.server.instruments.Facts;
import barytone.server.instruments.Instruments;
import barytone.server.web.RequestKey;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.Size;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Jobs over HTTP. Every addition answers with the whole job as it now stands, in the unit asked for. */
@RestController
@RequestMapping(path = "/api/jobs", produces = MediaType.APPLICATION_JSON_VALUE)
class JobController {
    private static final int LONGEST_NOTE = 2000;
    private static final String SHORTER = "at most " + LONGEST_NOTE + " characters";
    private static final String NOTE_ALLOWED = "1 to " + LONGEST_NOTE + " characters";

    private final JobDesk desk;
    private final Intake intake;
    private final Instruments instruments;

    JobController(JobDesk desk, Intake intake, Instruments instruments) {
        this.desk = desk;
        this.intake = intake;
        this.instruments = instruments;
    }

    /** The number of a new job. */
    record Created(long id) {}

    /** The place of the last entry of a job. */
    record Latest(long seq) {}

    /**
     * Corrected facts of an instrument, with the version that was corrected.
     *
     * @param sure odd strings were asked about already
     */
    record Correction(long version, Facts facts, @Nullable Boolean sure) {}

    /** Undo; without an event the newest that counts. */
    record Undo(
            long after, @RequestKey String key, @Nullable Long event) implements Addition {}

    /** Free text. */
    record Note(
            long after,
            @RequestKey String key,

            @NotBlank(message = NOTE_ALLOWED) @Size(max = LONGEST_NOTE, message = NOTE_ALLOWED)
            String text)
            implements Addition {}

    /**
     * Other strings were put on: their gauges, string 1 first, in thou.
     *
     * @param sure odd gauges were asked about already
     */
    record OtherStrings(
            long after,
            @RequestKey String key,
            String strings,
            @Nullable Boolean sure) implements Addition {}

    /** Takes in an instrument. The same request key opens one job, however often it is sent. */
    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    Created openJob(@RequestBody Intake.NewJob asked) {
        Supplier<Long> open = () -> desk.opened(() -> intake.open(asked));
        // corrected on the way in, it must not take along another job that is open on it
        return new Created(
                asked.instrumentId() == null
                        ? open.get()
                        : desk.corrected(instruments.toldAs(asked.instrumentId()), open));
    }

    /** A job as its page draws it, in the unit asked for. */
    @GetMapping("/{id}")
    JobView showJob(@PathVariable long id, @RequestParam(defaultValue = "mm") String unit) {
        return desk.shown(id, unit);
    }

    /**
     * The page of one station alone.
     *
     * @param station which one
     */
    @GetMapping("/{id}/stations/{station}")
    JobView.RoomView showStation(
            @PathVariable long id, @PathVariable Station station, @RequestParam(defaultValue = "mm") String unit) {
        return desk.room(id, unit, station);
    }

    /** What a window asks every few seconds: whether there is anything new. */
    @GetMapping("/{id}/seq")
    Latest newestEntry(@PathVariable long id) {
        return new Latest(desk.lastSeq(id));
    }

    /** Corrects the facts of the instrument; all readings stay as they were read. */
    @PutMapping("/{id}/instrument")
    JobView correctInstrument(
            @PathVariable long id, @RequestParam(defaultValue = "mm") String unit, @RequestBody Correction asked) {
        OpenedJob job = desk.open(id);
        if (job.state().closed()) throw new JobClosedException();
        StringSet before = job.state().spec().fittings().strings();
        if (!Boolean.TRUE.equals(asked.sure()))
            Intake.askAbout(asked.facts(), job.state().spec());
        StringSet now = asked.facts().spec().fittings().strings();
        return desk.corrected(job.job().instrumentId(), () -> {
            instruments.correct(job.job().instrumentId(), asked.version(), asked.facts());
            if (before.equals(now) || !job.state().anythingRead()) return desk.shown(id, unit);
            // other strings make stale what was read on the ones before: an entry of its own, to be undone where they
            // were only noted wrongly
            Addition.Plain stamp =
                    new Addition.Plain(job.seq(), UUID.randomUUID().toString());
            return desk.add(id, unit, stamp, opened -> new JobEvent.StringsChanged(before.text(), now.text()));
        });
    }

    /** The strings were brought back to pitch. */
    @PostMapping("/{id}/retunes")
    JobView noteRetuned(
            @PathVariable long id, @RequestParam(defaultValue = "mm") String unit, @RequestBody Addition.Plain asked) {
        return desk.add(id, unit, asked, job -> new JobEvent.Retuned());
    }

    /** Writes a note on the tape. */
    @PostMapping("/{id}/notes")
    JobView writeNote(@PathVariable long id, @RequestParam(defaultValue = "mm") String unit, @RequestBody Note asked) {
        String text = asked.text().strip();
        return desk.add(id, unit, asked, job -> new JobEvent.NoteWritten(text));
    }

    /**
     * What the player is told when the instrument is handed over.
     *
     * @param found what was found about the complaint; empty when there is nothing to say
     * @param advice what they can do
     * @param lookAgain when to look again, and why
     */
    record HandOverTyped(
            long after,
            @RequestKey String key,

            @Size(max = LONGEST_NOTE, message = SHORTER) String found,

            @Size(max = LONGEST_NOTE, message = SHORTER) String advice,

            @Size(max = LONGEST_NOTE, message = SHORTER) String lookAgain)
            implements Addition {}

    /** Writes down what the player is told; it goes on the card. */
    @PostMapping("/{id}/hand-over")
    JobView writeHandOver(
            @PathVariable long id, @RequestParam(defaultValue = "mm") String unit, @RequestBody HandOverTyped asked) {
        return desk.add(
                id,
                unit,
                asked,
                job -> new JobEvent.HandOverWritten(
                        asked.found().strip(),
                        asked.advice().strip(),
                        asked.lookAgain().strip()));
    }

    /**
     * The end of a job.
     *
     * @param sure what is left in the tray was asked about already
     */
    record Close(
            long after, @RequestKey String key, @Nullable Boolean sure) implements Addition {}

    /** Closes the job: what was measured last is as left. What is left in the tray is asked about. */
    @PostMapping("/{id}/close")
    JobView closeJob(@PathVariable long id, @RequestParam(defaultValue = "mm") String unit, @RequestBody Close asked) {
        return desk.add(id, unit, asked, job -> {
            String left = BenchLogWords.left(job.tray());
            if (!left.isEmpty() && !Boolean.TRUE.equals(asked.sure()))
                throw new OddValueException(left + " Close the job all the same?");
            return new JobEvent.Closed();
        });
    }

    /** Opens a closed job again. */
    @PostMapping("/{id}/reopen")
    JobView reopenJob(
            @PathVariable long id, @RequestParam(defaultValue = "mm") String unit, @RequestBody Addition.Plain asked) {
        return desk.add(id, unit, asked, job -> new JobEvent.Reopened());
    }

    /** Takes an entry back, the newest that counts when none is named; it stays on the tape, marked. */
    @PostMapping("/{id}/undo")
    JobView undoEntry(@PathVariable long id, @RequestParam(defaultValue = "mm") String unit, @RequestBody Undo asked) {
        return desk.add(id, unit, asked, job -> {
            long undone = asked.event() != null ? undoable(job, asked.event()) : newestThatCounts(job);
            strings(job, undone).ifPresent(e -> swap(job, e.to(), e.from()));
            return new JobEvent.Undone(undone);
        });
    }

    /** Brings an undone entry back, the one undone last when none is named. */
    @PostMapping("/{id}/redo")
    JobView bringBackEntry(
            @PathVariable long id, @RequestParam(defaultValue = "mm") String unit, @RequestBody Undo asked) {
        return desk.add(id, unit, asked, job -> {
            long back = asked.event() != null ? undoneOne(job, asked.event()) : newestUndone(job);
            strings(job, back).ifPresent(e -> swap(job, e.from(), e.to()));
            return new JobEvent.Redone(back);
        });
    }

    /** The change of strings that an entry is; empty when it is something else, or the gauges were not changed by it. */
    private static Optional<JobEvent.StringsChanged> strings(OpenedJob job, long seq) {
        return job.log().stream()
                .filter(e -> e.seq() == seq)
                .map(LoggedEvent::event)
                .filter(JobEvent.StringsChanged.class::isInstance)
                .map(JobEvent.StringsChanged.class::cast)
                .filter(e -> Boolean.TRUE.equals(e.gauges()))
                .findFirst();
    }

    /** Puts the gauges of one set in the place of the other's; where something else is on by now, that stays. */
    private void swap(OpenedJob job, String on, String instead) {
        InstrumentSpec spec = job.state().spec();
        StringSet set = StringSet.parse(instead, spec.strings());
        boolean still = spec.fittings().strings().text().equals(on);
        if (still && set.strings().size() == spec.strings())
            instruments.restring(job.job().instrumentId(), set);
    }

    private static long undoable(OpenedJob job, long seq) {
        Set<Long> undone = JobReplay.undone(job.log());
        return job.log().stream()
                .filter(e -> e.seq() == seq && counts(e, undone))
                .findFirst()
                .orElseThrow(() -> Allowed.broken(
                        "event", seq, "an entry that counts; this one is undone already or not on the tape"))
                .seq();
    }

    private static long newestThatCounts(OpenedJob job) {
        Set<Long> undone = JobReplay.undone(job.log());
        return job.log().reversed().stream()
                .filter(e -> counts(e, undone))
                .findFirst()
                .orElseThrow(() -> new NotAllowedException("There is nothing to undo."))
                .seq();
    }

    private static long undoneOne(OpenedJob job, long seq) {
        if (!JobReplay.undone(job.log()).contains(seq)) throw Allowed.broken("event", seq, "an entry that was undone");
        return seq;
    }

    private static long newestUndone(OpenedJob job) {
        Set<Long> undone = JobReplay.undone(job.log());
        // the entry undone last comes back first
        return job.log().reversed().stream()
                .filter(e -> e.event() instanceof JobEvent.Undone u && undone.contains(u.event()))
                .map(e -> ((JobEvent.Undone) e.event()).event())
                .findFirst()
                .orElseThrow(() -> new NotAllowedException("There is nothing to bring back."));
    }

    private static boolean counts(LoggedEvent e, Set<Long> undone) {
        return !(e.event() instanceof JobEvent.Undone)
                && !(e.event() instanceof JobEvent.Redone)
                && !undone.contains(e.seq());
    }

    /** Other strings were put on: an entry on the tape, and the gauges of the instrument. */
    @PostMapping("/{id}/other-strings")
    JobView changeStrings(
            @PathVariable long id, @RequestParam(defaultValue = "mm") String unit, @RequestBody OtherStrings asked) {
        return desk.add(id, unit, asked, job -> {
            InstrumentSpec spec = job.state().spec();
            StringSet set = StringSet.parse(asked.strings(), spec.strings());
            if (!Boolean.TRUE.equals(asked.sure()))
                Intake.askAbout(spec.with(spec.fittings().with(set)), spec);
            String before = spec.fittings().strings().text();
            instruments.restring(job.job().instrumentId(), set);
            return new JobEvent.StringsChanged(before, set.text(), true);
        });
    }
}
