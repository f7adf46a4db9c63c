package barytone.server.records;

import barytone.core.history.WhenToLook;
import barytone.core.job.JobEvent;
import barytone.core.quantity.Units;
import barytone.server.instruments.Instruments;
import barytone.server.job.Days;
import barytone.server.job.EntrySearch;
import barytone.server.job.JobLog;
import barytone.server.job.JobRegister;
import barytone.server.job.JobWatcher;
import barytone.server.job.OnTheBench;
import barytone.server.job.OpenedJob;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.Stream;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;

/** Instruments that are to be looked at again on a day: temporary repairs, big moves, seasons. */
@Component
public class FollowUps implements JobWatcher {
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

    /** Of so many that were closed last it is asked what they will need. */
    private static final int CLOSED = 60;

    /** A day that follows from the work is news for so long; after that it stands in the records alone. */
    private static final int NEWS_DAYS = 30;

    /** What a closed job asks for does not change while it is closed; whose it is called may. */
    private final Map<Long, Optional<WhenToLook>> asked = new ConcurrentHashMap<>();

    /**
     * One of them.
     *
     * @param set somebody set the day; otherwise it follows from what was done
     */
    public record Again(long instrument, long job, String name, String player, LocalDate on, String why, boolean set) {
        /** Whether it is told at the bench: its day has come, and if nobody set it, not long ago. */
        public boolean news(LocalDate today) {
            return !on.isAfter(today) && (set || on.isAfter(today.minusDays(NEWS_DAYS)));
        }
    }

    /** What follows from the newest visits for which nobody set a day. */
    private List<Again> suggested() {
        List<Again> all = new ArrayList<>();
        for (long id : register.newestClosed(CLOSED))
            try {
                Optional<WhenToLook> then = asked.computeIfAbsent(id, this::asks);
                if (then.isEmpty()) continue;
                JobLog.Job job = log.about(id);
                latest(job)
                        .map(instrument -> new Again(
                                instrument,
                                id,
                                job.instrument(),
                                job.player(),
                                then.get().day(),
                                then.get().why().label(),
                                false))
                        .ifPresent(all::add);
            } catch (RuntimeException e) {
                LOG.error("Job {} cannot be asked when to look again", id, e);
            }
        return all;
    }

    private Optional<WhenToLook> asks(long id) {
        OpenedJob job = log.open(id);
        if (job.followUp().isPresent()) return Optional.empty();
        return OnTheBench.closedAt(job)
                .flatMap(closed -> WhenToLook.after(job.state(), job.counted(), Days.of(closed)));
    }

    /** The number that the instrument of a job is told as; empty when it was here again since. */
    private Optional<Long> latest(JobLog.Job job) {
        long instrument = instruments.toldAs(job.instrumentId());
        return register.on(instrument).getLast() == job.id() ? Optional.of(instrument) : Optional.empty();
    }

    /** It is another visit when it is closed again, also where its closing was undone. */
    @Override
    public void closed(long job, Units units) {
        asked.remove(job);
    }

    /** What came from elsewhere may have gone on there. */
    @Override
    public void reopened(long job) {
        asked.remove(job);
    }

    /** All days that somebody set, and those that follow from the newest visits, the earliest first. One that was here again since is done. */
    public List<Again> all() {
        return Stream.concat(set().stream(), suggested().stream())
                .sorted(Comparator.comparing(Again::on))
                .toList();
    }

    /** Those that somebody set a day for. */
    public List<Again> set() {
        List<Again> all = new ArrayList<>();
        for (long id : entries.withFollowUp()) {
            try {
                OpenedJob job = log.open(id);
                JobEvent.FollowUpSet then = job.followUp().orElse(null);
                if (then == null) continue;
                latest(job.job())
                        .map(instrument -> new Again(
                                instrument,
                                id,
                                job.job().instrument(),
                                job.job().player(),
                                Objects.requireNonNull(then.day()),
                                then.why(),
                                true))
                        .ifPresent(all::add);
            } catch (RuntimeException e) {
                LOG.error("Job {} cannot be shown among those to look at again", id, e);
            }
        }
        return all;
    }
}
