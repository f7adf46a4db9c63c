package barytone.server.job;

import barytone.core.job.JobState;
import java.util.List;
import java.util.stream.Stream;

/**
 * The doors to all stations, in the order of work. Which ones there are is said in one list, outside of this package: a job knows none of them by name.
 *
 * @param all of them
 */
public record Doors(List<Door> all) {
    public Doors {
        all = List.copyOf(all);
    }

    Stream<Door> stream() {
        return all.stream();
    }

    /** What all stations say of a job. */
    public Voices voices(JobState job, Words words, Bench bench) {
        return new Voices(
                all.stream().map(door -> door.voice(job, words, bench)).toList());
    }
}
