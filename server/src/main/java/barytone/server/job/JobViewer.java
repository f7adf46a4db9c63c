package barytone.server.job;

import barytone.core.advice.Advice;
import barytone.core.agreement.Agreement;
import barytone.core.estimate.SetupEstimate;
import barytone.core.job.JobEvent;
import barytone.core.job.JobReplay;
import barytone.core.job.JobState;
import barytone.core.job.LoggedEvent;
import barytone.core.job.Station;
import barytone.core.job.Tray;
import barytone.core.job.WorkOrder;
import barytone.core.quantity.Units;
import barytone.core.station.NextMove;
import barytone.server.instruments.InstrumentView;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.TreeMap;
import org.jspecify.annotations.Nullable;

/** Puts a job into the form that the page draws, in one unit and at one moment. */
final class JobViewer {
    /** Where the frets will stand. */
    private static final Door.Place FRETS = new Door.Place(5, 4);

    private final JobLog.Opened opened;
    private final JobState state;
    private final Units units;
    private final Instant now;
    private final Advice advice;
    private final Words words;
    private final Voices voices;
    private final JobView.AdviceView told;
    private final Map<Door, RoomPage> rooms;
    private final SectionViewer sections;

    JobViewer(Doors doors, JobLog.Opened opened, Units units, Instant now, Bench bench) {
        this.opened = opened;
        this.state = opened.state();
        this.units = units;
        this.now = now;
        this.advice = NextMove.advise(state, bench.means(), now);
        this.words = new Words(state, units);
        this.voices = doors.voices(state, words, bench);
        this.told = new AdviceWords(state, words, bench, voices).advice(advice);
        SetupEstimate after = advice.expected(state).orElse(null);
        Shown shown = new Shown(state, words, bench, voices, opened.job().touch(), advice, after);
        this.rooms = new LinkedHashMap<>();
        for (Door door : doors.all()) rooms.put(door, door.page(shown));
        this.sections = new SectionViewer(state, words, after);
    }

    JobView view() {
        JobLog.Job job = opened.job();
        Set<Long> undone = JobReplay.undone(opened.log());
        Tape tape = new Tape(opened, words, voices);
        return new JobView(
                // filled in when it is sent, from all the rest
                "",
                job.id(),
                job.ticket(),
                opened.seq(),
                now,
                units.code(),
                units.action().suffix(),
                InstrumentView.of(job.instrumentVersion(), job.instrument(), job.spec()),
                job.instrumentId(),
                job.player(),
                job.playerId(),
                Words.lower(job.touch()),
                job.complaint(),
                state.closed(),
                state.strings(Station.NUT).stream().map(sections::section).toList(),
                stations(),
                order(),
                told,
                state.closed() ? null : waitsUntil(),
                tape.lines(),
                tape.unfit(),
                // a closed job is reopened first
                !state.closed() && tape.anythingCounts(),
                !state.closed() && !undone.isEmpty(),
                closing(),
                written(),
                air(),
                agreement(),
                benchLog(),
                parts());
    }

    private Map<String, Object> parts() {
        // in one order, whoever asks: the same page has the same mark
        Map<String, Object> parts = new TreeMap<>();
        rooms.values().forEach(room -> parts.putAll(room.parts()));
        return parts;
    }

    private @Nullable Instant waitsUntil() {
        return rooms.values().stream()
                .map(room -> room.waitsUntil(now))
                .filter(Objects::nonNull)
                .max(Comparator.naturalOrder())
                .orElse(null);
    }

    /**
     * The page of one station alone.
     *
     * @throws IllegalStateException when no door leads to it
     */
    JobView.RoomView room(Station station) {
        for (Map.Entry<Door, RoomPage> room : rooms.entrySet())
            if (room.getKey().station() == station)
                return new JobView.RoomView(
                        opened.seq(),
                        units.code(),
                        station(room.getKey(), room.getValue()),
                        room.getValue().parts());
        throw new IllegalStateException("no door leads to " + station);
    }

    /** The next move in words. */
    JobView.AdviceView told() {
        return told;
    }

    Advice advice() {
        return advice;
    }

    /** How every station stands, in their places along the instrument. */
    List<JobView.StationView> stations() {
        Map<Integer, JobView.StationView> along = new TreeMap<>();
        rooms.forEach((door, page) -> along.put(door.place().along(), station(door, page)));
        along.put(FRETS.along(), new JobView.StationView("frets", FRETS.number(), "Frets", "not on this job", "later"));
        return List.copyOf(along.values());
    }

    private JobView.StationView station(Door door, RoomPage page) {
        Station station = door.station();
        boolean over = state.closed() || advice instanceof Advice.Finished || advice instanceof Advice.Done;
        String how = !over && advice.station() == station
                ? "now"
                : !state.agreed(station) ? "left" : page.good() ? "done" : "waiting";
        return new JobView.StationView(
                words.quantity(station), door.place().number(), station.label(), page.note(), how);
    }

    private JobView.OrderView order() {
        return new JobView.OrderView(
                state.chosen().order(),
                Arrays.stream(WorkOrder.values())
                        .map(o -> new JobView.OrderChoice(o, o.label(), o.reason()))
                        .toList(),
                state.chosen().scope().stream().sorted().toList());
    }

    private JobView.ClosingView closing() {
        List<String> remarks = new ArrayList<>(voices.each(RoomVoice::onRecord));
        rooms.values().forEach(room -> room.asRead().ifPresent(remarks::add));
        rooms.values().forEach(room -> remarks.addAll(room.worked()));
        String inTheTray = BenchLogWords.left(Tray.of(opened.log(), state.undone()));
        if (!inTheTray.isEmpty()) remarks.add(inTheTray);
        boolean ready = advice instanceof Advice.Done || advice instanceof Advice.Finished || state.closed();
        if (!ready)
            remarks.add("Not finished: " + told.headline() + (told.headline().endsWith("?") ? "" : "."));
        return new JobView.ClosingView(
                rooms.values().stream().flatMap(room -> room.closing().stream()).toList(), remarks, ready);
    }

    /** What the job hands over. */
    HandedOver handedOver() {
        List<LoggedEvent> counted = opened.log().stream()
                .filter(e -> !state.undone().contains(e.seq()))
                .toList();
        List<Double> air = counted.stream()
                .filter(e -> e.event() instanceof JobEvent.AirRead)
                .map(e -> ((JobEvent.AirRead) e.event()).humidity())
                .toList();
        List<String> methods = new ArrayList<>();
        rooms.values().forEach(room -> room.asRead().ifPresent(methods::add));
        List<String> work = new ArrayList<>();
        rooms.values().forEach(room -> work.addAll(room.worked()));
        work.addAll(new Tape(opened, words, voices).work());
        return new HandedOver(
                opened.job(),
                opened.job().openedAt(),
                counted.isEmpty() ? opened.job().openedAt() : counted.getLast().at(),
                state.closed(),
                rooms.values().stream().flatMap(room -> room.onCard().stream()).toList(),
                methods,
                work.stream().distinct().toList(),
                voices.each(RoomVoice::onRecord),
                air.isEmpty()
                        ? null
                        : air.size() == 1
                                ? AirWords.percent(air.getFirst())
                                : AirWords.percent(air.getFirst()) + " when it came, " + AirWords.percent(air.getLast())
                                        + " when it left",
                profile(state.beforeMoves() == null ? state.estimate() : state.beforeMoves(), true),
                profile(state.estimate(), false),
                agreement(),
                written(),
                opened.followUp() == null ? null : BenchLogWords.followUp(opened.followUp()));
    }

    /** The lowest string over the neck, where relief and action were read. */
    private HandedOver.@Nullable Profile profile(SetupEstimate estimate, boolean asFound) {
        int bass = state.spec().bassString();
        boolean read = asFound
                ? state.found(Station.RELIEF, bass).isPresent()
                        && state.found(Station.ACTION, bass).isPresent()
                : state.look(Station.RELIEF, bass).isPresent()
                        && state.look(Station.ACTION, bass).isPresent();
        return read ? sections.profile(estimate, bass) : null;
    }

    private JobView.BenchLogView benchLog() {
        Tray tray = Tray.of(opened.log(), state.undone());
        JobEvent.FollowUpSet then = opened.followUp();
        return new JobView.BenchLogView(
                tray.parts().stream()
                        .map(p -> new JobView.PartView(p.taken(), p.text()))
                        .toList(),
                BenchLogWords.usualParts(state.spec()),
                state.closed() ? null : BenchLogWords.stringsOff(tray, now),
                then == null ? "" : String.valueOf(then.day()),
                then == null ? "" : AgreementWords.day(Objects.requireNonNull(then.day())),
                then == null ? "" : then.why());
    }

    private @Nullable AgreementView agreement() {
        Agreement agreed = opened.agreed();
        return agreed == null ? null : AgreementWords.view(agreed);
    }

    private JobView.@Nullable AirView air() {
        return opened.log().reversed().stream()
                .filter(e ->
                        e.event() instanceof JobEvent.AirRead && !state.undone().contains(e.seq()))
                .map(e ->
                        AirWords.view((JobEvent.AirRead) e.event(), state.spec().kind()))
                .findFirst()
                .orElse(null);
    }

    /** What was written for the player last. */
    HandedOver.HandOverView written() {
        String usual = HandOverWords.lookAgain(state.spec().kind());
        return opened.log().reversed().stream()
                .filter(e -> !state.undone().contains(e.seq()))
                .filter(e -> e.event() instanceof JobEvent.HandOverWritten)
                .map(e -> (JobEvent.HandOverWritten) e.event())
                .findFirst()
                .map(e -> new HandedOver.HandOverView(e.found(), e.advice(), e.lookAgain(), usual))
                .orElse(new HandedOver.HandOverView("", "", "", usual));
    }
}
