package barytone.server.job;

import org.jspecify.annotations.Nullable;

/** A value that is possible but odd; sent again with {@code sure} it is taken. */
public class OddValueException extends RuntimeException {
    private static final long serialVersionUID = 1L;
    private final @Nullable String suggestion;
    private final @Nullable String suggested;

    public OddValueException(String question) {
        this(question, null, null);
    }

    /**
     * A value behind which another one is suspected.
     *
     * @param suggestion what to type instead; null when nothing likelier is known
     * @param suggested the same as it is spoken
     */
    public OddValueException(String question, @Nullable String suggestion, @Nullable String suggested) {
        super(question);
        this.suggestion = suggestion;
        this.suggested = suggested;
    }

    @Nullable
    String suggestion() {
        return suggestion;
    }

    @Nullable
    String suggested() {
        return suggested;
    }
}
