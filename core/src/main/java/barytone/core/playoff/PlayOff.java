package barytone.core.playoff;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Set;

/**
 * An instrument played through.
 *
 * @param played what was played through, without and with an amplifier
 * @param heard what did not ring clean when it was played last, from the lowest string and fret on
 * @param accepted what of it the player knows and accepts
 * @param by who accepted it; empty while nobody did
 */
public record PlayOff(Set<Part> played, List<PlayedNote> heard, Set<PlayedNote> accepted, String by) {
    /** Nothing was played yet. */
    public static final PlayOff SILENT = new PlayOff(Set.of(), List.of(), Set.of(), "");

    /** A part, without or with an amplifier. */
    public record Part(PlayPart part, boolean plugged) {}

    public PlayOff {
        played = Set.copyOf(played);
        heard = List.copyOf(heard);
        accepted = Set.copyOf(accepted);
    }

    /** With a note heard: it takes the place of what was heard of the same note, played in the same way. */
    public PlayOff with(PlayedNote note) {
        List<PlayedNote> now = new ArrayList<>(heard);
        now.removeIf(n -> n.string() == note.string()
                && n.fret() == note.fret()
                && n.pluck() == note.pluck()
                && n.plugged() == note.plugged());
        if (note.mark() != NoteMark.CLEAN) now.add(note);
        now.sort(Comparator.comparingInt((PlayedNote n) -> -n.string())
                .thenComparingInt(PlayedNote::fret)
                .thenComparing(PlayedNote::pluck)
                .thenComparing(PlayedNote::plugged));
        return new PlayOff(played, now, accepted, by);
    }

    /** With a part played through. */
    public PlayOff with(Part part) {
        Set<Part> now = new HashSet<>(played);
        now.add(part);
        return new PlayOff(now, heard, accepted, by);
    }

    /** With all that is heard now accepted by somebody. */
    public PlayOff acceptedBy(String who) {
        return new PlayOff(played, heard, new HashSet<>(heard), who);
    }

    /** What is heard, and neither accepted nor gone. */
    public List<PlayedNote> open() {
        return heard.stream().filter(note -> !accepted.contains(note)).toList();
    }

    /** What is heard and accepted. */
    public List<PlayedNote> known() {
        return heard.stream().filter(accepted::contains).toList();
    }
}
