package barytone.server.station.intonation;

import barytone.core.job.JobEvent;
import barytone.core.job.JobState;
import barytone.core.job.Station;
import barytone.core.station.intonation.ToneEvent;
import barytone.core.station.intonation.Tones;
import barytone.server.job.Bench;
import barytone.server.job.Door;
import barytone.server.job.RoomPage;
import barytone.server.job.RoomVoice;
import barytone.server.job.Shown;
import barytone.server.job.Words;
import java.util.Map;

/** The door to the saddles along their strings. */
public final class ToneDoor implements Door {
    @Override
    public Station station() {
        return Station.INTONATION;
    }

    @Override
    public Place place() {
        return new Place(6, 6);
    }

    @Override
    public Map<String, Class<? extends JobEvent>> kinds() {
        return Map.ofEntries(
                Map.entry("pitch", ToneEvent.PitchRead.class),
                Map.entry("intonation", ToneEvent.IntonationSet.class),
                Map.entry("saddles-moved", ToneEvent.SaddlesMoved.class),
                Map.entry("length-direction", ToneEvent.LengthDirectionLearned.class),
                Map.entry("length-travel", ToneEvent.LengthTravelRead.class),
                Map.entry("saddle-places", ToneEvent.SaddlePlacesRead.class),
                Map.entry("strings-stated", ToneEvent.StringsStated.class),
                Map.entry("stretched", ToneEvent.Stretched.class),
                Map.entry("string-renewed", ToneEvent.StringRenewed.class));
    }

    @Override
    public RoomVoice<?, ?> voice(JobState job, Words words, Bench bench) {
        return new ToneWords(job, words);
    }

    @Override
    public Map<String, Class<?>> parts() {
        return Map.of("intonation", IntonationView.class);
    }

    @Override
    public RoomPage page(Shown shown) {
        return new TonePage(shown);
    }

    @Override
    public boolean reads(JobEvent event) {
        return event instanceof ToneEvent.PitchRead;
    }

    @Override
    public String wish() {
        return "intonation";
    }

    @Override
    public Wanted wanted(JobState job) {
        return new Wanted(
                null,
                new ToneEvent.IntonationSet(Tones.of(job).ways()),
                job.spec().strings());
    }
}
