package barytone.server.records;

import barytone.core.job.JobEvent;
import barytone.server.instruments.Instruments;
import barytone.server.job.EntrySearch;
import barytone.server.job.JobLog;
import barytone.server.job.JobRegister;
import barytone.server.job.OpenedJob;
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

    FollowUps(JobLog log, EntrySearch entries, JobRegister register, Instruments instruments) {
        this.log = log;
        this.entries = entries;
        this.register = register;
        this.instruments = instruments;
    }

    /** One of them. */
    public record Again(long instrument, long job, String name, String player, LocalDate on, String why) {}

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
                        then.why()));
            } catch (RuntimeException e) {
                LOG.error("Job {} cannot be shown among those to look at again", id, e);
            }
        }
        all.sort(Comparator.comparing(Again::on));
        return all;
    }
}
