package barytone.server.job;

import barytone.core.job.JobEvent;
import barytone.core.quantity.Allowed;
import barytone.server.instruments.InstrumentView;
import barytone.server.instruments.Instruments;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** A job that cannot be shown: what is stored of it, undo and the instrument's facts, so that it can be shown again. */
@RestController
@RequestMapping(path = "/api/jobs/{id}/stored", produces = MediaType.APPLICATION_JSON_VALUE)
class RepairController {
    private static final String UNREADABLE = "An entry that cannot be read: ";

    private final JobLog log;
    private final StoredEntries entries;
    private final JobDesk desk;
    private final Doors doors;
    private final Instruments instruments;

    RepairController(JobLog log, StoredEntries entries, JobDesk desk, Doors doors, Instruments instruments) {
        this.log = log;
        this.entries = entries;
        this.desk = desk;
        this.doors = doors;
        this.instruments = instruments;
    }

    /**
     * A job that cannot be shown: what is stored of it, so that it can be put right.
     *
     * @param seq the place of the last entry
     * @param why what is wrong with it; null when it can be shown again
     * @param instrument its facts; null when they cannot be read either
     * @param tape every entry that can be undone, newest first
     */
    record StoredView(
            long id,
            long seq,
            @Nullable String why,
            @Nullable InstrumentView instrument,
            List<JobView.TapeLine> tape) {}

    /** What is stored of a job that cannot be shown, so that it can be put right. */
    @GetMapping
    StoredView showStoredJob(@PathVariable long id) {
        List<StoredEntries.Stored> all = entries.of(id);
        Set<Long> undone = StoredEntries.undone(all);
        List<JobView.TapeLine> tape = new ArrayList<>();
        for (StoredEntries.Stored entry : all.reversed()) {
            if (entry.event() instanceof JobEvent.Undone || entry.event() instanceof JobEvent.Redone) continue;
            tape.add(new JobView.TapeLine(
                    entry.seq(), entry.at(), text(entry), null, false, undone.contains(entry.seq()), null, null));
        }
        long seq = all.isEmpty() ? 0 : all.getLast().seq();
        return new StoredView(id, seq, why(id), facts(id), tape);
    }

    /** Takes an entry back that the job cannot be shown with. */
    @PostMapping("/undo")
    StoredView undoStoredEntry(@PathVariable long id, @RequestBody Addition.About asked) {
        List<StoredEntries.Stored> all = entries.of(id);
        boolean counts = all.stream().anyMatch(e -> e.seq() == asked.event())
                && !StoredEntries.undone(all).contains(asked.event());
        if (!counts)
            throw Allowed.broken(
                    "event", asked.event(), "an entry that counts; this one is undone already or not on the tape");
        log.addUnseen(id, asked.after(), JobDesk.request(asked), new JobEvent.Undone(asked.event()));
        return showStoredJob(id);
    }

    /** Corrects the facts of the instrument of a job that cannot be shown. */
    @PutMapping("/instrument")
    StoredView correctStoredInstrument(@PathVariable long id, @RequestBody JobController.Correction asked) {
        // a closed job keeps the facts it was closed with: its closing is undone first
        if (log.keptAsClosed(id)) throw new JobClosedException();
        if (!Boolean.TRUE.equals(asked.sure())) Intake.askAbout(asked.facts(), null);
        long instrument = log.instrumentOf(id);
        return desk.corrected(instrument, () -> {
            InstrumentView before = facts(id);
            instruments.correct(instrument, asked.version(), asked.facts());
            otherStrings(id, before, facts(id));
            return showStoredJob(id);
        });
    }

    /** Other strings make stale what was read on the ones before, as on any job. */
    private void otherStrings(long id, @Nullable InstrumentView before, @Nullable InstrumentView now) {
        List<StoredEntries.Stored> all = entries.of(id);
        boolean read = all.stream()
                .map(StoredEntries.Stored::event)
                .anyMatch(e -> e instanceof JobEvent.ReadingTaken
                        || e != null && doors.stream().anyMatch(door -> door.reads(e)));
        if (before == null || now == null || before.strings().equals(now.strings()) || !read) return;
        log.addUnseen(
                id,
                all.getLast().seq(),
                new JobLog.Request(UUID.randomUUID().toString(), "other strings"),
                new JobEvent.StringsChanged(before.strings(), now.strings()));
    }

    private @Nullable String why(long id) {
        try {
            desk.shown(id, "mm");
            return null;
        } catch (CannotBeShownException e) {
            return e.getMessage();
        }
    }

    private @Nullable InstrumentView facts(long id) {
        try {
            JobLog.Job job = log.about(id);
            return InstrumentView.of(job.instrumentVersion(), job.instrument(), job.spec());
        } catch (NoSuchJobException e) {
            throw e;
        } catch (RuntimeException unreadable) {
            return null;
        }
    }

    /** What an entry is, without a look at what it did. */
    private static String text(StoredEntries.Stored entry) {
        return switch (entry.event()) {
            case null -> UNREADABLE + entry.kind();
            case JobEvent.ReadingTaken e -> "Reading of string " + e.string() + ": " + e.typed();
            case JobEvent.NoteWritten e -> e.text();
            default -> Words.sentence(entry.kind().replace('-', ' '));
        };
    }
}
