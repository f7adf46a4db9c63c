package barytone.server.station.frets;

import barytone.core.pitch.Heard;
import barytone.core.station.frets.FretEar;

/** What is said while the board is filled by ear. */
final class FretEarWords {
    private FretEarWords() {}

    static String headline(FretEar heard, String name) {
        return switch (heard.call()) {
            case WAITING, NOTHING -> "Play " + name;
            case LISTENING -> "Let it ring";
            case ANOTHER -> "That was not " + name;
            case UNSURE -> "Unsure of " + name;
            case TAKE -> name + " " + heard.mark().label();
        };
    }

    static String detail(FretEar heard) {
        return switch (heard.call()) {
            case WAITING -> "Each note is marked by itself, and the board goes on. A key overrules it.";
            case LISTENING -> "It is judged most of a second after the pluck.";
            case NOTHING ->
                heard.note().why() == null
                        ? Heard.Reason.UNSTEADY.text()
                        : heard.note().why().text();
            case ANOTHER -> "This string has no such note in tune. Play it again, or go to the string that is played.";
            case UNSURE ->
                "Play it again, or mark it by a key. Once three notes of the string ring, the others are compared with them.";
            case TAKE -> "A key marks it otherwise, if your ear says so.";
        };
    }
}
