package barytone.server.records;

import barytone.core.job.JobEvent;
import barytone.server.instruments.Instruments;
import barytone.server.job.Days;
import barytone.server.job.EntrySearch;
import barytone.server.job.JobLog;
import barytone.server.job.JobRegister;
import barytone.server.job.OpenedJob;
import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Objects;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Instruments that are to be looked at again on a day: temporary repairs, big moves, seasons. */
@RestController
@RequestMapping(path = "/api/follow-ups", produces = MediaType.APPLICATION_JSON_VALUE)
class FollowUpController {
    private static final Logger LOG = LoggerFactory.getLogger(FollowUpController.class);

    private final JobLog log;
    private final EntrySearch entries;
    private final JobRegister register;
    private final Instruments instruments;
    private final Clock clock;

    FollowUpController(JobLog log, EntrySearch entries, JobRegister register, Instruments instruments, Clock clock) {
        this.log = log;
        this.entries = entries;
        this.register = register;
        this.instruments = instruments;
        this.clock = clock;
    }

    /**
     * An instrument to look at again.
     *
     * @param day in words
     * @param due whether the day has come
     */
    record FollowUpView(
            long instrument, long job, String name, String player, LocalDate on, String day, String why, boolean due) {}

    /** All of them, the earliest day first. One that was here again since is done. */
    @GetMapping
    List<FollowUpView> followUps() {
        LocalDate today = Days.of(clock.instant());
        List<FollowUpView> all = new ArrayList<>();
        for (long id : entries.withFollowUp()) {
            try {
                OpenedJob job = log.open(id);
                JobEvent.FollowUpSet then = job.followUp().orElse(null);
                long instrument = instruments.toldAs(job.job().instrumentId());
                if (then == null || register.on(instrument).getLast() != id) continue;
                LocalDate day = Objects.requireNonNull(then.day());
                all.add(new FollowUpView(
                        instrument,
                        id,
                        job.job().instrument(),
                        job.job().player(),
                        day,
                        Days.withYear(day),
                        then.why(),
                        !day.isAfter(today)));
            } catch (RuntimeException e) {
                LOG.error("Job {} cannot be shown among those to look at again", id, e);
            }
        }
        all.sort(Comparator.comparing(FollowUpView::on));
        return all;
    }
}
