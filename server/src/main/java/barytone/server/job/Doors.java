package barytone.server.job;

import barytone.core.job.JobState;
import java.util.List;

/** The doors to the stations: the one list of the server. Whoever adds a room adds a line here. */
final class Doors {
    /** All of them, in the order of work. */
    static final List<Door> ALL =
            List.of(new ReliefDoor(), new NutDoor(), new ActionDoor(), new ToneDoor(), new PickupDoor());

    private Doors() {}

    /** What all stations say of a job. */
    static List<? extends RoomVoice<?, ?>> voices(JobState job, Words words, Bench bench) {
        return ALL.stream().map(door -> door.voice(job, words, bench)).toList();
    }
}
