package barytone.core.station.intonation;

import barytone.core.advice.Advice;
import barytone.core.advice.Outfit;
import barytone.core.instrument.InstrumentSpec;
import barytone.core.intonation.IntonationWays;
import barytone.core.job.JobDefaults;
import barytone.core.job.JobState;
import barytone.core.job.LoggedEvent;
import barytone.core.job.RoomReplay;
import barytone.core.job.Station;
import barytone.core.station.Room;
import java.time.Instant;
import java.util.List;

/** The saddles along their strings, and the intonation that they give. */
public final class ToneRoom implements Room {
    @Override
    public Station station() {
        return Station.INTONATION;
    }

    @Override
    public Class<ToneEvent> events() {
        return ToneEvent.class;
    }

    @Override
    public RoomReplay open(InstrumentSpec spec, JobDefaults defaults, List<LoggedEvent> counted) {
        return new ToneHistory(spec, defaults.find(IntonationWays.class).orElse(null), counted);
    }

    @Override
    public List<Integer> unread(JobState job) {
        return Intonation.of(job).unread();
    }

    @Override
    public Advice advise(JobState job, Outfit outfit, Instant now) {
        return IntonationAdvisor.advise(job);
    }
}
