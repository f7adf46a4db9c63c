package barytone.server.records;

import barytone.core.history.Air;
import barytone.core.history.Visit;
import barytone.core.instrument.InstrumentSpec;
import barytone.core.job.JobEvent;
import barytone.core.job.LoggedEvent;
import barytone.core.station.Stations;
import barytone.server.job.JobLog;
import barytone.server.job.JobRegister;
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

    Histories(JobLog log, JobRegister register) {
        this.log = log;
        this.register = register;
    }

    /**
     * A job, and what is kept of it.
     *
     * @param visit null when the job cannot be shown
     */
    record Told(
            long job,
            JobLog.@Nullable Opened opened,
            @Nullable Visit visit) {}

    /** Every job on an instrument, oldest first. One that cannot be shown is named all the same. */
    @Transactional(readOnly = true)
    public List<Told> of(long instrument) {
        List<Told> all = new ArrayList<>();
        for (long id : register.on(instrument)) {
            try {
                JobLog.Opened job = log.open(id);
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
        return new Air(log.air(jobs.stream().map(Told::job).collect(Collectors.toSet())));
    }

    /** What is kept of a job. */
    static Visit visit(JobLog.Opened opened) {
        JobLog.Job job = opened.job();
        InstrumentSpec spec = job.spec();
        List<LoggedEvent> counted = opened.log().stream()
                .filter(e -> !opened.state().undone().contains(e.seq()))
                .toList();
        List<Double> air = counted.stream()
                .filter(e -> e.event() instanceof JobEvent.AirRead)
                .map(e -> ((JobEvent.AirRead) e.event()).humidity())
                .toList();
        return new Visit(
                job.id(),
                job.openedAt(),
                leftAt(opened, counted),
                Stations.figures(opened.state()),
                spec.fittings().strings().totalTension(spec.tuning(), spec.scaleLength(), REFERENCE),
                spec.fittings().strings().text(),
                spec.tuningText(),
                counted.stream().anyMatch(e -> e.event() instanceof JobEvent.StringsChanged),
                air.isEmpty() ? null : air.getFirst(),
                air.size() < 2 ? null : air.getLast());
    }

    /** When it was closed; when anything was last done while it is open. */
    private static Instant leftAt(JobLog.Opened opened, List<LoggedEvent> counted) {
        return counted.reversed().stream()
                .filter(e -> !opened.state().closed() || e.event() instanceof JobEvent.Closed)
                .map(LoggedEvent::at)
                .findFirst()
                .orElse(Objects.requireNonNull(opened.job().openedAt()));
    }
}
