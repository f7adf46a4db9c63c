package barytone.server.job;

import barytone.core.playoff.NoteMark;
import barytone.core.playoff.PlayPart;
import barytone.core.playoff.Pluck;
import java.util.List;

/**
 * An instrument played through.
 *
 * @param frets of the board
 * @param said what is open and what is accepted, a sentence each
 */
public record PlayOffView(int frets, List<PlayedPart> parts, List<HeardNoteView> heard, List<String> said) {
    /** A part, and whether it was played through without and with an amplifier. */
    public record PlayedPart(PlayPart part, String label, boolean unplugged, boolean plugged) {}

    /**
     * What is heard of a note.
     *
     * @param accepted whether the player knows and accepts it
     */
    public record HeardNoteView(
            int string, int fret, NoteMark mark, Pluck pluck, boolean plugged, String text, boolean accepted) {}
}
