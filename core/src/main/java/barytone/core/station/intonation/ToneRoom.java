package barytone.core.station.intonation;

import barytone.core.advice.Advice;
import barytone.core.advice.Outfit;
import barytone.core.estimate.Band;
import barytone.core.instrument.InstrumentSpec;
import barytone.core.intonation.IntonationWays;
import barytone.core.job.Figure;
import barytone.core.job.JobDefaults;
import barytone.core.job.JobState;
import barytone.core.job.LoggedEvent;
import barytone.core.job.RoomReplay;
import barytone.core.job.Station;
import barytone.core.station.Room;
import java.time.Instant;
import java.util.Comparator;
import java.util.List;

/** The saddles along their strings, and the intonation that they give. */
public final class ToneRoom implements Room {
    /** How well a note is heard, cents (1 sd). */
    private static final double HEARD = 1;

    /** What usually counts as in tune, cents. */
    private static final double TOLERANCE = 1.5;

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
    public List<Figure> figures(JobState job) {
        Tones tones = Tones.of(job);
        int octave = job.spec().actionFret();
        List<Double> found = job.spec().everyString().stream()
                .flatMap(s -> tones.found(s, octave).stream())
                .toList();
        List<Intoned> left = job.spec().everyString().stream()
                .map(s -> Intoned.of(job, s))
                .filter(Intoned::read)
                .toList();
        if (found.isEmpty() && left.isEmpty()) return List.of();
        return List.of(new Figure(
                "intonation",
                "Intonation, the string that is off most",
                Figure.Measure.CENTS,
                null,
                found.stream()
                        .max(Comparator.comparingDouble(Math::abs))
                        .map(cents -> new Figure.Value(cents, HEARD, true))
                        .orElse(null),
                left.stream()
                        .max(Comparator.comparingDouble(at -> Math.abs(at.offset())))
                        .map(at -> new Figure.Value(at.offset(), Math.max(HEARD, at.spread(job)), !at.stale()))
                        .orElse(null),
                new Band(-TOLERANCE, TOLERANCE)));
    }

    @Override
    public Advice advise(JobState job, Outfit outfit, Instant now) {
        return IntonationAdvisor.advise(job);
    }
}
