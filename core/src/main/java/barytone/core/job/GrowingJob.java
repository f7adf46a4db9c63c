package barytone.core.job;

import barytone.core.instrument.InstrumentSpec;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A job while it is worked on: each entry is played on from where the one before left off, so that a job takes no longer than its log. What says something of earlier
 * entries holds from the start: then the log is played anew. For one thread.
 */
public final class GrowingJob {
    private final InstrumentSpec spec;
    private final JobDefaults defaults;
    private final JobReplay.Rooms rooms;
    private final List<LoggedEvent> log = new ArrayList<>();
    private @Nullable JobReplay replay;
    private @Nullable JobState state;

    /** A job without an entry. */
    public GrowingJob(InstrumentSpec spec, JobDefaults defaults, JobReplay.Rooms rooms) {
        this.spec = spec;
        this.defaults = defaults;
        this.rooms = rooms;
    }

    /** One more entry; its place is after all others. */
    public void add(LoggedEvent logged) {
        log.add(logged);
        state = null;
        if (logged.event() instanceof JobEvent.LookingBack) replay = null;
        else if (replay != null) replay.goOn(logged);
    }

    /** All entries. */
    public List<LoggedEvent> log() {
        return List.copyOf(log);
    }

    /** What follows from them; the same as {@link JobReplay#of} says. */
    public JobState state() {
        if (replay == null) replay = JobReplay.through(spec, defaults, log, rooms);
        if (state == null) state = replay.state();
        return state;
    }
}
