package barytone.server.job;

import barytone.core.instrument.InstrumentSpec;
import barytone.core.instrument.Touch;
import barytone.core.job.JobDefaults;
import barytone.core.job.JobEvent;
import barytone.core.job.JobState;
import barytone.core.job.Station;
import barytone.server.shop.Shop;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** The one door through which the rest of the server goes into the room of a station: how its events are stored, what it says, what of it is kept for new jobs. */
public interface Door {
    /** Which station it is. */
    Station station();

    /** Where it stands on the rail. */
    Place place();

    /** Its events by the names under which they are stored for good: a new one is added, and none is ever renamed. */
    Map<String, Class<? extends JobEvent>> kinds();

    /** What it says of a job. */
    RoomVoice<?, ?> voice(JobState job, Words words, Bench bench);

    /** The parts that its page adds to that of a job: their names, and what they are. */
    Map<String, Class<?>> parts();

    /** What it shows of a job. */
    RoomPage page(Shown shown);

    /** Whether an event of its own is something that was read, and so is stale on other strings. */
    default boolean reads(JobEvent event) {
        return false;
    }

    /** Under which name what it wants is kept; empty when nothing is. */
    String wish();

    /** What a job wants here, to be kept for others. */
    Wanted wanted(JobState job);

    /**
     * What a school of the shop wants of an instrument.
     *
     * @param school its code; null for what is usual, and so is one that the shop has dropped since
     * @return empty when that is what is usual anyhow, so that a correction of the instrument's facts still moves it
     */
    default Optional<JobEvent> ofSchool(
            @Nullable String school, InstrumentSpec spec, Touch touch, Shop.Schools schools, JobDefaults usual) {
        return Optional.empty();
    }

    /**
     * The place of a station on the rail.
     *
     * @param number in the order of work
     * @param along the instrument, from the head
     */
    record Place(int number, int along) {}

    /**
     * What is wanted.
     *
     * @param school its code; null when set by hand
     * @param event that states it
     * @param strings for how many strings it holds; 0 for any
     */
    record Wanted(@Nullable String school, JobEvent event, int strings) {}
}
