package barytone.core.job;

import barytone.core.arrival.Arrival;
import barytone.core.arrival.StringsPlan;
import barytone.core.estimate.Normal;
import barytone.core.estimate.SetupEstimate;
import barytone.core.instrument.InstrumentSpec;
import barytone.core.neck.GapMethod;
import barytone.core.playoff.PlayOff;
import barytone.core.reading.Position;
import barytone.core.reading.Tool;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.Set;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;

/**
 * What follows from the log of a job.
 *
 * @param estimate the setup now
 * @param beforeMoves the setup as estimated before the first move; null while none was made
 * @param readings every reading that is not undone, oldest first
 * @param offPitchSince the turn after which nobody has retuned; empty when at pitch
 * @param latest when the last entry that counts was made; null before the first
 * @param chosen targets, habits, ways, order and scope as they stand now
 * @param looks the last believed reading of every string at every station; a station that was not read is left out
 * @param answers what the technician said to an advice by its topic: done, or not on this job
 * @param hand what gaps that were read again tell of the hand
 * @param putOff how often a station was left until the others are done
 * @param rooms what each station makes of the log, by its class
 * @param absent stations at which there is nothing to work on, for the instrument has no such parts
 * @param moves how many moves were made
 * @param untouched whether nothing was moved but a neck that had to be put right before anything else could be read
 * @param lastMoved the station of the last move
 * @param arrival how the instrument came
 * @param playOff what was heard when it was played through
 * @param waiting what it waits for
 * @param undone places of the events that do not count
 * @param unfit the places of what does not count, for the instrument, since corrected, does not have those strings, frets or parts
 * @param conclusions what was concluded from all this
 */
public record JobState(
        InstrumentSpec spec,
        SetupEstimate estimate,
        @Nullable SetupEstimate beforeMoves,
        List<TakenReading> readings,
        OptionalLong offPitchSince,
        @Nullable Instant latest,
        JobDefaults chosen,
        Map<Station, Map<Integer, Look>> looks,
        Map<Topic, Boolean> answers,
        HandRepeats hand,
        Map<Station, Integer> putOff,
        Map<Class<?>, Object> rooms,
        Set<Station> absent,
        int moves,
        boolean untouched,
        Station lastMoved,
        Arrival arrival,
        PlayOff playOff,
        boolean closed,
        Waiting waiting,
        Set<Long> undone,
        Set<Long> unfit,
        Conclusions conclusions) {

    /** What follows from this state and takes long to work out: worked out once. */
    public <T> T concluded(Class<T> kind, Function<JobState, T> how) {
        return conclusions.of(kind, () -> how.apply(this));
    }

    /** How relief is read. */
    public ReliefHabit habit() {
        return (ReliefHabit) chosen.habit(Station.RELIEF);
    }

    /** Whether a station belongs to the work that was agreed on. */
    public boolean agreed(Station station) {
        return chosen.scope().contains(station) && !absent.contains(station);
    }

    /** Whether the technician said that this is not to be done. */
    public boolean declined(Topic topic) {
        return Boolean.FALSE.equals(answers.get(topic));
    }

    /** Whether a station was read again after the first move: what stands there is no longer just as found. */
    public boolean workedAt(Station station) {
        return readings.stream()
                .anyMatch(r -> r.afterMoves() > 0 && Station.of(r.reading().method()) == station);
    }

    /** The strings that are read at a station, lowest first; under one that is missing there is nothing to read. */
    public List<Integer> strings(Station station) {
        if (station == Station.RELIEF) return reliefStrings();
        List<Integer> missing = missing();
        List<Integer> all = new ArrayList<>();
        for (int s = spec.strings(); s >= 1; s--) if (!missing.contains(s)) all.add(s);
        return all;
    }

    /** The strings that are not on it, as it came, highest first; empty when the set is whole. */
    public List<Integer> missing() {
        StringsPlan plan = arrival.strings();
        return plan == null
                ? List.of()
                : plan.missing().stream().filter(s -> s <= spec.strings()).toList();
    }

    /** The last believed reading of a string at a station. */
    public Optional<Look> look(Station station, int string) {
        Map<Integer, Look> at = looks.get(station);
        return at == null ? Optional.empty() : Optional.ofNullable(at.get(string));
    }

    /** The way of reading at a station. */
    public GapMethod method(Station station) {
        return chosen.habit(station).method();
    }

    /** The tool that readings at a station are made with. */
    public Tool tool(Station station) {
        return chosen.habit(station).tool();
    }

    /** The position in which readings at a station are made. */
    public Position position(Station station) {
        return chosen.habit(station).position();
    }

    /** What a station makes of the log. */
    public <T> T room(Class<T> kind) {
        Object state = rooms.get(kind);
        if (state == null) throw new IllegalStateException("no room keeps " + kind.getSimpleName());
        return kind.cast(state);
    }

    /** What each station makes of the log, as far as it has something to say of this kind. */
    public <T> List<T> every(Class<T> kind) {
        return rooms.values().stream().filter(kind::isInstance).map(kind::cast).toList();
    }

    /** Whether anything was read at a station and still counts. */
    public boolean read(Station station) {
        return looks.containsKey(station);
    }

    /** As found: the first believed reading of a string at a station before anything was moved. It never changes. */
    public Optional<TakenReading> found(Station station, int string) {
        return readings.stream()
                .filter(r -> r.status() == ReadingStatus.BELIEVED
                        && r.afterMoves() == 0
                        && r.string() == string
                        && r.station() == station)
                .findFirst();
    }

    /** Whether anything was read on this job: a height, a note or a gap. */
    public boolean anythingRead() {
        return !readings.isEmpty() || every(Heard.class).stream().anyMatch(Heard::any);
    }

    /** The state of a room that keeps readings of its own. */
    public interface Heard {
        /** Whether there are any. */
        boolean any();
    }

    /** The state of a room that knows to what the strings are tuned. */
    public interface TunedTo {
        /** The reference pitch of A4, Hz. */
        double a4();
    }

    private static final double CONCERT = 440;

    /** The reference pitch of A4 that is agreed on, Hz. */
    public double a4() {
        return every(TunedTo.class).stream()
                .mapToDouble(TunedTo::a4)
                .findFirst()
                .orElse(CONCERT);
    }

    /** Whether the technician accepted a station as it is: nothing more is done or asked there. */
    public boolean left(Station station) {
        return declined(leaving(station))
                || declined(formerly(station))
                || declined(Topic.of(FORMERLY_UNREAD, station));
    }

    /** The kind of topic by which earlier versions left a station unread. */
    public static final String FORMERLY_UNREAD = "measure";

    /** The kind of topic by which a station is left as it is. */
    public static final String LEAVE = "leave";

    /** The topic by which a station is left as it is. */
    public static Topic leaving(Station station) {
        return Topic.of(LEAVE, station);
    }

    /** How earlier versions called it. */
    private static Topic formerly(Station station) {
        return Topic.of(station == Station.NUT ? "file" : station.name().toLowerCase(Locale.ROOT));
    }

    /** The strings under which relief is read: the lowest and the highest. */
    public List<Integer> reliefStrings() {
        List<Integer> on = strings(Station.ACTION);
        return on.size() < 2 ? on : List.of(on.getFirst(), on.getLast());
    }

    /** The last believed relief reading on a string. */
    public Optional<TakenReading> lastRelief(int string) {
        return readings.reversed().stream()
                .filter(r -> r.status() == ReadingStatus.BELIEVED)
                .filter(r -> r.reading().string() == string && r.reading().method() instanceof GapMethod.Relief)
                .findFirst();
    }

    /** Relief of a string in the current habit, in mm. */
    public Normal relief(int string) {
        return estimate.now(string, habit().method());
    }

    /** Whether the last believed reading of a string at a station was made with a tool as fine as this one. */
    public boolean readWith(Station station, int string, Tool tool) {
        return readings.reversed().stream()
                .filter(r -> r.status() == ReadingStatus.BELIEVED
                        && r.reading().string() == string
                        && Station.of(r.reading().method()) == station)
                .findFirst()
                .filter(r -> r.reading().tool().spread() <= tool.spread() + 1e-9)
                .isPresent();
    }

    /** The readings that wait for a second opinion, oldest first; one that a move has overtaken waits no more. */
    public List<TakenReading> doubts() {
        return readings.stream()
                .filter(r -> r.status() == ReadingStatus.SURPRISING && r.afterMoves() == moves)
                .toList();
    }

    /** The doubted reading of a string at a station, the newest first. */
    public Optional<TakenReading> doubt(Station station, int string) {
        return doubts().reversed().stream()
                .filter(r -> r.string() == string && r.station() == station)
                .findFirst();
    }
}
