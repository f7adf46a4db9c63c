package barytone.core.quantity;

/** A value that the mathematics cannot be given. Its message names the field, what was given and what is allowed. */
public final class OutOfRangeException extends NotAllowedException {
    private static final long serialVersionUID = 1L;
    private final String field;
    private final String given;
    private final String allowed;

    public OutOfRangeException(String field, String given, String allowed) {
        super(field + ": given " + given + "; allowed is " + allowed + ".");
        this.field = field;
        this.given = given;
        this.allowed = allowed;
    }

    /** The same for a field inside another. */
    public OutOfRangeException inside(String outer) {
        return new OutOfRangeException(outer + "." + field, given, allowed);
    }

    /** The message with another name of the field: the one that stands on screen. */
    public String told(String name) {
        return name + ": given " + given + "; allowed is " + allowed + ".";
    }

    /** The name of the field as it is typed or sent. */
    public String field() {
        return field;
    }
}
