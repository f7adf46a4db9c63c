package barytone.core.station.frets;

import barytone.core.advice.Advice;
import barytone.core.advice.Outfit;
import barytone.core.arrival.Complaint;
import barytone.core.instrument.InstrumentSpec;
import barytone.core.job.JobDefaults;
import barytone.core.job.JobState;
import barytone.core.job.LoggedEvent;
import barytone.core.job.RoomReplay;
import barytone.core.job.Station;
import barytone.core.station.Room;
import java.time.Instant;
import java.util.List;

/** Frets and buzz: after the heights, for most of what buzzes is a height, and before what rests on them. */
public final class FretRoom implements Room {
    @Override
    public Station station() {
        return Station.FRETS;
    }

    @Override
    public Class<FretEvent> events() {
        return FretEvent.class;
    }

    @Override
    public RoomReplay open(InstrumentSpec spec, JobDefaults defaults, List<LoggedEvent> counted) {
        return new FretReplay(spec);
    }

    /** Nobody hears anything: that nothing buzzes is not said of what was not played. */
    @Override
    public boolean idle(JobState job) {
        Complaint complaint = job.arrival().complaint();
        return !FretState.of(job).any() && (complaint == null || !FretHunt.buzzes(complaint));
    }

    @Override
    public List<Integer> unread(JobState job) {
        return List.of();
    }

    @Override
    public Advice advise(JobState job, Outfit outfit, Instant now) {
        return FretAdvisor.advise(job);
    }
}
