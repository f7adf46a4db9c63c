package barytone.server.db;

import java.nio.file.Path;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.ApplicationListener;
import org.springframework.scheduling.concurrent.SimpleAsyncTaskScheduler;
import org.springframework.stereotype.Component;

/** Makes the backup of the day soon after the start, and for a server that runs for days soon after midnight. The demo needs none. */
@Component
public class DailyBackup implements ApplicationListener<ApplicationReadyEvent>, AutoCloseable {
    private static final Logger LOG = LoggerFactory.getLogger(DailyBackup.class);

    private static final Duration AGAIN = Duration.ofMinutes(30);

    private final DataFolder folder;
    private final Clock clock;
    private final boolean demo;
    private final Duration after;
    private final SimpleAsyncTaskScheduler scheduler = new SimpleAsyncTaskScheduler();
    private volatile @Nullable String failure;

    DailyBackup(
            DataFolder folder,
            Clock clock,
            @Value("${barytone.demo:false}") boolean demo,
            @Value("${barytone.backup.after:PT20S}") Duration after) {
        this.after = after;
        this.folder = folder;
        this.clock = clock;
        this.demo = demo;
    }

    @Override
    public void onApplicationEvent(ApplicationReadyEvent ready) {
        if (!demo) scheduler.scheduleWithFixedDelay(this::daily, Instant.now().plus(after), AGAIN);
    }

    @Override
    public void close() {
        scheduler.close();
    }

    /** Makes the backup of the day, unless there is one. */
    void daily() {
        try {
            Backup.daily(folder.path(), LocalDate.ofInstant(clock.instant(), ZoneId.systemDefault()));
            failure = null;
        } catch (RuntimeException e) {
            // the work at the bench goes on; the page says so
            LOG.error("The backup of the day could not be made", e);
            failure = String.valueOf(e.getMessage());
        }
    }

    /** Makes one now. */
    public Path now() {
        Path made = Backup.byHand(folder.path(), null);
        failure = null;
        return made;
    }

    /**
     * How the backups stand.
     *
     * @param newest when the last was made; null when there is none
     * @param failure why the last could not be made; null when it could
     */
    public record Standing(
            Path folder,
            int count,
            @Nullable Instant newest,
            @Nullable String failure,
            boolean demo) {}

    public Standing standing() {
        var all = Backup.in(folder.path());
        Instant newest = all.stream()
                .map(f -> Instant.ofEpochMilli(f.toFile().lastModified()))
                .max(Instant::compareTo)
                .orElse(null);
        return new Standing(folder.backups(), all.size(), newest, failure, demo);
    }
}
