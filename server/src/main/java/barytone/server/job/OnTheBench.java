package barytone.server.job;

import barytone.core.job.JobEvent;
import barytone.core.job.LoggedEvent;
import java.time.Instant;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** The jobs that are open, and the newest that are closed, as others look at them. One that cannot be shown is left out: its card says so. */
@Component
public class OnTheBench {
    private final JobList list;

    OnTheBench(JobList list) {
        this.list = list;
    }

    /** Every open job, the newest ticket first. */
    @Transactional(readOnly = true)
    public List<OpenedJob> open() {
        return list.open().stream()
                .map(JobList.Listed::opened)
                .filter(Objects::nonNull)
                .toList();
    }

    /** The newest closed jobs, the newest first. */
    @Transactional(readOnly = true)
    public List<OpenedJob> closed(int most) {
        return list.closed("", JobList.Of.ALL, 0, most).some().stream()
                .map(JobList.Listed::opened)
                .filter(Objects::nonNull)
                .toList();
    }

    /** When a job was closed last. */
    public static Optional<Instant> closedAt(OpenedJob job) {
        return job.counted().reversed().stream()
                .filter(e -> e.event() instanceof JobEvent.Closed)
                .map(LoggedEvent::at)
                .findFirst();
    }
}
