package barytone.server.trial;

import barytone.core.clearance.BoardSense;
import barytone.core.station.frets.BoardNow;
import barytone.server.job.JobDesk;
import barytone.server.job.OpenedJob;
import java.util.concurrent.atomic.AtomicReference;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** The job on which somebody drags: a hand asks many times a second, and between two of its movements nothing else has changed. */
@Component
class Tryouts {
    /** So long it is not looked again whether the instrument was corrected in another window, ns. */
    private static final long HOLDS = 1_000_000_000L;

    private final JobDesk desk;
    private final AtomicReference<@Nullable Held> last = new AtomicReference<>();

    Tryouts(JobDesk desk) {
        this.desk = desk;
    }

    /**
     * A job with what is told of its board.
     *
     * @param seq place of its last entry
     * @param at by the clock that only runs on
     */
    private record Held(long id, long seq, long at, OpenedJob job, BoardSense sense) {}

    /** A job, and what is told of its board. */
    record Board(OpenedJob job, BoardSense sense) {}

    Board board(long id) {
        Held held = last.get();
        long now = System.nanoTime();
        long seq = desk.lastSeq(id);
        if (held == null || held.id != id || held.seq != seq || now - held.at > HOLDS) {
            OpenedJob job = desk.open(id);
            held = new Held(id, seq, now, job, BoardNow.of(job.state()).sense());
            last.set(held);
        }
        return new Board(held.job, held.sense);
    }
}
