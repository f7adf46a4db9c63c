package barytone.server.records;

import barytone.core.history.Air;
import barytone.core.history.Visit;
import barytone.core.instrument.InstrumentSpec;
import barytone.core.job.JobEvent;
import barytone.core.job.LoggedEvent;
import barytone.core.station.Stations;
import barytone.server.job.EntrySearch;
import barytone.server.job.JobLog;
import barytone.server.job.JobRegister;
import barytone.server.job.OpenedJob;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** What the jobs on an instrument tell of it over the years. */
@Component
class Histories {
    private static final Logger LOG = LoggerFactory.getLogger(Histories.class);

    /** Pitch of a', Hz. */
    private static final double REFERENCE = 440;

    private final JobLog log;
    private final JobRegister register;
    private final EntrySearch entries;

    Histories(JobLog log, JobRegister register, EntrySearch entries) {
        this.entries = entries;
        this.log = log;
        this.register = register;
    }

    /**
     * A job, and what is kept of it.
     *
     * @param visit null when the job cannot be shown
     */
    record Told(
            long job, @Nullable OpenedJob opened, @Nullable Visit visit) {}

    /** Every job on an instrument, oldest first. One that cannot be shown is named all the same. */
    @Transactional(readOnly = true)
    public List<Told> of(long instrument) {
        List<Told> all = new ArrayList<>();
        for (long id : register.on(instrument)) {
            try {
                OpenedJob job = log.open(id);
                all.add(new Told(id, job, visit(job)));
            } catch (RuntimeException e) {
                LOG.error("Job {} cannot be shown in the history of its instrument", id, e);
                all.add(new Told(id, null, null));
            }
        }
        return all;
    }

    /** The air that an instrument with these jobs stood in. */
    Air air(List<Told> jobs) {
        return new Air(entries.air(jobs.stream().map(Told::job).collect(Collectors.toSet())));
    }

    /** What is kept of a job. */
    static Visit visit(OpenedJob opened) {
        JobLog.Job job = opened.job();
        InstrumentSpec spec = job.spec();
        List<JobEvent.AirRead> air = opened.all(JobEvent.AirRead.class);
        return new Visit(
                job.id(),
                job.openedAt(),
                leftAt(opened),
                Stations.figures(opened.state()),
                spec.fittings().strings().totalTension(spec.tuning(), spec.scaleLength(), REFERENCE),
                spec.fittings().strings().text(),
                spec.tuningText(),
                !opened.all(JobEvent.StringsChanged.class).isEmpty(),
                air.isEmpty() ? null : air.getFirst().humidity(),
                air.size() < 2 ? null : air.getLast().humidity());
    }

    /** When it was closed; when anything was last done while it is open. */
    private static Instant leftAt(OpenedJob opened) {
        return opened.counted().reversed().stream()
                .filter(e -> !opened.state().closed() || e.event() instanceof JobEvent.Closed)
                .map(LoggedEvent::at)
                .findFirst()
                .orElse(Objects.requireNonNull(opened.job().openedAt()));
    }
}
