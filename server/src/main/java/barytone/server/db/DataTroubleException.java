package barytone.server.db;

/** Barytone cannot work on a data folder as it is. The message is one sentence or two for the person at the terminal; nothing was changed. */
public class CannotStartException extends RuntimeException {
    private static final long serialVersionUID = 1L;

    public CannotStartException(String message) {
        super(message);
    }

    CannotStartException(String message, Throwable cause) {
        super(message, cause);
    }
}
