package barytone.core.station.frets;

import barytone.core.buzz.BuzzMap;
import barytone.core.buzz.Hint;
import barytone.core.buzz.TestResult;
import barytone.core.buzz.Zone;
import barytone.core.job.JobState;
import barytone.core.playoff.NoteMark;
import barytone.core.playoff.PlayedNote;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * What follows from the log about frets and buzz.
 *
 * @param notes as they sound since the last move, clean ones too, from the lowest string and fret on
 * @param again what sounded wrong before the last move or remedy, and was not played since
 * @param zones where else a noise seems to come from
 * @param hints what else is known of it
 * @param tests that were made and still hold
 * @param done what was done about causes, the last one last
 * @param accepted notes that the player knows and accepts
 * @param humidity as it was read last, %; null while nobody read it
 * @param stringAgeDays since strings were put on during this job; null where none were
 */
public record FretState(
        List<PlayedNote> notes,
        List<PlayedNote> again,
        Set<Zone> zones,
        Set<Hint> hints,
        List<TestResult> tests,
        List<FretEvent.CauseRemedied> done,
        Set<PlayedNote> accepted,
        @Nullable Double humidity,
        @Nullable Integer stringAgeDays)
        implements JobState.Heard {
    /** Of a job. */
    public static FretState of(JobState job) {
        return job.room(FretState.class);
    }

    @Override
    public boolean any() {
        return !notes.isEmpty() || !again.isEmpty() || !zones.isEmpty() || !tests.isEmpty();
    }

    /** Notes that do not ring clean. */
    public List<PlayedNote> bad() {
        return notes.stream().filter(n -> n.mark() != NoteMark.CLEAN).toList();
    }

    /** What sounds wrong and is not accepted. */
    public List<PlayedNote> open() {
        return bad().stream().filter(n -> !accepted.contains(n)).toList();
    }

    /** What is marked, without what the player accepts. */
    BuzzMap map() {
        return new BuzzMap(notes.stream().filter(n -> !accepted.contains(n)).toList(), zones, List.of());
    }
}
