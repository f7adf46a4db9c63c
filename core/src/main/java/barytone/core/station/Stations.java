package barytone.core.station;

import barytone.core.instrument.InstrumentSpec;
import barytone.core.instrument.Touch;
import barytone.core.job.Figure;
import barytone.core.job.Fit;
import barytone.core.job.GrowingJob;
import barytone.core.job.Habit;
import barytone.core.job.JobDefaults;
import barytone.core.job.JobEvent;
import barytone.core.job.JobReplay;
import barytone.core.job.JobState;
import barytone.core.job.LoggedEvent;
import barytone.core.job.RoomReplay;
import barytone.core.job.Station;
import barytone.core.job.WorkOrder;
import barytone.core.station.action.ActionRoom;
import barytone.core.station.frets.FretRoom;
import barytone.core.station.intonation.ToneRoom;
import barytone.core.station.nut.NutRoom;
import barytone.core.station.pickups.PickupRoom;
import barytone.core.station.relief.ReliefRoom;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;

/** The stations: the one list. Whoever adds a room adds a line here. */
public final class Stations {
    /** All of them, in the order of work. */
    public static final List<Room> ALL = List.of(
            new ReliefRoom(), new NutRoom(), new ActionRoom(), new FretRoom(), new ToneRoom(), new PickupRoom());

    private Stations() {}

    /** The room of a station. */
    public static Room room(Station station) {
        return ALL.stream()
                .filter(room -> room.station() == station)
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("no room for " + station.label()));
    }

    /** The stations that were agreed on, without those at which nothing was heard, read or asked for. */
    public static List<Station> workedOn(JobState job) {
        return job.chosen().scope().stream()
                .sorted()
                .filter(station -> !room(station).idle(job))
                .toList();
    }

    /** What follows from the log of a job. */
    public static JobState replay(InstrumentSpec spec, JobDefaults defaults, List<LoggedEvent> log) {
        return JobReplay.of(spec, defaults, log, Stations::open);
    }

    /** A job that begins. */
    public static GrowingJob begin(InstrumentSpec spec, JobDefaults defaults) {
        return new GrowingJob(spec, defaults, Stations::open);
    }

    private static Map<Station, RoomReplay> open(InstrumentSpec spec, JobDefaults defaults, List<LoggedEvent> counted) {
        Map<Station, RoomReplay> rooms = new EnumMap<>(Station.class);
        for (Room room : ALL) rooms.put(room.station(), room.open(spec, defaults, counted));
        return rooms;
    }

    /** The figures that are kept of a job, in the order of work. */
    public static List<Figure> figures(JobState job) {
        return ALL.stream().flatMap(room -> room.figures(job).stream()).toList();
    }

    /** Whether an entry can count on an instrument: it names no string, fret or part that is not there. */
    public static boolean fits(InstrumentSpec spec, JobEvent event) {
        return new Fit(spec).of(event)
                && open(spec, usual(spec, Touch.MEDIUM), List.of()).values().stream()
                        .allMatch(room -> room.fits(event));
    }

    /** What Barytone starts with on an instrument for a player. */
    public static JobDefaults usual(InstrumentSpec spec, Touch touch) {
        Stream<Habit> habits = ALL.stream().flatMap(room -> room.habits(spec, touch).stream());
        Stream<?> choices = ALL.stream().flatMap(room -> room.choices(spec, touch).stream());
        return JobDefaults.of(
                Set.copyOf(Station.HEIGHTS), WorkOrder.RELIEF_NUT_ACTION, habits.toList(), choices.toList());
    }
}
