package barytone.server.web;

import barytone.core.quantity.Allowed;
import org.jspecify.annotations.Nullable;

/** Texts that are typed: checked for their length, blanks at both ends taken off. */
public final class Texts {
    private Texts() {}

    /**
     * A text of a name or a note.
     *
     * @param field what it is, as it is told when it is refused
     * @param least 0 when it may stay empty
     * @throws barytone.core.quantity.OutOfRangeException when it is shorter or longer than allowed
     */
    public static String of(String field, String given, int least, int most) {
        String clean = given.strip();
        if (clean.length() < least) throw Allowed.broken(field, "nothing", "1 to " + most + " characters");
        if (clean.length() > most)
            throw Allowed.broken(field, clean.length() + " characters", least + " to " + most + " characters");
        return clean;
    }

    /** A text that may be left out, or stay empty. */
    public static String optional(String field, @Nullable String given, int most) {
        return of(field, given == null ? "" : given, 0, most);
    }
}
