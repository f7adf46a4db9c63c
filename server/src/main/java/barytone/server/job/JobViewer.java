package barytone.server.job;

import barytone.core.advice.Advice;
import barytone.core.agreement.Agreement;
import barytone.core.estimate.Move;
import barytone.core.estimate.SetupEstimate;
import barytone.core.instrument.InstrumentSpec;
import barytone.core.job.JobEvent;
import barytone.core.job.JobReplay;
import barytone.core.job.JobState;
import barytone.core.job.LoggedEvent;
import barytone.core.job.Station;
import barytone.core.job.WorkOrder;
import barytone.core.quantity.Units;
import barytone.core.station.NextMove;
import barytone.core.strings.Pitch;
import barytone.core.strings.StringSet;
import barytone.server.instruments.InstrumentView;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/** Puts a job into the form that the page draws, in one unit and at one moment. */
final class JobViewer {
    /** Hz. */
    private static final double A4 = 440;

    private final OpenedJob opened;
    private final JobState state;
    private final Units units;
    private final Instant now;
    private final Bench bench;
    private final Advice advice;
    private final Words words;
    private final Voices voices;
    private final JobView.AdviceView told;
    private final Map<Door, RoomPage> rooms;
    private final SectionViewer sections;

    JobViewer(Doors doors, OpenedJob opened, Units units, Instant now, Bench bench) {
        this.opened = opened;
        this.state = opened.state();
        this.units = units;
        this.now = now;
        this.bench = bench;
        this.advice = NextMove.advise(state, bench.means(), now);
        this.words = new Words(state, units);
        this.voices = doors.voices(state, words, bench);
        this.told = new AdviceWords(state, words, bench, voices, now).advice(advice);
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
        JobView.AirView air = air();
        AgreementView agreement = agreement();
        return new JobView(
                // filled in when it is sent, from all the rest
                "",
                job.id(),
                job.ticket(),
                opened.seq(),
                now,
                units.code(),
                units.action().heading(),
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
                air,
                agreement,
                benchLog(),
                state.closed() ? List.of() : WaitWords.views(state.waiting(), now),
                PromiseWords.view(opened, now),
                ArrivalWords.view(opened, air, agreement),
                PlayOffWords.view(state),
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
        String provisional = ArrivalWords.provisional(state.arrival(), state.spec());
        if (provisional != null) remarks.add(provisional);
        remarks.addAll(PlayOffWords.remarks(state));
        String inTheTray = BenchLogWords.left(opened.tray());
        if (!inTheTray.isEmpty()) remarks.add(inTheTray);
        if (!state.closed()) {
            List<String> unread = new ArrayList<>();
            for (Station station : Station.HEIGHTS) {
                List<Integer> reckoned = NextMove.reckoned(state, station);
                if (!reckoned.isEmpty()) unread.add(words.quantity(station) + " under " + words.strings(reckoned));
            }
            if (!unread.isEmpty()) remarks.add("Missing as left, reckoned only: " + String.join("; ", unread) + ".");
            state.waiting()
                    .lasting(now)
                    .forEach(wait -> remarks.add("Still waits: "
                            + wait.reason().label().toLowerCase(Locale.ROOT) + ", "
                            + WaitWords.said(wait, state.waiting(), now) + "."));
        }
        boolean ready = advice instanceof Advice.Done || advice instanceof Advice.Finished || state.closed();
        if (!ready)
            remarks.add("Not finished: " + told.headline() + (told.headline().endsWith("?") ? "" : "."));
        return new JobView.ClosingView(
                rooms.values().stream().flatMap(room -> room.closing().stream()).toList(), remarks, ready);
    }

    /** What the job hands over. */
    HandedOver handedOver() {
        List<LoggedEvent> counted = opened.counted();
        List<String> methods = new ArrayList<>();
        rooms.values().forEach(room -> room.asRead().ifPresent(methods::add));
        String provisional = ArrivalWords.provisional(state.arrival(), state.spec());
        if (provisional != null) methods.add(provisional);
        List<HandedOver.Line> lines =
                rooms.values().stream().flatMap(room -> room.onCard().stream()).toList();
        List<String> done = new Tape(opened, words, voices).work();
        boolean needsNothing = done.isEmpty() && nothingSold() && NextMove.needsNothing(state, bench.means(), now);
        List<String> work = new ArrayList<>();
        if (needsNothing) work.add("Nothing needed doing: it was measured, stands as it should, and was left so.");
        work.addAll(ArrivalWords.fixed(state.arrival()));
        rooms.values().forEach(room -> work.addAll(room.worked()));
        work.addAll(done);
        return new HandedOver(
                opened.job(),
                opened.job().openedAt(),
                counted.isEmpty() ? opened.job().openedAt() : counted.getLast().at(),
                state.closed(),
                lines,
                methods,
                work.stream().distinct().toList(),
                Stream.concat(voices.each(RoomVoice::onRecord).stream(), PlayOffWords.remarks(state).stream())
                        .toList(),
                AirWords.cameAndLeft(opened.all(JobEvent.AirRead.class)),
                // what was read again without a move is not known apart from what was found
                state.beforeMoves() == null ? null : profile(state.beforeMoves(), true),
                profile(state.estimate(), false),
                agreement(),
                written(),
                opened.followUp().map(BenchLogWords::followUp).orElse(null),
                ArrivalWords.condition(state.arrival()),
                needsNothing);
    }

    /** What is paid for was done, though it moved nothing. */
    private boolean nothingSold() {
        return opened.last(JobEvent.AgreementSet.class)
                .map(set -> set.agreement().lines().stream()
                        .noneMatch(line -> line.kind() == Agreement.Kind.SERVICE || line.kind() == Agreement.Kind.PART))
                .orElse(true);
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

    /** What is expected of other strings, or of another tuning. */
    JobView.StringsForecast foretold(StringSet set, List<Pitch> tuning) {
        InstrumentSpec spec = state.spec();
        double before = spec.fittings().strings().totalTension(spec.tuning(), spec.scaleLength(), A4);
        double more = set.totalTension(tuning, spec.scaleLength(), A4) - before;
        SetupEstimate then = state.estimate().after(new Move.TensionChanged(more));
        return new JobView.StringsForecast(
                ArrivalWords.pull(more, before, units.tension()),
                new Ripples(state, words, voices).of(then, Station.RELIEF, true));
    }

    private JobView.BenchLogView benchLog() {
        return BenchLogWords.view(opened, now);
    }

    private @Nullable AgreementView agreement() {
        return opened.last(JobEvent.AgreementSet.class)
                .map(set -> AgreementWords.view(set.agreement()))
                .orElse(null);
    }

    private JobView.@Nullable AirView air() {
        LoggedEvent last = null;
        for (LoggedEvent entry : opened.counted()) if (entry.event() instanceof JobEvent.AirRead) last = entry;
        return last != null && last.event() instanceof JobEvent.AirRead read
                ? AirWords.view(read, last.at(), state.spec().kind(), now)
                : null;
    }

    /** What was written for the player last. */
    HandedOver.HandOverView written() {
        String usual = HandOverWords.lookAgain(state.spec().kind());
        return opened.last(JobEvent.HandOverWritten.class)
                .map(e -> new HandedOver.HandOverView(e.found(), e.advice(), e.lookAgain(), usual))
                .orElse(new HandedOver.HandOverView("", "", "", usual));
    }
}
