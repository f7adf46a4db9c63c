package barytone.core.station.frets;

import barytone.core.buzz.Cause;
import barytone.core.buzz.Causes;
import barytone.core.buzz.Hint;
import barytone.core.buzz.TestResult;
import barytone.core.buzz.Zone;
import barytone.core.instrument.InstrumentSpec;
import barytone.core.job.JobEvent;
import barytone.core.job.LoggedEvent;
import barytone.core.job.Progress;
import barytone.core.job.RoomReplay;
import barytone.core.job.Setups;
import barytone.core.playoff.NoteMark;
import barytone.core.playoff.PlayedNote;
import barytone.core.playoff.Pluck;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/** Notes marked, tests made, causes remedied. A mark holds until something moves: then the note is to be played again. */
final class FretReplay implements RoomReplay {
    private static final Comparator<PlayedNote> ALONG = Comparator.comparingInt((PlayedNote n) -> -n.string())
            .thenComparingInt(PlayedNote::fret)
            .thenComparing(PlayedNote::pluck)
            .thenComparing(PlayedNote::plugged);

    private final InstrumentSpec spec;
    private final Map<Key, Marked> marks = new LinkedHashMap<>();
    private final List<Made> tests = new ArrayList<>();
    private final List<FretEvent.CauseRemedied> done = new ArrayList<>();
    private final Set<PlayedNote> accepted = new HashSet<>();
    private Set<Zone> zones = Set.of();
    private Set<Hint> hints = Set.of();
    private String by = "";
    private @Nullable Double humidity;

    /** Restringing and remedies, which move no height that is counted. */
    private int disturbed;

    private record Key(int string, int fret, Pluck pluck, boolean plugged) {}

    private record Marked(PlayedNote note, int moves) {}

    private record Made(TestResult result, int moves) {}

    FretReplay(InstrumentSpec spec) {
        this.spec = spec;
    }

    @Override
    public boolean fits(JobEvent event) {
        return switch (event) {
            case FretEvent.NotesMarked e -> e.notes().stream().allMatch(this::there);
            case FretEvent.BuzzTested e -> there(e.result().string(), e.result().fret());
            case FretEvent.CauseRemedied e -> there(e.string(), e.fret());
            default -> true;
        };
    }

    private boolean there(PlayedNote note) {
        return note.string() <= spec.strings() && note.fret() <= spec.frets();
    }

    private boolean there(@Nullable Integer string, @Nullable Integer fret) {
        return (string == null || string <= spec.strings()) && (fret == null || fret <= spec.frets());
    }

    @Override
    public void play(LoggedEvent logged, Progress job) {
        int moves = job.setups().moves() + disturbed;
        switch (logged.event()) {
            case FretEvent e -> own(e, moves);
            // what is heard at the end is heard on the same board
            case JobEvent.NoteHeard e -> mark(e.note(), moves);
            case JobEvent.HeardAccepted e -> accept(e.by());
            case JobEvent.AirRead e -> humidity = e.humidity();
            case JobEvent.StringsChanged ignored -> disturbed++;
            default -> {}
        }
    }

    private void own(FretEvent event, int moves) {
        switch (event) {
            case FretEvent.NotesMarked e -> e.notes().forEach(note -> mark(note, moves));
            case FretEvent.ZonesHeard e -> zones = e.zones();
            case FretEvent.HintsNoted e -> hints = e.hints();
            case FretEvent.BuzzTested e -> {
                tests.removeIf(made -> made.result().test() == e.result().test()
                        && java.util.Objects.equals(
                                made.result().string(), e.result().string())
                        && java.util.Objects.equals(
                                made.result().fret(), e.result().fret()));
                tests.add(new Made(e.result(), moves));
            }
            case FretEvent.CauseRemedied e -> remedied(e);
            case FretEvent.BuzzAccepted e -> accept(e.by());
        }
    }

    private void mark(PlayedNote note, int moves) {
        marks.put(new Key(note.string(), note.fret(), note.pluck(), note.plugged()), new Marked(note, moves));
    }

    private void remedied(FretEvent.CauseRemedied event) {
        done.add(event);
        disturbed++;
        zones = Set.of();
        // what its tests showed was shown of what is mended now
        Causes.byCode(event.cause())
                .map(Cause::confirming)
                .ifPresent(test -> tests.removeIf(made -> made.result().test() == test
                        || made.result().outcome() != made.result().test().usual()));
    }

    private void accept(String who) {
        by = who;
        marks.values().stream()
                .map(Marked::note)
                .filter(n -> n.mark() != NoteMark.CLEAN)
                .forEach(accepted::add);
    }

    @Override
    public FretState state(Setups setups) {
        int now = setups.moves() + disturbed;
        List<PlayedNote> notes = new ArrayList<>();
        List<PlayedNote> again = new ArrayList<>();
        for (Marked marked : marks.values()) {
            if (marked.moves() == now) notes.add(marked.note());
            else if (marked.note().mark() != NoteMark.CLEAN && !accepted.contains(marked.note()))
                again.add(marked.note());
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
                by,
                humidity);
    }

    /** What a move of heights does not change: frets, parts and strings are as they were. */
    private static boolean outlasts(TestResult result) {
        return switch (result.test()) {
            case TAP_RELIEF,
                    READ_RELIEF,
                    PRESS_AT_3,
                    CARD_UNDER_NUT,
                    RAISE_STRING,
                    SOFT_TOUCH,
                    STRAIGHTEDGE_BRIDGE,
                    GAUGE_AT_BRIDGE,
                    LOWER_PICKUP -> false;
            default -> true;
        };
    }
}
