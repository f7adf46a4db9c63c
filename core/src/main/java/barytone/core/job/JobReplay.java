package barytone.core.job;

import barytone.core.arrival.Arrival;
import barytone.core.estimate.Move;
import barytone.core.estimate.Normal;
import barytone.core.estimate.SetupEstimate;
import barytone.core.estimate.SetupModel;
import barytone.core.instrument.InstrumentSpec;
import barytone.core.playoff.PlayOff;
import barytone.core.playoff.PlayedNote;
import barytone.core.reading.Evidence;
import barytone.core.reading.Gap;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.OptionalLong;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/**
 * Computes the state of a job from its log. The same log always gives the same state. What belongs to one station is kept by its room; here is what all of them share:
 * the estimate, what was read, and what was moved.
 */
public final class JobReplay implements Progress {
    /** Later than this a neck has drifted, and the same leaves tell something again. */
    private static final Duration SAME_MOMENT = Duration.ofMinutes(3);

    private final InstrumentSpec spec;
    private final Map<Station, RoomReplay> rooms;
    private final Set<Long> kept = new HashSet<>();
    private final Set<Long> movedBefore = new HashSet<>();
    private final Set<Long> dropped = new HashSet<>();

    private SetupEstimate estimate;
    /** The setup as it was estimated last before each move. */
    private final List<SetupEstimate> standing = new ArrayList<>();

    private final List<TakenReading> readings = new ArrayList<>();

    private final Hand hand = new Hand();
    private OptionalLong offPitchSince = OptionalLong.empty();
    private @Nullable Instant last;

    /** The places of what does not fit the instrument, since corrected. */
    private final Set<Long> unfit = new HashSet<>();

    private final Fit fit;

    /** When the entry before was made, as the clock stood then. */
    private @Nullable Instant latest;

    /** The air as it was read last, %. */
    private @Nullable Double humidity;

    /** No hygrometer tells apart less, % relative humidity. */
    private static final double SAME_AIR = 3;

    private JobDefaults chosen;
    private final Map<Station, Map<Integer, Look>> looks = new EnumMap<>(Station.class);
    private Station lastMoved = Station.RELIEF;
    private final Map<Topic, Boolean> answers = new HashMap<>();
    private final Map<Station, Integer> putOff = new EnumMap<>(Station.class);
    private Arrival arrival = Arrival.UNSEEN;
    private PlayOff playOff = PlayOff.SILENT;
    private int cure;
    private boolean closed;

    /** The places of what was undone. */
    private final Set<Long> undone;

    /** What was not. */
    private final List<LoggedEvent> counted;

    private JobReplay(
            InstrumentSpec spec,
            JobDefaults defaults,
            Map<Station, RoomReplay> rooms,
            Set<Long> undone,
            List<LoggedEvent> counted) {
        this.spec = spec;
        this.undone = undone;
        this.counted = new ArrayList<>(counted);
        this.chosen = defaults;
        this.rooms = rooms;
        this.fit = new Fit(spec);
        // what is said later about an earlier entry counts from the start
        for (LoggedEvent logged : counted) {
            switch (logged.event()) {
                case JobEvent.ReadingKept e -> kept.add(e.reading());
                case JobEvent.ReadingMoved e -> movedBefore.add(e.reading());
                case JobEvent.ReadingDropped e -> dropped.add(e.reading());
                default -> {}
            }
        }
        SetupModel model = spec.model();
        for (RoomReplay room : rooms.values()) model = room.startsFrom(model);
        this.estimate = SetupEstimate.before(model);
    }

    /** How the rooms of the stations begin to hear a log. */
    public interface Rooms {
        /**
         * The rooms, silent yet.
         *
         * @param counted the entries that were not undone: what is said later about an earlier one counts from the start
         */
        Map<Station, RoomReplay> open(InstrumentSpec spec, JobDefaults defaults, List<LoggedEvent> counted);
    }

    /**
     * Replays a log.
     *
     * @param defaults what holds until the log says otherwise
     * @param log events in order of their place
     */
    public static JobState of(InstrumentSpec spec, JobDefaults defaults, List<LoggedEvent> log, Rooms rooms) {
        return through(spec, defaults, log, rooms).state();
    }

    /** The replay at the end of a log. */
    static JobReplay through(InstrumentSpec spec, JobDefaults defaults, List<LoggedEvent> log, Rooms rooms) {
        Set<Long> undone = undone(log);
        List<LoggedEvent> counted =
                log.stream().filter(logged -> !undone.contains(logged.seq())).toList();
        JobReplay replay = new JobReplay(spec, defaults, rooms.open(spec, defaults, counted), undone, counted);
        for (LoggedEvent logged : counted) replay.hear(logged);
        return replay;
    }

    /** One more entry, which says nothing of the earlier ones. */
    void goOn(LoggedEvent logged) {
        counted.add(logged);
        hear(logged);
    }

    private void hear(LoggedEvent logged) {
        if (!fits(logged.event())) {
            unfit.add(logged.seq());
            return;
        }
        play(logged);
        latest = logged.at();
    }

    /** The places of events that were undone and not redone. */
    public static Set<Long> undone(List<LoggedEvent> log) {
        Set<Long> undone = new HashSet<>();
        for (LoggedEvent logged : log) {
            if (logged.event() instanceof JobEvent.Undone e) undone.add(e.event());
            if (logged.event() instanceof JobEvent.Redone e) undone.remove(e.event());
        }
        return undone;
    }

    private boolean fits(JobEvent event) {
        return fit.of(event) && rooms.values().stream().allMatch(room -> room.fits(event));
    }

    private void play(LoggedEvent logged) {
        JobEvent event = logged.event();
        // anything that changes heights takes the strings off pitch
        if (!event.slackens(spec).isEmpty() || event instanceof Adjustment) {
            pass(logged.at());
            offPitchSince = OptionalLong.of(logged.seq());
        }
        for (RoomReplay room : rooms.values()) room.play(logged, this);
        switch (event) {
            case JobEvent.ReadingTaken e -> read(logged, e);
            case Adjustment e -> adjust(e);
            case JobEvent.Choosing e -> chosen = e.chosen(chosen);
            case JobEvent.Moved e -> {
                pass(logged.at());
                move(e.move());
            }
            case JobEvent.MovedUncounted e -> uncounted(e.station(), e.strings());
            case JobEvent.StringsChanged ignored -> otherStrings();
            case JobEvent.AirRead e -> {
                pass(logged.at());
                air(e.humidity());
            }
            case JobEvent.Retuned ignored -> atPitch();
            case JobEvent.PutOff e -> putOff.merge(e.station(), 1, Integer::sum);
            case JobEvent.Answered e -> answers.put(e.topic(), e.done());
            case JobEvent.NotesHeard e -> {
                for (PlayedNote note : e.notes()) playOff = playOff.with(note);
            }
            case JobEvent.NoteHeard e -> playOff = playOff.with(e.note());
            case JobEvent.PlayedThrough e -> playOff = playOff.with(e.part());
            case JobEvent.HeardAccepted e -> playOff = playOff.acceptedBy(e.by());
            case JobEvent.HurtSaid e -> arrival = arrival.with(e.complaint());
            case JobEvent.ConditionMarked e -> arrival = arrival.with(logged.seq(), e.mark(), e.instead());
            case JobEvent.ConditionUnmarked e -> arrival = arrival.without(e.mark());
            case JobEvent.SpotLooked e -> arrival = arrival.with(e.look());
            case JobEvent.DamageAgreed e -> arrival = arrival.agreed(e.marks());
            case JobEvent.StringsPlanned e -> {
                // with the whole set on it is another instrument than with a part of it
                boolean whole = arrival.provisional() && !e.plan().provisional();
                arrival = arrival.with(e.plan());
                if (whole && !readings.isEmpty())
                    play(new LoggedEvent(
                            logged.seq(),
                            logged.at(),
                            new JobEvent.StringsChanged("", e.plan().set())));
            }
            case JobEvent.Closed ignored -> closed = true;
            case JobEvent.Reopened ignored -> closed = false;
            default -> {}
        }
    }

    /** Other air bends the neck by what nobody knows until it is read. */
    private void air(double read) {
        if (humidity != null && Math.abs(read - humidity) > SAME_AIR)
            estimate = estimate.after(new Move.HumidityChanged(read - humidity));
        humidity = read;
    }

    @Override
    public void answered(Topic topic, boolean done) {
        answers.put(topic, done);
    }

    @Override
    public void atPitch() {
        if (offPitchSince.isPresent()) estimate = estimate.after(new Move.Retuned());
        offPitchSince = OptionalLong.empty();
    }

    @Override
    public SetupEstimate estimate() {
        return estimate;
    }

    @Override
    public JobDefaults chosen() {
        return chosen;
    }

    @Override
    public Setups setups() {
        return new Setups(standing, estimate, cure);
    }

    @Override
    public void cured() {
        cure = standing.size();
    }

    @Override
    public void learn(SetupEstimate better) {
        estimate = better;
    }

    @Override
    public void pass(Instant at) {
        if (last != null && at.isAfter(last)) estimate = estimate.after(new Move.Rested(Duration.between(last, at)));
        last = at;
    }

    @Override
    public void move(Move move) {
        standing.add(estimate);
        estimate = estimate.after(move);
        SetupEstimate before = standing.getLast();
        // what a move is expected to change; what is only learned of a height later does not move it
        for (Map<Integer, Look> station : looks.values())
            station.replaceAll((string, look) ->
                    look.moved(estimate.mean(string, look.reading().method())
                            - before.mean(string, look.reading().method())));
    }

    private RoomReplay room(Station station) {
        return Objects.requireNonNull(rooms.get(station), "no room for " + station);
    }

    /** Something was moved, and nobody knows by how much. */
    private void uncounted(Station station, List<Integer> strings) {
        room(station).uncounted(strings, this);
    }

    /** Another set pulls otherwise and sits otherwise: what was read before says nothing of it. */
    private void otherStrings() {
        move(new Move.ReliefUnknown(spec.everyString()));
        estimate = estimate.after(new Move.SlotsUnknown(spec.everyString()))
                .after(new Move.SaddlesUnknown(spec.everyString()));
        looks.clear();
    }

    @Override
    public Map<Integer, Look> looks(Station station) {
        return looks.computeIfAbsent(station, s -> new TreeMap<>());
    }

    @Override
    public void touched(Station station, List<Integer> strings) {
        lastMoved = station;
        for (int s : strings) looks(station).computeIfPresent(s, (n, look) -> look.byPurpose());
    }

    private void adjust(Adjustment e) {
        e.moves(spec).forEach(this::move);
        // a slot of unknown height is one end of the line that the action is read under
        if (e.station() == Station.NUT && e.unknown(spec).isPresent()) touched(Station.ACTION, e.touches(spec));
        touched(e.station(), e.touches(spec));
        e.unknown(spec).ifPresent(unknown -> {
            estimate = estimate.after(unknown);
            // not changed by a number that nobody knows: not read
            e.touches(spec).forEach(looks(e.station())::remove);
        });
    }

    private void read(LoggedEvent logged, JobEvent.ReadingTaken e) {
        pass(logged.at());
        if (movedBefore.contains(logged.seq())) uncounted(Station.of(e.method()), List.of(e.string()));
        boolean early = rooms.values().stream().anyMatch(room -> room.early(logged.at()));
        Evidence evidence = Evidence.of(e.gap(), e.method(), e.tool(), hand.repeatability());
        Normal expected = estimate.now(e.string(), e.method(), e.means());
        Long unturned = rooms.values().stream()
                .map(room -> room.notMade(e, evidence, expected, this))
                .filter(Objects::nonNull)
                .findFirst()
                .orElse(null);
        ReadingStatus status = status(logged.seq(), e, evidence, unturned);
        TakenReading taken = new TakenReading(
                logged.seq(), logged.at(), e, evidence, expected, status, early, standing.size(), unturned);
        if (status == ReadingStatus.SURPRISING && agreesWithDoubted(taken)) taken = taken.with(ReadingStatus.BELIEVED);
        readings.add(taken);
        if (taken.status() == ReadingStatus.BELIEVED) believe(taken);
    }

    private ReadingStatus status(long seq, JobEvent.ReadingTaken e, Evidence evidence, @Nullable Long unturned) {
        if (dropped.contains(seq)) return ReadingStatus.DROPPED;
        if (kept.contains(seq) || movedBefore.contains(seq)) return ReadingStatus.BELIEVED;
        if (offPitchSince.isPresent()) return ReadingStatus.OFF_PITCH;
        if (unturned != null) return ReadingStatus.SURPRISING;
        // the first reading at a station has only a usual value to be compared with, and after no gap anything is
        // likely
        boolean anythingKnown = !looks(Station.of(e.method())).isEmpty() && !blind(e);
        return anythingKnown && SurpriseTest.surprising(estimate, e, evidence)
                ? ReadingStatus.SURPRISING
                : ReadingStatus.BELIEVED;
    }

    /** Whether the last reading of this height found no gap, so that nothing is known of it but that. */
    private boolean blind(JobEvent.ReadingTaken e) {
        Look look = looks(Station.of(e.method())).get(e.string());
        return look != null && look.reading().noGap();
    }

    private boolean sameQuantity(TakenReading earlier, TakenReading later) {
        return earlier.string() == later.string() && earlier.station() == later.station();
    }

    /** A second reading that says the same as a doubted one of the same height settles the doubt: both are believed. */
    private boolean agreesWithDoubted(TakenReading taken) {
        for (int i = readings.size() - 1; i >= 0; i--) {
            TakenReading earlier = readings.get(i);
            if (earlier.status() != ReadingStatus.SURPRISING
                    || earlier.afterMoves() != standing.size()
                    || !sameQuantity(earlier, taken)) continue;
            JobEvent.ReadingTaken first = earlier.reading();
            SetupEstimate ifTrue =
                    estimate.givenAgainstExpectation(first.string(), first.method(), first.means(), earlier.evidence());
            JobEvent.ReadingTaken second = taken.reading();
            if (SurpriseTest.surprising(ifTrue, second, taken.evidence())) continue;
            TakenReading believed = earlier.with(ReadingStatus.BELIEVED);
            readings.set(i, believed);
            believe(believed);
            return true;
        }
        return false;
    }

    private void believe(TakenReading taken) {
        JobEvent.ReadingTaken e = taken.reading();
        boolean blind = blind(e);
        for (RoomReplay room : rooms.values()) room.believed(taken, blind, this);
        // an earlier doubted reading of the same height is answered by one that fits
        for (int i = 0; i < readings.size(); i++) {
            TakenReading other = readings.get(i);
            if (other.seq() < taken.seq() && other.status() == ReadingStatus.SURPRISING && sameQuantity(other, taken))
                readings.set(i, other.with(ReadingStatus.DROPPED));
        }
        if (!saysNothingNew(taken)) {
            // a height that is not where its move should have brought it says nothing of thread or file: more likely
            // the move was not made as it was noted
            boolean astray = taken.station() != Station.RELIEF
                    && !looks(taken.station()).isEmpty()
                    && SurpriseTest.surprising(estimate, e, taken.evidence());
            if (blind || taken.noGap() || taken.unturned() != null || astray)
                room(taken.station())
                        .unknown(List.of(e.string()))
                        .ifPresent(unknown -> estimate = estimate.after(unknown));
            estimate = SurpriseTest.surprising(estimate, e, taken.evidence())
                    ? estimate.givenAgainstExpectation(e.string(), e.method(), e.means(), taken.evidence())
                    : estimate.given(e.string(), e.method(), e.means(), taken.evidence());
        }
        Map<Integer, Look> station = looks(taken.station());
        Look before = station.get(e.string());
        if (before != null && before.repeats() > 0 && sameMeans(before.reading().reading(), e))
            hand.repeated(before.reading(), taken);
        station.put(e.string(), new Look(taken, estimate, false, before == null ? 1 : before.repeats() + 1, 0));
    }

    private static boolean sameMeans(JobEvent.ReadingTaken one, JobEvent.ReadingTaken other) {
        return one.method().equals(other.method()) && one.means().equals(other.means());
    }

    /**
     * The same leaves that go and lift again tell nothing more of where between them the gap lies, and no gap is no gap: where none was found before and none
     * was to be expected, everything else that is known stays known.
     */
    private boolean saysNothingNew(TakenReading taken) {
        if (taken.noGap() && blind(taken.reading()) && taken.expected().mean() <= taken.mm()) return true;
        return (taken.reading().gap() instanceof Gap.Between || taken.noGap())
                && readings.stream()
                        .anyMatch(r -> r.seq() < taken.seq()
                                && r.status() == ReadingStatus.BELIEVED
                                && r.afterMoves() == taken.afterMoves()
                                && Duration.between(r.at(), taken.at()).compareTo(SAME_MOMENT) < 0
                                && r.reading().string() == taken.reading().string()
                                && r.reading().method().equals(taken.reading().method())
                                && r.reading().gap().equals(taken.reading().gap()));
    }

    /** What follows from all that was heard. */
    JobState state() {
        Setups setups = setups();
        Set<Station> absent = EnumSet.noneOf(Station.class);
        rooms.forEach((station, room) -> {
            if (!room.present()) absent.add(station);
        });
        Map<Class<?>, Object> told = rooms.values().stream()
                .map(room -> room.state(setups))
                .collect(Collectors.toUnmodifiableMap(Object::getClass, state -> state));
        return new JobState(
                spec,
                estimate,
                standing.isEmpty() ? null : standing.getFirst(),
                List.copyOf(readings),
                offPitchSince,
                latest,
                chosen,
                looks.entrySet().stream()
                        // asking at a station leaves nothing behind there
                        .filter(e -> !e.getValue().isEmpty())
                        .collect(Collectors.toUnmodifiableMap(Map.Entry::getKey, e -> Map.copyOf(e.getValue()))),
                Map.copyOf(answers),
                hand.learned(),
                Map.copyOf(putOff),
                told,
                absent,
                standing.size(),
                standing.size() <= cure,
                lastMoved,
                arrival,
                playOff,
                closed,
                Waiting.of(spec, counted, told.values()),
                Set.copyOf(undone),
                Set.copyOf(unfit),
                new Conclusions());
    }
}
