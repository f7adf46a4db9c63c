package barytone.server.station.pickups;

import barytone.core.job.JobEvent;
import barytone.core.job.JobState;
import barytone.core.job.Station;
import barytone.core.pickup.PickupTarget;
import barytone.core.station.pickups.PickupEvent;
import barytone.server.job.Bench;
import barytone.server.job.Door;
import barytone.server.job.RoomPage;
import barytone.server.job.RoomVoice;
import barytone.server.job.Shown;
import barytone.server.job.Words;
import java.util.Map;

/** The door to the pickups. */
public final class PickupDoor implements Door {
    @Override
    public Station station() {
        return Station.PICKUPS;
    }

    @Override
    public Place place() {
        return new Place(7, 5);
    }

    @Override
    public Map<String, Class<? extends JobEvent>> kinds() {
        return Map.ofEntries(
                Map.entry("pickup-gap", PickupEvent.PickupRead.class),
                Map.entry("pickup-target", PickupEvent.PickupTargetSet.class),
                Map.entry("pickup-turned", PickupEvent.PickupTurned.class),
                Map.entry("pickup-checked", PickupEvent.PickupChecked.class),
                Map.entry("pickups-lowered", PickupEvent.PickupsLowered.class),
                Map.entry("level", PickupEvent.LevelHeard.class));
    }

    @Override
    public RoomVoice<?, ?> voice(JobState job, Words words, Bench bench) {
        return new PickupWords(job, words);
    }

    @Override
    public Map<String, Class<?>> parts() {
        return Map.of("pickups", PickupsView.class);
    }

    @Override
    public RoomPage page(Shown shown) {
        return new PickupPage(shown);
    }

    @Override
    public boolean reads(JobEvent event) {
        return event instanceof PickupEvent.PickupRead;
    }

    @Override
    public String wish() {
        return "pickups";
    }

    @Override
    public Wanted wanted(JobState job) {
        return new Wanted(null, new PickupEvent.PickupTargetSet(job.chosen().the(PickupTarget.class)), 0);
    }
}
