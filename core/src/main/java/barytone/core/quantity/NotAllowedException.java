package barytone.core.quantity;

/** What was asked for is not allowed; the message says why and is fit to be shown. Any other failure is a defect. */
public class NotAllowedException extends IllegalArgumentException {
    private static final long serialVersionUID = 1L;

    public NotAllowedException(String message) {
        super(message);
    }
}
