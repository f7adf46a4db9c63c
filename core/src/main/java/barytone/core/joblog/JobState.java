package barytone.core.joblog;

import barytone.core.estimate.Normal;
import barytone.core.estimate.SetupEstimate;
import barytone.core.instrument.InstrumentSpec;
import barytone.core.intonation.IntonationWays;
import barytone.core.intonation.Sounded;
import barytone.core.neck.GapMethod;
import barytone.core.plan.ReliefTarget;
import barytone.core.plan.RodWays;
import barytone.core.plan.Station;
import barytone.core.quantity.Cents;
import barytone.core.quantity.Turns;
import barytone.core.reading.Position;
import barytone.core.reading.Tool;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * What follows from the log of a job.
 *
 * @param estimate the setup now
 * @param beforeMoves the setup as estimated before the first move; null while none was made
 * @param readings every reading that is not undone, oldest first
 * @param steps rod turns with what they did, oldest first; turns without bite are left out
 * @param netTurns clockwise turns since as found, turns without bite left out
 * @param freeTurns clockwise turns that were noted as running free
 * @param offPitchSince the turn after which nobody has retuned; empty when at pitch
 * @param settledAt when the neck may be judged after the last turn; null when it was never turned or the wait was skipped
 * @param latest when the last entry that counts was made; null before the first
 * @param stiffReports how often the rod was reported stiff since it last turned
 * @param reversed whether the rod is known to straighten anticlockwise
 * @param chosen targets, habits, ways, order and scope as they stand now
 * @param looks the last believed reading of every string at every station
 * @param slots what was found on looking at nut slots
 * @param screws turns of each support since as found, from bass to treble, positive raises
 * @param answers what the technician said to an advice by its topic: done, or not on this job
 * @param travel how far the saddles can still go; null while not looked at
 * @param proud how far a fixed saddle stands proud of its bridge, mm; null while not looked at
 * @param sanded a saddle was sanded on this job
 * @param shims how often the neck came off for a shim on this job
 * @param reliefShare what relief moved by for what the action says that it should, 1 being just that; null while too little was turned to tell
 * @param hand what gaps that were read again tell of the hand
 * @param putOff how often a station was left until the others are done
 * @param neckAngle where a straightedge along the frets meets the bridge; null while not looked at
 * @param pattern the last look with an under-string gauge; null without one
 * @param tones pitches read and saddles moved along the strings
 * @param pickups their gaps, signs and levels
 * @param moves how many moves were made
 * @param untouched whether nothing was moved but a neck that had to be put right before anything else could be read
 * @param slackRod the rod turned without biting when it was turned last
 * @param lastMoved the station of the last move
 * @param temporary a temporary repair was made at the nut
 * @param undone places of the events that do not count
 * @param unfit the places of what does not count, for the instrument, since corrected, does not have those strings, frets or parts
 */
public record JobState(
        InstrumentSpec spec,
        SetupEstimate estimate,
        @Nullable SetupEstimate beforeMoves,
        List<TakenReading> readings,
        List<RodStep> steps,
        Turns netTurns,
        Turns freeTurns,
        OptionalLong offPitchSince,
        @Nullable Instant settledAt,
        @Nullable Instant latest,
        int stiffReports,
        boolean reversed,
        JobDefaults chosen,
        Map<Station, Map<Integer, Look>> looks,
        Map<Integer, List<SlotFlaw>> slots,
        List<Turns> screws,
        Map<String, Boolean> answers,
        @Nullable BridgeTravel travel,
        @Nullable Double proud,
        boolean sanded,
        int shims,
        @Nullable Normal reliefShare,
        HandRepeats hand,
        Map<Station, Integer> putOff,
        JobEvent.@Nullable NeckAngleRead neckAngle,
        JobEvent.@Nullable GaugePatternRead pattern,
        Tones tones,
        PickupState pickups,
        int moves,
        boolean untouched,
        boolean slackRod,
        Station lastMoved,
        boolean temporary,
        boolean closed,
        Set<Long> undone,
        Set<Long> unfit) {

    private static IllegalArgumentException noGaps(Station station) {
        return new IllegalArgumentException("No gap under the strings is read at " + station.label() + ".");
    }

    /** The pitch of a note in the tuning agreed on, Hz. */
    public double pitch(int string, Sounded sounded) {
        IntonationWays ways = tones.ways();
        return spec.tuning().get(string - 1).frequency(ways.a4())
                * Cents.ratio(ways.offsets().get(string - 1) + sounded.cents());
    }

    /**
     * Until when the neck must be waited for, as a clock that says {@code now} will show it; null when there is nothing to wait for. A clock that was set back since
     * the last entry has said nothing of the time since: then all that was left of the wait is left.
     */
    public @Nullable Instant settlesAt(Instant now) {
        if (settledAt == null) return null;
        Instant until =
                latest != null && now.isBefore(latest) ? now.plus(Duration.between(latest, settledAt)) : settledAt;
        return now.isBefore(until) ? until : null;
    }

    /** The relief wanted. */
    public ReliefTarget target() {
        return chosen.relief();
    }

    /** How relief is read. */
    public ReliefHabit habit() {
        return chosen.reliefHabit();
    }

    /** How the rod is turned. */
    public RodWays ways() {
        return chosen.ways();
    }

    /** Whether a station belongs to the work that was agreed on. */
    public boolean agreed(Station station) {
        return chosen.scope().contains(station)
                && (station != Station.PICKUPS || !spec.fittings().pickups().isEmpty());
    }

    /** Whether the technician said that this is not to be done. */
    public boolean declined(String topic) {
        return Boolean.FALSE.equals(answers.get(topic));
    }

    /** Whether a station was read again after the first move: what stands there is no longer just as found. */
    public boolean workedAt(Station station) {
        return readings.stream()
                .anyMatch(r -> r.afterMoves() > 0 && Station.of(r.reading().method()) == station);
    }

    /** The strings that are read at a station, lowest first. */
    public List<Integer> strings(Station station) {
        if (station == Station.RELIEF) return reliefStrings();
        List<Integer> all = new ArrayList<>();
        for (int s = spec.strings(); s >= 1; s--) all.add(s);
        return all;
    }

    /** The last believed reading of a string at a station. */
    public Optional<Look> look(Station station, int string) {
        Map<Integer, Look> at = looks.get(station);
        return at == null ? Optional.empty() : Optional.ofNullable(at.get(string));
    }

    /** The way of reading at a station. */
    public GapMethod method(Station station) {
        return switch (station) {
            case RELIEF -> habit().method();
            case NUT -> chosen.nutHabit().method();
            case ACTION -> chosen.actionHabit().method();
            case INTONATION, PICKUPS -> throw noGaps(station);
        };
    }

    /** The tool that readings at a station are made with. */
    public Tool tool(Station station) {
        return switch (station) {
            case RELIEF -> habit().tool();
            case NUT -> chosen.nutHabit().tool();
            case ACTION -> chosen.actionHabit().tool();
            case INTONATION, PICKUPS -> throw noGaps(station);
        };
    }

    /** The position in which readings at a station are made. */
    public Position position(Station station) {
        return switch (station) {
            case RELIEF -> habit().position();
            case NUT -> chosen.nutHabit().position();
            case ACTION -> chosen.actionHabit().position();
            case INTONATION, PICKUPS -> throw noGaps(station);
        };
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
        return !readings.isEmpty()
                || !tones.notes().isEmpty()
                || !pickups.gaps().isEmpty();
    }

    /** Whether the technician accepted a station as it is: nothing more is done or asked there. */
    public boolean left(Station station) {
        return declined(leaving(station)) || declined(formerly(station)) || declined("measure-" + station);
    }

    /** The topic of which way the rod works, as a step told it: once said it is not asked again for that step. */
    public static String wayOf(RodStep step) {
        return "rod-way-" + step.turn();
    }

    /** The topic by which a station is left as it is. */
    public static String leaving(Station station) {
        return "leave-" + station;
    }

    /** How earlier versions called it. */
    private static String formerly(Station station) {
        return switch (station) {
            case RELIEF -> "relief";
            case NUT -> "file";
            case ACTION -> "action";
            case INTONATION -> "intonation";
            case PICKUPS -> "pickups";
        };
    }

    /** The strings under which relief is read: the lowest and the highest. */
    public List<Integer> reliefStrings() {
        return List.of(spec.bassString(), 1);
    }

    /** Turns in the straightening direction since as found; negative when looser. */
    public Turns tighterThanFound() {
        return reversed ? netTurns.negated() : netTurns;
    }

    /** The same with the turns that were taken to run free: whether they did is not known, and a rod breaks all the same. */
    public Turns tightened() {
        Turns all = netTurns.plus(freeTurns);
        return reversed ? all.negated() : all;
    }

    /** The last believed relief reading on a string. */
    public Optional<TakenReading> lastRelief(int string) {
        return readings.reversed().stream()
                .filter(r -> r.status() == ReadingStatus.BELIEVED)
                .filter(r -> r.reading().string() == string && r.reading().method() instanceof GapMethod.Relief)
                .findFirst();
    }

    /** Whether relief was read on a string since the last turn of the rod. */
    public boolean readSinceTurn(int string) {
        return lastRelief(string)
                .filter(r -> steps.isEmpty() || r.seq() > steps.getLast().turn())
                .isPresent();
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
