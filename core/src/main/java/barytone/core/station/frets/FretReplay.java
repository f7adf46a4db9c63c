package barytone.core.station.frets;

import barytone.core.buzz.Cause;
import barytone.core.buzz.Hint;
import barytone.core.buzz.TestResult;
import barytone.core.buzz.Zone;
import barytone.core.buzz.cause.Causes;
import barytone.core.instrument.InstrumentSpec;
import barytone.core.job.JobEvent;
import barytone.core.job.LoggedEvent;
import barytone.core.job.Progress;
import barytone.core.job.RoomReplay;
import barytone.core.job.Setups;
import barytone.core.playoff.NoteMark;
import barytone.core.playoff.PlayedNote;
import barytone.core.playoff.Pluck;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * Notes heard, tests made, causes remedied. What was heard holds until heights move or strings change; a remedy asks for the notes again that sounded wrong, and leaves those
 * that rang.
 */
final class FretReplay implements RoomReplay {
    private static final Comparator<PlayedNote> ALONG = Comparator.comparingInt((PlayedNote n) -> -n.string())
            .thenComparingInt(PlayedNote::fret)
            .thenComparing(PlayedNote::pluck)
            .thenComparing(PlayedNote::plugged);

    /** Of a note that is to be played again whatever moved. */
    private static final int STALE = -1;

    private final InstrumentSpec spec;
    private final Map<Key, Marked> marks = new LinkedHashMap<>();
    private final List<Made> tests = new ArrayList<>();
    private final List<FretEvent.CauseRemedied> done = new ArrayList<>();
    private final Set<PlayedNote> accepted = new HashSet<>();
    private Set<Zone> zones = Set.of();
    private Set<Hint> hints = Set.of();
    private @Nullable Double humidity;
    private @Nullable Instant strung;
    private @Nullable Instant latest;

    /** Restringing moves no height that is counted. */
    private int restrung;

    private record Key(int string, int fret, Pluck pluck, boolean plugged) {}

    private record Marked(PlayedNote note, int moves) {
        boolean bad() {
            return note.mark() != NoteMark.CLEAN;
        }
    }

    private record Made(TestResult result, int moves) {}

    FretReplay(InstrumentSpec spec) {
        this.spec = spec;
    }

    @Override
    public boolean fits(JobEvent event) {
        return switch (event) {
            case FretEvent.BuzzTested e -> there(e.result().string(), e.result().fret());
            case FretEvent.CauseRemedied e -> there(e.string(), e.fret());
            default -> true;
        };
    }

    private boolean there(@Nullable Integer string, @Nullable Integer fret) {
        return (string == null || string <= spec.strings()) && (fret == null || fret <= spec.frets());
    }

    @Override
    public void play(LoggedEvent logged, Progress job) {
        latest = logged.at();
        int moves = job.setups().moves() + restrung;
        switch (logged.event()) {
            case FretEvent e -> own(e, moves);
            case JobEvent.NoteHeard e -> mark(e.note(), moves);
            case JobEvent.NotesHeard e -> e.notes().forEach(note -> mark(note, moves));
            case JobEvent.HeardAccepted ignored ->
                marks.values().stream().filter(Marked::bad).map(Marked::note).forEach(accepted::add);
            case JobEvent.AirRead e -> humidity = e.humidity();
            case JobEvent.StringsChanged ignored -> {
                restrung++;
                strung = logged.at();
            }
            default -> {}
        }
    }

    private void own(FretEvent event, int moves) {
        switch (event) {
            case FretEvent.ZonesHeard e -> zones = e.zones();
            case FretEvent.HintsNoted e -> hints = e.hints();
            case FretEvent.BuzzTested e -> {
                tests.removeIf(made -> made.result().sameAs(e.result()));
                tests.add(new Made(e.result(), moves));
            }
            case FretEvent.CauseRemedied e -> remedied(e);
        }
    }

    private void mark(PlayedNote note, int moves) {
        marks.put(new Key(note.string(), note.fret(), note.pluck(), note.plugged()), new Marked(note, moves));
    }

    private void remedied(FretEvent.CauseRemedied event) {
        done.add(event);
        zones = Set.of();
        marks.replaceAll((key, marked) -> marked.bad() ? new Marked(marked.note(), STALE) : marked);
        // what its tests showed was shown of what is mended now
        Causes.byCode(event.cause())
                .map(Cause::confirming)
                .ifPresent(test -> tests.removeIf(
                        made -> made.result().test() == test || made.result().sign()));
    }

    @Override
    public FretState state(Setups setups) {
        int now = setups.moves() + restrung;
        List<PlayedNote> notes = new ArrayList<>();
        List<PlayedNote> again = new ArrayList<>();
        for (Marked marked : marks.values()) {
            if (marked.moves() == now) notes.add(marked.note());
            else if (marked.bad() && !accepted.contains(marked.note())) again.add(marked.note());
        }
        notes.sort(ALONG);
        again.sort(ALONG);
        return new FretState(
                List.copyOf(notes),
                List.copyOf(again),
                zones,
                hints,
                tests.stream()
                        .filter(made -> made.moves() == now || outlasts(made.result()))
                        .map(Made::result)
                        .toList(),
                List.copyOf(done),
                Set.copyOf(accepted),
                humidity,
                strung == null || latest == null
                        ? null
                        : (int) Math.max(0, Duration.between(strung, latest).toDays()));
    }

    /** What a move of heights or other strings do not change: frets and parts are as they were. */
    private static boolean outlasts(TestResult result) {
        return switch (result.test()) {
            case ROCKER,
                    THUMB_FRET_END,
                    LOOK_FRET,
                    LOOK_SLOT,
                    STRAIGHTEDGE_END,
                    TAP_HEAD,
                    TAP_BODY,
                    TAP_TOP,
                    SHAKE,
                    KNOCK_NECK,
                    READ_HUMIDITY,
                    MOVE_PLACE -> true;
            default -> false;
        };
    }
}
