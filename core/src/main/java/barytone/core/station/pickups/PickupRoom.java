package barytone.core.station.pickups;

import barytone.core.advice.Advice;
import barytone.core.advice.Outfit;
import barytone.core.instrument.InstrumentSpec;
import barytone.core.instrument.Touch;
import barytone.core.job.JobDefaults;
import barytone.core.job.JobState;
import barytone.core.job.LoggedEvent;
import barytone.core.job.RoomReplay;
import barytone.core.job.Station;
import barytone.core.pickup.PickupTarget;
import barytone.core.station.Room;
import java.time.Instant;
import java.util.List;

/** The pickups and their gaps. */
public final class PickupRoom implements Room {
    @Override
    public Station station() {
        return Station.PICKUPS;
    }

    @Override
    public Class<PickupEvent> events() {
        return PickupEvent.class;
    }

    @Override
    public RoomReplay open(InstrumentSpec spec, JobDefaults defaults, List<LoggedEvent> counted) {
        return new PickupHistory(spec);
    }

    @Override
    public List<?> choices(InstrumentSpec spec, Touch touch) {
        return List.of(PickupTarget.USUAL);
    }

    @Override
    public List<Integer> unread(JobState job) {
        return PickupAdvisor.unread(job);
    }

    @Override
    public Advice advise(JobState job, Outfit outfit, Instant now) {
        return PickupAdvisor.advise(job);
    }
}
