package barytone.core.buzz;

import barytone.core.arrival.Complaint;
import barytone.core.arrival.Where;
import barytone.core.playoff.NoteMark;
import barytone.core.playoff.PlayedNote;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.IntStream;

/**
 * What is heard.
 *
 * @param notes the notes that were marked, clean ones too; a note that is not marked is no evidence
 * @param zones where else a noise seems to come from
 * @param said where the player says that it hurts, which is less than a mark
 */
public record BuzzMap(List<PlayedNote> notes, Set<Zone> zones, List<Region> said) {
    /** A part of the board: strings, 1 is the highest, by frets. */
    public record Region(List<Integer> strings, int fromFret, int toFret) {
        public Region {
            strings = List.copyOf(strings);
        }
    }

    /** Nothing heard. */
    public static final BuzzMap SILENT = new BuzzMap(List.of(), Set.of(), List.of());

    public BuzzMap {
        notes = List.copyOf(notes);
        zones = Set.copyOf(zones);
        said = List.copyOf(said);
    }

    /** Of marked notes alone. */
    public static BuzzMap of(List<PlayedNote> notes) {
        return new BuzzMap(notes, Set.of(), List.of());
    }

    /** The same with what a player said when it was brought in. */
    public BuzzMap with(Complaint complaint, Board board) {
        List<Integer> strings = complaint.strings().isEmpty()
                ? IntStream.rangeClosed(1, board.strings()).boxed().toList()
                : complaint.strings().stream().filter(s -> s <= board.strings()).toList();
        List<Region> regions = complaint.where().stream()
                .map(where -> new Region(strings, first(where), Math.min(board.frets(), last(where, board.frets()))))
                .toList();
        boolean stringsOnly = regions.isEmpty() && !complaint.strings().isEmpty();
        return new BuzzMap(notes, zones, stringsOnly ? List.of(new Region(strings, 0, board.frets())) : regions);
    }

    private static int first(Where where) {
        return switch (where) {
            case OPEN, EVERYWHERE -> 0;
            case LOW -> 1;
            case MIDDLE -> 5;
            case HIGH -> 13;
        };
    }

    private static int last(Where where, int frets) {
        return switch (where) {
            case OPEN -> 0;
            case LOW -> 4;
            case MIDDLE -> 12;
            case HIGH, EVERYWHERE -> frets;
        };
    }

    /** Notes that do not ring clean. */
    public List<PlayedNote> bad() {
        return notes.stream().filter(n -> n.mark() != NoteMark.CLEAN).toList();
    }

    /** Whether anything is heard, or said to be. */
    public boolean any() {
        return !bad().isEmpty() || !zones.isEmpty() || !said.isEmpty();
    }

    /** Pitches, in semitones above C0, at which notes of more than one string sound wrong. */
    Set<Integer> sharedPitches(Board board) {
        Set<Integer> shared = new HashSet<>();
        for (PlayedNote a : bad())
            for (PlayedNote b : bad())
                if (a.string() != b.string()
                        && a.mark() != NoteMark.BEND_CHOKE
                        && b.mark() != NoteMark.BEND_CHOKE
                        && board.semitones(a.string(), a.fret()) == board.semitones(b.string(), b.fret()))
                    shared.add(board.semitones(a.string(), a.fret()));
        return shared;
    }
}
