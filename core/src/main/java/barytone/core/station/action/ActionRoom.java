package barytone.core.station.action;

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
import java.util.Optional;

/** The bridge, and the action that it gives. */
public final class ActionRoom implements Room {
    @Override
    public Station station() {
        return Station.ACTION;
    }

    @Override
    public Class<ActionEvent> events() {
        return ActionEvent.class;
    }

    @Override
    public RoomReplay open(InstrumentSpec spec, JobDefaults defaults, List<LoggedEvent> counted) {
        return new ActionReplay(spec);
    }

    @Override
    public List<Habit> habits(InstrumentSpec spec, Touch touch) {
        return List.of(new HeightHabit(ActionSchool.at(spec), Tool.CARD, Position.PLAYING));
    }

    @Override
    public List<?> choices(InstrumentSpec spec, Touch touch) {
        return List.of(
                ActionSchool.usualFor(ActionSchool.USUAL, spec.kind()).target(spec, touch, ActionSchool.Style.ANY));
    }

    /** A bridge that springs balance stands elsewhere each time it is touched, until it is level and blocked. */
    @Override
    public Optional<Advice> beforeReading(JobState job) {
        boolean asked = job.answers().containsKey(ActionAdvice.LevelVibrato.TOPIC);
        boolean heights = job.agreed(Station.NUT) || job.agreed(Station.ACTION);
        return job.spec().fittings().bridge().balanced() && heights && !asked
                ? Optional.of(new ActionAdvice.LevelVibrato())
                : Optional.empty();
    }

    @Override
    public Optional<Advice> roughly(JobState job) {
        return BridgeAdvisor.roughly(job);
    }

    @Override
    public List<Integer> unread(JobState job) {
        return HeightLook.unread(job, Station.ACTION);
    }

    @Override
    public List<Figure> figures(JobState job) {
        return HeightFigures.of(
                job, Station.ACTION, new GapMethod.Action(job.spec().actionFret()));
    }

    @Override
    public Advice advise(JobState job, Outfit outfit, Instant now) {
        return BridgeAdvisor.advise(job, outfit);
    }
}
