package barytone.server.job;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Supplier;
import org.springframework.stereotype.Component;

/**
 * What follows from a log, kept as long as every entry and everything else that it follows from stays the same, letter by letter: windows ask every few seconds,
 * and nothing that lies in the database can be passed over.
 */
@Component
class Replays {
    /** More than a bench has; a job with its log takes some hundred kilobytes. */
    private static final int MOST = 60;

    private final Map<Long, Kept> kept = new LinkedHashMap<>(16, 0.75f, true) {
        @Override
        protected boolean removeEldestEntry(Map.Entry<Long, Kept> eldest) {
            return size() > MOST;
        }
    };

    private record Kept(JobLog.Job job, List<StoredEntries.Row> rows, OpenedJob opened) {}

    /** The job as it was replayed last, if it was with the same, or replayed now. One that is closed is seldom looked at twice, and would take the place of one on the bench. */
    OpenedJob of(JobLog.Job job, List<StoredEntries.Row> rows, Supplier<OpenedJob> replay) {
        if (job.schoolsAtClosing() != null) return replay.get();
        Kept last;
        synchronized (kept) {
            last = kept.get(job.id());
        }
        if (last != null && last.job().equals(job) && last.rows().equals(rows)) return last.opened();
        OpenedJob opened = replay.get();
        synchronized (kept) {
            kept.put(job.id(), new Kept(job, rows, opened));
        }
        return opened;
    }
}
