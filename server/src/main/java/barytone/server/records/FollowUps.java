package barytone.server.records;

import barytone.core.history.WhenToLook;
import barytone.core.job.JobEvent;
import barytone.server.instruments.Instruments;
import barytone.server.job.Days;
import barytone.server.job.EntrySearch;
import barytone.server.job.JobLog;
import barytone.server.job.JobRegister;
import barytone.server.job.OnTheBench;
import barytone.server.job.OpenedJob;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Objects;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;

/** Instruments that are to be looked at again on a day: temporary repairs, big moves, seasons. */
@Component
public class FollowUps {
    private static final Logger LOG = LoggerFactory.getLogger(FollowUps.class);

    private final JobLog log;
    private final EntrySearch entries;
    private final JobRegister register;
    private final Instruments instruments;
    private final OnTheBench bench;

    FollowUps(JobLog log, EntrySearch entries, JobRegister register, Instruments instruments, OnTheBench bench) {
        this.bench = bench;
        this.log = log;
        this.entries = entries;
        this.register = register;
        this.instruments = instruments;
    }

    /** Of so many that were closed last it is asked what they will need. */
    private static final int CLOSED = 60;

    /**
     * One of them.
     *
     * @param set somebody set the day; otherwise it follows from what was done
     */
    public record Again(long instrument, long job, String name, String player, LocalDate on, String why, boolean set) {}

    /** What follows from the newest visits for which nobody set a day, the earliest day first. */
    public List<Again> suggested() {
        List<Again> all = new ArrayList<>();
        for (OpenedJob job : bench.closed(CLOSED)) {
            Instant closed = OnTheBench.closedAt(job).orElse(null);
            long instrument = instruments.toldAs(job.job().instrumentId());
            if (closed == null
                    || job.followUp().isPresent()
                    || register.on(instrument).getLast() != job.job().id()) continue;
            WhenToLook.after(job.state(), job.counted(), Days.of(closed))
                    .ifPresent(then -> all.add(new Again(
                            instrument,
                            job.job().id(),
                            job.job().instrument(),
                            job.job().player(),
                            then.day(),
                            then.why().label(),
                            false)));
        }
        all.sort(Comparator.comparing(Again::on));
        return all;
    }

    /** All of them, the earliest day first. One that was here again since is done. */
    public List<Again> all() {
        List<Again> all = new ArrayList<>();
        for (long id : entries.withFollowUp()) {
            try {
                OpenedJob job = log.open(id);
                JobEvent.FollowUpSet then = job.followUp().orElse(null);
                long instrument = instruments.toldAs(job.job().instrumentId());
                if (then == null || register.on(instrument).getLast() != id) continue;
                all.add(new Again(
                        instrument,
                        id,
                        job.job().instrument(),
                        job.job().player(),
                        Objects.requireNonNull(then.day()),
                        then.why(),
                        true));
            } catch (RuntimeException e) {
                LOG.error("Job {} cannot be shown among those to look at again", id, e);
            }
        }
        all.sort(Comparator.comparing(Again::on));
        return all;
    }
}
