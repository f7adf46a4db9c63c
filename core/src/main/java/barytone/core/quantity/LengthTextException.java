package barytone.core.quantity;

/** Text that is not a length. The message says what was understood and what is allowed; it is fit to be shown. */
public final class LengthTextException extends NotAllowedException {
    private static final long serialVersionUID = 1L;

    public LengthTextException(String message) {
        super(message);
    }
}
