package barytone.core.playoff;

/**
 * A note that was played and heard.
 *
 * @param string 1 is the highest
 * @param fret 0 is the open string
 * @param plugged whether through an amplifier
 */
public record PlayedNote(int string, int fret, NoteMark mark, Pluck pluck, boolean plugged) {}
