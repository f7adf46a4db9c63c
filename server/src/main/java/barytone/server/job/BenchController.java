package barytone.server.job;

import barytone.core.bridge.BridgeKind;
import barytone.core.instrument.InstrumentKind;
import barytone.core.instrument.InstrumentSpec;
import barytone.core.instrument.NeckJoint;
import barytone.core.instrument.NutMaterial;
import barytone.core.instrument.RodAccess;
import barytone.core.instrument.RodType;
import barytone.core.pickup.Pickup;
import barytone.core.quantity.Allowed;
import barytone.core.quantity.Units;
import java.time.Clock;
import java.time.Instant;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** The bench: open jobs with what is next and what waits, and what intake needs to know of the kinds of instrument. */
@RestController
@RequestMapping(path = "/api", produces = MediaType.APPLICATION_JSON_VALUE)
class BenchController {
    private static final Logger LOG = LoggerFactory.getLogger(BenchController.class);
    private static final int CLOSED_AT_ONCE = 10;
    private static final int LONGEST_SEARCH = 200;

    private final JobList list;
    private final JobDesk desk;
    private final Clock clock;
    private final boolean demo;

    BenchController(JobList list, JobDesk desk, Clock clock, @Value("${barytone.demo:false}") boolean demo) {
        this.list = list;
        this.desk = desk;
        this.clock = clock;
        this.demo = demo;
    }

    /**
     * The open jobs.
     *
     * @param closed how many jobs are closed, and stand in the records
     */
    record BenchView(Instant now, boolean demo, List<JobCard> open, int closed) {}

    /**
     * Some of the closed jobs.
     *
     * @param count of all that were found
     * @param from how many newer ones are left out
     * @param most how many are told at once
     */
    record ClosedView(int count, int from, int most, List<JobCard> jobs) {}

    /**
     * A job on the bench.
     *
     * @param next what to do next
     * @param waitingUntil until when it waits by itself; null when it waits for the technician
     * @param standing how every station agreed on stands, in words
     */
    record JobCard(
            long id,
            long ticket,
            String instrument,
            String kind,
            String player,
            String complaint,
            String next,
            String nextKind,
            @Nullable Instant waitingUntil,
            String standing,
            Instant openedAt,
            Instant lastAt) {}

    /** What is usual for a kind of instrument. */
    record KindView(
            InstrumentKind kind,
            String label,
            String tuning,
            String scaleLength,
            int frets,
            int bodyJointFret,
            String boardRadius,
            RodType rod,
            RodAccess access,
            BridgeKind bridge,
            NeckJoint joint,
            String bridgeSpread,
            NutMaterial nut,
            String nutWidth,
            String strings,
            String pickups) {}

    /** A kind of bridge, for choosing. */
    record BridgeKindView(BridgeKind kind, String label) {}

    /** The kinds of bridge that an instrument can have. */
    @GetMapping("/bridges")
    List<BridgeKindView> bridgeKinds() {
        return Arrays.stream(BridgeKind.values())
                .map(k -> new BridgeKindView(k, k.label()))
                .toList();
    }

    /** Every open job as it stands, and the newest closed ones. */
    @GetMapping("/bench")
    BenchView bench(@RequestParam(defaultValue = "mm") String unit) {
        Instant now = clock.instant();
        Units shown = Units.ofCode(unit);
        List<JobCard> open = shown(list.open(), shown);
        return new BenchView(now, demo, open, list.countClosed());
    }

    /**
     * Closed jobs, newest first.
     *
     * @param words all of them must occur in ticket, instrument, player or complaint
     * @param kind of what instruments; of any when it is left out
     * @param season taken in at what time of the year; at any when it is left out
     * @param from how many newer ones to leave out
     */
    @GetMapping("/bench/closed")
    ClosedView closedJobs(
            @RequestParam(defaultValue = "") String words,
            @RequestParam(required = false) @Nullable InstrumentKind kind,
            @RequestParam(required = false) JobList.@Nullable Season season,
            @RequestParam(defaultValue = "0") int from,
            @RequestParam(defaultValue = "mm") String unit) {
        Allowed.whole("from", from, 0, 1_000_000);
        if (words.length() > LONGEST_SEARCH)
            throw Allowed.broken("words", words.length() + " characters", "at most " + LONGEST_SEARCH);
        Units units = Units.ofCode(unit);
        JobList.Closed found = list.closed(words, new JobList.Of(kind, season), from, CLOSED_AT_ONCE);
        return new ClosedView(found.count(), from, CLOSED_AT_ONCE, shown(found.some(), units));
    }

    /** A job on its card; one that cannot be shown says so, and takes no other along. */
    private List<JobCard> shown(List<JobList.Listed> jobs, Units units) {
        Function<OpenedJob, JobViewer> viewers = desk.viewers(units);
        return jobs.stream().map(job -> shown(job, viewers)).toList();
    }

    private JobCard shown(JobList.Listed listed, Function<OpenedJob, JobViewer> viewers) {
        if (listed.opened() != null) {
            try {
                return card(listed.opened(), viewers);
            } catch (RuntimeException e) {
                LOG.error("Job {} cannot be shown", listed.id(), e);
            }
        }
        return new JobCard(
                listed.id(),
                listed.ticket(),
                listed.instrument(),
                "",
                listed.player(),
                "",
                "This job cannot be shown",
                "broken",
                null,
                "Nothing of it is lost. Open it: its tape and its facts can be put right.",
                listed.openedAt(),
                listed.openedAt());
    }

    /** The kinds of instrument, each with what is usual for it. */
    @GetMapping("/kinds")
    List<KindView> instrumentKinds() {
        return Arrays.stream(InstrumentKind.values()).map(BenchController::kind).toList();
    }

    private static KindView kind(InstrumentKind kind) {
        InstrumentSpec usual = kind.usual();
        return new KindView(
                kind,
                kind.label(),
                usual.tuningText(),
                Allowed.plain(usual.scaleLength()),
                usual.frets(),
                usual.bodyJointFret(),
                usual.radiusText(),
                usual.rod(),
                usual.access(),
                usual.fittings().bridge(),
                usual.fittings().joint(),
                Allowed.plain(usual.fittings().bridgeSpread()),
                usual.fittings().nut(),
                Allowed.plain(usual.fittings().nutWidth()),
                usual.fittings().strings().text(),
                usual.fittings().pickups().isEmpty()
                        ? "none"
                        : Pickup.text(usual.fittings().pickups()));
    }

    private JobCard card(OpenedJob opened, Function<OpenedJob, JobViewer> viewers) {
        JobViewer viewer = viewers.apply(opened);
        boolean anyRead = !opened.state().looks().isEmpty();
        String standing = viewer.stations().stream()
                .filter(s -> !s.state().equals("left") && !s.state().equals("later"))
                .sorted(Comparator.comparingInt(JobView.StationView::number))
                .map(s -> s.label() + ": " + s.note())
                .collect(Collectors.joining(". "));
        JobLog.Job job = opened.job();
        return new JobCard(
                job.id(),
                job.ticket(),
                job.instrument(),
                job.spec().kind().label(),
                job.player(),
                job.complaint(),
                viewer.told().headline(),
                viewer.told().kind(),
                viewer.advice().waitsUntil().orElse(null),
                anyRead ? standing + "." : "nothing read yet",
                job.openedAt(),
                opened.log().isEmpty() ? job.openedAt() : opened.log().getLast().at());
    }
}
