package barytone.server.job;

import barytone.core.job.JobEvent;
import barytone.core.job.Tending;
import barytone.core.quantity.Allowed;
import barytone.server.web.RequestKey;
import barytone.server.web.Texts;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** What came off and goes back on, work around the strings, and when to look again. */
@RestController
@RequestMapping(path = "/api/jobs/{id}", produces = MediaType.APPLICATION_JSON_VALUE)
class BenchLogController {
    private static final int LONGEST = 200;

    /** Oil is not put on again before. */
    private static final Duration OIL_LASTS = Duration.ofDays(182);

    private final JobDesk desk;
    private final EntrySearch entries;
    private final Clock clock;

    BenchLogController(JobDesk desk, EntrySearch entries, Clock clock) {
        this.desk = desk;
        this.entries = entries;
        this.clock = clock;
    }

    /** A part that comes off, in words. */
    record PartTyped(long after, @RequestKey String key, String part) implements Addition {}

    /**
     * Work around the strings.
     *
     * @param sure it was asked about already
     */
    record TendedTyped(
            long after,
            @RequestKey String key,
            Tending what,
            @Nullable Boolean sure) implements Addition {}

    /**
     * When to look again.
     *
     * @param day as in 2031-05-06; null or empty when it need not be looked at on a day
     * @param why in words
     */
    record FollowUpTyped(
            long after,
            @RequestKey String key,
            @Nullable String day,
            @Nullable String why) implements Addition {}

    /** Something comes off the instrument: it lies in the tray until it is back. */
    @PostMapping("/parts")
    JobView takePart(
            @PathVariable long id, @RequestParam(defaultValue = "mm") String unit, @RequestBody PartTyped asked) {
        String part = Texts.of("part", asked.part(), 1, LONGEST);
        return desk.add(id, unit, asked, job -> new JobEvent.PartTaken(part));
    }

    /** Something goes back on. */
    @PostMapping("/parts/back")
    JobView putPartBack(
            @PathVariable long id, @RequestParam(defaultValue = "mm") String unit, @RequestBody Addition.About asked) {
        return desk.add(id, unit, asked, job -> {
            if (job.tray().parts().stream().noneMatch(p -> p.taken() == asked.event()))
                throw Allowed.broken(
                        "event", asked.event(), "an entry by which a part came off that is still in the tray");
            return new JobEvent.PartBack(asked.event());
        });
    }

    /** Strings off or on, cleaned, oiled, hardware tightened. */
    @PostMapping("/tended")
    JobView noteTended(
            @PathVariable long id, @RequestParam(defaultValue = "mm") String unit, @RequestBody TendedTyped asked) {
        return desk.add(id, unit, asked, job -> {
            if (asked.what() == Tending.OILED && !Boolean.TRUE.equals(asked.sure()))
                askAboutOil(job.job().instrumentId());
            return new JobEvent.Tended(asked.what());
        });
    }

    private void askAboutOil(long instrument) {
        Optional<Instant> last = entries.lastTended(instrument, Tending.OILED);
        if (last.isPresent() && last.get().isAfter(clock.instant().minus(OIL_LASTS)))
            throw new OddValueException("The board was oiled on " + Days.spoken(Days.of(last.get()))
                    + ": half a year is soon enough. Oil it all the same?");
    }

    /** Says when the instrument is to be looked at again, and why: a temporary repair, a big move, a season. */
    @PostMapping("/follow-up")
    JobView setFollowUp(
            @PathVariable long id, @RequestParam(defaultValue = "mm") String unit, @RequestBody FollowUpTyped asked) {
        LocalDate day = Typed.day("day", asked.day());
        String why = Texts.optional("why", asked.why(), LONGEST);
        return desk.add(id, unit, asked, job -> new JobEvent.FollowUpSet(day, why));
    }
}
