package barytone.core.station.nut;

import barytone.core.advice.Advice;
import barytone.core.advice.Outfit;
import barytone.core.height.HeightFigures;
import barytone.core.height.HeightLook;
import barytone.core.instrument.InstrumentSpec;
import barytone.core.instrument.Touch;
import barytone.core.job.Figure;
import barytone.core.job.Habit;
import barytone.core.job.HeightHabit;
import barytone.core.job.JobDefaults;
import barytone.core.job.JobState;
import barytone.core.job.LoggedEvent;
import barytone.core.job.RoomReplay;
import barytone.core.job.Station;
import barytone.core.neck.GapMethod;
import barytone.core.reading.Position;
import barytone.core.reading.Tool;
import barytone.core.station.Room;
import java.time.Instant;
import java.util.List;

/** The nut and its slots. */
public final class NutRoom implements Room {
    /** The slot alone, whatever the saddles do: behind this fret its gap is read for the record. */
    private static final int KEPT_PRESSED = 3;

    @Override
    public Station station() {
        return Station.NUT;
    }

    @Override
    public Class<NutEvent> events() {
        return NutEvent.class;
    }

    @Override
    public RoomReplay open(InstrumentSpec spec, JobDefaults defaults, List<LoggedEvent> counted) {
        return new NutReplay(spec);
    }

    @Override
    public List<Habit> habits(InstrumentSpec spec, Touch touch) {
        return List.of(new HeightHabit(new GapMethod.NutPressed(3), Tool.LEAF, Position.PLAYING));
    }

    @Override
    public List<?> choices(InstrumentSpec spec, Touch touch) {
        return List.of(NutSchool.USUAL.getFirst().target(spec));
    }

    @Override
    public List<Integer> unread(JobState job) {
        return HeightLook.unread(job, Station.NUT);
    }

    @Override
    public List<Figure> figures(JobState job) {
        return HeightFigures.of(job, Station.NUT, new GapMethod.NutPressed(KEPT_PRESSED));
    }

    @Override
    public Advice advise(JobState job, Outfit outfit, Instant now) {
        return NutAdvisor.advise(job, outfit);
    }
}
