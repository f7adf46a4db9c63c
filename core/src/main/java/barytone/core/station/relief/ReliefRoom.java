package barytone.core.station.relief;

import barytone.core.advice.Advice;
import barytone.core.advice.Outfit;
import barytone.core.height.HeightFigures;
import barytone.core.height.HeightLook;
import barytone.core.height.HeightVerdict;
import barytone.core.height.ReliefTarget;
import barytone.core.instrument.InstrumentSpec;
import barytone.core.instrument.RodType;
import barytone.core.instrument.Touch;
import barytone.core.job.Figure;
import barytone.core.job.Habit;
import barytone.core.job.JobDefaults;
import barytone.core.job.JobState;
import barytone.core.job.LoggedEvent;
import barytone.core.job.ReliefHabit;
import barytone.core.job.RoomReplay;
import barytone.core.job.Station;
import barytone.core.reading.Position;
import barytone.core.reading.Tool;
import barytone.core.station.Room;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;

/** The rod, and the relief that it gives. */
public final class ReliefRoom implements Room {
    @Override
    public Station station() {
        return Station.RELIEF;
    }

    @Override
    public Class<ReliefEvent> events() {
        return ReliefEvent.class;
    }

    @Override
    public RoomReplay open(InstrumentSpec spec, JobDefaults defaults, List<LoggedEvent> counted) {
        return new ReliefReplay(spec, counted);
    }

    @Override
    public List<Habit> habits(InstrumentSpec spec, Touch touch) {
        return List.of(new ReliefHabit(target(spec, touch).method(), Tool.LEAF, Position.PLAYING, false));
    }

    @Override
    public List<?> choices(InstrumentSpec spec, Touch touch) {
        return List.of(target(spec, touch), RodWays.USUAL);
    }

    private static ReliefTarget target(InstrumentSpec spec, Touch touch) {
        return ReliefSchool.usualFor(spec).target(spec, touch);
    }

    /** Notes and gaps of a neck that is bent back, or whose rod turns freely, say nothing of saddles and pickups. */
    @Override
    public boolean comesFirst(JobState job) {
        if (job.spec().rod() == RodType.NONE) return false;
        List<HeightVerdict> sides = job.reliefStrings().stream()
                .map(s -> HeightVerdict.of(job, Station.RELIEF, s))
                .toList();
        boolean bentBack =
                sides.stream().anyMatch(j -> j.read() && (j.noGap() || j.value().mean() < 0));
        boolean slack = ReliefState.of(job).slackRod() && sides.stream().anyMatch(j -> j.outside() > 0);
        return bentBack || slack;
    }

    @Override
    public List<Integer> unread(JobState job) {
        return HeightLook.unread(job, Station.RELIEF);
    }

    @Override
    public List<Figure> figures(JobState job) {
        List<Figure> figures = new ArrayList<>(
                HeightFigures.of(job, Station.RELIEF, job.estimate().model().standard()));
        if (job.spec().rod() != RodType.NONE && !ReliefState.of(job).steps().isEmpty())
            figures.add(new Figure(
                    "rod",
                    "Rod since as found",
                    Figure.Measure.TURNS,
                    null,
                    null,
                    new Figure.Value(ReliefState.of(job).netTurns().sixteenths() / 16.0, 0, true),
                    null));
        return figures;
    }

    @Override
    public Advice advise(JobState job, Outfit outfit, Instant now) {
        return RodAdvisor.advise(job, outfit, now);
    }
}
