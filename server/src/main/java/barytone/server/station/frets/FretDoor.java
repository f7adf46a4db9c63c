package barytone.server.station.frets;

import barytone.core.job.JobEvent;
import barytone.core.job.JobState;
import barytone.core.job.Station;
import barytone.core.station.frets.FretEvent;
import barytone.server.job.Bench;
import barytone.server.job.Door;
import barytone.server.job.RoomPage;
import barytone.server.job.RoomVoice;
import barytone.server.job.Shown;
import barytone.server.job.Words;
import java.util.Map;

/** The door to frets and buzz. */
public final class FretDoor implements Door {
    @Override
    public Station station() {
        return Station.FRETS;
    }

    @Override
    public Place place() {
        return new Place(5, 4);
    }

    @Override
    public Map<String, Class<? extends JobEvent>> kinds() {
        return Map.ofEntries(
                Map.entry("zones-heard", FretEvent.ZonesHeard.class),
                Map.entry("hints-noted", FretEvent.HintsNoted.class),
                Map.entry("buzz-tested", FretEvent.BuzzTested.class),
                Map.entry("cause-remedied", FretEvent.CauseRemedied.class));
    }

    @Override
    public RoomVoice<?, ?> voice(JobState job, Words words, Bench bench) {
        return new FretWords(job);
    }

    @Override
    public Map<String, Class<?>> parts() {
        return Map.of("frets", FretsView.class);
    }

    @Override
    public RoomPage page(Shown shown) {
        return new FretPage(shown);
    }

    /** Nothing is wanted here but that all rings clean. */
    @Override
    public String wish() {
        return "";
    }

    @Override
    public Wanted wanted(JobState job) {
        throw new IllegalStateException("nothing is kept of frets");
    }
}
