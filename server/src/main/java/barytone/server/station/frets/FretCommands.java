package barytone.server.station.frets;

import barytone.core.buzz.BuzzTest;
import barytone.core.buzz.Hint;
import barytone.core.buzz.Outcome;
import barytone.core.buzz.TestResult;
import barytone.core.buzz.Zone;
import barytone.core.buzz.cause.Causes;
import barytone.core.job.JobEvent;
import barytone.core.playoff.NoteMark;
import barytone.core.playoff.PlayedNote;
import barytone.core.playoff.Pluck;
import barytone.core.quantity.Allowed;
import barytone.core.station.frets.FretEvent;
import barytone.server.job.Addition;
import barytone.server.job.JobDesk;
import barytone.server.job.JobView;
import barytone.server.job.OpenedJob;
import barytone.server.web.RequestKey;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** What is heard, tested and done about a buzz on a job, over HTTP. */
@RestController
@RequestMapping(path = "/api/jobs/{id}/frets", produces = MediaType.APPLICATION_JSON_VALUE)
class FretCommands {
    private static final int MOST_NOTES = 500;

    private final JobDesk desk;

    FretCommands(JobDesk desk) {
        this.desk = desk;
    }

    /**
     * A note as it sounds.
     *
     * @param string 1 is the highest
     * @param fret 0 is the open string
     */
    record MarkedNote(int string, int fret, NoteMark mark, Pluck pluck, boolean plugged) {}

    /** Notes as they sound, clean ones too. */
    record MarkedNotes(long after, @RequestKey String key, List<MarkedNote> notes) implements Addition {}

    /** Where else a noise seems to come from. */
    record HeardZones(long after, @RequestKey String key, Set<Zone> zones) implements Addition {}

    /** What else is known of the noise. */
    record NotedHints(long after, @RequestKey String key, Set<Hint> hints) implements Addition {}

    /** A test that was made. */
    record MadeTest(
            long after,
            @RequestKey String key,
            BuzzTest test,
            Outcome outcome,
            @Nullable Integer string,
            @Nullable Integer fret)
            implements Addition {}

    /**
     * Something was done about a cause.
     *
     * @param cause its code
     * @param string 0 where it is no one string
     * @param fret 0 where it is no one fret
     */
    record MadeRemedy(long after, @RequestKey String key, String cause, int string, int fret) implements Addition {}

    /** Marks notes as they sound. */
    @PostMapping("/notes")
    JobView markNotes(
            @PathVariable long id, @RequestParam(defaultValue = "mm") String unit, @RequestBody MarkedNotes asked) {
        Allowed.whole("notes", asked.notes().size(), 1, MOST_NOTES);
        return desk.add(
                id,
                unit,
                asked,
                job -> new JobEvent.NotesHeard(asked.notes().stream()
                        .map(n -> new PlayedNote(
                                job.string(n.string()), fret(job, n.fret()), n.mark(), n.pluck(), n.plugged()))
                        .toList()));
    }

    private static int fret(OpenedJob job, int fret) {
        return Allowed.whole("fret", fret, 0, job.state().spec().frets());
    }

    /** Where else a noise seems to come from. */
    @PostMapping("/zones")
    JobView noteZones(
            @PathVariable long id, @RequestParam(defaultValue = "mm") String unit, @RequestBody HeardZones asked) {
        return desk.add(id, unit, asked, job -> new FretEvent.ZonesHeard(asked.zones()));
    }

    /** What else is known of the noise. */
    @PostMapping("/hints")
    JobView noteHints(
            @PathVariable long id, @RequestParam(defaultValue = "mm") String unit, @RequestBody NotedHints asked) {
        return desk.add(id, unit, asked, job -> new FretEvent.HintsNoted(asked.hints()));
    }

    /** A test was made. */
    @PostMapping("/tests")
    JobView noteBuzzTest(
            @PathVariable long id, @RequestParam(defaultValue = "mm") String unit, @RequestBody MadeTest asked) {
        return desk.add(
                id,
                unit,
                asked,
                job -> new FretEvent.BuzzTested(new TestResult(
                        asked.test(),
                        asked.outcome(),
                        asked.string() == null ? null : job.string(asked.string()),
                        asked.fret() == null ? null : fret(job, asked.fret()))));
    }

    /** Something was done about a cause. */
    @PostMapping("/remedies")
    JobView noteRemedy(
            @PathVariable long id, @RequestParam(defaultValue = "mm") String unit, @RequestBody MadeRemedy asked) {
        return desk.add(id, unit, asked, job -> {
            if (Causes.byCode(asked.cause()).isEmpty())
                throw Allowed.broken(
                        "cause",
                        "“" + asked.cause() + "”",
                        String.join(", ", Causes.ALL.stream().map(c -> c.code()).toList()));
            return new FretEvent.CauseRemedied(
                    asked.cause(), asked.string() == 0 ? 0 : job.string(asked.string()), fret(job, asked.fret()));
        });
    }
}
