package barytone.core.station.frets;

import barytone.core.clearance.Bends;
import barytone.core.clearance.BoardSense;
import barytone.core.job.JobState;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * The board of a job as it stands.
 *
 * @param sense what was heard and tested tells of the crowns and of the hand
 * @param room that the readings leave the notes over these crowns, for this hand; null while relief or action were not read
 * @param chokes where bends are cut short; empty as well while they were not read
 */
public record BoardNow(BoardSense sense, @Nullable Clearances room, List<Bends.Choke> chokes) {
    /** Of a job; worked out once for each state. */
    public static BoardNow of(JobState job) {
        return job.concluded(BoardNow.class, BoardNow::reckoned);
    }

    private static BoardNow reckoned(JobState job) {
        BoardSense sense = Clearances.sense(job);
        Clearances room = Clearances.asHeard(job, sense);
        return new BoardNow(
                sense,
                room,
                room == null
                        ? List.of()
                        : Bends.of(
                                job.spec(),
                                job.spec().everyString().stream()
                                        .map(s -> job.estimate().likely(s))
                                        .toList(),
                                job.a4()));
    }
}
