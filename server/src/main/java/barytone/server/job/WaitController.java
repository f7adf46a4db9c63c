package barytone.server.job;

import barytone.core.job.JobEvent;
import barytone.core.quantity.Allowed;
import barytone.core.quantity.PlainNumber;
import barytone.core.wait.AirWanted;
import barytone.core.wait.Wait;
import barytone.core.wait.WaitEnd;
import barytone.core.wait.WaitReason;
import barytone.server.web.RequestKey;
import barytone.server.web.Texts;
import java.time.Clock;
import java.time.Instant;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** What a job waits for, begun and ended by hand. */
@RestController
@RequestMapping(path = "/api", produces = MediaType.APPLICATION_JSON_VALUE)
class WaitController {
    private static final int LONGEST = 200;

    /** Those that only the rod begins. */
    private static final Set<WaitReason> BY_THEMSELVES = Set.of(WaitReason.SETTLING, WaitReason.NEXT_DAY);

    private final JobDesk desk;
    private final Clock clock;

    WaitController(JobDesk desk, Clock clock) {
        this.desk = desk;
        this.clock = clock;
    }

    /**
     * A wait that begins.
     *
     * @param until as it is typed: 20 min, 3 h, 4 d, 16:30, tomorrow, 2031-02-06; empty for as long as is usual, or for as long as it takes
     * @param humidity that is waited for, as it is typed: over 40, under 55, 40..55; empty for none
     * @param note in words
     * @param sure it was asked about already
     */
    record WaitTyped(
            long after,
            @RequestKey String key,
            WaitReason reason,
            @Nullable String until,
            @Nullable String humidity,
            @Nullable String note,
            @Nullable Boolean sure)
            implements Addition {}

    /**
     * A reason to let a job wait, for choosing.
     *
     * @param usual how long it takes when nothing is typed, in words; null for as long as it takes
     */
    record ReasonView(
            WaitReason reason, String label, @Nullable String usual) {}

    /** What a job can be told to wait for. */
    @GetMapping("/wait-reasons")
    List<ReasonView> waitReasons() {
        return Arrays.stream(WaitReason.values())
                .filter(reason -> !BY_THEMSELVES.contains(reason))
                .map(reason -> new ReasonView(
                        reason, reason.label(), reason.usual() == null ? null : WaitWords.length(reason.usual())))
                .toList();
    }

    /** Begins a wait. */
    @PostMapping("/jobs/{id}/waits")
    JobView beginWait(
            @PathVariable long id, @RequestParam(defaultValue = "mm") String unit, @RequestBody WaitTyped asked) {
        Instant now = clock.instant();
        Instant until = until(asked, now);
        AirWanted air = air(asked.humidity());
        String note = Texts.optional("note", asked.note(), LONGEST);
        return desk.add(id, unit, asked, job -> {
            if (!Boolean.TRUE.equals(asked.sure())) askAboutAnother(job, asked.reason(), now);
            return new JobEvent.WaitBegun(asked.reason(), until, air, note);
        });
    }

    /** Says that what was waited for is there, or is not waited for any longer. */
    @PostMapping("/jobs/{id}/waits/end")
    JobView endWait(
            @PathVariable long id, @RequestParam(defaultValue = "mm") String unit, @RequestBody Addition.About asked) {
        return desk.add(id, unit, asked, job -> {
            if (job.state().waiting().all().stream().noneMatch(w -> w.begun() == asked.event()))
                throw Allowed.broken("event", asked.event(), "an entry by which a wait began that goes on");
            return new JobEvent.WaitEnded(asked.event());
        });
    }

    private static @Nullable Instant until(WaitTyped asked, Instant now) {
        if (asked.until() != null && !asked.until().isBlank()) return WaitEnd.parse(asked.until(), now, Days.zone());
        return asked.reason().usual() == null ? null : now.plus(asked.reason().usual());
    }

    private static void askAboutAnother(OpenedJob job, WaitReason reason, Instant now) {
        Optional<Wait> same = job.state().waiting().lasting(now).stream()
                .filter(wait -> wait.reason() == reason)
                .findFirst();
        if (same.isPresent())
            throw new OddValueException("It waits for that already: "
                    + WaitWords.said(same.get(), job.state().waiting(), now) + ". Begin it once more all the same?");
    }

    /** Over 40, under 55, or 40..55. */
    private static @Nullable AirWanted air(@Nullable String typed) {
        if (typed == null || typed.isBlank()) return null;
        String bare = typed.replace("%", "").replace("RH", "").strip().toLowerCase(Locale.ROOT);
        if (bare.startsWith("over") || bare.startsWith(">"))
            return new AirWanted(percent(bare.replaceFirst("over|>", "")), 100);
        if (bare.startsWith("under") || bare.startsWith("<"))
            return new AirWanted(0, percent(bare.replaceFirst("under|<", "")));
        int dots = bare.indexOf("..");
        if (dots < 0) throw Allowed.broken("humidity", "“" + typed.strip() + "”", "over 40, under 55 or 40..55");
        return new AirWanted(percent(bare.substring(0, dots)), percent(bare.substring(dots + 2)));
    }

    private static double percent(String typed) {
        return PlainNumber.parse("humidity", typed.strip(), "over 40, under 55 or 40..55");
    }
}
