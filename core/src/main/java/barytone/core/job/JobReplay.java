package barytone.core.job;

import barytone.core.arrival.Arrival;
import barytone.core.estimate.Move;
import barytone.core.estimate.SetupEstimate;
import barytone.core.estimate.SetupModel;
import barytone.core.instrument.InstrumentSpec;
import barytone.core.playoff.PlayOff;
import barytone.core.playoff.PlayedNote;
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
 * the estimate, what was moved, and what is asked and agreed; what was read and is believed is {@link Belief}.
 */
public final class JobReplay implements Progress {
    private final InstrumentSpec spec;
    private final Map<Station, RoomReplay> rooms;
    private final Belief belief;

    private SetupEstimate estimate;
    /** The setup as it was estimated last before each move. */
    private final List<SetupEstimate> standing = new ArrayList<>();

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
        this.belief = new Belief(rooms, counted, this);
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
            case JobEvent.ReadingTaken e -> belief.heard(logged, e);
            case Adjustment e -> adjust(e);
            case JobEvent.Choosing e -> chosen = e.chosen(chosen);
            case JobEvent.Moved e -> {
                pass(logged.at());
                move(e.move());
            }
            case JobEvent.MovedUncounted e ->
                Objects.requireNonNull(rooms.get(e.station())).uncounted(e.strings(), this);
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
                if (whole && !belief.readings().isEmpty())
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
        if (offPitch()) estimate = estimate.after(new Move.Retuned());
        offPitchSince = OptionalLong.empty();
    }

    @Override
    public boolean offPitch() {
        return offPitchSince.isPresent();
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
                belief.readings(),
                offPitchSince,
                latest,
                chosen,
                looks.entrySet().stream()
                        // asking at a station leaves nothing behind there
                        .filter(e -> !e.getValue().isEmpty())
                        .collect(Collectors.toUnmodifiableMap(Map.Entry::getKey, e -> Map.copyOf(e.getValue()))),
                Map.copyOf(answers),
                belief.hand(),
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
