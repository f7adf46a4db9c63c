package barytone.core.neck;

/** A value that the mathematics cannot be given. Its message names the field, what was given and what is allowed. */
public final class OutOfRangeException extends IllegalArgumentException {
    private static final long serialVersionUID = 1L;
    private final String field;

    public OutOfRangeException(String field, String given, String allowed) {
        super(field + ": given " + given + "; allowed is " + allowed + ".");
        this.field = field;
    }

    /** The name of the field as it is typed or sent. */
    public String field() {
        return field;
    }
}
