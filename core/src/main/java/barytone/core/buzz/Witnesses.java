package barytone.core.buzz;

import barytone.core.playoff.NoteMark;
import barytone.core.playoff.PlayedNote;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Set;

/** All that was heard and tested, in one order, and how much each of it says. */
final class Witnesses {
    /** Marks of one kind on one string know of each other: beyond this many each says less. */
    private static final double INDEPENDENT = 3;

    final Board board;
    final List<PlayedNote> bad;
    final List<PlayedNote> clean;
    final List<Zone> zones;
    final List<BuzzMap.Region> said;
    final List<TestResult> tests;

    /** How much each thing that is heard says: bad notes, then zones, then what is said. */
    final double[] says;

    /** How much each note that rings clean says. */
    final double[] cleanSays;

    /** The bad and the clean notes with what causes ask about them. */
    final List<Note> badNotes;

    final List<Note> cleanNotes;
    private final Set<Integer> shared;

    Witnesses(Board board, BuzzMap map, List<TestResult> tests) {
        this.board = board;
        bad = map.bad().stream()
                .sorted(Comparator.comparingInt(PlayedNote::string))
                .toList();
        clean = map.notes().stream()
                // through an amplifier much is not heard that is there
                .filter(n -> n.mark() == NoteMark.CLEAN && !n.plugged())
                .toList();
        zones = map.zones().stream().sorted().toList();
        said = map.said();
        this.tests = List.copyOf(tests);
        shared = map.sharedPitches(board);
        badNotes = bad.stream().map(n -> note(n.string(), n.fret())).toList();
        cleanNotes = clean.stream().map(n -> note(n.string(), n.fret())).toList();
        List<Double> weights = new ArrayList<>();
        for (PlayedNote note : bad) weights.add(weight(note, bad));
        for (int i = 0; i < zones.size() + said.size(); i++) weights.add(1.0);
        says = weights.stream().mapToDouble(Double::doubleValue).toArray();
        cleanSays = clean.stream().mapToDouble(note -> weight(note, clean)).toArray();
    }

    private static double weight(PlayedNote note, List<PlayedNote> among) {
        long alike = among.stream().filter(n -> n.string() == note.string()).count();
        return alike <= INDEPENDENT ? 1 : Math.sqrt(INDEPENDENT / alike);
    }

    Note note(int string, int fret) {
        int pitch = board.semitones(string, fret);
        return new Note(
                board,
                string,
                fret,
                shared.contains(pitch) || shared.contains(pitch - 1) || shared.contains(pitch + 1));
    }
}
