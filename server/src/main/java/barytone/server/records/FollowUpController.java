package barytone.server.records;

import barytone.core.job.JobEvent;
import barytone.server.instruments.Instruments;
import barytone.server.job.JobLog;
import barytone.server.job.JobRegister;
import java.time.Clock;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
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
    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("EEEE d MMMM uuuu", Locale.ENGLISH);

    private final JobLog log;
    private final JobRegister register;
    private final Instruments instruments;
    private final Clock clock;

    FollowUpController(JobLog log, JobRegister register, Instruments instruments, Clock clock) {
        this.log = log;
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
        LocalDate today = LocalDate.ofInstant(clock.instant(), ZoneId.systemDefault());
        List<FollowUpView> all = new ArrayList<>();
        for (long id : log.withFollowUp()) {
            try {
                JobLog.Opened job = log.open(id);
                JobEvent.FollowUpSet then = job.followUp();
                long instrument = instruments.toldAs(job.job().instrumentId());
                if (then == null || register.on(instrument).getLast() != id) continue;
                LocalDate day = Objects.requireNonNull(then.day());
                all.add(new FollowUpView(
                        instrument,
                        id,
                        job.job().instrument(),
                        job.job().player(),
                        day,
                        DAY.format(day),
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
